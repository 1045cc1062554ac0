package toroid.core.line;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import toroid.core.form.Form;
import toroid.core.form.Forms;
import toroid.core.form.Parameter;
import toroid.core.metal.Metal;
import toroid.core.metal.MetalNames;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.quantity.GaugeTable;
import toroid.core.quantity.LengthReading;

/**
 * The grammar of the bench line for forms:
 *
 * <pre>
 *   line   := form part*
 *   form   := a form's name, id or short word
 *   part   := length                              (wire)
 *           | parameter (length | number)         loop 2.5, wraps 3
 *           | "to" length                         the size the form is made to
 *           | "x" N | N "x"                       how many to make
 *           | choice | metal | temper
 * </pre>
 */
public final class FormLineReader {
    private static final int MOST_WORDS = 8;

    private final LineWords line;
    private final Map<String, Object> values = new LinkedHashMap<>();
    private Form form;
    private LengthReading wire;
    private Integer count;
    private Metal metal;
    private Temper temper;

    private FormLineReader(String text, GaugeTable bareGauge) {
        line = new LineWords(text, bareGauge);
    }

    /**
     * @return empty when the line does not begin with a form
     * @throws Refusal when it does, and a word after it is not understood
     */
    public static Optional<FormLine> read(String text, GaugeTable bareGauge) {
        if (!LineWords.isReadable(text)) {
            return Optional.empty();
        }
        var reader = new FormLineReader(text, bareGauge);
        reader.counted();
        return reader.readForm() ? Optional.of(reader.readParts()) : Optional.empty();
    }

    /** How many words name a form at the line's beginning, a number before it not counted; 0 for none. */
    public static int named(String text, GaugeTable bareGauge) {
        if (!LineWords.isReadable(text)) {
            return 0;
        }
        var reader = new FormLineReader(text, bareGauge);
        int from = reader.counted();
        return reader.readForm() ? reader.line.at - from : 0;
    }

    /** "a pair of", "12" before the form's name. */
    private int counted() {
        int from = line.at;
        Optional<Integer> many = line.manyOf();
        if (many.isEmpty() && line.word().matches("\\d{1,5}") && line.words.size() > 1) {
            line.at++;
            many = Optional.of(Integer.valueOf(line.words.get(from)));
        }
        if (many.isPresent() && line.hasMore() && formAt(line.at) != null) {
            count = many.get();
            line.say(String.join(" ", line.words.subList(from, line.at)), "count", count + " of them");
        } else {
            line.at = from;
        }
        return line.at;
    }

    private Form formAt(int place) {
        var words = line.words.subList(place, line.words.size());
        for (int n = Math.min(MOST_WORDS, words.size()); n > 0; n--) {
            String said = String.join(" ", words.subList(0, n));
            for (Form candidate : Forms.all()) {
                if (isCalled(candidate, said)) {
                    return candidate;
                }
            }
        }
        return null;
    }

    private boolean readForm() {
        for (int n = Math.min(MOST_WORDS, line.words.size() - line.at); n > 0; n--) {
            String said = line.next(n);
            for (Form candidate : Forms.all()) {
                if (isCalled(candidate, said)) {
                    form = candidate;
                    line.say(said, "form", candidate.info().name());
                    line.at += n;
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean isCalled(Form form, String said) {
        return form.info().name().toLowerCase(Locale.ROOT).replace(",", "").equals(said)
                || form.info().id().equals(said)
                || form.info().id().replace('-', ' ').equals(said)
                || form.alsoCalled().contains(said);
    }

    private FormLine readParts() {
        while (line.hasMore()) {
            String word = line.word();
            if (!(count() || parameter(word) || choice() || metal() || temper() || size() || filler(word))) {
                throw LineWords.unreadable(RefusalCode.LINE_UNREADABLE_FOR_A_FORM, word)
                        .with("form", form.info().name())
                        .with("known", known());
            }
        }
        return new FormLine(form, wire, values, count, metal, temper, line.understood);
    }

    private List<String> known() {
        return form.parameters().stream().map(Parameter::id).toList();
    }

    private boolean filler(String word) {
        if (!word.matches("of|in|a|an|the|with|wire|long|and|for|please")) {
            return false;
        }
        line.at++;
        return true;
    }

    private boolean count() {
        int from = line.at;
        Optional<Integer> many = line.manyOf();
        if (many.isEmpty() && line.next(2).matches("x \\d{1,5}")) {
            line.at += 2;
            many = Optional.of(Integer.valueOf(line.words.get(line.at - 1)));
        }
        int until = many.isPresent() ? line.at : line.countedUntil(from);
        if (many.isEmpty() && (until == from || parameterCalled(line.words.get(until - 1)) != null)) {
            return false;
        }
        int found = many.orElseGet(() -> Integer.valueOf(line.words.get(from)));
        line.at = until;
        String said = String.join(" ", line.words.subList(from, until));
        if (count != null) {
            throw LineWords.twice(said, "copies");
        }
        count = found;
        line.say(said, "count", count + " of them");
        return true;
    }

    private Parameter parameterCalled(String word) {
        return form.parameters().stream()
                .filter(p -> p.kind() != Parameter.Kind.CHOICE
                        && p.kind() != Parameter.Kind.ROWS
                        && p.kind() != Parameter.Kind.STACK)
                .filter(p -> p.id().toLowerCase(Locale.ROOT).equals(word)
                        || p.id().toLowerCase(Locale.ROOT).equals(word.replaceAll("s$", ""))
                        || (word.equals("to") && p.id().equals(form.to()))
                        || (word.equals("on") && p.id().equals(form.on())))
                .findFirst()
                .orElse(null);
    }

    private boolean parameter(String word) {
        Parameter parameter = parameterCalled(word);
        if (parameter == null) {
            return false;
        }
        line.at++;
        if (parameter.kind() == Parameter.Kind.LENGTH) {
            set(
                    parameter,
                    word,
                    line.length()
                            .orElseThrow(() -> LineWords.missing(RefusalCode.LINE_WANTS_A_SIZE, word, word + " 3")));
        } else {
            double value = line.number(word, word + " 3");
            set(parameter, word, value, line.words.get(line.at - 1));
        }
        return true;
    }

    private void set(Parameter parameter, String word, LengthReading reading) {
        set(parameter, word, reading.length().inMillimetres(), reading.understoodAs());
    }

    private void set(Parameter parameter, String word, double value, String as) {
        if (values.put(parameter.id(), value) != null) {
            throw LineWords.twice(word + " " + as, parameter.name());
        }
        line.say(word, parameter.name(), as);
    }

    private boolean choice() {
        for (int n = Math.min(MOST_WORDS, line.words.size() - line.at); n > 0; n--) {
            String said = line.next(n);
            for (Parameter parameter : form.parameters()) {
                if (parameter.choices().contains(said)) {
                    if (values.put(parameter.id(), said) != null) {
                        throw LineWords.twice(said, parameter.name());
                    }
                    line.say(said, parameter.name(), said);
                    line.at += n;
                    return true;
                }
            }
        }
        return false;
    }

    private boolean metal() {
        Optional<Metal> found = line.metal();
        if (found.isPresent() && metal != null) {
            throw LineWords.twice(found.get().name(), "metal");
        }
        metal = found.orElse(metal);
        return found.isPresent();
    }

    private boolean temper() {
        for (int n = 2; n > 0; n--) {
            String said = line.next(n);
            Optional<Temper> found = MetalNames.temper(said);
            if (found.isPresent()) {
                if (temper != null) {
                    throw LineWords.twice(said, "temper");
                }
                temper = found.get();
                line.say(said, "temper", said);
                line.at += said.contains(" ") ? 2 : 1;
                return true;
            }
        }
        return false;
    }

    /** No maker bends thicker wire by hand, mm: a thicker bare size in front of a parameter's name is that parameter's. */
    private static final double THICKEST_BENT_MM = 3.3;

    /** A bare size is the wire, unless the word behind it names what it is: "8mm bead 1.2". */
    private boolean size() {
        int from = line.at;
        if (line.word().matches("\\d{1,4}") && line.at + 1 < line.words.size()) {
            Parameter counted = parameterCalled(line.words.get(line.at + 1));
            if (counted != null && counted.kind() == Parameter.Kind.COUNT && !line.isSizeAt(line.at + 2)) {
                line.at += 2;
                set(counted, line.words.get(from + 1), Double.parseDouble(line.words.get(from)), line.words.get(from));
                return true;
            }
        }
        Optional<LengthReading> reading = line.length();
        if (reading.isEmpty()) {
            return false;
        }
        String said = String.join(" ", line.words.subList(from, line.at));
        Parameter behind = line.hasMore() ? parameterCalled(line.word()) : null;
        if (behind != null && behind.kind() == Parameter.Kind.LENGTH && belongsBehind(reading.get())) {
            String word = line.word();
            line.at++;
            set(behind, word, reading.get());
            return true;
        }
        if (wire != null) {
            throw LineWords.twice(said, "wire");
        }
        wire = reading.get();
        line.say(said, "wire", wire.understoodAs());
        return true;
    }

    /** Whether a size belongs to the parameter named behind it, and not to the wire while the next one is the parameter's. */
    private boolean belongsBehind(LengthReading size) {
        if (line.word().matches("on|to")) {
            return false;
        }
        boolean anotherFollows = line.isSizeAt(line.at + 1);
        return wire != null || !anotherFollows || size.length().inMillimetres() > THICKEST_BENT_MM;
    }
}
