package toroid.core.piece.part;

import java.util.Comparator;
import java.util.List;

/**
 * What there is to make a piece of: sizes that come out of a scaling are taken as the nearest of these.
 *
 * @param wiresMm wires on the shelf; none for any
 * @param insidesMm what the maker's rods give; none for any
 */
public record Sizes(List<Double> wiresMm, List<Double> insidesMm) {
    /** A size further off than this share is left as it is: the nearest would be another piece. Our own. */
    private static final double FURTHEST = 0.2;

    public Sizes {
        wiresMm = List.copyOf(wiresMm);
        insidesMm = List.copyOf(insidesMm);
    }

    double wire(double mm) {
        return nearest(mm, wiresMm);
    }

    double inside(double mm) {
        return nearest(mm, insidesMm);
    }

    Value wire(Value mm) {
        return new Value(wire(mm.from()), wire(mm.to()));
    }

    Value inside(Value mm) {
        return new Value(inside(mm.from()), inside(mm.to()));
    }

    private static double nearest(double mm, List<Double> there) {
        return there.stream()
                .filter(one -> Math.abs(one - mm) <= FURTHEST * mm)
                .min(Comparator.comparingDouble(one -> Math.abs(one - mm)))
                .orElse(Math.rint(100 * mm) / 100);
    }
}
