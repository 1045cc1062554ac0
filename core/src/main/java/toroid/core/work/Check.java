package toroid.core.work;

/**
 * One thing that is looked at when all is put together.
 *
 * @param kind what is looked at
 * @param part the part it is of, in the trade's words; empty for the whole
 * @param count how many such places there are, 1 up
 * @param quantity what is measured, as {@link Measurable} names it; null for what eye and finger judge
 * @param unit of the target; null where there is none
 * @param target what it should be; null where that is no number
 * @param within how far either way still passes, same unit; null for a count, which is exact
 * @param pairWithin how far the two of a pair may be apart, same unit; null for what is no pair or no number
 * @param restMm what is joined later adds to it, mm; null where nothing is
 */
public record Check(
        Kind kind,
        String part,
        int count,
        String quantity,
        String unit,
        Double target,
        Double within,
        Double pairWithin,
        Double restMm) {
    /** Of what nothing is joined to later. */
    Check(
            Kind kind,
            String part,
            int count,
            String quantity,
            String unit,
            Double target,
            Double within,
            Double pairWithin) {
        this(kind, part, count, quantity, unit, target, within, pairWithin, null);
    }

    /** Two that hang or lie side by side look equal within so much; common practice, mm. */
    public static final double PAIR_MM = 0.5;

    /** What is looked at, in the order hands do it. */
    public enum Kind {
        /** Held to the body it is for, before it is closed. */
        ON_THE_BODY,
        /** Pulled taut, from the first bearing point to the last. */
        LENGTH,
        WEIGHT,
        /** Ends of jump rings: no gap catches a thread. */
        RINGS_FLUSH,
        /** Loops closed, round and in their plane. */
        LOOPS_CLOSED,
        /** As many turns on each. */
        WRAPS_EQUAL,
        /** Nothing scratches. */
        ENDS_SMOOTH,
        /** Crimps hold a pull. */
        CRIMPS_HOLD,
        /** Every joint turns. */
        MOVES_FREELY,
        CLASP_HOLDS,
        /** The colour, as even as it is wanted; no rubbed-through place. */
        COLOUR_EVEN,
        /** The two side by side. */
        PAIR_MIRRORED
    }

    /** Judged by eye and finger. */
    static Check byEye(Kind kind, String part, int count) {
        return new Check(kind, part, count, null, null, null, null, null);
    }
}
