package toroid.server.web;

import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Spoils a text as careless hands and hostile ones do, the same way again for the same seed. */
final class Mutant {
    private static final List<String> NASTY = List.of(
            "",
            " ",
            "(",
            ")",
            "((((",
            "*",
            "999999999 *",
            "-1",
            "NaN",
            "1e400",
            "0",
            "\u0000",
            "\"",
            "'",
            "\\",
            "{",
            "}",
            "[",
            ",",
            ";",
            "=",
            "=1+1",
            "\n",
            "\r\n",
            "\t",
            "é",
            "\uD83D\uDE00",
            "\uFEFF",
            "%00",
            "../..",
            "<svg/onload=1>",
            "${x}",
            "null",
            "x".repeat(3000));
    private static final List<String> NUMBERS = List.of(
            "0", "-1", "1e9", "1e400", "0.0000001", "123456789012345678901234567890", "NaN", "1..2", "1,5", "0x10");
    private static final Pattern NUMBER = Pattern.compile("\\d+(\\.\\d+)?");

    private final Random chance;

    Mutant(long seed) {
        chance = new Random(seed);
    }

    String of(List<String> good) {
        String text = good.get(chance.nextInt(good.size()));
        int times = 1 + chance.nextInt(4);
        for (int i = 0; i < times; i++) {
            text = spoilt(text, good);
        }
        return text;
    }

    private String spoilt(String text, List<String> good) {
        int from = chance.nextInt(text.length() + 1);
        int to = Math.min(text.length(), from + chance.nextInt(12));
        return switch (chance.nextInt(8)) {
            case 0 -> text.substring(0, from) + text.substring(to);
            case 1 -> text.substring(0, to) + text.substring(from);
            case 2 -> text.substring(0, from) + NASTY.get(chance.nextInt(NASTY.size())) + text.substring(from);
            case 3 -> text.substring(0, from);
            case 4 -> numbered(text);
            case 5 -> swapped(text);
            case 6 -> (text + " - ").repeat(1 + chance.nextInt(40));
            default -> {
                String other = good.get(chance.nextInt(good.size()));
                yield text.substring(0, from) + other.substring(chance.nextInt(other.length() + 1));
            }
        };
    }

    /** One of its numbers is another. */
    private String numbered(String text) {
        List<String> found =
                NUMBER.matcher(text).results().map(one -> one.group()).toList();
        if (found.isEmpty()) {
            return text;
        }
        String one = found.get(chance.nextInt(found.size()));
        String other = NUMBERS.get(chance.nextInt(NUMBERS.size()));
        return text.replaceFirst(Pattern.quote(one), Matcher.quoteReplacement(other));
    }

    /** Two of its words change places. */
    private String swapped(String text) {
        String[] words = text.split(" ");
        int one = chance.nextInt(words.length);
        int other = chance.nextInt(words.length);
        String kept = words[one];
        words[one] = words[other];
        words[other] = kept;
        return String.join(" ", words);
    }
}
