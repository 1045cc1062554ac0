package toroid.core.quantity;

import java.util.Map;
import java.util.TreeMap;

/**
 * A judgement without words: a stable code, how much it matters, and the values a sentence needs. Lengths in {@code values}
 * are mm, their keys end in {@code Mm}. The words are made where they are shown.
 */
public record Note(String code, Severity severity, Map<String, Object> values) {
    /** How much a note matters. */
    public enum Severity {
        GOOD,
        INFO,
        CARE,
        STOP
    }

    public Note {
        values = java.util.Collections.unmodifiableMap(new TreeMap<>(values));
    }

    public static Note good(String code, Map<String, Object> values) {
        return new Note(code, Severity.GOOD, values);
    }

    public static Note info(String code, Map<String, Object> values) {
        return new Note(code, Severity.INFO, values);
    }

    public static Note care(String code, Map<String, Object> values) {
        return new Note(code, Severity.CARE, values);
    }
}
