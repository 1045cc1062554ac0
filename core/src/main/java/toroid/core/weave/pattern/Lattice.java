package toroid.core.weave.pattern;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * How a cell repeats. Image (i, j) is the cell turned by {@code i·θ₁ + j·θ₂} about the x axis, then moved by
 * {@code p₁ (i a + j a′) + p₂ j b}. Turns go with moves along x only, so that the order of the steps does not matter.
 *
 * @param kind finite, chain, sheet or tube
 * @param pitch p₁ at the start, in units of the first class's ring radius; 0 for a finite patch
 * @param turn θ₁, radians
 * @param turnFree whether the solver may turn it on
 * @param across p₂ at the start; 0 where the second direction has no pitch of its own
 * @param shared a′: what of the first pitch goes into a step in the second direction
 * @param acrossTurn θ₂, radians; for tubes
 * @param around how many cells close a tube; 0 for none
 */
public record Lattice(
        Kind kind,
        double pitch,
        double turn,
        boolean turnFree,
        double across,
        Vector3D shared,
        double acrossTurn,
        int around) {
    /** How a weave repeats. */
    public enum Kind {
        FINITE,
        CHAIN,
        SHEET,
        TUBE
    }

    /** Whether there is a second direction. */
    public boolean isTwofold() {
        return kind == Kind.SHEET || kind == Kind.TUBE;
    }
}
