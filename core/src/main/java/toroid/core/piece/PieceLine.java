package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import toroid.core.numeric.Refusal;
import toroid.core.piece.part.LineWords;
import toroid.core.piece.part.PartKinds;

/**
 * A piece written as one line, our own grammar; what is written is read back the same.
 *
 * <pre>
 * piece  = ["pair"] ["mirror" | "round"] row   pair: made twice, mirrored; mirror: the last part is the middle; round: the last hangs in the first
 * row    = item {"-" item}                     each hangs in the one before
 * item   = [count "*"] (one | "(" row ")")
 * one    = part {"[" row "]"}                  rows in square brackets hang from the part besides
 * part   = "ring" wire "/" inside [turns=] [hammered=] [bead=] ["soldered"]
 *        | "chain" pitch "/" wire [links=] [inside=] ["soldered"]
 *        | "weave" id wire "/" inside {"," inside} [units=]
 *        | "sheet" id wire "/" inside {"," inside} [rows=] [columns=] [grow=]
 *        | "strand" wire [strands=] [loop=] "(" ["each"] [count "*"] "bead" length "/" hole [width=] {"-" …} ")"
 *        | "cord" diameter [length=] [wire=]
 *        | "stone" length "/" hole [width=] [thick=] [edge=] [density=]
 *        | "finding" kind [length=] [inside=] [wire=] [mass=]
 *        | form[":" half] {name "=" value}     a form's id, its wire as wire=0.8, its parameters by their ids
 * </pre>
 *
 * <p>Lengths are mm. A value with blanks stands in quotes: {@code second='wrapped loop'}; so do several, such as {@code row='2 bead 6/6/1, spacer
 * 4/1/0.8'}. Within a repeat a size may be a range,
 * {@code bead=4..8}: from its first to its last. Example: {@code mirror s-hook - ring 1/4 - 6 * (bead-link bead=4..8 - ring 1/3.5) - ring
 * 1.2/6 soldered [ring 0.8/3 - bead-link]}.
 */
public final class PieceLine {
    /** Brackets within brackets; deeper is a slip of the hand. */
    private static final int DEEPEST = 8;

    private final LineWords words;

    private PieceLine(LineWords words) {
        this.words = words;
    }

    /** @throws Refusal for a line that is no piece, with the word it stops at */
    public static Piece read(String line) {
        var reader = new PieceLine(LineWords.of(line));
        boolean pair = reader.words.takes("pair");
        Piece.Shape shape = reader.words.takes("mirror")
                ? Piece.Shape.MIRRORED
                : reader.words.takes("round") ? Piece.Shape.ROUND : Piece.Shape.ROW;
        List<Piece.Element> row = reader.row(0);
        if (!reader.words.atEnd()) {
            throw reader.words.stops();
        }
        return new Piece(row, shape, pair);
    }

    private List<Piece.Element> row(int depth) {
        if (depth > DEEPEST) {
            throw words.stops();
        }
        var row = new ArrayList<Piece.Element>();
        do {
            row.add(item(depth));
        } while (words.takes("-"));
        return row;
    }

    private Piece.Element item(int depth) {
        if (!words.peek().matches("\\d{1,4}")) {
            return words.takes("(") ? new Piece.Repeat(1, closed(depth, ")")) : one(depth);
        }
        int count = words.count();
        words.needs("*");
        return new Piece.Repeat(count, words.takes("(") ? closed(depth, ")") : List.of(one(depth)));
    }

    private Piece.One one(int depth) {
        var part = PartKinds.read(words);
        var hanging = new ArrayList<List<Piece.Element>>();
        while (words.takes("[")) {
            hanging.add(closed(depth, "]"));
        }
        return new Piece.One(part, hanging);
    }

    private List<Piece.Element> closed(int depth, String bracket) {
        List<Piece.Element> row = row(depth + 1);
        words.needs(bracket);
        return row;
    }

    /** The line that {@link #read} reads as that piece; an outline of hundreds of rows is not written in a line, and refused. */
    public static String write(Piece piece) {
        String shape = switch (piece.shape()) {
            case ROW -> "";
            case MIRRORED -> "mirror ";
            case ROUND -> "round ";
        };
        return (piece.pair() ? "pair " : "") + shape + row(piece.elements());
    }

    private static String row(List<Piece.Element> elements) {
        return elements.stream().map(PieceLine::item).collect(Collectors.joining(" - "));
    }

    private static String item(Piece.Element element) {
        if (element instanceof Piece.Repeat repeat) {
            boolean single = repeat.elements().size() == 1 && repeat.elements().get(0) instanceof Piece.One;
            return repeat.count() + " * " + (single ? row(repeat.elements()) : "(" + row(repeat.elements()) + ")");
        }
        var one = (Piece.One) element;
        return one.part().written()
                + one.hanging().stream().map(hung -> " [" + row(hung) + "]").collect(Collectors.joining());
    }
}
