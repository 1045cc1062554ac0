package toroid.core.work;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;
import toroid.core.form.HandWork;
import toroid.core.form.Pace;
import toroid.core.form.Paces;

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
    public static final String MINUTES = "MINUTES";

    /** How long that work takes hands that are not known. */
    static Measurable minutes(HandWork work) {
        return new Measurable(
                MINUTES, "min", work.minutes(), null, null, Map.of("work", work.what(), "statedMin", work.minutes()));
    }

    /** The same as these hands are expected to need, where it is a time. */
    Measurable paced(Paces paces) {
        if (!quantity.equals(MINUTES) || !(context.get("work") instanceof String work)) {
            return this;
        }
        Pace pace = paces.of(work);
        double expected = pace.factor() * (Double) context.get("statedMin");
        Map<String, Object> told = new TreeMap<>(context);
        told.put("timings", pace.timings());
        return new Measurable(quantity, unit, expected, expected / pace.next(), expected * pace.next(), told);
    }

    public Measurable {
        context = Collections.unmodifiableMap(new TreeMap<>(context));
    }
}
