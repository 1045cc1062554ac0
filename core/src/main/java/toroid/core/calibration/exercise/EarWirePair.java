package toroid.core.calibration.exercise;

import com.google.auto.service.AutoService;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import toroid.core.calibration.Expected;
import toroid.core.calibration.exercise.Verdict.Pattern;
import toroid.core.calibration.exercise.Verdict.Remark;
import toroid.core.work.Check;

/** Two ear wires as alike as can be: each measured over all, across its bow, and inside its loop. What counts is how far they are apart. */
@AutoService(Exercise.class)
public final class EarWirePair implements Exercise {
    private static final List<Criterion> CRITERIA = List.of(
            Criterion.mm("height", "LENGTH", Check.PAIR_MM),
            Criterion.mm("bow", "LENGTH", Check.PAIR_MM),
            Criterion.mm("loop", "LOOP_INSIDE", 2 * Expected.LOOP_MM));

    @Override
    public ExerciseInfo info() {
        return new ExerciseInfo("ear-wire-pair", 3, "fish-hook", 0.8, null);
    }

    @Override
    public List<Criterion> criteria() {
        return CRITERIA;
    }

    /** The twin's: nothing is aimed at but the other one. */
    @Override
    public Double target(Criterion criterion, double wireMm, double sizeMm) {
        return null;
    }

    /** Where something was measured again, the last counts. */
    @Override
    public Verdict judge(List<Taken> taken) {
        var apart = new ArrayList<Remark>();
        int measured = 0;
        int good = 0;
        double most = 0;
        for (Criterion measure : CRITERIA) {
            OptionalDouble first = last(taken, measure, 0);
            OptionalDouble second = last(taken, measure, 1);
            if (first.isEmpty() || second.isEmpty()) {
                continue;
            }
            measured++;
            double by = second.getAsDouble() - first.getAsDouble();
            most = Math.max(most, Math.abs(by));
            if (Math.abs(by) <= measure.within()) {
                good++;
            } else {
                apart.add(new Remark(Pattern.APART, measure.id(), by, null));
            }
        }
        apart.sort(Comparator.comparingDouble(one ->
                -Math.abs(one.by()) / Exercises.criterion(this, one.what()).within()));
        return new Verdict(measured, good, most, null, apart);
    }

    private static OptionalDouble last(List<Taken> taken, Criterion measure, int copy) {
        return taken.stream()
                .filter(one -> one.measure().equals(measure.id()) && one.copy() == copy)
                .mapToDouble(Taken::value)
                .reduce((one, later) -> later);
    }
}
