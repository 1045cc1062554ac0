package toroid.core.weave.solve;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.function.Supplier;
import java.util.stream.Stream;
import toroid.core.weave.pattern.WeaveJson;

/**
 * The same problem by both: one start, the widest smallest gap, stopped when either says it is done. Told as a ratio of medians in one
 * run, with how far each is short of the wider of the two. Argument: how many runs of each.
 */
public final class SolverRatio {
    private static final Path FOLDER = Path.of("core/target/classes/weaves");
    private static final double TOLERANCE = 1e-7;
    private static final int ITERATIONS = 300;
    /** It threw, or another weave came out. */
    private static final double FAILED = -1;

    private SolverRatio() {}

    public static void main(String[] args) throws IOException {
        int runs = Integer.parseInt(args[0]);
        System.out.println("| weave | ours, ms | short by | SQP, ms | short by | SQP ÷ ours |");
        System.out.println("| --- | ---: | ---: | ---: | ---: | ---: |");
        double[] ratios = {};
        try (Stream<Path> files = Files.list(FOLDER)) {
            for (Path file : files.sorted().toList()) {
                Pose start = StartPose.of(WeaveJson.read(Files.readString(file)));
                var ours = measured(
                        runs,
                        () -> Tightest.solve(start, false, false, TOLERANCE).gap());
                var theirs = measured(runs, () -> attempted(start));
                double widest = Math.max(ours.gap(), theirs.gap());
                double ratio = theirs.ms() / ours.ms();
                System.out.printf(
                        Locale.ROOT,
                        "| %s | %.1f | %.0e | %.1f | %s | %.1f× |%n",
                        file.getFileName().toString().replace(".json", ""),
                        ours.ms(),
                        widest - ours.gap(),
                        theirs.ms(),
                        theirs.gap() < 0 ? "failed" : String.format(Locale.ROOT, "%.0e", widest - theirs.gap()),
                        ratio);
                if (theirs.gap() > widest - 1e-4) {
                    ratios = Arrays.copyOf(ratios, ratios.length + 1);
                    ratios[ratios.length - 1] = ratio;
                }
            }
        }
        Arrays.sort(ratios);
        System.out.printf(
                Locale.ROOT,
                "%nMedian ratio where SQP comes within 1e-4 of the same gap (%d weaves): %.1f×.%n",
                ratios.length,
                ratios.length == 0 ? Double.NaN : ratios[ratios.length / 2]);
    }

    private record Timed(double ms, double gap) {}

    private static double attempted(Pose start) {
        try {
            SqpTightest.Reached reached = new SqpTightest(start).solve(TOLERANCE, ITERATIONS);
            boolean same = LinkPattern.found(reached.pose()).equals(LinkPattern.found(start));
            return same && Double.isFinite(reached.gap()) ? reached.gap() : FAILED;
        } catch (RuntimeException failed) {
            return FAILED;
        }
    }

    private static Timed measured(int runs, Supplier<Double> solve) {
        double gap = solve.get();
        double[] ms = new double[runs];
        for (int run = 0; run < runs; run++) {
            long from = System.nanoTime();
            gap = solve.get();
            ms[run] = (System.nanoTime() - from) / 1e6;
        }
        Arrays.sort(ms);
        return new Timed(ms[runs / 2], gap);
    }
}
