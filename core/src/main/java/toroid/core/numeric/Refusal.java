package toroid.core.numeric;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.DoubleUnaryOperator;

/**
 * An input that cannot be worked with, without words: a code, the field, its value, the allowed range with its unit, the way out, and
 * whatever else a sentence needs. Lengths among those are mm, their keys end in {@code Mm}. The words are made where they are shown;
 * the message is for logs.
 */
public final class Refusal extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;
    private static final int LONGEST_VALUE = 80;

    /** What was asked for: which field, its value as a number where it is one. */
    private record Asked(String field, String value) {}

    private record Range(Double minimum, Double maximum, Unit unit) {
        static final Range NONE = new Range(null, null, null);
    }

    private final transient Code code;
    private final transient Asked asked;
    private final transient Range range;
    private final String remedy;
    private final transient Map<String, Object> values;

    private Refusal(Code code, Asked asked, Range range, String remedy, Map<String, Object> values) {
        super(log(code, asked, range, remedy, values));
        this.code = code;
        this.asked = asked;
        this.range = range;
        this.remedy = remedy;
        this.values = java.util.Collections.unmodifiableMap(new TreeMap<>(values));
    }

    /** A number outside {@code [minimum, maximum]}; either bound may be infinite. */
    public static Refusal outOfRange(
            String field, double value, double minimum, double maximum, Unit unit, Hint remedy) {
        return outOfRange(field, value, minimum, maximum, unit, remedy.id(), remedy.figures());
    }

    private static Refusal outOfRange(
            String field,
            double value,
            double minimum,
            double maximum,
            Unit unit,
            String remedy,
            Map<String, Object> values) {
        return new Refusal(
                Double.isFinite(value) ? RefusalCode.OUT_OF_RANGE : RefusalCode.NOT_A_NUMBER,
                new Asked(field, plain(value)),
                new Range(
                        Double.isInfinite(minimum) ? null : minimum, Double.isInfinite(maximum) ? null : maximum, unit),
                remedy,
                values);
    }

    /** Something that is not a matter of range: a missing or contradictory value, an unreadable word. */
    public static Refusal of(Code code, String field, Object value) {
        String text = value == null ? null : value instanceof Double number ? plain(number) : String.valueOf(value);
        String told = text != null && text.length() > LONGEST_VALUE ? text.substring(0, LONGEST_VALUE) : text;
        return new Refusal(code, new Asked(field, told), Range.NONE, null, Map.of());
    }

    /** A number that is too large for a reason its own code names: with the largest that is not, rounded down to a hundredth. */
    public static Refusal tooLarge(Code code, String field, double value, double most, Unit unit) {
        return new Refusal(
                code,
                new Asked(field, plain(value)),
                new Range(null, Math.floor(100 * most) / 100, unit),
                null,
                Map.of());
    }

    /** A number that is too small for a reason its own code names: with the smallest that is not, rounded up to a hundredth. */
    public static Refusal tooSmall(Code code, String field, double value, double least, Unit unit) {
        return new Refusal(
                code,
                new Asked(field, plain(value)),
                new Range(Math.ceil(100 * least) / 100, null, unit),
                null,
                Map.of());
    }

    /** The same with one more value for its sentence: a number, a short text or a list of short texts. */
    public Refusal with(String name, Object value) {
        var more = new TreeMap<>(values);
        more.put(name, value);
        return new Refusal(code, asked, range, remedy, more);
    }

    /** The same told of another field. */
    public Refusal of(String field) {
        return new Refusal(code, new Asked(field, asked.value), range, remedy, values);
    }

    /** The same refusal told of the field it was asked by, in that field's measure. */
    public Refusal askedBy(String field, double value, DoubleUnaryOperator measure, Unit unit) {
        Double least = range.minimum == null ? null : Double.valueOf(measure.applyAsDouble(range.minimum));
        Double most = range.maximum == null ? null : Double.valueOf(measure.applyAsDouble(range.maximum));
        return new Refusal(code, new Asked(field, plain(value)), new Range(least, most, unit), remedy, values);
    }

    private static String log(Code code, Asked asked, Range range, String remedy, Map<String, Object> values) {
        var text = new StringBuilder(code.id()).append(": ").append(asked.field);
        if (asked.value != null) {
            text.append(" is ").append(asked.value);
        }
        if (range.minimum != null) {
            text.append(" from ").append(plain(range.minimum, RoundingMode.CEILING));
        }
        if (range.maximum != null) {
            text.append(" to ").append(plain(range.maximum, RoundingMode.FLOOR));
        }
        if (range.unit != null && range.unit != Unit.NONE) {
            text.append(' ').append(range.unit.symbol());
        }
        if (remedy != null) {
            text.append("; ").append(remedy);
        }
        return values.isEmpty()
                ? text.toString()
                : text.append(' ').append(new TreeMap<>(values)).toString();
    }

    private static String plain(double value) {
        return plain(value, RoundingMode.HALF_UP);
    }

    /** Limits are rounded inward, so that what is told is allowed; what differs by arithmetic alone is not told. */
    private static String plain(double value, RoundingMode mode) {
        if (!Double.isFinite(value)) {
            return "not a number";
        }
        return new BigDecimal(value)
                .round(new MathContext(12))
                .round(new MathContext(6, mode))
                .stripTrailingZeros()
                .toPlainString();
    }

    /** Words with hyphens, such as {@code out-of-range}. */
    public String code() {
        return code.id();
    }

    /** Whether this is why. */
    public boolean is(Code other) {
        return code == other;
    }

    public String field() {
        return asked.field;
    }

    /** What was given, as text; may be null. */
    public String value() {
        return asked.value;
    }

    public OptionalDouble minimum() {
        return range.minimum == null ? OptionalDouble.empty() : OptionalDouble.of(range.minimum);
    }

    public OptionalDouble maximum() {
        return range.maximum == null ? OptionalDouble.empty() : OptionalDouble.of(range.maximum);
    }

    /** Unit of value and limits; null where there is none. */
    public String unit() {
        return range.unit == null ? null : range.unit.symbol();
    }

    /** The id of the way out; null where the code's own sentence tells it. */
    public String remedy() {
        return remedy;
    }

    /** What else a sentence needs. */
    public Map<String, Object> values() {
        return values;
    }
}
