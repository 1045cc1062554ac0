package toroid.core.piece;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * A row of parts, each hung in the one before.
 *
 * @param elements parts and repeats, from the first end on; at least one
 * @param shape how the row goes on
 */
public record Piece(List<Element> elements, Shape shape) {
    /** More parts than this are a weave or several pieces. */
    public static final int MOST_PARTS = 1000;

    /** How a row goes on at its last part. */
    public enum Shape {
        /** It ends there; a hook or a ring at its ends may close it on the body. */
        ROW,
        /** Its last part is the middle, and the other half the mirror image. */
        MIRRORED,
        /** Its last part hangs in the first: closed without a clasp. */
        ROUND
    }

    /** What a row is written of. */
    public sealed interface Element {}

    /** One part. */
    public record One(PartSpec part) implements Element {}

    /**
     * The same again and again.
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
                shape == Shape.MIRRORED ? 2 * parts - 1 : parts,
                1,
                MOST_PARTS,
                Unit.PARTS,
                Remedy.MAKE_IT_IN_PARTS);
    }

    private static long count(List<Element> elements) {
        long parts = 0;
        for (Element element : elements) {
            parts += element instanceof Repeat repeat
                    ? Math.multiplyExact((long) repeat.count(), count(repeat.elements()))
                    : 1;
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
     */
    public record Placed(PartSpec part, boolean turned) {}

    /** Every part from the first end to the last. */
    public List<Placed> parts() {
        var row = new ArrayList<Placed>();
        lay(elements, row);
        if (shape == Shape.MIRRORED) {
            List<Placed> half = new ArrayList<>(row.subList(0, row.size() - 1));
            Collections.reverse(half);
            half.forEach(placed -> row.add(new Placed(placed.part(), true)));
        }
        return row;
    }

    private static void lay(List<Element> elements, List<Placed> row) {
        for (Element element : elements) {
            if (element instanceof One one) {
                row.add(new Placed(one.part(), false));
            } else if (element instanceof Repeat repeat) {
                for (int i = 0; i < repeat.count(); i++) {
                    lay(repeat.elements(), row);
                }
            }
        }
    }
}
