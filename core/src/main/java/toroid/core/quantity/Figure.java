package toroid.core.quantity;

import java.util.Objects;

/**
 * A number that explains itself: value and unit, band, formula, the formula with the values in it, where it comes from.
 *
 * @param id stable name of the figure, such as {@code inner-diameter-sprung}
 * @param value in {@code unit}
 * @param low lower end of the 95 % band in {@code unit}; equals {@code value} where the figure is exact
 * @param high upper end of that band
 * @param unit {@code mm}, {@code g}, {@code N}, {@code %} or empty for a pure number
 * @param basis what kind of knowledge it rests on
 * @param formula in the trade's letters, plain text
 * @param worked the formula with the values in it
 * @param source author, title, year, or "common practice"
 */
public record Figure(
        String id,
        double value,
        double low,
        double high,
        String unit,
        Basis basis,
        String formula,
        String worked,
        String source) {

    /** What a figure rests on. */
    public enum Basis {
        /** Follows from other figures by geometry or definition. */
        EXACT,
        /** A model with handbook values. */
        THEORY,
        /** A model with values fitted to the maker's own measurements. */
        MEASURED,
        /** A rule of the trade. */
        PRACTICE,
        /** Chosen by the maker. */
        GIVEN
    }

    public Figure {
        Objects.requireNonNull(id);
        Objects.requireNonNull(basis);
        if (!Double.isFinite(value) || !(low <= value && value <= high)) {
            throw new IllegalArgumentException(id + ": " + low + " <= " + value + " <= " + high + " does not hold");
        }
    }

    /** A figure without a band. */
    public static Figure exact(
            String id, double value, String unit, Basis basis, String formula, String worked, String source) {
        return new Figure(id, value, value, value, unit, basis, formula, worked, source);
    }
}
