package toroid.core.cutting;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * A length to cut, never split: a form's, a coil of rings'.
 *
 * @param id of it, the caller's own
 * @param lengthMm above 0, to a kilometre, mm
 * @param count 0 to 10,000
 */
public record CutLength(String id, double lengthMm, int count) {
    public CutLength {
        Checks.within(
                "pieces.lengthMm",
                lengthMm,
                Strip.SHORTEST_MM,
                Strip.LONGEST_MM,
                Unit.MM,
                Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        Checks.within("pieces.count", count, 0, Strip.MOST, Unit.NONE, Remedy.ASK_FOR_FEWER);
    }
}
