package toroid.core.numeric;

import java.util.Map;

/** What may help with a value out of its range: a stable id, and the values a sentence needs. */
public interface Hint {
    /** Words with hyphens, such as {@code split-the-job}. */
    String id();

    /** Lengths are mm, their keys end in {@code Mm}. */
    default Map<String, Object> figures() {
        return Map.of();
    }
}
