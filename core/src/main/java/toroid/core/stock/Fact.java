package toroid.core.stock;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * Something a lot of one kind is told by.
 *
 * @param id as files and the API name it: lower case words with hyphens, the trade's own
 * @param type what its value is
 * @param unit of a number or of numbers
 * @param minimum the least a number may be; with {@code maximum}, 0 where it is no number
 * @param optional whether it may be left unsaid
 * @param options what can be chosen; none for other types
 * @param start what a new lot has; null where it is optional
 */
public record Fact(
        String id,
        Type type,
        Unit unit,
        double minimum,
        double maximum,
        boolean optional,
        List<String> options,
        Object start) {
    /** What a fact's value is. */
    public enum Type {
        NUMBER,
        WHOLE,
        WORD,
        /** One of its options. */
        CHOICE,
        /** Any of its options. */
        CHOICES,
        /** Some numbers, rising. */
        NUMBERS
    }

    private static final int LONGEST_WORD = 80;
    private static final int MOST_NUMBERS = 40;

    public static Fact number(String id, Unit unit, double minimum, double maximum, double start) {
        return new Fact(id, Type.NUMBER, unit, minimum, maximum, false, List.of(), start);
    }

    public static Fact whole(String id, int minimum, int maximum, int start) {
        return new Fact(id, Type.WHOLE, Unit.NONE, minimum, maximum, false, List.of(), (double) start);
    }

    public static Fact word(String id) {
        return new Fact(id, Type.WORD, Unit.NONE, 0, 0, true, List.of(), null);
    }

    public static Fact choice(String id, String... options) {
        return new Fact(id, Type.CHOICE, Unit.NONE, 0, 0, false, List.of(options), options[0]);
    }

    public static Fact choices(String id, String... options) {
        return new Fact(id, Type.CHOICES, Unit.NONE, 0, 0, true, List.of(options), null);
    }

    public static Fact numbers(String id, Unit unit, double minimum, double maximum) {
        return new Fact(id, Type.NUMBERS, unit, minimum, maximum, true, List.of(), null);
    }

    /** One of the metals kept in the core. */
    public static Fact metal(String id) {
        return new Fact(
                id,
                Type.CHOICE,
                Unit.NONE,
                0,
                0,
                false,
                Metals.all().stream().map(metal -> metal.id()).toList(),
                "copper");
    }

    public static Fact temper() {
        return new Fact(
                "temper",
                Type.CHOICE,
                Unit.NONE,
                0,
                0,
                false,
                java.util.Arrays.stream(Temper.values()).map(Fact::word).toList(),
                word(Temper.HALF_HARD));
    }

    /** A temper as a fact tells it: {@code half-hard}. */
    public static String word(Temper temper) {
        return temper.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }

    /** @throws Refusal where no temper is told so */
    public static Temper temper(String word) {
        return java.util.Arrays.stream(Temper.values())
                .filter(temper -> word(temper).equals(word))
                .findFirst()
                .orElseThrow(() -> Refusal.of(RefusalCode.UNKNOWN_TEMPER, "temper", word));
    }

    /** The same where it may be left unsaid. */
    public Fact orUnsaid() {
        return new Fact(id, type, unit, minimum, maximum, true, options, null);
    }

    /**
     * A value of this fact, as it is kept: numbers as {@code double}, words stripped, choices in the order of the options.
     *
     * @param value as a file, the API or the page has it; null, an empty word and an empty list are unsaid
     * @return null where it is unsaid and may be
     * @throws Refusal where it is no such value
     */
    public Object read(Object value) {
        if (isUnsaid(value)) {
            if (optional) {
                return null;
            }
            throw Refusal.of(RefusalCode.FACT_MISSING, id, null);
        }
        return switch (type) {
            case NUMBER -> number(value);
            case WHOLE -> whole(value);
            case WORD -> aWord(value);
            case CHOICE -> option(String.valueOf(value).strip());
            case CHOICES -> {
                List<String> said = many(value).map(one -> option(one.strip())).toList();
                yield options.stream().filter(said::contains).toList();
            }
            case NUMBERS -> {
                List<Double> numbers = many(value).map(this::number).sorted().toList();
                Checks.within(id, numbers.size(), 0, MOST_NUMBERS, Unit.VALUES, Remedy.LEAVE_SOME_OUT);
                yield numbers;
            }
        };
    }

    private static boolean isUnsaid(Object value) {
        return value == null
                || value instanceof String text && text.isBlank()
                || value instanceof List<?> list && list.isEmpty();
    }

    private java.util.stream.Stream<String> many(Object value) {
        return value instanceof List<?> list
                ? list.stream().map(String::valueOf)
                : java.util.Arrays.stream(String.valueOf(value).strip().split("\\s*[;|]\\s*|\\s+"));
    }

    private double number(Object value) {
        double number;
        try {
            number = value instanceof Number given
                    ? given.doubleValue()
                    : Double.parseDouble(String.valueOf(value).strip().replace(',', '.'));
        } catch (NumberFormatException noNumber) {
            throw Refusal.of(RefusalCode.FACT_NO_NUMBER, id, value);
        }
        return Checks.within(id, number, minimum, maximum, unit, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
    }

    private double whole(Object value) {
        double number = number(value);
        if (number != Math.rint(number)) {
            throw Refusal.of(RefusalCode.FACT_NOT_WHOLE, id, number);
        }
        return number;
    }

    private String aWord(Object value) {
        String text = String.valueOf(value).strip();
        if (text.length() > LONGEST_WORD || text.chars().anyMatch(Character::isISOControl)) {
            throw Refusal.of(RefusalCode.FACT_NO_WORD, id, text).with("most", LONGEST_WORD);
        }
        return text;
    }

    private String option(String word) {
        String asked = word.toLowerCase(java.util.Locale.ROOT).replace(' ', '-').replace('_', '-');
        if (!options.contains(asked)) {
            throw Refusal.of(RefusalCode.FACT_NOT_AN_OPTION, id, word).with("options", options);
        }
        return asked;
    }

    /** As a cell of a table has it; empty where it is unsaid. */
    public String written(Object value) {
        if (value == null) {
            return "";
        }
        if (value instanceof List<?> list) {
            return list.stream().map(Fact::plain).collect(Collectors.joining("; "));
        }
        return plain(value);
    }

    private static String plain(Object value) {
        return value instanceof Double number && number == Math.rint(number) && Math.abs(number) < 1e15
                ? Long.toString(number.longValue())
                : String.valueOf(value);
    }

    /** What a new lot of a kind with these facts is told by. */
    static Map<String, Object> starts(List<Fact> facts) {
        var starts = new java.util.TreeMap<String, Object>();
        facts.stream().filter(fact -> fact.start() != null).forEach(fact -> starts.put(fact.id(), fact.start()));
        return starts;
    }
}
