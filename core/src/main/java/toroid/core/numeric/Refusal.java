package toroid.core.numeric;

import java.math.RoundingMode;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;

/**
 * An input that cannot be worked with. Carries everything a sentence needs (what, the value, its unit, the allowed range,
 * the remedy), so that whoever shows it can use words of their own.
 */
public final class Refusal extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    private final String code;
    private final String field;
    private final String value;
    private final Double minimum;
    private final Double maximum;
    private final String unit;
    private final String remedy;

    private Refusal(
            String code,
            String field,
            String value,
            Double minimum,
            Double maximum,
            String unit,
            String remedy,
            String message) {
        super(message);
        this.code = code;
        this.field = field;
        this.value = value;
        this.minimum = minimum;
        this.maximum = maximum;
        this.unit = unit;
        this.remedy = remedy;
    }

    /** A number outside {@code [minimum, maximum]}; either bound may be infinite. */
    public static Refusal outOfRange(
            String field, double value, double minimum, double maximum, String unit, String remedy) {
        String said = plain(value);
        String range = Double.isInfinite(maximum)
                ? "at least " + plain(minimum, RoundingMode.CEILING)
                : Double.isInfinite(minimum)
                        ? "at most " + plain(maximum, RoundingMode.FLOOR)
                        : "from " + plain(minimum, RoundingMode.CEILING) + " to " + plain(maximum, RoundingMode.FLOOR);
        String message = "%s is %s%s; allowed is %s%s. %s"
                .formatted(field, said, spaced(unit), range, spaced(unit), remedy)
                .trim();
        return new Refusal(
                Double.isFinite(value) ? "out-of-range" : "not-a-number",
                field,
                said,
                Double.isInfinite(minimum) ? null : minimum,
                Double.isInfinite(maximum) ? null : maximum,
                unit,
                remedy,
                message);
    }

    /** Something that is not a matter of range: a missing or contradictory value, an unreadable word. */
    public static Refusal of(String code, String field, String value, String message, String remedy) {
        return new Refusal(code, field, value, null, null, null, remedy, (message + " " + remedy).trim());
    }

    /** A number that is too large for a reason its own code names: with the largest that is not, rounded down to a hundredth. */
    public static Refusal tooLarge(
            String code, String field, double value, double most, String unit, String message, String remedy) {
        double told = Math.floor(100 * most) / 100;
        return new Refusal(code, field, plain(value), null, told, unit, remedy, (message + " " + remedy).trim());
    }

    /** A number that is too small for a reason its own code names: with the smallest that is not, rounded up to a hundredth. */
    public static Refusal tooSmall(
            String code, String field, double value, double least, String unit, String message, String remedy) {
        double told = Math.ceil(100 * least) / 100;
        return new Refusal(code, field, plain(value), told, null, unit, remedy, (message + " " + remedy).trim());
    }

    /** The same refusal told of the field it was asked by, in that field's measure. */
    public Refusal askedBy(String asked, double askedValue, DoubleUnaryOperator measure, String askedUnit) {
        Double least = minimum == null ? null : Double.valueOf(measure.applyAsDouble(minimum));
        Double most = maximum == null ? null : Double.valueOf(measure.applyAsDouble(maximum));
        return "out-of-range".equals(code)
                ? outOfRange(
                        asked,
                        askedValue,
                        least == null ? Double.NEGATIVE_INFINITY : least,
                        most == null ? Double.POSITIVE_INFINITY : most,
                        askedUnit,
                        remedy)
                : new Refusal(code, asked, plain(askedValue), least, most, askedUnit, remedy, getMessage());
    }

    private static String spaced(String unit) {
        return unit == null || unit.isEmpty() ? "" : " " + unit;
    }

    private static String plain(double value) {
        return plain(value, RoundingMode.HALF_UP);
    }

    /** Limits are rounded inward, so that what is told is allowed; what differs by arithmetic alone is not told. */
    private static String plain(double value, RoundingMode mode) {
        if (!Double.isFinite(value)) {
            return "not a number";
        }
        return new java.math.BigDecimal(value)
                .round(new java.math.MathContext(12))
                .round(new java.math.MathContext(6, mode))
                .stripTrailingZeros()
                .toPlainString();
    }

    public String code() {
        return code;
    }

    public String field() {
        return field;
    }

    /** What was given, as text; may be null. */
    public String value() {
        return value;
    }

    public OptionalDouble minimum() {
        return minimum == null ? OptionalDouble.empty() : OptionalDouble.of(minimum);
    }

    public OptionalDouble maximum() {
        return maximum == null ? OptionalDouble.empty() : OptionalDouble.of(maximum);
    }

    /** Unit of value and limits; null where there is none. */
    public String unit() {
        return unit;
    }

    public String remedy() {
        return remedy;
    }
}
