package toroid.core.weave;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import toroid.core.weave.pattern.WeaveJson;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.solve.WeaveSolver;

/** The shipped catalogue, for tests. */
public final class Weaves {
    private static final Path FOLDER = Path.of("src/main/resources/weaves");

    private Weaves() {}

    public static Stream<String> ids() {
        try (Stream<Path> files = Files.list(FOLDER)) {
            return files.map(file -> file.getFileName().toString().replace(".json", "")).sorted().toList().stream();
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    public static String text(String id) {
        try {
            return Files.readString(FOLDER.resolve(id + ".json"));
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    public static WeavePattern byId(String id) {
        return WeaveJson.read(text(id));
    }

    private static final Map<String, WeaveSolver.Closest> CLOSEST = new ConcurrentHashMap<>();
    private static final Map<List<Object>, WeaveWork> WORKED = new ConcurrentHashMap<>();

    /** One of the catalogue in its usual proportions, solved once for all tests. */
    public static WeaveSolver.Closest closest(String id) {
        return CLOSEST.computeIfAbsent(id, any -> {
            WeavePattern pattern = byId(id);
            return WeaveSolver.closest(pattern, usualRatios(pattern));
        });
    }

    /** One of the catalogue in these rings, solved once for all tests. */
    public static WeaveWork work(String id, WeaveRings rings) {
        return WORKED.computeIfAbsent(List.of(id, rings), any -> WeaveWork.of(byId(id), rings));
    }

    /** Every size in its usual proportion. */
    public static double[] usualRatios(WeavePattern pattern) {
        return pattern.classes().stream()
                .mapToDouble(WeavePattern.RingClass::usualRatio)
                .toArray();
    }

    /** Rings of that aspect ratio in the first size, 1 mm wire, the others in proportion. */
    public static WeaveRings rings(WeavePattern pattern, double aspectRatio) {
        List<Double> inner = pattern.classes().stream()
                .map(size -> size.usualRatio() * (aspectRatio + 1) - 1)
                .toList();
        return new WeaveRings(1, inner);
    }
}
