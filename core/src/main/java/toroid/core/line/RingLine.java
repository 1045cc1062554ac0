package toroid.core.line;

import java.util.List;
import toroid.core.metal.Metal;
import toroid.core.metal.Temper;
import toroid.core.quantity.LengthReading;
import toroid.core.ring.RingCut;

/**
 * A bench line about rings, as understood. Null where nothing was said.
 *
 * @param count how many rings
 * @param wire the wire
 * @param mandrel after "on"
 * @param inner after "id"
 * @param outer after "od"
 * @param aspectRatio after "ar"
 * @param metal by name
 * @param temper by name
 * @param cut "saw 0.3" or "flush"
 * @param turnsPerRing 1, or 2 for "double", 3 for "triple"
 * @param fromLengthMm "from 10 m"
 * @param fromMassGrams "from 50 g"
 * @param understood what each part was taken for, in the order said
 */
public record RingLine(
        Integer count,
        LengthReading wire,
        LengthReading mandrel,
        LengthReading inner,
        LengthReading outer,
        Double aspectRatio,
        Metal metal,
        Temper temper,
        RingCut cut,
        int turnsPerRing,
        Double fromLengthMm,
        Double fromMassGrams,
        List<Understood> understood) {

    /**
     * @param said the words
     * @param role {@code wire}, {@code mandrel}, {@code inner}, {@code outer}, {@code aspect-ratio}, {@code count}, {@code
     *     metal}, {@code temper}, {@code cut}, {@code turns}, {@code from}
     * @param as what they were taken for
     */
    public record Understood(String said, String role, String as) {}
}
