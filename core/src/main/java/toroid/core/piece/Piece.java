package toroid.core.piece;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.piece.part.PartSpec;

/**
 * A row of parts, each hung in the one before; from any of them further rows may hang.
 *
 * @param elements parts and repeats, from the first end on; at least one
 * @param shape how the row goes on
 * @param pair made twice, the second as the first one's mirror image
 */
public record Piece(List<Element> elements, Shape shape, boolean pair) {
    /** More parts than this are a weave or several pieces. */
    public static final int MOST_PARTS = 1000;

    /** How a row goes on at its last part. */
    public enum Shape {
        /** It ends there; a hook or a ring at its ends may close it on the body. */
        ROW,
        /** Its last part is the middle, and the other half the mirror image; of a hook it begins with only what it hooks into. */
        MIRRORED,
        /** Its last part hangs in the first: closed without a clasp. */
        ROUND
    }

    /** What a row is written of. */
    public sealed interface Element {}

    /**
     * One part.
     *
     * @param hanging rows that hang from it besides the row it is in
     */
    public record One(PartSpec part, List<List<Element>> hanging) implements Element {
        public One {
            hanging = hanging.stream().map(List::copyOf).toList();
        }

        public One(PartSpec part) {
            this(part, List.of());
        }
    }

    /**
     * The same again and again; sizes of its parts that are ranges go from the first to the last of them.
     *
     * @param count 1 up
     */
    public record Repeat(int count, List<Element> elements) implements Element {
        public Repeat {
            elements = List.copyOf(elements);
            Checks.within("count", count, 1, MOST_PARTS, Unit.TIMES, Remedy.MAKE_IT_IN_PARTS);
        }
    }

    public Piece {
        elements = List.copyOf(elements);
        if (elements.isEmpty()) {
            throw Refusal.of(RefusalCode.PIECE_WITHOUT_PARTS, "piece", null);
        }
        long parts = count(elements);
        Checks.within(
                "parts",
                shape == Shape.MIRRORED ? 2 * parts : parts,
                1,
                MOST_PARTS,
                Unit.PARTS,
                Remedy.MAKE_IT_IN_PARTS);
    }

    public Piece(List<Element> elements, Shape shape) {
        this(elements, shape, false);
    }

    private static long count(List<Element> elements) {
        long parts = 0;
        for (Element element : elements) {
            if (element instanceof Repeat repeat) {
                parts += Math.multiplyExact((long) repeat.count(), count(repeat.elements()));
            } else if (element instanceof One one) {
                parts++;
                for (List<Element> row : one.hanging()) {
                    parts += count(row);
                }
            }
            if (parts > MOST_PARTS) {
                return parts;
            }
        }
        return parts;
    }

    /**
     * A part in its place.
     *
     * @param turned hung the other way round, its last port first
     * @param parent place of the part it hangs in; −1 for the first
     * @param hanging the how-many-eth of what hangs from that one besides, from 0; −1 for the next in its row
     * @param depth 0 in the row itself
     * @param written the how-many-eth part of the piece as it is written, from 0; repeats and mirror images share it
     */
    public record Placed(PartSpec part, boolean turned, int parent, int hanging, int depth, int written) {}

    /** Every part: the row from its first end to its last, what hangs from a part right behind it. */
    public List<Placed> parts() {
        return PieceLayout.of(this);
    }

    /** Ids of the weaves it has. */
    public Set<String> weaves() {
        return parts().stream()
                .map(placed -> placed.part().weave())
                .filter(Objects::nonNull)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** What becomes of a part as it is written; null leaves it as it is. */
    public interface Change {
        /** @param written the how-many-eth part of the piece, from 0 */
        List<Element> of(One one, int written);
    }

    /** The same piece with what is made of each of its parts. */
    public Piece rewritten(Change change) {
        return new Piece(rewritten(elements, change, new int[1]), shape, pair);
    }

    private static List<Element> rewritten(List<Element> row, Change change, int[] written) {
        var all = new ArrayList<Element>();
        for (Element element : row) {
            if (element instanceof Repeat repeat) {
                all.add(new Repeat(repeat.count(), rewritten(repeat.elements(), change, written)));
            } else if (element instanceof One one) {
                int number = written[0]++;
                var inner = new One(
                        one.part(),
                        one.hanging().stream()
                                .map(hung -> rewritten(hung, change, written))
                                .toList());
                List<Element> changed = change.of(inner, number);
                all.addAll(changed == null ? List.of(inner) : changed);
            }
        }
        return all;
    }

    /** In another size: every wire and length times that; what is bought ready stays. */
    public Piece scaled(double factor) {
        Checks.within("factor", factor, 0.1, 10, Unit.TIMES, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        return rewritten((one, written) -> List.of(new One(one.part().scaled(factor), one.hanging())));
    }
}
