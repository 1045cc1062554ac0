package toroid.core.piece;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.ring.Ring;

/**
 * A piece written as one line, our own grammar; what is written is read back the same.
 *
 * <pre>
 * piece  = ["mirror" | "round"] row        mirror: the last part is the middle; round: the last hangs in the first
 * row    = item {"-" item}                 each hangs in the one before
 * item   = [count "*"] (part | "(" row ")")
 * part   = "ring" wire "/" inside ["soldered"]
 *        | form {name "=" value}           a form's id, its wire as wire=0.8, its parameters by their ids
 * </pre>
 *
 * <p>Lengths are mm. A value with blanks stands in quotes: {@code second='wrapped loop'}. Example: {@code mirror s-hook - ring 1/4 - 6 *
 * (bead-link bead=6 - ring 1/3.5) - ring 1.2/6 soldered}.
 */
public final class PieceLine {
    private static final Pattern RING = Pattern.compile("(\\d{1,4}(?:\\.\\d{1,6})?)/(\\d{1,4}(?:\\.\\d{1,6})?)");
    private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9-]{0,60}");
    private static final int LONGEST = 4000;

    /** Brackets within brackets; deeper is a slip of the hand. */
    private static final int DEEPEST = 8;

    private final List<String> tokens;
    private int at;

    private PieceLine(List<String> tokens) {
        this.tokens = tokens;
    }

    /** @throws Refusal for a line that is no piece, with the word it stops at */
    public static Piece read(String line) {
        if (line.length() > LONGEST) {
            throw Refusal.of(RefusalCode.UNREADABLE_PIECE, "line", line);
        }
        var reader = new PieceLine(tokens(line));
        Piece.Shape shape = reader.takes("mirror")
                ? Piece.Shape.MIRRORED
                : reader.takes("round") ? Piece.Shape.ROUND : Piece.Shape.ROW;
        List<Piece.Element> row = reader.row(0);
        if (reader.at < reader.tokens.size()) {
            throw reader.stops();
        }
        return new Piece(row, shape);
    }

    /** Words between blanks; brackets and stars stand by themselves, what is in quotes together. */
    private static List<String> tokens(String line) {
        var tokens = new ArrayList<String>();
        var word = new StringBuilder();
        boolean quoted = false;
        for (char c : (line + " ").toCharArray()) {
            boolean alone = "()*".indexOf(c) >= 0;
            if (!quoted && (alone || Character.isWhitespace(c))) {
                if (!word.isEmpty()) {
                    tokens.add(word.toString());
                    word.setLength(0);
                }
                if (alone) {
                    tokens.add(String.valueOf(c));
                }
            } else {
                word.append(c);
                quoted ^= c == '\'';
            }
        }
        if (!word.isEmpty()) {
            tokens.add(word.toString().strip());
        }
        return tokens;
    }

    private Refusal stops() {
        return Refusal.of(RefusalCode.UNREADABLE_PIECE, "line", at < tokens.size() ? tokens.get(at) : null);
    }

    private String peek() {
        return at < tokens.size() ? tokens.get(at) : "";
    }

    private boolean takes(String word) {
        if (peek().equals(word)) {
            at++;
            return true;
        }
        return false;
    }

    private List<Piece.Element> row(int depth) {
        if (depth > DEEPEST) {
            throw stops();
        }
        var row = new ArrayList<Piece.Element>();
        do {
            row.add(item(depth));
        } while (takes("-"));
        return row;
    }

    private Piece.Element item(int depth) {
        if (!peek().matches("\\d{1,4}")) {
            return one(depth);
        }
        int count = Integer.parseInt(tokens.get(at++));
        if (!takes("*")) {
            throw stops();
        }
        return new Piece.Repeat(count, takes("(") ? closed(row(depth + 1)) : List.of(new Piece.One(part())));
    }

    private Piece.Element one(int depth) {
        return takes("(") ? new Piece.Repeat(1, closed(row(depth + 1))) : new Piece.One(part());
    }

    private List<Piece.Element> closed(List<Piece.Element> row) {
        if (!takes(")")) {
            throw stops();
        }
        return row;
    }

    private PartSpec part() {
        if (takes("ring")) {
            Matcher sizes = RING.matcher(peek());
            if (!sizes.matches()) {
                throw stops();
            }
            at++;
            var ring = new Ring(Double.parseDouble(sizes.group(1)), Double.parseDouble(sizes.group(2)));
            return new PartSpec.OfRing(ring, takes("soldered"));
        }
        if (!NAME.matcher(peek()).matches()) {
            throw stops();
        }
        String id = tokens.get(at++);
        Map<String, Object> values = new TreeMap<>();
        while (peek().indexOf('=') > 0) {
            String token = tokens.get(at);
            int equals = token.indexOf('=');
            if (values.put(token.substring(0, equals), value(token.substring(equals + 1))) != null) {
                throw stops();
            }
            at++;
        }
        Object wire = values.remove("wire");
        if (wire != null && !(wire instanceof Double)) {
            throw Refusal.of(RefusalCode.UNREADABLE_PIECE, "line", "wire=" + wire);
        }
        return new PartSpec.OfForm(id, (Double) wire, values);
    }

    private Object value(String text) {
        if (text.startsWith("'") && text.endsWith("'") && text.length() > 1) {
            return text.substring(1, text.length() - 1);
        }
        if (text.matches("-?\\d{1,6}(\\.\\d{1,6})?")) {
            return Double.parseDouble(text);
        }
        if (text.isEmpty() || text.indexOf('\'') >= 0) {
            throw stops();
        }
        return text;
    }

    /** The line that {@link #read} reads as that piece; rows and stacks of a form are not written in lines, and refused. */
    public static String write(Piece piece) {
        String shape = switch (piece.shape()) {
            case ROW -> "";
            case MIRRORED -> "mirror ";
            case ROUND -> "round ";
        };
        return shape + row(piece.elements());
    }

    private static String row(List<Piece.Element> elements) {
        return elements.stream().map(PieceLine::item).collect(Collectors.joining(" - "));
    }

    private static String item(Piece.Element element) {
        if (element instanceof Piece.Repeat repeat) {
            boolean single = repeat.elements().size() == 1 && repeat.elements().get(0) instanceof Piece.One;
            return repeat.count() + " * " + (single ? row(repeat.elements()) : "(" + row(repeat.elements()) + ")");
        }
        PartSpec part = ((Piece.One) element).part();
        if (part instanceof PartSpec.OfRing ring) {
            return "ring " + plain(ring.ring().wireDiameterMm()) + "/"
                    + plain(ring.ring().innerDiameterMm()) + (ring.soldered() ? " soldered" : "");
        }
        var form = (PartSpec.OfForm) part;
        var words = new StringBuilder(form.formId());
        if (form.wireMm() != null) {
            words.append(" wire=").append(plain(form.wireMm()));
        }
        form.values()
                .forEach((id, value) -> words.append(' ').append(id).append('=').append(written(id, value)));
        return words.toString();
    }

    private static String written(String id, Object value) {
        if (value instanceof Number number) {
            return plain(number.doubleValue());
        }
        if (value instanceof String word && word.indexOf('\'') < 0) {
            return word.matches("[a-zA-Z][^\\s()*=]*") ? word : "'" + word + "'";
        }
        throw Refusal.of(RefusalCode.NOT_IN_A_LINE, id, value);
    }

    private static String plain(double mm) {
        return new BigDecimal(String.format(Locale.ROOT, "%.6f", mm))
                .stripTrailingZeros()
                .toPlainString();
    }
}
