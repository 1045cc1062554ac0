package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import toroid.core.piece.part.PartWork;

/**
 * A piece closed round a body: rigid parts end to end, a polygon whose corners lie on one circle of radius R, {@code Σ 2 asin(Lᵢ/2R) = 2π}.
 * Derived by us; the body is taken as round for closing, as an oval for how far long parts stand off.
 *
 * @param cornerRadiusMm R; 0 where it does not close
 * @param insideGirthMm girth of the largest round body it closes on: the part whose middle or end comes nearest touches it, half its thickness off
 * @param easeMm what is left between that and the body's girth; negative where it is too tight
 * @param standsOffMm of each part of the row, how far its ends stand off the body where that curves most
 * @param tooLong places of parts that stand off more than a straight one a third of the girth long
 * @param closure what closes it
 */
public record Worn(
        double cornerRadiusMm,
        double insideGirthMm,
        double easeMm,
        List<Double> standsOffMm,
        List<Integer> tooLong,
        Closure closure) {
    /** A stiff straight part is no longer than this share of the girth it lies on. Our own. */
    static final double LONGEST = 1.0 / 3;

    public Worn {
        standsOffMm = List.copyOf(standsOffMm);
        tooLong = List.copyOf(tooLong);
    }

    /** What bends to the body is closed in steps of this, mm; ten times finer changes a bracelet by less than 0.01 mm. */
    private static final double STEP_MM = 2;

    /** A length of more steps than these goes round no body; it is closed in that many. */
    private static final int MOST_STEPS = 1000;

    /** @param part what it is worn on; its shape counts */
    public static Worn of(PieceWork work, BodyPart part, double girthMm) {
        List<Integer> row = work.row();
        List<Side> sides = sides(work, row);
        double corner = cornerRadiusMm(spans(sides));
        double touching =
                sides.stream().mapToDouble(side -> side.insideMm(corner)).reduce(corner, Math::min);
        double inside = corner == 0 ? 0 : 2 * Math.PI * (touching - work.thickMm() / 2);
        double curved = sharpestRadiusMm(girthMm, part.oval()) + work.thickMm() / 2;
        double most = standOffMm(LONGEST * girthMm, 0, curved);
        var off = new ArrayList<Double>();
        var tooLong = new ArrayList<Integer>();
        for (int i : row) {
            PartWork one = work.parts().get(i);
            double stands = one.isSupple() ? 0 : standOffMm(one.spanMm(), bowMm(work, i), curved);
            off.add(stands);
            if (stands > most) {
                tooLong.add(i);
            }
        }
        Closure closure = Closure.of(work, part, girthMm, inside);
        return new Worn(corner, inside, inside - girthMm, off, tooLong, closure);
    }

    /** R of the row's own parts, mm; 0 where it does not close. */
    static double cornerRadiusMm(PieceWork work) {
        return cornerRadiusMm(spans(sides(work, work.row())));
    }

    /** A side of the polygon, and how far its middle is domed outward. */
    private record Side(double spanMm, double bowMm) {
        /** From the centre to its middle where its corners lie at R. */
        double insideMm(double corner) {
            return Math.sqrt(Math.max(0, corner * corner - spanMm * spanMm / 4)) + bowMm;
        }
    }

    private static List<Side> sides(PieceWork work, List<Integer> row) {
        var sides = new ArrayList<Side>();
        for (int i : row) {
            PartWork part = work.parts().get(i);
            double span = part.spanMm();
            int steps = part.isSupple() ? (int) Math.min(MOST_STEPS, Math.ceil(span / STEP_MM)) : 1;
            for (int step = 0; step < steps; step++) {
                sides.add(new Side(span / steps, bowMm(work, i)));
            }
        }
        return sides;
    }

    /** What hangs edge-on is domed sideways. */
    private static double bowMm(PieceWork work, int part) {
        return work.edgeOn().contains(part) ? 0 : work.parts().get(part).bowMm();
    }

    private static double[] spans(List<Side> sides) {
        return sides.stream().mapToDouble(Side::spanMm).toArray();
    }

    /**
     * Of a part of span L, domed outward by s, on a circle of radius ρ whose own bow over L is {@code b = ρ − √(ρ² − L²/4)}: flatter than that it touches
     * with its middle and its ends are {@code √(L²/4 + (ρ − s)²) − ρ} off, of a straight one about {@code L²/8ρ}; curved more it touches with its ends and
     * its middle is {@code s − b} off. Exact on a circle.
     */
    static double standOffMm(double spanMm, double bowMm, double radiusMm) {
        double half = spanMm / 2;
        double own = half < radiusMm ? radiusMm - Math.sqrt(radiusMm * radiusMm - half * half) : radiusMm;
        return bowMm > own ? bowMm - own : Math.hypot(radiusMm - bowMm, half) - radiusMm;
    }

    /**
     * The least radius of curvature of an ellipse of that girth and ratio, {@code b²/a}; its girth by Ramanujan's second formula, within
     * 0.001 % for such ovals.
     */
    static double sharpestRadiusMm(double girthMm, double ratio) {
        double h = Math.pow((ratio - 1) / (ratio + 1), 2);
        double perHalfDepth = Math.PI * (ratio + 1) * (1 + 3 * h / (10 + Math.sqrt(4 - 3 * h)));
        double depth = girthMm / perHalfDepth;
        return depth / ratio;
    }

    /** R of a closed polygon with those sides whose corners lie on a circle, mm; 0 where they do not close: fewer than three, or one longer than all others. */
    static double cornerRadiusMm(double[] spans) {
        double sum = 0;
        for (double span : spans) {
            sum += span;
        }
        double longest = longest(spans);
        if (spans.length < 3 || longest >= sum - longest) {
            return 0;
        }
        // at the least radius the longest side is a diameter; its centre may still lie outside, then the rest closes
        // the other way
        double least = longest / 2;
        if (turned(spans, least) < 2 * Math.PI) {
            return 0;
        }
        return new BracketingNthOrderBrentSolver(1e-12 * sum, 5)
                .solve(200, radius -> turned(spans, radius) - 2 * Math.PI, least, sum);
    }

    private static double turned(double[] spans, double radius) {
        double angle = 0;
        for (double span : spans) {
            angle += 2 * Math.asin(Math.min(1, span / (2 * radius)));
        }
        return angle;
    }

    private static double longest(double[] spans) {
        double longest = 0;
        for (double span : spans) {
            longest = Math.max(longest, span);
        }
        return longest;
    }
}
