package toroid.core.piece.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import toroid.core.form.Also;
import toroid.core.form.Form;
import toroid.core.form.Forms;
import toroid.core.form.OutlineRow;
import toroid.core.form.Parameter;
import toroid.core.form.StackItem;
import toroid.core.form.WireMetals;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;

/**
 * What a form takes several of, as a line writes it within quotes: what is threaded, {@code row='2 bead 6/6/1, spacer 4/1/0.8, coil 0.3/4'}
 * (across/long/hole; a coil's wire/long); an outline's rows, {@code bends='12/0/90/3, 8/90/-45/2'} (feed/turn/bend/inside radius); what is done
 * besides, {@code also='anneal, solder'}; wires of another metal, {@code metals='binding=fine-silver'}. Lengths mm, angles degrees.
 */
final class ListedWords {
    private static final Pattern ITEM = Pattern.compile("(?:(\\d{1,3}) )?([a-z]+) ([0-9./]+)");

    /** A list longer than this is not written out in a line. */
    private static final int LONGEST = 2000;

    private ListedWords() {}

    /** The value a form's parameter takes: a list where it takes one, as it is told otherwise. */
    static Object told(String formId, String name, Object value) {
        Function<Object, List<?>> lists = lists(formId, name);
        if (lists == null || value == null) {
            return value;
        }
        return lists.apply(value);
    }

    /** How that value is read; null where it is none of several. */
    private static Function<Object, List<?>> lists(String formId, String name) {
        if (name.equals(Also.ID) || name.equals(WireMetals.ID)) {
            return value -> value instanceof List<?> list ? List.copyOf(list) : split(String.valueOf(value));
        }
        Parameter.Kind kind = parameter(formId, name).map(Parameter::kind).orElse(null);
        if (kind == Parameter.Kind.STACK) {
            return value -> StackItem.read(value instanceof String text ? each(text, ListedWords::item) : value);
        }
        if (kind == Parameter.Kind.ROWS) {
            return value -> OutlineRow.read(value instanceof String text ? each(text, ListedWords::row) : value);
        }
        return null;
    }

    private static Optional<Parameter> parameter(String formId, String name) {
        return form(formId)
                .flatMap(form -> form.parameters().stream()
                        .filter(one -> one.id().equals(name))
                        .findFirst());
    }

    private static Optional<Form> form(String formId) {
        return Forms.all().stream()
                .filter(form -> form.info().id().equals(formId))
                .findFirst();
    }

    /** What a form's list holds where nothing is said; null for what is no list. */
    static List<?> usual(Form form, Parameter one) {
        if (one.kind() == Parameter.Kind.STACK) {
            return form.usualStack();
        }
        return one.kind() == Parameter.Kind.ROWS ? form.usualRows() : null;
    }

    /** Whether a list is the one a form has anyway. */
    static boolean isUsual(String formId, String name, Object told) {
        return told instanceof List<?> list
                && parameter(formId, name)
                        .map(one -> list.equals(usual(Forms.byId(formId), one)))
                        .orElse(list.isEmpty());
    }

    private static List<String> split(String text) {
        return Stream.of(text.split(",")).map(String::strip).toList();
    }

    private static <T> List<T> each(String text, Function<String, T> read) {
        return split(text).stream().map(read).toList();
    }

    private static StackItem item(String word) {
        Matcher item = ITEM.matcher(word);
        if (!item.matches()) {
            throw unreadable(word);
        }
        int count = item.group(1) == null ? 1 : Integer.parseInt(item.group(1));
        StackItem.Kind kind = Stream.of(StackItem.Kind.values())
                .filter(one -> one.inWords().equals(item.group(2)))
                .findFirst()
                .orElseThrow(() -> unreadable(word));
        List<Double> sizes = numbers(word, item.group(3), kind == StackItem.Kind.COIL ? 2 : 3);
        return new StackItem(kind, count, sizes.get(0), sizes.get(1), sizes.size() > 2 ? sizes.get(2) : 0);
    }

    private static OutlineRow row(String word) {
        List<Double> numbers = numbers(word, word, 4);
        return new OutlineRow(numbers.get(0), numbers.get(1), numbers.get(2), numbers.get(3));
    }

    private static List<Double> numbers(String word, String sizes, int count) {
        var numbers = new ArrayList<Double>();
        for (String size : sizes.split("/")) {
            if (!size.matches("-?\\d{1,4}(\\.\\d{1,6})?")) {
                throw unreadable(word);
            }
            numbers.add(Double.parseDouble(size));
        }
        if (numbers.size() != count) {
            throw unreadable(word);
        }
        return numbers;
    }

    private static Refusal unreadable(String word) {
        return Refusal.of(RefusalCode.UNREADABLE_PIECE, "line", word);
    }

    /** @throws Refusal for what no line can hold */
    static String written(String id, List<?> list) {
        String text = list.stream().map(one -> written(id, one)).collect(Collectors.joining(", "));
        if (text.length() > LONGEST || text.indexOf('\'') >= 0) {
            throw Refusal.of(RefusalCode.NOT_IN_A_LINE, id, text);
        }
        return "'" + text + "'";
    }

    private static String written(String id, Object one) {
        if (one instanceof StackItem item) {
            return (item.count() == 1 ? "" : item.count() + " ")
                    + item.kind().inWords().toLowerCase(Locale.ROOT)
                    + " "
                    + LineWords.plain(item.acrossMm())
                    + "/"
                    + LineWords.plain(item.longMm())
                    + (item.kind() == StackItem.Kind.COIL ? "" : "/" + LineWords.plain(item.holeMm()));
        }
        if (one instanceof OutlineRow row) {
            return Stream.of(row.feedMm(), row.rotateDegrees(), row.bendDegrees(), row.insideRadiusMm())
                    .map(LineWords::plain)
                    .collect(Collectors.joining("/"));
        }
        if (one instanceof String word && word.indexOf(',') < 0) {
            return word;
        }
        throw Refusal.of(RefusalCode.NOT_IN_A_LINE, id, one);
    }

    /** The same list for a piece in another size. */
    static List<?> scaled(List<?> list, double factor) {
        return list.stream().map(one -> scaled(one, factor)).toList();
    }

    private static Object scaled(Object one, double factor) {
        if (one instanceof StackItem item) {
            return new StackItem(
                    item.kind(),
                    item.count(),
                    item.acrossMm() * factor,
                    item.longMm() * factor,
                    item.holeMm() * factor);
        }
        if (one instanceof OutlineRow row) {
            return new OutlineRow(
                    row.feedMm() * factor, row.rotateDegrees(), row.bendDegrees(), row.insideRadiusMm() * factor);
        }
        return one;
    }

    /** Values as they came, lists read. */
    static Map<String, Object> told(String formId, Map<String, Object> values) {
        values.replaceAll((name, value) -> told(formId, name, value));
        return values;
    }
}
