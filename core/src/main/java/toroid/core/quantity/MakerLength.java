package toroid.core.quantity;

import static toroid.core.quantity.LengthReading.Kind.BARE_GAUGE;
import static toroid.core.quantity.LengthReading.Kind.DRILL;
import static toroid.core.quantity.LengthReading.Kind.GAUGE;
import static toroid.core.quantity.LengthReading.Kind.INCH;
import static toroid.core.quantity.LengthReading.Kind.INCH_FRACTION;
import static toroid.core.quantity.LengthReading.Kind.METRIC;
import static toroid.core.quantity.LengthReading.Kind.NEEDLE;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;

/**
 * Reads a length as makers type it, in either tongue: {@code 1.2}, {@code 1.2mm}, {@code 18ga}, {@code 18awg}, {@code
 * 18swg}, {@code 1/4in}, {@code 5/32"}, {@code 0.048in}, {@code 3 mm drill}, {@code #30 drill}, {@code US 7 needle}. A bare
 * number is millimetres; a bare fraction is inches; a decimal comma is a decimal point.
 */
public final class MakerLength {
    private static final int LONGEST_INPUT = 60;
    private static final String NUMBER = "(\\d+(?:\\.\\d+)?|\\.\\d+)";
    private static final String FRACTION = "(?:(\\d+)[ -]+)?(\\d+)\\s*/\\s*(\\d+)";
    private static final String INCHES = "(?:in\\.?|inch|inches|\"|''|″|”)";

    private record Rule(Pattern pattern, BiFunction<MatchResult, GaugeTable, LengthReading> reader) {}

    private static final List<Rule> RULES = List.of(
            rule(
                    NUMBER + "\\s*(mm|millimetres?|millimeters?|cm|m|metres?|meters?|ft|feet|foot|thou|)",
                    (m, table) -> metric(m.group(1), m.group(2))),
            rule(NUMBER + "\\s*" + INCHES, (m, table) -> inches(m.group(1))),
            rule(FRACTION + "\\s*" + INCHES + "?", (m, table) -> fraction(m)),
            rule(
                    "(0{1,7})[ -]*(awg|swg|ga|gauge)",
                    (m, table) -> gauge(1 - m.group(1).length(), m.group(2), table)),
            rule(
                    "#?(\\d{1,9})[ -]*(awg|swg|ga|gauge|g)\\.?",
                    (m, table) -> gauge(Integer.parseInt(m.group(1)), m.group(2), table)),
            rule(
                    "(\\d)/0\\s*(awg|swg|ga|gauge)",
                    (m, table) -> gauge(1 - Integer.parseInt(m.group(1)), m.group(2), table)),
            rule("(awg|swg)\\s*(\\d{1,9})", (m, table) -> gauge(Integer.parseInt(m.group(2)), m.group(1), table)),
            rule("(?:#|no\\.? ?|number )(\\d{1,9})", (m, table) -> bareNumber(m.group(1))),
            rule("(?:#|no\\.? ?|number )?(\\d{1,9})\\s*drill", (m, table) -> numberDrill(m)),
            rule("drill\\s*(?:#|no\\.? ?)?(\\d{1,9})", (m, table) -> numberDrill(m)),
            rule("(?:drill\\s*([a-z])|([a-z])\\s*drill)", (m, table) -> letterDrill(m)),
            rule(NUMBER + "\\s*mm\\s*(drill|rod|needle|mandrel|dowel)", (m, table) -> tool(m)),
            rule("us\\s*#?" + NUMBER + "(?:\\s*needle)?", (m, table) -> usNeedle(m.group(1))),
            rule(NUMBER + "\\s*needle", (m, table) -> metricNeedle(m.group(1))));

    private MakerLength() {}

    /**
     * @param text what was typed
     * @param bareGauge the table for a gauge that does not name its own
     * @throws Refusal when it cannot be read as a length
     */
    public static LengthReading read(String text, GaugeTable bareGauge) {
        return tryRead(text, bareGauge)
                .orElseThrow(() -> Refusal.of(
                        RefusalCode.UNREADABLE_LENGTH,
                        "length",
                        text == null || text.length() > LONGEST_INPUT ? "" : text));
    }

    /** As {@link #read}, empty when the text has the shape of no length; a shape with an impossible number is refused. */
    public static Optional<LengthReading> tryRead(String text, GaugeTable bareGauge) {
        if (text == null || text.length() > LONGEST_INPUT) {
            return Optional.empty();
        }
        String tidy = plainFractions(text.strip().toLowerCase(Locale.ROOT))
                .replace(',', '.')
                .replaceAll("\\s+", " ");
        for (Rule rule : RULES) {
            Matcher matcher = rule.pattern.matcher(tidy);
            if (matcher.matches()) {
                return Optional.of(rule.reader.apply(matcher, bareGauge));
            }
        }
        return Optional.empty();
    }

    /** ½ as 1/2, 1¼ as 1 1/4. */
    public static String plainFractions(String text) {
        String plain = text;
        for (int i = 0; i < FRACTIONS.size(); i += 2) {
            plain = plain.replace(FRACTIONS.get(i), " " + FRACTIONS.get(i + 1));
        }
        return plain.strip();
    }

    private static final List<String> FRACTIONS = List.of(
            "½", "1/2", "¼", "1/4", "¾", "3/4", "⅛", "1/8", "⅜", "3/8", "⅝", "5/8", "⅞", "7/8", "⅓", "1/3", "⅔", "2/3");

    private static Rule rule(String regex, BiFunction<MatchResult, GaugeTable, LengthReading> reader) {
        return new Rule(Pattern.compile(regex), reader);
    }

    private static LengthReading metric(String number, String unit) {
        double value = Double.parseDouble(number);
        Length length = switch (unit) {
            case "cm" -> Length.ofMillimetres(value * 10);
            case "m", "metre", "metres", "meter", "meters" -> Length.ofMetres(value);
            case "ft", "feet", "foot" -> Length.ofInches(value * 12);
            case "thou" -> Length.ofInches(value / 1000);
            default -> Length.ofMillimetres(value);
        };
        return new LengthReading(
                length,
                unit.startsWith("f") || unit.equals("thou") ? INCH : METRIC,
                number + " " + (unit.isEmpty() ? "mm" : unit),
                null);
    }

    private static LengthReading inches(String number) {
        return new LengthReading(Length.ofInches(Double.parseDouble(number)), INCH, number + " in", null);
    }

    private static LengthReading fraction(MatchResult m) {
        double whole = m.group(1) == null ? 0 : Double.parseDouble(m.group(1));
        double denominator = Double.parseDouble(m.group(3));
        if (denominator == 0) {
            throw Refusal.of(RefusalCode.FRACTION_OVER_ZERO, "length", m.group());
        }
        if (!BINARY.contains((int) denominator)) {
            throw Refusal.of(RefusalCode.INCHES_OR_TENTHS, "length", m.group().strip());
        }
        String said = (m.group(1) == null ? "" : m.group(1) + " ") + m.group(2) + "/" + m.group(3) + " in";
        return new LengthReading(
                Length.ofInches(whole + Double.parseDouble(m.group(2)) / denominator), INCH_FRACTION, said, null);
    }

    /** What inches are divided by. */
    private static final java.util.Set<Integer> BINARY = java.util.Set.of(2, 3, 4, 8, 16, 32, 64);

    private static LengthReading bareNumber(String number) {
        throw Refusal.of(RefusalCode.GAUGE_OR_DRILL, "length", "#" + number).with("number", number);
    }

    private static LengthReading gauge(int number, String said, GaugeTable bareGauge) {
        boolean bare = !said.equals("awg") && !said.equals("swg");
        GaugeTable table = bare ? bareGauge : GaugeTable.valueOf(said.toUpperCase(Locale.ROOT));
        Length length = table.diameterOf(number);
        LengthReading.Other other = null;
        if (bare && table.other().covers(number)) {
            Length otherLength = table.other().diameterOf(number);
            other = new LengthReading.Other(
                    table.other().nameOf(number),
                    otherLength,
                    100 * (otherLength.inMillimetres() / length.inMillimetres() - 1));
        }
        return new LengthReading(length, bare ? BARE_GAUGE : GAUGE, table.nameOf(number), other);
    }

    private static LengthReading numberDrill(MatchResult m) {
        String group = m.group(1) != null ? m.group(1) : m.group(2);
        int number = Integer.parseInt(group);
        return new LengthReading(DrillSizes.number(number), DRILL, "number drill " + number, null);
    }

    private static LengthReading letterDrill(MatchResult m) {
        char letter = (m.group(1) != null ? m.group(1) : m.group(2))
                .toUpperCase(Locale.ROOT)
                .charAt(0);
        return new LengthReading(DrillSizes.letter(letter), DRILL, "letter drill " + letter, null);
    }

    private static LengthReading tool(MatchResult m) {
        var kind = m.group(2).equals("drill") ? DRILL : m.group(2).equals("needle") ? NEEDLE : METRIC;
        return new LengthReading(
                Length.ofMillimetres(Double.parseDouble(m.group(1))), kind, m.group(1) + " mm " + m.group(2), null);
    }

    private static LengthReading usNeedle(String number) {
        return new LengthReading(NeedleSizes.us(number), NEEDLE, "US needle " + number, null);
    }

    private static LengthReading metricNeedle(String number) {
        return new LengthReading(Length.ofMillimetres(Double.parseDouble(number)), NEEDLE, number + " mm needle", null);
    }
}
