package toroid.core.metal;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Usual;

/**
 * What is known of a wire's flow curve before any of it was measured: the handbook's curve, and how far wire sold under that name
 * strays from it, as standard deviations of the logarithms.
 *
 * @param typical the handbook's
 * @param strengthSpread of ln S
 * @param exponentSpread of ln n
 */
public record FlowPrior(FlowCurve typical, double strengthSpread, double exponentSpread) {
    /** Wire of one name differs by about 40 % either way between mills, lots and anneals; common practice, our own figure. */
    public static final double STRENGTH_SPREAD = 0.2;

    /** Annealed metals harden much alike; worked ones little, but by no sure figure. Our own. */
    static final double SOFT_EXPONENT_SPREAD = 0.2;

    static final double WORKED_EXPONENT_SPREAD = 0.5;

    public FlowPrior {
        Checks.within("strength spread", strengthSpread, 1e-6, 2, Unit.NONE, Usual.about(0.2, Unit.NONE));
        Checks.within("exponent spread", exponentSpread, 1e-6, 2, Unit.NONE, Usual.between(0.2, 0.5, Unit.NONE));
    }
}
