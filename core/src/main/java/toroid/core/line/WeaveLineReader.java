package toroid.core.line;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import toroid.core.metal.Metal;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
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
 *   part   := length                     the wire below 5 mm, the patch from there on
 *           | "id" length | "ar" number | N "units" | rows "x" columns | metal
 * </pre>
 */
public final class WeaveLineReader {
    /** A bare length from here on is the patch's, mm; no maker's ring wire is so thick. */
    private static final double PATCH_FROM_MM = 5;

    private static final int MOST_WORDS = 5;

    /** First words of weaves that say something of a ring as well: alone they name no weave. */
    private static final List<String> RING_WORDS = List.of("double", "triple");

    private static final Pattern SHEET = Pattern.compile("(\\d{1,4}) x (\\d{1,4})");

    private final LineWords line;
    private WeavePattern weave;
    private LengthReading wire;
    private LengthReading inner;
    private LengthReading mandrel;
    private Double aspectRatio;
    private LengthReading length;
    private Integer units;
    private Integer rows;
    private Integer columns;
    private Metal metal;

    private WeaveLineReader(String text, GaugeTable bareGauge) {
        line = new LineWords(text, bareGauge);
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
            if (called.isEmpty() && !RING_WORDS.contains(said)) {
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
            if (!(inner(word)
                    || aspectRatio(word)
                    || sheet(word)
                    || units(word)
                    || metal()
                    || bareLength()
                    || filler(word))) {
                throw LineWords.unreadable(
                                isSheet()
                                        ? RefusalCode.LINE_UNREADABLE_FOR_A_SHEET
                                        : RefusalCode.LINE_UNREADABLE_FOR_A_WEAVE,
                                word)
                        .with("weave", weave.name());
            }
        }
        checkRatio();
        return new WeaveLine(
                weave,
                wire,
                inner,
                mandrel,
                aspectRatio,
                length,
                units,
                rows,
                columns,
                metal,
                List.copyOf(line.understood));
    }

    private boolean filler(String word) {
        boolean idle = word.matches("in|of|a|the|with|rings?|wire|and|chain|long|for|sheet|maille?|weave");
        line.at += idle ? 1 : 0;
        return idle;
    }

    private boolean isSheet() {
        return weave.lattice().kind() == Lattice.Kind.SHEET;
    }

    private boolean inner(String word) {
        if (!word.matches("id|inside|on|rod|mandrel")) {
            return false;
        }
        line.at++;
        LengthReading size =
                line.length().orElseThrow(() -> LineWords.missing(RefusalCode.LINE_WANTS_A_SIZE, word, word + " 3.4"));
        if (word.matches("id|inside")) {
            inside(size, word);
        } else {
            onRod(size, word);
        }
        return true;
    }

    private void demandNoRing(String said) {
        if (inner != null || aspectRatio != null || mandrel != null) {
            throw LineWords.twice(said, "ring-size");
        }
    }

    private void inside(LengthReading size, String said) {
        demandNoRing(said + " " + size.understoodAs());
        inner = size;
        line.say(said, "inside", size.understoodAs());
    }

    private void onRod(LengthReading size, String said) {
        demandNoRing(said + " " + size.understoodAs());
        mandrel = size;
        line.say(said, "wound on", size.understoodAs());
    }

    private boolean aspectRatio(String word) {
        if (!word.equals("ar")) {
            return false;
        }
        line.at++;
        demandNoRing("ar");
        aspectRatio = line.number(word, "ar 3.8");
        line.say("ar", "aspect ratio", String.valueOf(aspectRatio));
        return true;
    }

    private boolean sheet(String word) {
        Matcher matcher = SHEET.matcher(line.next(3));
        if (!matcher.matches() || !isSheet()) {
            return false;
        }
        if (rows != null) {
            throw LineWords.twice(line.next(3), "sheet-size");
        }
        rows = Integer.valueOf(matcher.group(1));
        columns = Integer.valueOf(matcher.group(2));
        line.say(line.next(3), "patch", rows + " rows of " + columns);
        line.at += 3;
        return true;
    }

    private boolean units(String word) {
        boolean named = line.next(2).matches("\\S+ units?");
        if (!named || !word.matches("\\d{1,5}")) {
            return false;
        }
        if (units != null || length != null) {
            throw LineWords.twice(line.next(2), "patch-length");
        }
        units = Integer.valueOf(word);
        line.say(word, "patch", units + " units");
        line.at += 2;
        return true;
    }

    private boolean metal() {
        Optional<Metal> found = line.metal();
        if (found.isPresent() && metal != null) {
            throw LineWords.twice(found.get().name(), "metal");
        }
        metal = found.orElse(metal);
        return found.isPresent();
    }

    /** "5 id", "3.5 rod": the word behind says what it is, if it has no size of its own. */
    private boolean named(LengthReading size) {
        if (!line.hasMore() || line.isSizeAt(line.at + 1)) {
            return false;
        }
        String word = line.word();
        if (word.matches("id|inside")) {
            line.at++;
            inside(size, word);
        } else if (word.matches("rods?|mandrels?|drills?|needles?")) {
            line.at++;
            onRod(size, word);
        } else if (word.equals("long")) {
            line.at++;
            patch(size);
        } else {
            return false;
        }
        return true;
    }

    private void patch(LengthReading size) {
        if (length != null || units != null) {
            throw LineWords.twice(size.understoodAs(), "patch-length");
        }
        length = size;
        line.say(size.understoodAs(), "patch", size.understoodAs() + " long");
    }

    /**
     * A bare size below 5 mm, or a gauge, is the wire; a second one, 1.5 to 12 wires across and below 16 mm, the rings' inside; what is longer
     * is the patch's.
     */
    private boolean bareLength() {
        Optional<LengthReading> reading = line.length();
        if (reading.isEmpty() || named(reading.get())) {
            return reading.isPresent();
        }
        LengthReading found = reading.get();
        double mm = found.length().inMillimetres();
        boolean gauge = found.kind() == LengthReading.Kind.GAUGE || found.kind() == LengthReading.Kind.BARE_GAUGE;
        if (wire == null && (gauge || mm < PATCH_FROM_MM)) {
            wire = found;
            line.say(found.understoodAs(), "wire", found.understoodAs());
        } else if (!gauge && wire != null && isInside(mm)) {
            inside(found, found.understoodAs());
        } else if (!gauge && mm >= PATCH_FROM_MM && (wire == null || mm >= INSIDE_BELOW_MM)) {
            patch(found);
        } else {
            throw LineWords.twice(found.understoodAs(), "wire");
        }
        return true;
    }

    private boolean isInside(double mm) {
        double ratio = mm / wire.length().inMillimetres();
        boolean ringSaid = inner != null || aspectRatio != null || mandrel != null;
        return !ringSaid && mm < INSIDE_BELOW_MM && ratio >= LEAST_RATIO && ratio <= MOST_RATIO;
    }

    private void checkRatio() {
        LengthReading size = inner != null ? inner : mandrel;
        if (wire != null
                && size != null
                && size.length().inMillimetres() < LEAST_RATIO * wire.length().inMillimetres()) {
            throw LineWords.asks(RefusalCode.LINE_HARDLY_A_HOLE_CHANGED_ABOUT, size.understoodAs())
                    .with("wire", wire.understoodAs())
                    .with("ring", size.understoodAs());
        }
        if (aspectRatio != null && aspectRatio < LEAST_RATIO) {
            throw LineWords.asks(RefusalCode.LINE_RATIO_HARDLY_A_HOLE, "ar").with("ratio", aspectRatio);
        }
    }

    private static final double LEAST_RATIO = 1.5;
    private static final double MOST_RATIO = 12;

    /** No weave's small rings are wider inside, mm. */
    private static final double INSIDE_BELOW_MM = 16;

    /** How many words name a weave at the line's beginning; 0 for none. */
    public static int named(String text, GaugeTable bareGauge, List<WeavePattern> weaves) {
        if (!LineWords.isReadable(text)) {
            return 0;
        }
        var reader = new WeaveLineReader(text, bareGauge);
        return reader.readWeave(weaves) ? reader.line.at : 0;
    }
}
