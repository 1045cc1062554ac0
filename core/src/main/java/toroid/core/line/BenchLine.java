package toroid.core.line;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.GaugeTable;
import toroid.core.quantity.LengthReading;
import toroid.core.quantity.MakerLength;

/**
 * The grammar of the bench line for rings. Words in any order:
 *
 * <pre>
 *   line    := part+
 *   part    := N "rings" | "x" N | length                     (wire)
 *            | ("on"|"rod") length | "id" length | "od" length | "ar" number | "wire" length
 *            | "saw" length? | "flush" | metal | temper | "double" | "triple" | "from" (length | N "g")
 *   length  := as MakerLength reads it, up to four words
 * </pre>
 */
public final class BenchLine {
    private static final int LONGEST_LINE = 200;
    private static final int MOST_WORDS_IN_A_LENGTH = 4;
    private static final Pattern COUNT = Pattern.compile("(\\d{1,6})x?|x(\\d{1,6})");
    private static final Pattern GRAMS = Pattern.compile("(\\d+(?:[.,]\\d+)?)(g|grams?)?");
    private static final List<String> FILLERS =
            List.of("rings", "ring", "of", "in", "a", "the", "jump", "wire", "with", "cut");

    private final List<String> words;
    private final GaugeTable bareGauge;
    private final RingLineBuilder found = new RingLineBuilder();
    private int at;

    private BenchLine(String text, GaugeTable bareGauge) {
        this.words = Arrays.asList(text.strip().toLowerCase(Locale.ROOT).split("\\s+"));
        this.bareGauge = bareGauge;
    }

    /**
     * @param bareGauge the table for a gauge that does not name its own
     * @throws Refusal {@code line-unreadable} naming the word that was not understood
     */
    public static RingLine read(String text, GaugeTable bareGauge) {
        if (text == null || text.isBlank() || text.length() > LONGEST_LINE) {
            throw Refusal.of(
                    "line-empty",
                    "line",
                    "",
                    "There is nothing to work out yet.",
                    "Try 1.0 on 4.5, or 300 rings 0.9 id 3.5.");
        }
        return new BenchLine(text, bareGauge).readAll();
    }

    private RingLine readAll() {
        while (at < words.size()) {
            if (!readPart(words.get(at))) {
                throw Refusal.of(
                        "line-unreadable",
                        "line",
                        words.get(at),
                        "I do not know what \"" + words.get(at) + "\" means here.",
                        "Say sizes with on, id, od or ar: 1.0 on 4.5, od 9 18ga, 300 rings 0.9 id 3.5.");
            }
        }
        return found.build();
    }

    private boolean readPart(String word) {
        return switch (word) {
            case "on", "rod", "mandrel" -> sized("mandrel");
            case "id" -> sized("inner");
            case "od" -> sized("outer");
            case "ar" -> aspectRatio();
            case "saw", "sawn" -> saw();
            case "flush", "cutters", "snips" -> one("cut", "flush cutters", () -> found.flush());
            case "double" -> one("turns", "2 turns", () -> found.turns(2));
            case "triple" -> one("turns", "3 turns", () -> found.turns(3));
            case "from" -> from();
            default -> count() || namedMetal() || wire() || filler(word);
        };
    }

    private boolean filler(String word) {
        if (FILLERS.contains(word)) {
            at++;
            return true;
        }
        return false;
    }

    private boolean one(String role, String as, Runnable action) {
        action.run();
        found.say(words.get(at), role, as);
        at++;
        return true;
    }

    private boolean sized(String role) {
        String keyword = words.get(at++);
        LengthReading reading = length().orElseThrow(() -> missing(keyword, "a size", keyword + " 4.5"));
        found.size(role, reading);
        return true;
    }

    private boolean aspectRatio() {
        at++;
        if (at >= words.size() || !words.get(at).matches("\\d+(?:[.,]\\d+)?")) {
            throw missing("ar", "a number", "ar 4.2");
        }
        String said = words.get(at++);
        found.aspectRatio(Double.parseDouble(said.replace(',', '.')));
        found.say("ar " + said, "aspect-ratio", said);
        return true;
    }

    private boolean saw() {
        String said = words.get(at++);
        Optional<LengthReading> kerf = length();
        found.saw(kerf.map(k -> k.length().inMillimetres()).orElse(null));
        found.say(said, "cut", kerf.map(k -> "saw, kerf " + k.understoodAs()).orElse("saw"));
        return true;
    }

    private boolean from() {
        at++;
        if (at < words.size()) {
            Matcher grams = GRAMS.matcher(words.get(at));
            boolean unitFollows = at + 1 < words.size() && words.get(at + 1).matches("g|grams?");
            if (grams.matches() && (grams.group(2) != null || unitFollows)) {
                double value = Double.parseDouble(grams.group(1).replace(',', '.'));
                found.fromMass(value);
                found.say("from", "from", value + " g");
                at += grams.group(2) != null ? 1 : 2;
                return true;
            }
        }
        LengthReading reading = length().orElseThrow(() -> missing("from", "a length or a weight", "from 10 m"));
        found.fromLength(reading.length().inMillimetres());
        found.say("from", "from", reading.understoodAs());
        return true;
    }

    private boolean count() {
        Matcher matcher = COUNT.matcher(words.get(at));
        boolean marked = words.get(at).startsWith("x") || words.get(at).endsWith("x");
        boolean ringsFollow = at + 1 < words.size() && words.get(at + 1).matches("rings?");
        if (!matcher.matches() || !(marked || ringsFollow)) {
            return false;
        }
        int count = Integer.parseInt(matcher.group(1) != null ? matcher.group(1) : matcher.group(2));
        found.count(count);
        found.say(words.get(at), "count", count + " rings");
        at += ringsFollow ? 2 : 1;
        return true;
    }

    private boolean namedMetal() {
        String two = at + 1 < words.size() ? words.get(at) + " " + words.get(at + 1) : "";
        for (String candidate : List.of(two, words.get(at))) {
            if (found.metalOrTemper(candidate)) {
                at += candidate.contains(" ") ? 2 : 1;
                return true;
            }
        }
        return false;
    }

    private boolean wire() {
        Optional<LengthReading> reading = length();
        reading.ifPresent(r -> found.size("wire", r));
        return reading.isPresent();
    }

    /** The longest run of following words that reads as a length. */
    private Optional<LengthReading> length() {
        for (int n = Math.min(MOST_WORDS_IN_A_LENGTH, words.size() - at); n > 0; n--) {
            String candidate = String.join(" ", words.subList(at, at + n));
            Optional<LengthReading> reading = MakerLength.tryRead(candidate, bareGauge);
            if (reading.isPresent()) {
                found.lastSaid(candidate);
                at += n;
                return reading;
            }
        }
        return Optional.empty();
    }

    private static Refusal missing(String keyword, String what, String example) {
        return Refusal.of(
                "line-incomplete",
                "line",
                keyword,
                "After \"" + keyword + "\" comes " + what + ".",
                "For instance " + example + ".");
    }
}
