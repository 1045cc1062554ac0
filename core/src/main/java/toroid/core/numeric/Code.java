package toroid.core.numeric;

import java.util.Locale;

/** Why something is refused: implemented by enums, one constant for each sentence that can be said. */
public interface Code {
    /** The constant's own name. */
    String name();

    /** Words with hyphens, as the API tells it: {@code out-of-range}. */
    default String id() {
        return kebab(name());
    }

    /** {@code OUT_OF_RANGE} as {@code out-of-range}. */
    static String kebab(String name) {
        return name.toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
