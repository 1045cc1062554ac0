package toroid.core.ring;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * What is to be wound.
 *
 * @param wound the turn as it lies on the mandrel (ID = mandrel)
 * @param sprung the turn after springback
 * @param rings how many rings to have in hand, spare included, 1 to {@value #MOST_RINGS}
 * @param turnsPerRing full turns kept in each ring, 1 to {@value #MOST_TURNS}
 * @param cut how they are parted
 * @param hand the hand's allowances
 */
public record CoilRequest(Ring wound, Ring sprung, int rings, int turnsPerRing, RingCut cut, CoilAllowances hand) {
    public static final int MOST_RINGS = 200_000;
    public static final int MOST_TURNS = 12;

    public CoilRequest {
        Checks.within("ringCount", rings, 1, MOST_RINGS, Unit.RINGS, Remedy.SPLIT_THE_JOB);
        Checks.within("turnsPerRing", turnsPerRing, 1, MOST_TURNS, Unit.TURNS, Remedy.ONE_IS_PLAIN_TWO_A_DOUBLE);
        if (wound.wireDiameterMm() != sprung.wireDiameterMm()) {
            throw new IllegalArgumentException("the wound and the sprung turn must be of one wire");
        }
    }

    /**
     * Malformed turns thrown away at each end: the hand's usual, and for few rings in all at most a quarter of them, rounded down. A couple of
     * rings are formed with lead and tail in hand and none is thrown away (common practice; the quarter is ours).
     */
    int spoiltTurnsPerEnd() {
        return Math.min(hand.spoiltTurnsPerEnd(), rings / 4);
    }

    /** {@code D/D₀}: how much the turn opens. */
    double opening() {
        return sprung.meanDiameterMm() / wound.meanDiameterMm();
    }
}
