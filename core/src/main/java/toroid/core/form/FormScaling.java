package toroid.core.form;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

/**
 * A form carried over to another wire, its proportions kept: every length grows as the wire does, then snaps to a tenth of a
 * millimetre and into its limits; counts, angles and choices stay. What the body sets (an ear, a post) does not grow.
 */
public final class FormScaling {
    private static final double SNAP_MM = 0.1;

    /** Lengths that follow the ear and not the wire. */
    private static final Set<Family> WORN = Set.of(Family.EAR_FINDINGS);

    private FormScaling() {}

    /**
     * @param values chosen by the maker, by id; what was left out keeps following the wire by its default
     * @return the values for {@code toWireMm}
     */
    public static Map<String, Object> scaled(
            Form form, Map<String, Object> values, double fromWireMm, double toWireMm) {
        var scaled = new LinkedHashMap<>(values);
        if (WORN.contains(form.info().family())) {
            return scaled;
        }
        for (Parameter parameter : form.parameters()) {
            if (parameter.kind() == Parameter.Kind.LENGTH && values.get(parameter.id()) instanceof Number length) {
                double grown = length.doubleValue() * toWireMm / fromWireMm;
                double snapped = Math.rint(grown / SNAP_MM) * SNAP_MM;
                double least = parameter.least().applyAsDouble(toWireMm);
                double most = parameter.most().applyAsDouble(toWireMm);
                scaled.put(parameter.id(), Math.max(least, Math.min(most, snapped)));
            }
        }
        return scaled;
    }
}
