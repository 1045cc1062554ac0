package toroid.core.ring;

import java.util.function.DoubleUnaryOperator;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;
import toroid.core.bend.BarInBending;
import toroid.core.bend.Springback;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Roots;
import toroid.core.numeric.Unit;
import toroid.core.wire.Wire;

/**
 * The ring from any sufficient pair of {wire, ID, OD, AR, mandrel}. Algebra is exact; with a mandrel the inner diameter is
 * the sprung one when metal and flow are known, else the mandrel itself.
 */
public final class RingSolver {
    /** Sizes given beyond the pair must agree with it within this. */
    public static final double AGREEMENT_MM = 0.01;

    private static final double ROOT_TOLERANCE_MM = 1e-10;
    /** Two solutions closer than this are one. */
    private static final double TOUCHING_MM = 1e-7;

    private RingSolver() {}

    /**
     * @throws Refusal {@code not-enough} when the sizes do not fix the ring, {@code contradiction} when they disagree, {@code
     *     out-of-range} or {@code too-springy} as the case may be
     */
    public static Ring solve(RingGiven given) {
        check(given);
        Ring ring = fromPair(given);
        agree("innerDiameterMm", given.innerDiameterMm(), ring.innerDiameterMm());
        agree("outerDiameterMm", given.outerDiameterMm(), ring.outerDiameterMm());
        agree("wireDiameterMm", given.wireDiameterMm(), ring.wireDiameterMm());
        if (given.aspectRatio() != null) {
            agree("aspectRatio", given.aspectRatio() * ring.wireDiameterMm(), ring.innerDiameterMm());
        }
        return ring;
    }

    private static void check(RingGiven given) {
        if (given.wireDiameterMm() != null) {
            Wire.checkDiameter(given.wireDiameterMm());
        }
        if (given.mandrelDiameterMm() != null) {
            Springback.checkMandrel(given.mandrelDiameterMm());
        }
        bounded("innerDiameterMm", given.innerDiameterMm(), Ring.SMALLEST_INNER_MM, Ring.LARGEST_INNER_MM, Unit.MM);
        bounded(
                "outerDiameterMm",
                given.outerDiameterMm(),
                Ring.SMALLEST_INNER_MM + 2 * Wire.THINNEST_MM,
                Ring.LARGEST_INNER_MM + 2 * Wire.THICKEST_MM,
                Unit.MM);
        bounded("aspectRatio", given.aspectRatio(), 0.1, 500, Unit.NONE);
    }

    private static void bounded(String field, Double value, double minimum, double maximum, Unit unit) {
        if (value != null) {
            Checks.within(field, value, minimum, maximum, unit, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        }
    }

    private static Ring fromPair(RingGiven g) {
        Double d = g.wireDiameterMm();
        Double inner = g.innerDiameterMm();
        Double outer = g.outerDiameterMm();
        Double aspect = g.aspectRatio();
        if (d != null && inner != null) {
            return new Ring(d, inner);
        }
        if (d != null && outer != null) {
            bounded("outerDiameterMm", outer, 0, 2 * d + Ring.LARGEST_INNER_MM, Unit.MM);
            return new Ring(d, positive(outer - 2 * d, "outerDiameterMm", outer, 2 * d + Ring.SMALLEST_INNER_MM));
        }
        if (d != null && aspect != null) {
            bounded("aspectRatio", aspect, Ring.SMALLEST_INNER_MM / d, Ring.LARGEST_INNER_MM / d, Unit.NONE);
            return new Ring(d, aspect * d);
        }
        if (inner != null && outer != null) {
            return new Ring(
                    positive((outer - inner) / 2, "outerDiameterMm", outer, inner + 2 * Wire.THINNEST_MM), inner);
        }
        if (inner != null && aspect != null) {
            return new Ring(inner / aspect, inner);
        }
        if (outer != null && aspect != null) {
            double wire = outer / (aspect + 2);
            return new Ring(wire, aspect * wire);
        }
        return fromMandrel(g);
    }

    private static Ring fromMandrel(RingGiven g) {
        Double mandrel = g.mandrelDiameterMm();
        if (mandrel != null && g.wireDiameterMm() != null) {
            return new Ring(g.wireDiameterMm(), sprung(g, mandrel, g.wireDiameterMm()));
        }
        if (mandrel != null && g.aspectRatio() != null) {
            double wire = wireFor(g, d -> sprung(g, mandrel, d) - g.aspectRatio() * d, "aspectRatio");
            return new Ring(wire, g.aspectRatio() * wire);
        }
        if (mandrel != null && g.outerDiameterMm() != null) {
            double wire = wireFor(g, d -> g.outerDiameterMm() - sprung(g, mandrel, d) - 2 * d, "outerDiameterMm");
            return new Ring(wire, g.outerDiameterMm() - 2 * wire);
        }
        throw Refusal.of(
                mandrel != null && g.innerDiameterMm() != null
                        ? RefusalCode.MANDREL_AND_INSIDE_ALONE
                        : RefusalCode.ONE_SIZE_ALONE,
                "wireDiameterMm",
                null);
    }

    /**
     * The thickest wire that meets the condition. With springback two wires may have one outer diameter on one mandrel, a
     * springy thin one and a thicker one; the thicker is meant.
     */
    private static double wireFor(RingGiven g, DoubleUnaryOperator condition, String field) {
        double thinnest =
                g.springbackKnown() ? Math.max(Wire.THINNEST_MM, thinnestSettingMm(g) * (1 + 1e-6)) : Wire.THINNEST_MM;
        double lower = condition.applyAsDouble(thinnest) >= 0 ? thinnest : mostOf(condition, thinnest);
        double atLower = condition.applyAsDouble(lower);
        if (Math.abs(atLower) <= TOUCHING_MM) {
            return lower;
        }
        if (atLower > 0 && condition.applyAsDouble(Wire.THICKEST_MM) <= 0) {
            return Roots.between(condition, lower, Wire.THICKEST_MM, ROOT_TOLERANCE_MM);
        }
        throw Refusal.of(RefusalCode.NO_SUCH_WIRE, field, null)
                .with("thinnestMm", thinnest)
                .with("thickestMm", Wire.THICKEST_MM)
                .with("rodMm", g.mandrelDiameterMm());
    }

    /** Where a condition with a single hump is largest, by Brent's method on ln d (Hipparchus). */
    private static double mostOf(DoubleUnaryOperator condition, double thinnestMm) {
        var best = new BrentOptimizer(1e-12, 1e-14)
                .optimize(
                        new UnivariateObjectiveFunction(x -> condition.applyAsDouble(Math.exp(x))),
                        GoalType.MAXIMIZE,
                        new SearchInterval(Math.log(thinnestMm), Math.log(Wire.THICKEST_MM)),
                        new MaxEval(500));
        return Math.exp(best.getPoint());
    }

    /** From {@code M = d/ε_y − d}: the wire that just takes a set on this mandrel. */
    private static double thinnestSettingMm(RingGiven g) {
        double yields = g.flow().curve().yieldStrain(g.metal().youngsModulus().inMegapascals());
        return g.mandrelDiameterMm() / (1 / yields - 1);
    }

    private static double sprung(RingGiven g, double mandrelMm, double wireMm) {
        if (!g.springbackKnown()) {
            return mandrelMm;
        }
        double modulus = g.metal().youngsModulus().inMegapascals();
        return Springback.innerDiameterMm(
                BarInBending.ofWire(wireMm, modulus, g.flow().curve()), mandrelMm);
    }

    private static double positive(double size, String field, double given, double minimum) {
        if (!(size > 0)) {
            throw Refusal.outOfRange(
                    field, given, minimum, Double.POSITIVE_INFINITY, Unit.MM, Remedy.CHECK_WHICH_SIZE_IS_WHICH);
        }
        return size;
    }

    private static void agree(String field, Double givenMm, double foundMm) {
        if (givenMm != null && Math.abs(givenMm - foundMm) > AGREEMENT_MM) {
            throw Refusal.of(RefusalCode.CONTRADICTION, field, givenMm)
                    .with("foundMm", foundMm)
                    .with("givenMm", givenMm);
        }
    }
}
