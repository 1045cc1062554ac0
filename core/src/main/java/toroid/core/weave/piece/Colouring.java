package toroid.core.weave.piece;

import java.util.List;
import java.util.Map;
import toroid.core.numeric.Checks;

/**
 * Which ring of a piece has which colour. Colours are numbers of the maker's palette, from 0.
 *
 * @param palette how many colours there are, 1 to {@value #MOST_COLOURS}
 * @param by what the sequence goes by
 * @param sequence colours taken in turn: for each ring of the cell, each cell, or each row
 * @param painted rings of another colour than that: an inlay
 */
public record Colouring(int palette, By by, List<Integer> sequence, Map<PieceRing, Integer> painted) {
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
        Checks.within("palette", palette, 1, MOST_COLOURS, "colours", "Leave some out.");
        Checks.within("sequence", sequence.size(), 1, LONGEST_SEQUENCE, "colours", "Shorten it.");
        Checks.within("painted", painted.size(), 0, Piece.MOST_RINGS, "rings", "Paint fewer.");
        sequence = List.copyOf(sequence);
        painted = Map.copyOf(painted);
        int last = palette - 1;
        sequence.forEach(colour -> Checks.within("sequence", colour, 0, last, "", "Take a colour of the palette."));
        painted.values()
                .forEach(colour -> Checks.within("painted", colour, 0, last, "", "Take a colour of the palette."));
    }

    /** Of ring {@code n} of the piece. */
    public int of(Piece piece, int n) {
        PieceRing ring = piece.rings().get(n);
        Integer own = painted.get(ring);
        if (own != null) {
            return own;
        }
        int place = switch (by) {
            case RING -> ring.ring();
            case CELL -> ring.i();
            case ROW -> piece.rowOf(n);
        };
        return sequence.get(Math.floorMod(place, sequence.size()));
    }

    /** Rings of each colour and size class; shape (palette, classes). */
    public int[][] counts(Piece piece) {
        int[][] counts = new int[palette][piece.pattern().classes().size()];
        for (int n = 0; n < piece.size(); n++) {
            counts[of(piece, n)][piece.sizeClassOf(n)]++;
        }
        return counts;
    }
}
