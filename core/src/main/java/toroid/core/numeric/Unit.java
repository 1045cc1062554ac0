package toroid.core.numeric;

import java.util.Arrays;

/** What a value is counted or measured in. */
public enum Unit {
    NONE(""),
    MM("mm"),
    GRAMS("g"),
    NEWTONS("N"),
    MPA("MPa"),
    GRAMS_PER_CM3("g/cm³"),
    DEGREES("°"),
    CELSIUS("°C"),
    RADIANS("rad"),
    PERCENT("%"),
    PER_MM("per mm"),
    PER_METRE("per m"),
    MINUTES("min"),
    ALIKE(null),
    ARMS(null),
    BEADS(null),
    COILS(null),
    COLOURS(null),
    COPIES(null),
    LARGER_RINGS(null),
    LENGTHS(null),
    LETTERS(null),
    LINKS(null),
    OWN_WEAVES(null),
    PARTS(null),
    POINTS(null),
    POSES(null),
    READINGS(null),
    RINGS(null),
    RINGS_IN_AN_ARM(null),
    RINGS_IN_A_ROW(null),
    RINGS_TO_PUT_IN(null),
    ROWS(null),
    SIZES(null),
    STEPS(null),
    TIMES(null),
    TURNS(null),
    UNITS(null),
    VALUES(null),
    WIRES(null),
    WRAPS(null);

    private final String symbol;

    Unit(String symbol) {
        this.symbol = symbol;
    }

    /** As written behind a number; for what is counted a word with hyphens: {@code rings-in-a-row}. */
    public String symbol() {
        return symbol == null ? Code.kebab(name()) : symbol;
    }

    /** @throws IllegalArgumentException when none is written so */
    public static Unit of(String symbol) {
        return Arrays.stream(values())
                .filter(unit -> unit.symbol().equals(symbol))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no unit is written " + symbol));
    }
}
