package toroid.core.line;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import toroid.core.metal.Metal;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.GaugeTable;
import toroid.core.quantity.LengthReading;
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

    private static final int MOST_WORDS = 5;
    private static final Pattern SHEET = Pattern.compile("(\\d{1,4})x(\\d{1,4})");

    private final LineWords line;
    private WeavePattern weave;
    private LengthReading wire;
    private LengthReading inner;
    private Double aspectRatio;
    private LengthReading length;
    private Integer units;
    private Integer rows;
    private Integer columns;
    private Metal metal;

    private WeaveLineReader(String text, GaugeTable bareGauge) {
        line = new LineWords(text.replaceAll("(\\d)\\s*[x×]\\s*(?=\\d)", "$1x"), bareGauge);
    }

    /**
     * @param weaves those there are
     * @return empty when the line does not begin with one of them
     * @throws Refusal when it does, and a word after it is not understood
     */
    public static Optional<WeaveLine> read(String text, GaugeTable bareGauge, List<WeavePattern> weaves) {
        if (!LineWords.isReadable(text)) {
            return Optional.empty();
        }
        var reader = new WeaveLineReader(text, bareGauge);
        return reader.readWeave(weaves) ? Optional.of(reader.readParts()) : Optional.empty();
    }

    private boolean readWeave(List<WeavePattern> weaves) {
        for (int n = Math.min(MOST_WORDS, line.words.size()); n > 0; n--) {
            String said = plain(line.next(n));
            List<WeavePattern> called =
                    weaves.stream().filter(one -> isCalled(one, said)).toList();
            if (called.isEmpty()) {
                called = weaves.stream()
                        .filter(one -> plain(one.name()).startsWith(said + " "))
                        .toList();
            }
            if (called.size() == 1) {
                weave = called.get(0);
                line.at = n;
                line.say(said, "weave", weave.name());
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
        while (line.hasMore()) {
            String word = line.word();
            if (!(inner(word) || aspectRatio(word) || sheet(word) || units(word) || metal() || bareLength())) {
                throw LineWords.unreadable(
                        word,
                        "for a " + weave.name(),
                        isSheet()
                                ? "Say rows and columns, wire and rings: 10x12 1.0 id 4."
                                : "Say a length, wire and rings: 190 0.9 id 3.4.");
            }
        }
        return new WeaveLine(
                weave, wire, inner, aspectRatio, length, units, rows, columns, metal, List.copyOf(line.understood));
    }

    private boolean isSheet() {
        return weave.lattice().kind() == Lattice.Kind.SHEET;
    }

    private boolean inner(String word) {
        if (!word.equals("id")) {
            return false;
        }
        line.at++;
        inner = line.length().orElseThrow(() -> LineWords.missing(word, "a size", "id 3.4"));
        line.say("id", "inside", inner.understoodAs());
        return true;
    }

    private boolean aspectRatio(String word) {
        if (!word.equals("ar")) {
            return false;
        }
        line.at++;
        aspectRatio = line.number(word, "ar 3.8");
        line.say("ar", "aspect ratio", String.valueOf(aspectRatio));
        return true;
    }

    private boolean sheet(String word) {
        Matcher matcher = SHEET.matcher(word);
        if (!matcher.matches() || !isSheet()) {
            return false;
        }
        rows = Integer.valueOf(matcher.group(1));
        columns = Integer.valueOf(matcher.group(2));
        line.say(word, "piece", rows + " rows of " + columns);
        line.at++;
        return true;
    }

    private boolean units(String word) {
        boolean named = line.next(2).matches("\\S+ units?");
        if (!named || !word.matches("\\d{1,5}")) {
            return false;
        }
        units = Integer.valueOf(word);
        line.say(word, "piece", units + " units");
        line.at += 2;
        return true;
    }

    private boolean metal() {
        Optional<Metal> found = line.metal();
        metal = found.orElse(metal);
        return found.isPresent();
    }

    private boolean bareLength() {
        Optional<LengthReading> reading = line.length();
        reading.ifPresent(found -> {
            if (found.length().inMillimetres() < PIECE_FROM_MM) {
                wire = found;
                line.say(found.understoodAs(), "wire", found.understoodAs());
            } else {
                length = found;
                line.say(found.understoodAs(), "piece", found.understoodAs() + " long");
            }
        });
        return reading.isPresent();
    }
}
