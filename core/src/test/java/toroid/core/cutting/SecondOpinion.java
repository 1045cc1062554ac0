package toroid.core.cutting;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.List;

/** The same task by a general solver of whole-number programmes (Google OR-Tools, CP-SAT), in tenths of a millimetre, everything cut. */
final class SecondOpinion {
    private static final double UNITS_IN_MM = 10;

    /**
     * What it came to.
     *
     * @param found whether it found a plan that cuts everything
     * @param consumedMm of that
     * @param boundMm no plan uses up less
     * @param optimal whether it proved that
     */
    record Answer(boolean found, double consumedMm, double boundMm, boolean optimal) {}

    private SecondOpinion() {}

    static {
        Loader.loadNativeLibraries();
    }

    /** @param seconds how long it may look: for a benchmark, where both have a time */
    static Answer of(CuttingTask task, double seconds) {
        var solver = new CpSolver();
        solver.getParameters().setMaxTimeInSeconds(seconds);
        return of(task, solver);
    }

    /** @param work how much it may do, in the solver's own measure, about a second on a quick machine: the same on a slow one */
    static Answer byWork(CuttingTask task, double work) {
        var solver = new CpSolver();
        solver.getParameters().setMaxDeterministicTime(work);
        return of(task, solver);
    }

    private static Answer of(CuttingTask task, CpSolver solver) {
        var model = new CpModel();
        long kerf = units(task.kerfMm());
        List<LinearExprBuilder> cut = new ArrayList<>();
        task.lengths().forEach(one -> cut.add(LinearExpr.newBuilder()));
        var consumed = LinearExpr.newBuilder();
        for (Strip strip : task.strips()) {
            for (int copy = 0; copy < strip.count(); copy++) {
                consumed.add(strip(model, task, strip, kerf, cut));
            }
        }
        for (int k = 0; k < cut.size(); k++) {
            model.addEquality(cut.get(k), task.lengths().get(k).count());
        }
        model.minimize(consumed);
        solver.getParameters().setNumWorkers(1);
        CpSolverStatus status = solver.solve(model);
        boolean found = status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
        return new Answer(
                found,
                found ? solver.objectiveValue() / UNITS_IN_MM : Double.POSITIVE_INFINITY,
                solver.bestObjectiveBound() / UNITS_IN_MM,
                status == CpSolverStatus.OPTIMAL);
    }

    private static long units(double mm) {
        return Math.round(mm * UNITS_IN_MM);
    }

    private static IntVar strip(CpModel model, CuttingTask task, Strip strip, long kerf, List<LinearExprBuilder> cut) {
        long length = units(strip.lengthMm());
        var taken = LinearExpr.newBuilder();
        for (int k = 0; k < task.lengths().size(); k++) {
            CutLength one = task.lengths().get(k);
            long size = units(one.lengthMm()) + kerf;
            IntVar count = model.newIntVar(0, Math.min(one.count(), (length + kerf) / size), strip.id() + one.id());
            taken.addTerm(count, size);
            cut.get(k).add(count);
        }
        model.addLessOrEqual(taken, length + kerf);
        IntVar used = model.newIntVar(0, length, "used " + strip.id());
        BoolVar keeps = model.newBoolVar("keeps " + strip.id());
        BoolVar opened = model.newBoolVar("opened " + strip.id());
        model.addLessOrEqual(taken, length - units(task.usefulMm())).onlyEnforceIf(keeps);
        model.addGreaterOrEqual(used, taken).onlyEnforceIf(keeps);
        model.addEquality(used, length).onlyEnforceIf(new Literal[] {opened, keeps.not()});
        model.addEquality(taken, 0).onlyEnforceIf(opened.not());
        return used;
    }
}
