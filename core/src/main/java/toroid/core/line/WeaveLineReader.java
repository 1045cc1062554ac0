package toroid.core.line;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import toroid.core.metal.Metal;
import toroid.core.metal.MetalNames;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.GaugeTable;
import toroid.core.quantity.LengthReading;
import toroid.core.quantity.MakerLength;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;

/**
 * The grammar of the bench line for weaves:
 *
 * <pre>
 *   line   := weave part*
 *   weave  := a weave's name or id, or as many of its first words as name no other
 *   part   := length                     the wire below 5 mm, the piece from there on
 *           | "id" length | "ar" number | N "units" | rows "x" columns | metal
 * </pre>
 */
public final class WeaveLineReader {
    /** A bare length from here on is the piece's, mm; no maker's ring wire is so thick. */
    private static final double PIECE_FROM_MM = 5;

    private static final int LONGEST_LINE = 200;
    private static final int MOST_WORDS = 5;
    private static final Pattern SHEET = Pattern.compile("(\\d{1,4})x(\\d{1,4})");

    private final List<String> words;
    private final GaugeTable bareGauge;
    private final List<RingLine.Understood> understood = new ArrayList<>();
    private WeavePattern weave;
    private LengthReading wire;
    private LengthReading inner;
    private Double aspectRatio;
    private LengthReading length;
    private Integer units;
    private Integer rows;
    private Integer columns;
    private Metal metal;
    private int at;

    private WeaveLineReader(String text, GaugeTable bareGauge) {
        words = Arrays.asList(text.strip()
                .toLowerCase(Locale.ROOT)
                .replaceAll("(\\d)\\s*[x×]\\s*(?=\\d)", "$1x")
                .split("\\s+"));
        this.bareGauge = bareGauge;
    }

    /**
     * @param weaves those there are
     * @return empty when the line does not begin with one of them
     * @throws Refusal when it does, and a word after it is not understood
     */
    public static Optional<WeaveLine> read(String text, GaugeTable bareGauge, List<WeavePattern> weaves) {
        if (text == null || text.isBlank() || text.length() > LONGEST_LINE) {
            return Optional.empty();
        }
        var reader = new WeaveLineReader(text, bareGauge);
        return reader.readWeave(weaves) ? Optional.of(reader.readParts()) : Optional.empty();
    }

    private boolean readWeave(List<WeavePattern> weaves) {
        for (int n = Math.min(MOST_WORDS, words.size()); n > 0; n--) {
            String said = plain(String.join(" ", words.subList(0, n)));
            List<WeavePattern> called =
                    weaves.stream().filter(one -> isCalled(one, said)).toList();
            if (called.isEmpty()) {
                called = weaves.stream()
                        .filter(one -> plain(one.name()).startsWith(said + " "))
                        .toList();
            }
            if (called.size() == 1) {
                weave = called.get(0);
                at = n;
                say(said, "weave", weave.name());
                return true;
            }
        }
        return false;
    }

    private static boolean isCalled(WeavePattern weave, String said) {
        return plain(weave.name()).equals(said) || plain(weave.id()).equals(said);
    }

    private static String plain(String name) {
        return name.toLowerCase(Locale.ROOT).replace(",", "").replace('-', ' ');
    }

    private WeaveLine readParts() {
        while (at < words.size()) {
            String word = words.get(at);
            if (!(inner(word) || aspectRatio(word) || sheet(word) || units(word) || metal() || bareLength())) {
                throw Refusal.of(
                        "line-unreadable",
                        "line",
                        word,
                        "I do not know what \"" + word + "\" means for a " + weave.name() + ".",
                        isSheet()
                                ? "Say rows and columns, wire and rings: 10x12 1.0 id 4."
                                : "Say a length, wire and rings: 190 0.9 id 3.4.");
            }
        }
        return new WeaveLine(
                weave, wire, inner, aspectRatio, length, units, rows, columns, metal, List.copyOf(understood));
    }

    private boolean isSheet() {
        return weave.lattice().kind() == Lattice.Kind.SHEET;
    }

    private boolean inner(String word) {
        if (!word.equals("id")) {
            return false;
        }
        at++;
        inner = length().orElseThrow(() -> missing(word, "a size", "id 3.4"));
        say("id", "inside", inner.understoodAs());
        return true;
    }

    private boolean aspectRatio(String word) {
        if (!word.equals("ar")) {
            return false;
        }
        at++;
        if (at >= words.size() || !words.get(at).matches("\\d+(?:[.,]\\d+)?")) {
            throw missing(word, "a number", "ar 3.8");
        }
        aspectRatio = Double.parseDouble(words.get(at).replace(',', '.'));
        say("ar", "aspect ratio", words.get(at++));
        return true;
    }

    private boolean sheet(String word) {
        Matcher matcher = SHEET.matcher(word);
        if (!matcher.matches() || !isSheet()) {
            return false;
        }
        rows = Integer.valueOf(matcher.group(1));
        columns = Integer.valueOf(matcher.group(2));
        say(word, "piece", rows + " rows of " + columns);
        at++;
        return true;
    }

    private boolean units(String word) {
        boolean named = at + 1 < words.size() && words.get(at + 1).matches("units?");
        if (!named || !word.matches("\\d{1,5}")) {
            return false;
        }
        units = Integer.valueOf(word);
        say(word, "piece", units + " units");
        at += 2;
        return true;
    }

    private boolean metal() {
        String two = at + 1 < words.size() ? words.get(at) + " " + words.get(at + 1) : "";
        for (String said : List.of(two, words.get(at))) {
            Optional<Metal> found = MetalNames.metal(said);
            if (found.isPresent()) {
                metal = found.get();
                say(said, "metal", said);
                at += said.contains(" ") ? 2 : 1;
                return true;
            }
        }
        return false;
    }

    private boolean bareLength() {
        Optional<LengthReading> reading = length();
        reading.ifPresent(found -> {
            if (found.length().inMillimetres() < PIECE_FROM_MM) {
                wire = found;
                say(found.understoodAs(), "wire", found.understoodAs());
            } else {
                length = found;
                say(found.understoodAs(), "piece", found.understoodAs() + " long");
            }
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

    private static Refusal missing(String word, String what, String example) {
        return Refusal.of(
                "line-incomplete",
                "line",
                word,
                "After \"" + word + "\" comes " + what + ".",
                "For instance " + example + ".");
    }

    private void say(String words, String role, String as) {
        understood.add(new RingLine.Understood(words, role, as));
    }
}
