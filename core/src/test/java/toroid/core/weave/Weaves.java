package toroid.core.weave;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import toroid.core.weave.pattern.WeaveJson;
import toroid.core.weave.pattern.WeavePattern;

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
