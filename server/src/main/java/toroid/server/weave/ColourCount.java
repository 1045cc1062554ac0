package toroid.server.weave;

import jakarta.validation.constraints.NotNull;
import java.util.List;

/** Rings of one colour: of each size class, and all. */
public record ColourCount(
        @NotNull String colour,
        @NotNull List<Integer> ringCount,
        @NotNull int total) {
    public static ColourCount of(String colour, List<Integer> ringCount) {
        return new ColourCount(
                colour,
                ringCount,
                ringCount.stream().mapToInt(Integer::intValue).sum());
    }
}
