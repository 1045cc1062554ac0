package toroid.core.line;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.quantity.GaugeTable;
import toroid.core.quantity.LengthReading;

/**
 * The grammar of the bench line for rings. Words in any order:
 *
 * <pre>
 *   line    := part+
 *   part    := length                                      (wire; a second one, 1.5 to 25 wires across, the inside)
 *            | length "x" length                           (wire, inside)
 *            | ("on"|"rod") length | "id" length | "od" length | "ar" number, or the word behind the length
 *            | N "rings" | "x" N | ("a"|N) ("pair"|"dozen")
 *            | "saw" length? | "flush" | metal | temper | "double" | "triple"
 *            | "from" (length | N "g") | (length | N "g") "of"
 *   length  := as MakerLength reads it, up to four words
 * </pre>
 */
public final class BenchLine {
    private static final Pattern GRAMS = Pattern.compile("(\\d+(?:[.,]\\d+)?)(g|grams?)?");
    private static final List<String> FILLERS = List.of(
            "rings", "ring", "of", "in", "a", "the", "jump", "wire", "with", "cut", "hoop", "hoops", "for", "and",
            "wound", "closed", "open", "round", "please", "pcs", "pieces", "piece", "links", "link", "hand", "by", "to",
            "make");
    private static final String ROD = "rods?|mandrels?|dowels?|needles?|drills?|steps?";

    /** A second bare size up to so many wires across is the inside of a ring. */
    private static final double MOST_RATIO = 25;

    private static final double LEAST_RATIO = 1.5;

    /** So much wire before "of" is what there is to cut from, not a ring's size, mm. */
    private static final double SUPPLY_FROM_MM = 60;

    private final LineWords line;
    private final RingLineBuilder found = new RingLineBuilder();
    private String lastWords = "";

    private BenchLine(String text, GaugeTable bareGauge) {
        line = new LineWords(text, bareGauge);
    }

    /**
     * @param bareGauge the table for a gauge that does not name its own
     * @throws Refusal {@code line-unreadable} naming the word that was not understood
     */
    public static RingLine read(String text, GaugeTable bareGauge) {
        if (!LineWords.isReadable(text)) {
            throw Refusal.of(RefusalCode.LINE_EMPTY, "line", "");
        }
        return new BenchLine(text, bareGauge).readAll();
    }

    private RingLine readAll() {
        while (line.hasMore()) {
            if (!readPart(line.word())) {
                throw LineWords.unreadable(RefusalCode.LINE_UNREADABLE, line.word());
            }
        }
        return found.build();
    }

    private boolean readPart(String word) {
        return switch (word) {
            case "on", "rod", "mandrel" -> sized("mandrel");
            case "id", "inside", "inner" -> sized("inner");
            case "od", "outside", "outer" -> sized("outer");
            case "ar", "ratio" -> aspectRatio();
            case "saw", "sawn" -> saw();
            case "flush", "cutters", "snips" -> one("cut", "flush cutters", () -> found.flush());
            case "double", "doubles" -> one("turns", "2 turns", () -> found.turns(2));
            case "triple", "triples" -> one("turns", "3 turns", () -> found.turns(3));
            case "from" -> from();
            case "x" -> times();
            default -> count() || supply() || namedMetal() || bareSize() || filler(word);
        };
    }

    /** "x" apart: the second of two sizes, "1.2 x 5", or how many, "1.2 on 5 x 100". */
    private boolean times() {
        line.at++;
        boolean whole = line.hasMore() && line.word().matches("\\d{1,6}");
        if (whole && (found.isSized() || !found.has("wire"))) {
            int many = Integer.parseInt(line.word());
            found.count(many, "x " + many);
            found.say("x " + many, "count", many + " rings");
            line.at++;
            return true;
        }
        if (!found.has("wire") || found.isSized()) {
            throw LineWords.missing(RefusalCode.LINE_WANTS_HOW_MANY, "x", "x 100");
        }
        LengthReading reading =
                length().orElseThrow(() -> LineWords.missing(RefusalCode.LINE_WANTS_THE_INSIDE, "x", "1.2 x 5"));
        second(reading);
        return true;
    }

    /** What stands bare is the wire; a second one, several wires across, the inside; anything more is asked about. */
    private boolean bareSize() {
        Optional<LengthReading> reading = length();
        if (reading.isEmpty()) {
            return false;
        }
        LengthReading size = reading.get();
        String role = roleBehind();
        if (role != null) {
            found.size(role, size);
        } else if (isSupply(size)) {
            found.fromLength(size.length().inMillimetres());
            found.say(lastWords, "from", size.understoodAs());
            line.at++;
        } else if (!found.has("wire")) {
            found.size("wire", size);
        } else {
            second(size);
        }
        return true;
    }

    /** What the word behind a size makes of it, "5 id", "1/4 inch rod"; null when that word has a size of its own. */
    private String roleBehind() {
        if (!line.hasMore() || line.isSizeAt(line.at + 1)) {
            return null;
        }
        String role = line.word().matches(ROD)
                ? "mandrel"
                : line.word().matches("id|inside|inner")
                        ? "inner"
                        : line.word().matches("od|outside|outer")
                                ? "outer"
                                : line.word().equals("wire") ? "wire" : null;
        if (role != null) {
            line.at++;
        }
        return role;
    }

    private void second(LengthReading size) {
        double ratio = size.length().inMillimetres() / found.mm("wire");
        if (found.isSized()) {
            throw LineWords.asks(RefusalCode.LINE_ONE_SIZE_MORE, lastWords);
        }
        if (ratio < LEAST_RATIO || ratio > MOST_RATIO) {
            throw LineWords.asks(RefusalCode.LINE_WHICH_IS_THE_WIRE, lastWords);
        }
        found.size("inner", size);
    }

    private boolean isSupply(LengthReading size) {
        boolean of = line.hasMore() && line.word().equals("of") && line.at + 1 < line.words.size();
        return of && size.length().inMillimetres() >= SUPPLY_FROM_MM;
    }

    /** "50 g of". */
    private boolean supply() {
        Matcher grams = GRAMS.matcher(line.word());
        int unit = grams.matches() && grams.group(2) != null ? 0 : 1;
        boolean unitFollows = unit == 0 || line.next(2).matches("\\S+ (g|grams?)");
        int of = line.at + unit + 1;
        if (!grams.matches()
                || !unitFollows
                || of >= line.words.size()
                || !line.words.get(of).equals("of")) {
            return false;
        }
        double value = Double.parseDouble(grams.group(1).replace(',', '.'));
        found.fromMass(value);
        found.say(line.next(unit + 1), "from", value + " g");
        line.at = of + 1;
        return true;
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
        if (line.hasMore() && line.word().matches("a|an|the")) {
            line.at++;
        }
        LengthReading reading =
                length().orElseThrow(() -> LineWords.missing(RefusalCode.LINE_WANTS_A_SIZE, keyword, keyword + " 4.5"));
        found.size(role, reading);
        if (role.equals("mandrel") && line.hasMore() && line.word().matches(ROD)) {
            line.at++; // on a 5 mm rod
        }
        return true;
    }

    private boolean aspectRatio() {
        line.at++;
        if (line.at >= line.words.size() || !line.word().matches("\\d+(?:[.,]\\d+)?")) {
            throw LineWords.missing(RefusalCode.LINE_WANTS_A_NUMBER, "ar", "ar 4.2");
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
        LengthReading reading = length().orElseThrow(
                        () -> LineWords.missing(RefusalCode.LINE_WANTS_A_LENGTH_OR_A_WEIGHT, "from", "from 10 m"));
        found.fromLength(reading.length().inMillimetres());
        found.say("from", "from", reading.understoodAs());
        return true;
    }

    private boolean count() {
        int from = line.at;
        Optional<Integer> many = line.manyOf();
        int until = line.countedUntil(from);
        if (many.isEmpty() && until == from) {
            return false;
        }
        int count = many.orElseGet(() -> Integer.parseInt(line.words.get(from)));
        line.at = Math.max(line.at, until);
        String said = String.join(" ", line.words.subList(from, line.at));
        found.count(count, said);
        found.say(said, "count", count + " rings");
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

    private Optional<LengthReading> length() {
        Optional<LineWords.Said> said = line.saidLength();
        said.ifPresent(one -> {
            found.lastSaid(one.words());
            lastWords = one.words();
        });
        return said.map(LineWords.Said::reading);
    }
}
