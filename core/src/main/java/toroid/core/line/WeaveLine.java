package toroid.core.line;

import java.util.List;
import toroid.core.metal.Metal;
import toroid.core.quantity.LengthReading;
import toroid.core.weave.pattern.WeavePattern;

/**
 * A bench line about a weave, as understood. Null where nothing was said.
 *
 * @param wire the wire
 * @param inner after "id", of the first ring size
 * @param mandrel the rod they are wound on; null when none was said
 * @param aspectRatio after "ar", true, of the first ring size
 * @param length of the patch
 * @param units after "units", or "so many units"
 * @param rows of "rows x columns"
 * @param columns of "rows x columns"
 * @param understood what each part was taken for, in the order said
 */
public record WeaveLine(
        WeavePattern weave,
        LengthReading wire,
        LengthReading inner,
        LengthReading mandrel,
        Double aspectRatio,
        LengthReading length,
        Integer units,
        Integer rows,
        Integer columns,
        Metal metal,
        List<RingLine.Understood> understood) {}
