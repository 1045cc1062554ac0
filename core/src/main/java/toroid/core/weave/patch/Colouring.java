package toroid.core.weave.patch;

import java.util.List;
import java.util.Map;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * Which ring of a patch has which colour. Colours are numbers of the maker's palette, from 0.
 *
 * @param palette how many colours there are, 1 to {@value #MOST_COLOURS}
 * @param by what the sequence goes by
 * @param sequence colours taken in turn: for each ring of the cell, each cell, or each row
 * @param painted rings of another colour than that: an inlay
 */
public record Colouring(int palette, By by, List<Integer> sequence, Map<PatchRing, Integer> painted) {
    public static final int MOST_COLOURS = 12;
    public static final int LONGEST_SEQUENCE = 200;
    public static final Colouring PLAIN = new Colouring(1, By.RING, List.of(0), Map.of());

    /** What a sequence of colours goes by. */
    public enum By {
        /** The ring's role in the cell: to learn a weave by. */
        RING,
        /** Cells along: stripes across. */
        CELL,
        /** Rows of a sheet, cells of a chain: stripes along. */
        ROW
    }

    public Colouring {
        Checks.within("palette", palette, 1, MOST_COLOURS, Unit.COLOURS, Remedy.LEAVE_SOME_OUT);
        Checks.within("sequence", sequence.size(), 1, LONGEST_SEQUENCE, Unit.COLOURS, Remedy.SHORTEN_IT);
        Checks.within("painted", painted.size(), 0, Patch.MOST_RINGS, Unit.RINGS, Remedy.PAINT_FEWER);
        sequence = List.copyOf(sequence);
        painted = Map.copyOf(painted);
        int last = palette - 1;
        sequence.forEach(
                colour -> Checks.within("sequence", colour, 0, last, Unit.NONE, Remedy.TAKE_A_COLOUR_OF_THE_PALETTE));
        painted.values()
                .forEach(colour ->
                        Checks.within("painted", colour, 0, last, Unit.NONE, Remedy.TAKE_A_COLOUR_OF_THE_PALETTE));
    }

    /** Of ring {@code n} of the patch. */
    public int of(Patch patch, int n) {
        PatchRing ring = patch.rings().get(n);
        Integer own = painted.get(ring);
        if (own != null) {
            return own;
        }
        int place = switch (by) {
            case RING -> ring.ring();
            case CELL -> ring.i();
            case ROW -> patch.rowOf(n);
        };
        return sequence.get(Math.floorMod(place, sequence.size()));
    }

    /** Rings of each colour and size class; shape (palette, classes). */
    public int[][] counts(Patch patch) {
        int[][] counts = new int[palette][patch.pattern().classes().size()];
        for (int n = 0; n < patch.size(); n++) {
            counts[of(patch, n)][patch.sizeClassOf(n)]++;
        }
        return counts;
    }
}
