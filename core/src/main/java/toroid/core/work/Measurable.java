package toroid.core.work;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * What an operation expects to be measured.
 *
 * @param quantity what is measured: a code of the kind's own
 * @param unit {@code mm}, {@code min} or what is counted
 * @param planned what it should come out at; null where nothing was planned
 * @param low lower end of the band; null where none is known
 * @param high upper end
 * @param context what the reading teaches by: further lengths in mm and codes, by name
 */
public record Measurable(
        String quantity, String unit, Double planned, Double low, Double high, Map<String, Object> context) {
    public Measurable {
        context = Collections.unmodifiableMap(new TreeMap<>(context));
    }
}
