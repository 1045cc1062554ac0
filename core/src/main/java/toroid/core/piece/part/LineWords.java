package toroid.core.piece.part;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;

/** A line word by word: blanks part them, brackets and stars stand by themselves, what is in quotes stays together. */
public final class LineWords {
    private static final int LONGEST = 4000;
    private static final String ALONE = "()[]*";
    private static final Pattern PAIR =
            Pattern.compile("([0-9.]{1,12}(?:\\.\\.[0-9.]{1,12})?)/([0-9.]{1,12}(?:\\.\\.[0-9.]{1,12})?)");
    private static final Pattern NUMBER = Pattern.compile("-?\\d{1,6}(\\.\\d{1,6})?");
    private static final Pattern RANGE = Pattern.compile("(\\d{1,6}(?:\\.\\d{1,6})?)\\.\\.(\\d{1,6}(?:\\.\\d{1,6})?)");
    private static final Pattern PLAIN_WORD = Pattern.compile("[a-zA-Z][^\\s()\\[\\]*='-]*(-[^\\s()\\[\\]*='-]+)*");

    private final List<String> words;
    private int at;

    private LineWords(List<String> words) {
        this.words = words;
    }

    /** @throws Refusal for a line longer than any piece */
    public static LineWords of(String line) {
        if (line.length() > LONGEST) {
            throw Refusal.of(RefusalCode.UNREADABLE_PIECE, "line", line);
        }
        var words = new ArrayList<String>();
        var word = new StringBuilder();
        boolean quoted = false;
        for (char c : (line + " ").toCharArray()) {
            boolean alone = ALONE.indexOf(c) >= 0;
            if (!quoted && (alone || Character.isWhitespace(c))) {
                if (!word.isEmpty()) {
                    words.add(word.toString());
                    word.setLength(0);
                }
                if (alone) {
                    words.add(String.valueOf(c));
                }
            } else {
                word.append(c);
                quoted ^= c == '\'';
            }
        }
        if (!word.isEmpty()) {
            words.add(word.toString().strip());
        }
        return new LineWords(words);
    }

    /** That this word is not understood here. */
    public Refusal stops() {
        return Refusal.of(RefusalCode.UNREADABLE_PIECE, "line", at < words.size() ? words.get(at) : null);
    }

    public boolean atEnd() {
        return at >= words.size();
    }

    /** The next word; empty at the end. */
    public String peek() {
        return atEnd() ? "" : words.get(at);
    }

    public String next() {
        if (atEnd()) {
            throw stops();
        }
        return words.get(at++);
    }

    /** Goes past that word if it is next. */
    public boolean takes(String word) {
        if (peek().equals(word)) {
            at++;
            return true;
        }
        return false;
    }

    /** Goes past that word, which has to come. */
    public void needs(String word) {
        if (!takes(word)) {
            throw stops();
        }
    }

    /** A whole number of up to four digits. */
    public int count() {
        if (!peek().matches("\\d{1,4}")) {
            throw stops();
        }
        return Integer.parseInt(next());
    }

    /** Two sizes with a stroke between, each a number or a range. */
    Value[] pair() {
        Matcher sizes = PAIR.matcher(peek());
        if (!sizes.matches()) {
            throw stops();
        }
        Value[] pair = {number(sizes.group(1)), number(sizes.group(2))};
        at++;
        return pair;
    }

    private Value number(String text) {
        Object value = value(text);
        if (value instanceof Double number) {
            return new Value(number, number);
        }
        if (value instanceof Value range) {
            return range;
        }
        throw stops();
    }

    /** All {@code name=value} that follow: numbers, ranges or words. */
    Map<String, Object> values() {
        Map<String, Object> values = new TreeMap<>();
        while (peek().indexOf('=') > 0) {
            String word = peek();
            int equals = word.indexOf('=');
            if (values.put(word.substring(0, equals), value(word.substring(equals + 1))) != null) {
                throw stops();
            }
            at++;
        }
        return values;
    }

    /** Takes a number out of the values. */
    Double taken(Map<String, Object> values, String name) {
        Object value = values.remove(name);
        if (value != null && !(value instanceof Double)) {
            throw Refusal.of(RefusalCode.UNREADABLE_PIECE, "line", name + "=" + value);
        }
        return (Double) value;
    }

    double taken(Map<String, Object> values, String name, double otherwise) {
        Double value = taken(values, name);
        return value == null ? otherwise : value;
    }

    /** That every value was one of the part's. */
    void allTaken(Map<String, Object> values) {
        if (!values.isEmpty()) {
            Map.Entry<String, Object> first = values.entrySet().iterator().next();
            throw Refusal.of(RefusalCode.UNREADABLE_PIECE, "line", first.getKey() + "=" + first.getValue());
        }
    }

    private Object value(String text) {
        if (text.startsWith("'") && text.endsWith("'") && text.length() > 1) {
            return text.substring(1, text.length() - 1);
        }
        if (NUMBER.matcher(text).matches()) {
            return Double.parseDouble(text);
        }
        Matcher range = RANGE.matcher(text);
        if (range.matches()) {
            return new Value(Double.parseDouble(range.group(1)), Double.parseDouble(range.group(2)));
        }
        if (text.isEmpty() || text.indexOf('\'') >= 0) {
            throw stops();
        }
        return text;
    }

    /** A value as somebody typed it or a program told it. */
    static Object told(String field, Object value) {
        if (value instanceof Number number) {
            return number.doubleValue();
        }
        if (value instanceof String text && !text.isBlank()) {
            String typed = text.strip();
            boolean numeric =
                    NUMBER.matcher(typed).matches() || RANGE.matcher(typed).matches();
            return numeric ? of("").value(typed) : typed;
        }
        if (value instanceof Boolean || value instanceof Value) {
            return value;
        }
        throw refused(field, value);
    }

    static double number(String field, Object value) {
        if (told(field, value) instanceof Double number) {
            return number;
        }
        throw refused(field, value);
    }

    static int whole(String field, Object value) {
        return (int) Math.round(number(field, value));
    }

    static boolean yes(String field, Object value) {
        if (value instanceof Boolean yes) {
            return yes;
        }
        throw refused(field, value);
    }

    static Value size(String field, Object value) {
        Object told = told(field, value);
        if (told instanceof Double number) {
            return new Value(number, number);
        }
        if (told instanceof Value range) {
            return range;
        }
        throw refused(field, value);
    }

    /** That a part has no such field, or that this is none of its values. */
    static Refusal refused(String field, Object value) {
        String named = field.isBlank() ? "field" : field;
        return Refusal.of(RefusalCode.UNREADABLE_PIECE, named, value == null ? named : field + "=" + value);
    }

    /** @throws Refusal for what no line can hold, such as an outline of hundreds of rows */
    static String written(String id, Object value) {
        if (value instanceof Number number) {
            return plain(number.doubleValue());
        }
        if (value instanceof Value range) {
            return range.written();
        }
        if (value instanceof List<?> list) {
            return ListedWords.written(id, list);
        }
        if (value instanceof String word && word.indexOf('\'') < 0) {
            return PLAIN_WORD.matcher(word).matches() ? word : "'" + word + "'";
        }
        throw Refusal.of(RefusalCode.NOT_IN_A_LINE, id, value);
    }

    /** {@code  name=value}, or nothing where it is as usual. */
    static String unless(String name, double value, double usual) {
        return value == usual ? "" : " " + name + "=" + plain(value);
    }

    public static String plain(double mm) {
        return new BigDecimal(String.format(Locale.ROOT, "%.6f", mm))
                .stripTrailingZeros()
                .toPlainString();
    }
}
