package toroid.performance;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import toroid.core.weave.pattern.WeaveJson;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.solve.WeaveSolver;
import toroid.core.weave.solve.WeaveSolver.Closest;
import toroid.core.weave.solve.WeaveSolver.Direction;
import toroid.core.weave.solve.WeaveSolver.Pulled;

/** A weave's smallest aspect ratio from its start pose, all starts; and its taut pitch at 15 % play. {@link Measure} runs all. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 2, time = 600, timeUnit = TimeUnit.MILLISECONDS)
@Measurement(iterations = 2, time = 600, timeUnit = TimeUnit.MILLISECONDS)
@Fork(1)
public class WeaveBenchmark {
    private static final Path FOLDER = Path.of("core/target/classes/weaves");
    private static final double PLAY = 0.15;

    @Param("single-chain")
    public String weave;

    private WeavePattern pattern;
    private double[] ratios;
    private Closest closest;

    static String[] all() throws IOException {
        try (Stream<Path> files = Files.list(FOLDER)) {
            return files.map(file -> file.getFileName().toString().replace(".json", ""))
                    .sorted()
                    .toArray(String[]::new);
        }
    }

    @Setup
    public void lay() throws IOException {
        pattern = WeaveJson.read(Files.readString(FOLDER.resolve(weave + ".json")));
        ratios = pattern.classes().stream()
                .mapToDouble(WeavePattern.RingClass::usualRatio)
                .toArray();
        closest = WeaveSolver.closest(pattern, ratios);
    }

    @Benchmark
    public Closest smallestAspectRatio() {
        return WeaveSolver.closest(pattern, ratios);
    }

    @Benchmark
    public Pulled tautPitch() {
        return pattern.lattice().pitch() == 0
                ? null
                : WeaveSolver.pulled(pattern, closest, closest.gap() / (1 + PLAY), Direction.ALONG, true);
    }
}
