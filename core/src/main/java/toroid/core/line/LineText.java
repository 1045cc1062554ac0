package toroid.core.line;

import java.util.Locale;
import toroid.core.quantity.MakerLength;

/** A line as typed, made even before it is read word by word: small letters, single spaces, no stray commas, joined words parted. */
final class LineText {
    private static final String SIZE = "(\\d+(?:[.,]\\d+)?(?:/\\d+)?(?:mm|in|\")?)";

    private LineText() {}

    static String even(String text) {
        String even = MakerLength.plainFractions(text.strip().toLowerCase(Locale.ROOT));
        return even.replace('×', 'x')
                .replace('⌀', ' ')
                .replaceAll("[,;](?=\\s|$)", " ") // a comma between digits is a decimal point
                .replaceAll("(?<=\\s)[-–](?=\\s)", " ")
                .replaceAll("(\\d+)-(gauge|ga|awg|swg)\\b", "$1 $2")
                .replaceAll("\\b" + SIZE + "(id|od)\\b", "$2 $1") // 5id
                .replaceAll("\\b(id|od|ar)(\\d)", "$1 $2") // id5, ar4
                .replaceAll("\\b(id|od|ar)\\s*[=:]\\s*", "$1 ")
                .replaceAll("(?<=[\\d.,/]|mm|in|\")x(?=\\d+[.,/]?\\d*)", " x ") // 1.2x5
                .replaceAll("\\s+", " ")
                .strip();
    }
}
