package toroid.server.weave;

import jakarta.validation.constraints.NotNull;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.weave.patch.Colouring;
import toroid.core.weave.patch.Patch;
import toroid.core.weave.patch.PatchRing;
import toroid.server.store.ServerCode;

/**
 * The maker's palette and where each colour goes.
 *
 * @param palette names of metals, or colours as #rrggbb
 * @param by what the sequence goes by
 * @param sequence places in the palette, taken in turn
 * @param painted rings of a colour of their own: ring of the cell, cell along, cell across, place in the palette
 */
public record ColourSpec(
        @NotNull List<@NotNull String> palette,
        @NotNull Colouring.By by,
        @NotNull List<@NotNull Integer> sequence,
        @NotNull List<@NotNull List<Integer>> painted) {
    private static final int LONGEST_NAME = 40;
    private static final int PARTS = 4;

    /** One colour: the rings' own metal. */
    public static ColourSpec plain(String metal) {
        return new ColourSpec(List.of(metal), Colouring.By.RING, List.of(0), List.of());
    }

    /** @throws Refusal when a colour is not in the palette, or a painted ring is told by fewer than four numbers */
    public Colouring toCore() {
        for (String name : palette) {
            if (name == null || !name.matches("[a-z0-9 .-]{1,40}|#[0-9a-f]{6}")) {
                throw Refusal.of(ServerCode.BAD_COLOUR, "palette", name);
            }
        }
        Checks.within("painted", painted.size(), 0, Patch.MOST_RINGS, Unit.RINGS, Remedy.PAINT_FEWER);
        Map<PatchRing, Integer> own = new HashMap<>();
        for (List<Integer> ring : painted) {
            if (ring.size() != PARTS || ring.contains(null)) {
                throw Refusal.of(ServerCode.BAD_PAINTED, "painted", null);
            }
            own.put(new PatchRing(ring.get(0), ring.get(1), ring.get(2)), ring.get(3));
        }
        return new Colouring(palette.size(), by, sequence, own);
    }
}
