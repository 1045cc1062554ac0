package toroid.core.line;

import java.util.ArrayList;
import java.util.Arrays;
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
import toroid.core.quantity.GaugeTable;
import toroid.core.quantity.LengthReading;
import toroid.core.quantity.MakerLength;

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
    private static final int LONGEST_LINE = 200;
    private static final int MOST_WORDS = 5;

    private final List<String> words;
    private final GaugeTable bareGauge;
    private final Map<String, Object> values = new LinkedHashMap<>();
    private final List<RingLine.Understood> understood = new ArrayList<>();
    private Form form;
    private LengthReading wire;
    private Integer count;
    private Metal metal;
    private Temper temper;
    private int at;

    private FormLineReader(String text, GaugeTable bareGauge) {
        words = Arrays.asList(text.strip().toLowerCase(Locale.ROOT).split("\\s+"));
        this.bareGauge = bareGauge;
    }

    /**
     * @return empty when the line does not begin with a form
     * @throws Refusal when it does, and a word after it is not understood
     */
    public static Optional<FormLine> read(String text, GaugeTable bareGauge) {
        if (text == null || text.isBlank() || text.length() > LONGEST_LINE) {
            return Optional.empty();
        }
        var reader = new FormLineReader(text, bareGauge);
        return reader.readForm() ? Optional.of(reader.readParts()) : Optional.empty();
    }

    private boolean readForm() {
        for (int n = Math.min(MOST_WORDS, words.size()); n > 0; n--) {
            String said = String.join(" ", words.subList(0, n));
            for (Form candidate : Forms.all()) {
                if (isCalled(candidate, said)) {
                    form = candidate;
                    say(said, "form", candidate.info().name());
                    at = n;
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
        while (at < words.size()) {
            String word = words.get(at);
            if (!(count(word) || parameter(word) || choice() || named() || wire())) {
                throw Refusal.of(
                        "line-unreadable",
                        "line",
                        word,
                        "I do not know what \"" + word + "\" means for a "
                                + form.info().name() + ".",
                        "It knows " + known() + ".");
            }
        }
        return new FormLine(form, wire, values, count, metal, temper, understood);
    }

    private String known() {
        return String.join(", ", form.parameters().stream().map(Parameter::id).toList());
    }

    private boolean count(String word) {
        if (!word.matches("x\\d{1,5}|\\d{1,5}x")) {
            return false;
        }
        count = Integer.parseInt(word.replace("x", ""));
        say(word, "count", count + " of them");
        at++;
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
        at++;
        if (parameter.kind() == Parameter.Kind.LENGTH) {
            LengthReading reading = length().orElseThrow(() -> missing(word, parameter));
            values.put(parameter.id(), reading.length().inMillimetres());
            say(word, parameter.name(), reading.understoodAs());
        } else {
            if (at >= words.size() || !words.get(at).matches("\\d+(?:[.,]\\d+)?")) {
                throw missing(word, parameter);
            }
            double value = Double.parseDouble(words.get(at++).replace(',', '.'));
            values.put(parameter.id(), value);
            say(word, parameter.name(), words.get(at - 1));
        }
        return true;
    }

    private static Refusal missing(String word, Parameter parameter) {
        return Refusal.of(
                "line-incomplete",
                "line",
                word,
                "After \"" + word + "\" comes a " + (parameter.kind() == Parameter.Kind.LENGTH ? "size" : "number")
                        + ".",
                "For instance " + word + " 3.");
    }

    private boolean choice() {
        for (int n = Math.min(MOST_WORDS, words.size() - at); n > 0; n--) {
            String said = String.join(" ", words.subList(at, at + n));
            for (Parameter parameter : form.parameters()) {
                if (parameter.choices().contains(said)) {
                    values.put(parameter.id(), said);
                    say(said, parameter.name(), said);
                    at += n;
                    return true;
                }
            }
        }
        return false;
    }

    private boolean named() {
        String two = at + 1 < words.size() ? words.get(at) + " " + words.get(at + 1) : "";
        for (String said : List.of(two, words.get(at))) {
            Optional<Metal> foundMetal = MetalNames.metal(said);
            Optional<Temper> foundTemper = MetalNames.temper(said);
            if (foundMetal.isPresent() || foundTemper.isPresent()) {
                metal = foundMetal.orElse(metal);
                temper = foundTemper.orElse(temper);
                say(said, foundMetal.isPresent() ? "metal" : "temper", said);
                at += said.contains(" ") ? 2 : 1;
                return true;
            }
        }
        return false;
    }

    private boolean wire() {
        Optional<LengthReading> reading = wire == null ? length() : Optional.empty();
        reading.ifPresent(r -> {
            wire = r;
            say(r.understoodAs(), "wire", r.understoodAs());
        });
        return reading.isPresent();
    }

    private Optional<LengthReading> length() {
        for (int n = Math.min(4, words.size() - at); n > 0; n--) {
            Optional<LengthReading> reading =
                    MakerLength.tryRead(String.join(" ", words.subList(at, at + n)), bareGauge);
            if (reading.isPresent()) {
                at += n;
                return reading;
            }
        }
        return Optional.empty();
    }

    private void say(String words, String role, String as) {
        understood.add(new RingLine.Understood(words, role, as));
    }
}
