package toroid.performance;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import toroid.core.form.FormSolver;
import toroid.core.form.Schools;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.piece.Hanging;
import toroid.core.piece.Laid;
import toroid.core.piece.PieceLine;
import toroid.core.piece.PieceLists;
import toroid.core.piece.PieceSolver;
import toroid.core.piece.PieceWork;
import toroid.core.piece.Touching;
import toroid.core.piece.part.PartMaker;

/** A necklace of sixty parts from its line: read, its forms bent, joined, ordered, faced, its lists. What one change of a piece costs. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class PieceBenchmark {
    private static final String NECKLACE =
            "hook-curled - ring 1/4 - 14 * (bead-link bead=6 - ring 1/3.5 - bead-link bead=4 - ring 1/3.5)"
                    + " - figure-eight - ring 1.2/6";

    @Benchmark
    public PieceLists necklaceOfSixtyParts() {
        var stuff = new PartMaker.Stuff(Metals.byId("copper"), Temper.HALF_HARD, Schools.USUAL);
        var parts = new PartMaker(stuff, FormSolver::solve, PartMaker.NO_WEAVES);
        return PieceLists.of(PieceSolver.solve(PieceLine.read(NECKLACE), parts), false, 5);
    }

    /** The same necklace hung by its first part, and looked through for parts that come into each other. */
    @Benchmark
    public List<Touching> hung() {
        var stuff = new PartMaker.Stuff(Metals.byId("copper"), Temper.HALF_HARD, Schools.USUAL);
        var parts = new PartMaker(stuff, FormSolver::solve, PartMaker.NO_WEAVES);
        PieceWork work = PieceSolver.solve(PieceLine.read(NECKLACE), parts);
        return Touching.of(work, Laid.hung(work, Hanging.of(work)), parts);
    }
}
