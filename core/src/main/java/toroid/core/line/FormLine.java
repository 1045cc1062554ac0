package toroid.core.line;

import java.util.List;
import java.util.Map;
import toroid.core.form.Form;
import toroid.core.metal.Metal;
import toroid.core.metal.Temper;
import toroid.core.quantity.LengthReading;

/**
 * What a bench line about a form asks.
 *
 * @param form which form
 * @param wire the wire said; null when none was
 * @param values parameters said, by id: mm, degrees, counts, choices as words
 * @param count how many to make; null when none was said
 */
public record FormLine(
        Form form,
        LengthReading wire,
        Map<String, Object> values,
        Integer count,
        Metal metal,
        Temper temper,
        List<RingLine.Understood> understood) {
    public FormLine {
        values = Map.copyOf(values);
        understood = List.copyOf(understood);
    }
}
