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

    public Note(NoteCode code, Severity severity, Map<String, Object> values) {
        this(code.id(), severity, values);
    }

    /** Whether this is what it says. */
    public boolean is(NoteCode other) {
        return code.equals(other.id());
    }

    public static Note good(NoteCode code, Map<String, Object> values) {
        return new Note(code, Severity.GOOD, values);
    }

    public static Note info(NoteCode code, Map<String, Object> values) {
        return new Note(code, Severity.INFO, values);
    }

    public static Note care(NoteCode code, Map<String, Object> values) {
        return new Note(code, Severity.CARE, values);
    }
}
