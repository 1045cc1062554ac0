package toroid.core.weave.composition;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.ring.Ring;

/**
 * The trade's plain rule for a larger ring: small rings laid flat, edge to edge, in a circle, the larger ring's wire through their middles
 * (common practice). Exact for what it says; it knows nothing of rings that stand, lean or are tied.
 */
public final class PlainRule {
    private PlainRule() {}

    /**
     * {@code o / sin(π/n) − D}: a regular polygon of n sides as long as the rings are wide, its corners on the larger ring's middle.
     *
     * @param count small rings on the larger ring, 3 up
     * @param wireMm of the larger ring
     * @return its inside diameter, mm
     */
    public static double innerMm(Ring small, int count, double wireMm) {
        Checks.within("count", count, 3, Double.POSITIVE_INFINITY, Unit.RINGS, Remedy.THREE_MAKE_A_MIDDLE);
        return (small.innerDiameterMm() + 2 * small.wireDiameterMm()) / Math.sin(Math.PI / count) - wireMm;
    }
}
