package toroid.core.stock;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;

/** What a lot is told by, checked against its kind: every value is one its fact allows, none is there that the kind does not know. */
public record Facts(Map<String, Object> values) {
    public Facts {
        values = Collections.unmodifiableMap(new TreeMap<>(values));
    }

    /** A number that is always told. */
    public double number(String id) {
        return (Double) values.get(id);
    }

    /** A number that may be left unsaid. */
    public OptionalDouble told(String id) {
        return values.get(id) instanceof Double number ? OptionalDouble.of(number) : OptionalDouble.empty();
    }

    public String word(String id) {
        return (String) values.get(id);
    }

    public Metal metal(String id) {
        return Metals.byId(word(id));
    }

    @SuppressWarnings("unchecked")
    public List<Double> numbers(String id) {
        return (List<Double>) values.getOrDefault(id, List.of());
    }
}
