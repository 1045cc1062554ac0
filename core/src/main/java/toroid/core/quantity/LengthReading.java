package toroid.core.quantity;

/**
 * What was understood of a typed length.
 *
 * @param length the answer
 * @param kind which tongue it was in
 * @param understoodAs the reading in words: {@code 18 AWG}, {@code 1/4 in}, {@code number drill 30}
 * @param other for a bare gauge, the same number in the other table; else null
 */
public record LengthReading(Length length, Kind kind, String understoodAs, Other other) {

    /** The tongue a length was typed in. */
    public enum Kind {
        METRIC,
        INCH,
        INCH_FRACTION,
        GAUGE,
        BARE_GAUGE,
        DRILL,
        NEEDLE
    }

    /**
     * The reading not taken.
     *
     * @param name such as {@code 18 SWG}
     * @param differencePercent how much thicker it is than the reading taken, in percent
     */
    public record Other(String name, Length length, double differencePercent) {}
}
