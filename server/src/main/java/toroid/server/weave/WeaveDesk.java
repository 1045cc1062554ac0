package toroid.server.weave;

import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import toroid.core.weave.WeaveRings;
import toroid.core.weave.WeaveWork;
import toroid.server.effort.InTurn;
import toroid.server.store.Recent;

/** Weaves being solved, for 1 mm wire: the last few stay on the desk, so that what one question solved the next need not. */
@Component
class WeaveDesk {
    private static final int KEPT = 60;

    private final Recent<String, OnTheDesk> works = new Recent<>(KEPT);

    /** One question at a time. */
    private record OnTheDesk(WeaveWork work, InTurn turns) {}

    /** @param innerInWires inner diameters in wire diameters, to 1e-5 */
    <T> T solve(WeaveFiles.Filed weave, List<Double> innerInWires, Function<WeaveWork, T> question) {
        List<Double> rounded =
                innerInWires.stream().map(ratio -> Math.rint(ratio * 1e5) / 1e5).toList();
        OnTheDesk there = works.get(
                weave.sum() + named(rounded),
                () -> new OnTheDesk(WeaveWork.of(weave.pattern(), new WeaveRings(1, rounded)), new InTurn()));
        return there.turns().get(() -> question.apply(there.work()));
    }

    /** Aspect ratios as a question tells them apart. */
    static String named(List<Double> ratios) {
        return ratios.stream()
                .map(ratio -> String.format(Locale.ROOT, "/%.5f", ratio))
                .collect(Collectors.joining());
    }
}
