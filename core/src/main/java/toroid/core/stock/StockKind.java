package toroid.core.stock;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Collectors;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;

/**
 * A kind of stock or of tool: what a lot of it is told by, and how it is counted. One class in {@code stock/kind} and one line in
 * {@link StockKinds}; the page, tables in files, labels and counting follow from its facts.
 */
public interface StockKind {
    /** As files and the API name it: lower case words with hyphens. */
    String id();

    Measure measure();

    List<Fact> facts();

    /** Whether it is used without being used up. */
    default boolean isTool() {
        return false;
    }

    /**
     * What one of its unit weighs, g: a metre, or a piece. Empty where nothing tells it; such a lot is not counted by weight. A lot
     * counted in grams weighs what it is.
     */
    default OptionalDouble gramsPerUnit(Facts facts) {
        return measure() == Measure.MASS ? OptionalDouble.of(1) : OptionalDouble.empty();
    }

    /** How far {@link #gramsPerUnit} may be off, as a share; 0 where it was weighed. */
    default double gramsBand(Facts facts) {
        return 0;
    }

    /** Refuses facts that do not go together. */
    default void check(Facts facts) {}

    /**
     * Facts as kept, from what was typed, read or sent.
     *
     * @throws Refusal for a fact that is missing, not this kind's, or out of its range
     */
    default Facts read(Map<String, ?> said) {
        Map<String, Fact> known =
                facts().stream().collect(Collectors.toMap(Fact::id, fact -> fact, (a, b) -> a, TreeMap::new));
        for (String id : said.keySet()) {
            if (!known.containsKey(id)) {
                throw Refusal.of(RefusalCode.UNKNOWN_FACT, id, null).with("options", List.copyOf(known.keySet()));
            }
        }
        var values = new TreeMap<String, Object>();
        known.values().forEach(fact -> {
            Object value = fact.read(said.get(fact.id()));
            if (value != null) {
                values.put(fact.id(), value);
            }
        });
        var facts = new Facts(values);
        check(facts);
        return facts;
    }

    /** What a new lot is told by. */
    default Facts blank() {
        return new Facts(Fact.starts(facts()));
    }
}
