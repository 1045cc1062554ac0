package toroid.core.line;

import java.util.LinkedHashMap;
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
    private static final int MOST_WORDS = 5;

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
        return reader.readForm() ? Optional.of(reader.readParts()) : Optional.empty();
    }

    private boolean readForm() {
        for (int n = Math.min(MOST_WORDS, line.words.size()); n > 0; n--) {
            String said = line.next(n);
            for (Form candidate : Forms.all()) {
                if (isCalled(candidate, said)) {
                    form = candidate;
                    line.say(said, "form", candidate.info().name());
                    line.at = n;
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean isCalled(Form form, String said) {
        return form.info().name().replace(",", "").equals(said)
                || form.info().id().equals(said)
                || form.info().id().replace('-', ' ').equals(said)
                || form.alsoCalled().contains(said);
    }

    private FormLine readParts() {
        while (line.hasMore()) {
            String word = line.word();
            if (!(count(word) || parameter(word) || choice() || metal() || temper() || wire())) {
                throw LineWords.unreadable(word, "for a " + form.info().name(), "It knows " + known() + ".");
            }
        }
        return new FormLine(form, wire, values, count, metal, temper, line.understood);
    }

    private String known() {
        return String.join(", ", form.parameters().stream().map(Parameter::id).toList());
    }

    private boolean count(String word) {
        if (!word.matches("x\\d{1,5}|\\d{1,5}x")) {
            return false;
        }
        count = Integer.parseInt(word.replace("x", ""));
        line.say(word, "count", count + " of them");
        line.at++;
        return true;
    }

    private boolean parameter(String word) {
        Parameter parameter = form.parameters().stream()
                .filter(p ->
                        p.id().toLowerCase(Locale.ROOT).equals(word) || (word.equals("to") && p.id().equals(form.to())))
                .findFirst()
                .orElse(null);
        if (parameter == null || parameter.kind() == Parameter.Kind.CHOICE || parameter.kind() == Parameter.Kind.ROWS) {
            return false;
        }
        line.at++;
        if (parameter.kind() == Parameter.Kind.LENGTH) {
            LengthReading reading = line.length().orElseThrow(() -> LineWords.missing(word, "a size", word + " 3"));
            values.put(parameter.id(), reading.length().inMillimetres());
            line.say(word, parameter.name(), reading.understoodAs());
        } else {
            double value = line.number(word, word + " 3");
            values.put(parameter.id(), value);
            line.say(word, parameter.name(), line.words.get(line.at - 1));
        }
        return true;
    }

    private boolean choice() {
        for (int n = Math.min(MOST_WORDS, line.words.size() - line.at); n > 0; n--) {
            String said = line.next(n);
            for (Parameter parameter : form.parameters()) {
                if (parameter.choices().contains(said)) {
                    values.put(parameter.id(), said);
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
        metal = found.orElse(metal);
        return found.isPresent();
    }

    private boolean temper() {
        for (int n = 2; n > 0; n--) {
            String said = line.next(n);
            Optional<Temper> found = MetalNames.temper(said);
            if (found.isPresent()) {
                temper = found.get();
                line.say(said, "temper", said);
                line.at += said.contains(" ") ? 2 : 1;
                return true;
            }
        }
        return false;
    }

    private boolean wire() {
        Optional<LengthReading> reading = wire == null ? line.length() : Optional.empty();
        reading.ifPresent(r -> {
            wire = r;
            line.say(r.understoodAs(), "wire", r.understoodAs());
        });
        return reading.isPresent();
    }
}
