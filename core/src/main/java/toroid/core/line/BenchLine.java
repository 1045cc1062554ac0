package toroid.core.line;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.GaugeTable;
import toroid.core.quantity.LengthReading;

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
    private static final Pattern COUNT = Pattern.compile("(\\d{1,6})x?|x(\\d{1,6})");
    private static final Pattern GRAMS = Pattern.compile("(\\d+(?:[.,]\\d+)?)(g|grams?)?");
    private static final List<String> FILLERS =
            List.of("rings", "ring", "of", "in", "a", "the", "jump", "wire", "with", "cut");

    private final LineWords line;
    private final RingLineBuilder found = new RingLineBuilder();

    private BenchLine(String text, GaugeTable bareGauge) {
        line = new LineWords(text, bareGauge);
    }

    /**
     * @param bareGauge the table for a gauge that does not name its own
     * @throws Refusal {@code line-unreadable} naming the word that was not understood
     */
    public static RingLine read(String text, GaugeTable bareGauge) {
        if (!LineWords.isReadable(text)) {
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
        while (line.hasMore()) {
            if (!readPart(line.word())) {
                throw LineWords.unreadable(
                        line.word(),
                        "here",
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
            line.at++;
            return true;
        }
        return false;
    }

    private boolean one(String role, String as, Runnable action) {
        action.run();
        found.say(line.word(), role, as);
        line.at++;
        return true;
    }

    private boolean sized(String role) {
        String keyword = line.words.get(line.at++);
        LengthReading reading = length().orElseThrow(() -> LineWords.missing(keyword, "a size", keyword + " 4.5"));
        found.size(role, reading);
        return true;
    }

    private boolean aspectRatio() {
        line.at++;
        if (line.at >= line.words.size() || !line.word().matches("\\d+(?:[.,]\\d+)?")) {
            throw LineWords.missing("ar", "a number", "ar 4.2");
        }
        String said = line.words.get(line.at++);
        found.aspectRatio(Double.parseDouble(said.replace(',', '.')));
        found.say("ar " + said, "aspect-ratio", said);
        return true;
    }

    private boolean saw() {
        String said = line.words.get(line.at++);
        Optional<LengthReading> kerf = length();
        found.saw(kerf.map(k -> k.length().inMillimetres()).orElse(null));
        found.say(said, "cut", kerf.map(k -> "saw, kerf " + k.understoodAs()).orElse("saw"));
        return true;
    }

    private boolean from() {
        line.at++;
        if (line.at < line.words.size()) {
            Matcher grams = GRAMS.matcher(line.word());
            boolean unitFollows = line.at + 1 < line.words.size()
                    && line.words.get(line.at + 1).matches("g|grams?");
            if (grams.matches() && (grams.group(2) != null || unitFollows)) {
                double value = Double.parseDouble(grams.group(1).replace(',', '.'));
                found.fromMass(value);
                found.say("from", "from", value + " g");
                line.at += grams.group(2) != null ? 1 : 2;
                return true;
            }
        }
        LengthReading reading =
                length().orElseThrow(() -> LineWords.missing("from", "a length or a weight", "from 10 m"));
        found.fromLength(reading.length().inMillimetres());
        found.say("from", "from", reading.understoodAs());
        return true;
    }

    private boolean count() {
        Matcher matcher = COUNT.matcher(line.word());
        boolean marked = line.word().startsWith("x") || line.word().endsWith("x");
        boolean ringsFollow =
                line.at + 1 < line.words.size() && line.words.get(line.at + 1).matches("rings?");
        if (!matcher.matches() || !(marked || ringsFollow)) {
            return false;
        }
        int count = Integer.parseInt(matcher.group(1) != null ? matcher.group(1) : matcher.group(2));
        found.count(count);
        found.say(line.word(), "count", count + " rings");
        line.at += ringsFollow ? 2 : 1;
        return true;
    }

    private boolean namedMetal() {
        String two = line.at + 1 < line.words.size() ? line.word() + " " + line.words.get(line.at + 1) : "";
        for (String candidate : List.of(two, line.word())) {
            if (found.metalOrTemper(candidate)) {
                line.at += candidate.contains(" ") ? 2 : 1;
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

    private Optional<LengthReading> length() {
        Optional<LineWords.Said> said = line.saidLength();
        said.ifPresent(one -> found.lastSaid(one.words()));
        return said.map(LineWords.Said::reading);
    }
}
