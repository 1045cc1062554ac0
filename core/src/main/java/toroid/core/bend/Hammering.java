package toroid.core.bend;

import org.hipparchus.analysis.solvers.BrentSolver;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * Round wire hammered flat, by volume. Flat faces, rounded edges: at thickness t and width w the section is {@code A = (w − t)t + πt²/4}
 * (a stadium; exact for that shape). The metal is not compressed, so a stretch of wire becomes {@code (πd²/4)/A} times as long (constant
 * volume in plastic flow; any textbook of metal forming).
 *
 * <p>How much goes into length and how much into width is the hammer's: a broad flat face sends it sideways, a cross peen along.
 * Described by the share λ of the thinning, in logarithmic strain, that goes into length: {@code A = (πd²/4)(t/d)^λ}, so the stretch is
 * {@code (d/t)^λ} times as long. λ = {@value #USUAL_PERCENT} %, give or take {@value #USUAL_SPREAD_PERCENT}, is our own estimate for a
 * flat face, approximate, to be learnt from the first flat measured.
 */
public final class Hammering {
    /** Of the thinning into length, per cent, by a flat face. Our own estimate. */
    public static final double USUAL_PERCENT = 15;

    /** How far that may be off, per cent. Our own estimate. */
    public static final double USUAL_SPREAD_PERCENT = 12;

    /** Beyond this the flat would be narrower than the wire, per cent: {@code λ < (2π − 4)/π} = 0.727, with a margin. */
    public static final double MOST_PERCENT = 60;

    /** A flat thicker than this share of the wire tells nothing of its lengthening. */
    private static final double TELLING = 0.9;

    private Hammering() {}

    /** Section of a flat, mm². */
    public static double sectionMm2(double wideMm, double thickMm) {
        return (wideMm - thickMm) * thickMm + Math.PI * thickMm * thickMm / 4;
    }

    /** Section of round wire, mm². */
    private static double roundMm2(double wireMm) {
        return Math.PI * wireMm * wireMm / 4;
    }

    /**
     * How wide a flat becomes, mm, never less than the wire.
     *
     * @param wireMm the round wire
     * @param thickMm hammered to, above 0 up to the wire
     * @param share of the thinning into length, 0 to 0.6
     */
    public static double widthMm(double wireMm, double thickMm, double share) {
        double section = roundMm2(wireMm) * Math.pow(thickMm / wireMm, share);
        return Math.max(wireMm, thickMm + (section - Math.PI * thickMm * thickMm / 4) / thickMm);
    }

    /** How thin a flat must be to be that wide, mm: the width falls as the thickness grows. At least a twentieth of the wire. */
    public static double thicknessForMm(double wireMm, double wideMm, double share) {
        double low = 0.05 * wireMm;
        if (wideMm >= widthMm(wireMm, low, share)) {
            return low;
        }
        return new BrentSolver(1e-9)
                .solve(100, t -> widthMm(wireMm, t, share) - Math.max(wideMm, wireMm * (1 + 1e-9)), low, wireMm);
    }

    /**
     * The wire a flat is made from, mm: {@code ∫ (t/d)^λ ds}, in closed form for a thickness that runs evenly from a to b,
     * {@code L (b^(λ+1) − a^(λ+1))/((λ+1)(b − a)d^λ)}. The run-out of one wire's diameter beside a round neighbour counts as flat, which
     * is off by less than a tenth of a diameter.
     *
     * @param longMm how long the flat is
     */
    public static double tookMm(double longMm, double wireMm, double fromThickMm, double toThickMm, double share) {
        double a = fromThickMm / wireMm;
        double b = toThickMm / wireMm;
        if (Math.abs(b - a) < 1e-9) {
            return longMm * Math.pow(a, share);
        }
        return longMm * (Math.pow(b, share + 1) - Math.pow(a, share + 1)) / ((share + 1) * (b - a));
    }

    /**
     * The share of the thinning that went into length, as a measured flat tells it: {@code ln(A/(πd²/4)) / ln(t/d)}.
     *
     * @throws toroid.core.numeric.Refusal when no hammering makes that flat
     */
    public static double shareOf(double wireMm, double wideMm, double thickMm) {
        Checks.within(
                "thickMm", thickMm, 0.05 * wireMm, TELLING * wireMm, Unit.MM, Remedy.FLAT_HAMMERED_LESS_TELLS_NOTHING);
        double widest = widthMm(wireMm, thickMm, 0);
        Checks.within("value", wideMm, wireMm, 1.03 * widest, Unit.MM, Remedy.MEASURE_WIDTH_AND_THICKNESS_AGAIN);
        double share = Math.log(sectionMm2(wideMm, thickMm) / roundMm2(wireMm)) / Math.log(thickMm / wireMm);
        return Math.max(0, Math.min(MOST_PERCENT / 100, share));
    }
}
