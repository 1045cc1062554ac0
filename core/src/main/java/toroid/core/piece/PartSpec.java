package toroid.core.piece;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;
import toroid.core.ring.Ring;

/** A part of a piece, as it is asked for. */
public sealed interface PartSpec {
    /**
     * A jump ring.
     *
     * @param soldered closed for good before it comes to the piece
     */
    record OfRing(Ring ring, boolean soldered) implements PartSpec {}

    /**
     * A form of the catalogue.
     *
     * @param wireMm its wire; null for the form's usual one
     * @param values its parameters by their ids, numbers or words; what is missing is as usual
     */
    record OfForm(String formId, Double wireMm, Map<String, Object> values) implements PartSpec {
        public OfForm {
            values = Collections.unmodifiableMap(new TreeMap<>(values));
        }
    }
}
