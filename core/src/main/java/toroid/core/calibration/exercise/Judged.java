package toroid.core.calibration.exercise;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import org.hipparchus.distribution.discrete.HypergeometricDistribution;
import toroid.core.calibration.exercise.Verdict.Pattern;
import toroid.core.calibration.exercise.Verdict.Remark;

/**
 * What stands out where each go is judged by eye: its most frequent fault, and whether the second half has more at fault than chance would give,
 * all faults being equally likely to fall in either half (Fisher's exact test, one-sided, 1 in 100; Fisher, The Design of Experiments, 1935,
 * chapter 2).
 */
final class Judged {
    private static final double ALPHA = 0.01;
    private static final int LEAST = 8;

    private Judged() {}

    /**
     * @param taken in order, at least one; 0 is right
     * @param name of what a value above 0 says
     */
    static Verdict judge(List<Taken> taken, IntFunction<String> name) {
        int n = taken.size();
        int[] count =
                new int[1 + (int) taken.stream().mapToDouble(Taken::value).max().orElseThrow()];
        taken.forEach(one -> count[(int) one.value()]++);
        int wrong = n - count[0];
        var findings = new ArrayList<Remark>();
        int worst = 0;
        for (int fault = 1; fault < count.length; fault++) {
            if (count[fault] > 0 && (worst == 0 || count[fault] > count[worst])) {
                worst = fault;
            }
        }
        if (worst > 0) {
            findings.add(new Remark(Pattern.FAULT, name.apply(worst), count[worst], null));
        }
        int half = n / 2;
        int late = (int) taken.subList(n - half, n).stream()
                .filter(one -> one.value() > 0)
                .count();
        if (n >= LEAST
                && late > 0
                && new HypergeometricDistribution(n, wrong, half).upperCumulativeProbability(late) < ALPHA) {
            int early = (int) taken.subList(0, half).stream()
                    .filter(one -> one.value() > 0)
                    .count();
            findings.add(new Remark(Pattern.TIRING, "", late - early, null));
        }
        return new Verdict(n, count[0], (double) wrong / n, null, findings);
    }
}
