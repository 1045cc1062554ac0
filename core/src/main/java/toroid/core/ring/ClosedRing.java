package toroid.core.ring;

import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * What becomes of a sprung turn when it is cut and closed flush.
 *
 * <p>Saw: {@code ID_closed = (ℓ_turn − k)/π − d} for a ring of one turn, which closes flat. A ring of n ≥ 2 turns stays a
 * helix of pitch d: {@code ID_closed = √((n ℓ_turn − k)²/n² − d²)/π − d}. Flush cutters and no cut leave the inner diameter
 * unchanged (the flattening of the helix, {@code d²/(2π²D)}, is under 0.01 mm for any usual ring and is left out there).
 */
public final class ClosedRing {
    private ClosedRing() {}

    /**
     * @param sprung the coil's turn, mm
     * @param turns full turns per ring, 1 to {@value CoilRequest#MOST_TURNS}
     * @throws Refusal when the kerf leaves no ring
     */
    public static Ring close(Ring sprung, RingCut cut, int turns) {
        double kerf = cut.ringLossMm();
        if (!(cut instanceof RingCut.Saw)) {
            return sprung;
        }
        double d = sprung.wireDiameterMm();
        double perTurn = sprung.turnLengthMm() - kerf / turns;
        double circumference = turns == 1 ? perTurn : Math.sqrt(Math.max(0, perTurn * perTurn - d * d));
        double inner = circumference / Math.PI - d;
        if (!(inner >= Ring.SMALLEST_INNER_MM)) {
            throw Refusal.outOfRange(
                    "kerfMm",
                    kerf,
                    0,
                    turns * (sprung.turnLengthMm() - Math.PI * (d + Ring.SMALLEST_INNER_MM)),
                    Unit.MM,
                    Remedy.USE_A_FINER_BLADE);
        }
        return new Ring(d, inner);
    }

    /** The sprung turn that closes to {@code closed}: exact inverse of {@link #close}. */
    public static Ring before(Ring closed, RingCut cut, int turns) {
        if (!(cut instanceof RingCut.Saw)) {
            return closed;
        }
        double d = closed.wireDiameterMm();
        double perTurn = (turns == 1 ? closed.wireLengthMm() : closed.turnLengthMm()) + cut.ringLossMm() / turns;
        return new Ring(d, Math.sqrt(perTurn * perTurn - d * d) / Math.PI - d);
    }
}
