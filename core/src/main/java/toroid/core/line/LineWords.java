package toroid.core.line;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import toroid.core.metal.Metal;
import toroid.core.metal.MetalNames;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.quantity.GaugeTable;
import toroid.core.quantity.LengthReading;
import toroid.core.quantity.MakerLength;

/** A bench line word by word: where reading has come to, and what every kind of line can say. */
class LineWords {
    static final int LONGEST_LINE = 200;
    private static final int MOST_WORDS_IN_A_LENGTH = 4;

    final List<String> words;
    final List<RingLine.Understood> understood = new ArrayList<>();
    private final GaugeTable bareGauge;
    /** The next word's place. */
    int at;

    /** @param bareGauge the table for a gauge that does not name its own */
    LineWords(String text, GaugeTable bareGauge) {
        this.words = Arrays.asList(LineText.even(text).split(" "));
        this.bareGauge = bareGauge;
    }

    static boolean isReadable(String text) {
        return text != null && !text.isBlank() && text.length() <= LONGEST_LINE;
    }

    boolean hasMore() {
        return at < words.size();
    }

    String word() {
        return words.get(at);
    }

    /** So many words from here on. */
    String next(int count) {
        return String.join(" ", words.subList(at, Math.min(words.size(), at + count)));
    }

    /** A length as read, and the words it was said in. */
    record Said(String words, LengthReading reading) {}

    /** The longest run of following words that reads as a length; they are then behind. */
    Optional<Said> saidLength() {
        for (int n = Math.min(MOST_WORDS_IN_A_LENGTH, words.size() - at); n > 0; n--) {
            String candidate = next(n);
            Optional<LengthReading> reading = MakerLength.tryRead(candidate, bareGauge);
            if (reading.isPresent()) {
                at += n;
                return Optional.of(new Said(candidate, reading.get()));
            }
        }
        return Optional.empty();
    }

    Optional<LengthReading> length() {
        return saidLength().map(Said::reading);
    }

    /** Whether words from that place on read as a size, and are no count of things. */
    boolean isSizeAt(int place) {
        if (place >= words.size() || isCountAt(place)) {
            return false;
        }
        for (int n = Math.min(MOST_WORDS_IN_A_LENGTH, words.size() - place); n > 0; n--) {
            try {
                if (MakerLength.tryRead(String.join(" ", words.subList(place, place + n)), bareGauge)
                        .isPresent()) {
                    return true;
                }
            } catch (Refusal shapedLikeOne) {
                return true;
            }
        }
        return false;
    }

    /** A whole number before what is counted: "20 rings", "3 jump rings", "12 pieces". */
    boolean isCountAt(int place) {
        return countedUntil(place) > place;
    }

    /** The place behind such a count; the place itself when there is none. */
    int countedUntil(int place) {
        if (place >= words.size() || !words.get(place).matches("\\d{1,6}")) {
            return place;
        }
        int next = place + 1;
        while (next < words.size() && words.get(next).matches("jump|small|open|closed|of")) {
            next++;
        }
        return next < words.size() && words.get(next).matches(COUNTED) ? next + 1 : place;
    }

    private static final String COUNTED = "rings?|hoops?|pcs|pieces?|links?|off|loops?|of|pairs?|dozen|units?";

    /** "x50", "50x", "a pair of", "2 pairs of", "a dozen"; then behind. Empty when none comes. */
    Optional<Integer> manyOf() {
        int start = at;
        int times = 1;
        if (word().matches("a|one")) {
            at++;
        } else if (word().matches("\\d{1,5}")
                && at + 1 < words.size()
                && words.get(at + 1).matches("pairs?|dozens?")) {
            times = Integer.parseInt(word());
            at++;
        }
        if (hasMore() && word().matches("pairs?|dozens?")) {
            int of = word().startsWith("pair") ? 2 : 12;
            at++;
            if (hasMore() && word().equals("of")) {
                at++;
            }
            return Optional.of(times * of);
        }
        at = start;
        if (word().matches("x\\d{1,6}|\\d{1,6}x")) {
            int count = Integer.parseInt(word().replace("x", ""));
            at++;
            return Optional.of(count);
        }
        return Optional.empty();
    }

    /** A plain number after a word that wants one. */
    double number(String after, String example) {
        if (!hasMore() || !word().matches("\\d+(?:[.,]\\d+)?")) {
            throw missing(RefusalCode.LINE_WANTS_A_NUMBER, after, example);
        }
        return Double.parseDouble(words.get(at++).replace(',', '.'));
    }

    /** A metal's name in one word or two; then behind. */
    Optional<Metal> metal() {
        for (int n = 2; n > 0; n--) {
            Optional<Metal> found = at + n <= words.size() ? MetalNames.metal(next(n)) : Optional.empty();
            if (found.isPresent()) {
                say(next(n), "metal", next(n));
                at += n;
                return found;
            }
        }
        return Optional.empty();
    }

    void say(String said, String role, String as) {
        understood.add(new RingLine.Understood(said, role, as));
    }

    /** Something only the maker can say. */
    static Refusal asks(RefusalCode question, String word) {
        return Refusal.of(question, "line", word);
    }

    /** A second value for what has one already. */
    static Refusal twice(String word, String role) {
        return Refusal.of(RefusalCode.LINE_TWICE, "line", word).with("role", role);
    }

    static Refusal missing(RefusalCode wanted, String keyword, String example) {
        return Refusal.of(wanted, "line", keyword).with("example", example);
    }

    static Refusal unreadable(RefusalCode code, String word) {
        return Refusal.of(code, "line", word);
    }
}
