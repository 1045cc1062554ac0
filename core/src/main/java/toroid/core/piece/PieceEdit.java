package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.piece.part.PartSpec;

/**
 * Changes of a piece one at a time. Parts are told by their number as the piece is written, from 0: every copy of a repeat is one part.
 */
public final class PieceEdit {
    private PieceEdit() {}

    /** Further parts put before or behind that one, in its own row. */
    public static Piece inserted(Piece piece, int at, boolean behind, List<Piece.Element> row) {
        demand(piece, at);
        return piece.rewritten((one, number) -> {
            if (number != at) {
                return null;
            }
            var all = new ArrayList<>(row);
            all.add(behind ? 0 : all.size(), one);
            return all;
        });
    }

    /** One more row hung from that part. */
    public static Piece hung(Piece piece, int at, List<Piece.Element> row) {
        demand(piece, at);
        return piece.rewritten((one, number) -> {
            if (number != at) {
                return null;
            }
            var hanging = new ArrayList<>(one.hanging());
            hanging.add(row);
            return List.of(new Piece.One(one.part(), hanging));
        });
    }

    /** Another part in its place; what hangs from it stays. */
    public static Piece replaced(Piece piece, int at, PartSpec part) {
        demand(piece, at);
        return piece.rewritten((one, number) -> number == at ? List.of(new Piece.One(part, one.hanging())) : null);
    }

    /** One thing of a part set, as {@link PartSpec#with} takes it. */
    public static Piece set(Piece piece, int at, String field, Object value) {
        return replaced(piece, at, one(piece, at).part().with(field, value));
    }

    /** Without that part and what hangs from it; a repeat or a row that is empty then goes with it. */
    public static Piece removed(Piece piece, int at) {
        demand(piece, at);
        List<Piece.Element> left = without(piece.elements(), at, new int[1]);
        if (left.isEmpty()) {
            throw Refusal.of(RefusalCode.PIECE_WITHOUT_PARTS, "piece", null);
        }
        return new Piece(left, piece.shape(), piece.pair());
    }

    private static List<Piece.Element> without(List<Piece.Element> row, int at, int[] number) {
        var all = new ArrayList<Piece.Element>();
        for (Piece.Element element : row) {
            if (element instanceof Piece.Repeat repeat) {
                List<Piece.Element> inner = without(repeat.elements(), at, number);
                if (!inner.isEmpty()) {
                    all.add(new Piece.Repeat(repeat.count(), inner));
                }
            } else if (element instanceof Piece.One one) {
                boolean goes = number[0]++ == at;
                List<List<Piece.Element>> hanging = one.hanging().stream()
                        .map(hung -> without(hung, at, number))
                        .filter(hung -> !hung.isEmpty())
                        .toList();
                if (!goes) {
                    all.add(new Piece.One(one.part(), hanging));
                }
            }
        }
        return all;
    }

    /** A piece after a change, and where the part is that was changed, moved or put in; −1 where it is gone. */
    public record Edited(Piece piece, int at) {}

    /** After putting that row in: its first part is in hand. */
    public static Edited withFirst(Piece piece, List<Piece.Element> row) {
        return new Edited(piece, numberOf(piece, first(row)));
    }

    private static Piece.One first(List<Piece.Element> row) {
        Piece.Element first = row.get(0);
        return first instanceof Piece.Repeat repeat ? first(repeat.elements()) : (Piece.One) first;
    }

    /** Found as the very same, since two parts may be alike. */
    private static int numberOf(Piece piece, Piece.One wanted) {
        return numberOf(piece.elements(), wanted, new int[1]);
    }

    private static int numberOf(List<Piece.Element> row, Piece.One wanted, int[] number) {
        for (Piece.Element element : row) {
            int found = -1;
            if (element instanceof Piece.Repeat repeat) {
                found = numberOf(repeat.elements(), wanted, number);
            } else if (element instanceof Piece.One one) {
                if (one == wanted) {
                    return number[0];
                }
                number[0]++;
                for (List<Piece.Element> hung : one.hanging()) {
                    found = found < 0 ? numberOf(hung, wanted, number) : found;
                }
            }
            if (found >= 0) {
                return found;
            }
        }
        return -1;
    }

    /**
     * That part one place on in its own row, or one place back: past the next part or the whole of the next bracket, and out of the bracket it is
     * in where it is the last of it. At the end of its row it stays.
     */
    public static Edited shifted(Piece piece, int at, boolean on) {
        demand(piece, at);
        Piece.One moving = one(piece, at);
        Piece moved = PieceShift.shifted(piece, moving, on);
        return new Edited(moved, numberOf(moved, moving));
    }

    /** That part taken out with what hangs from it, and put before or behind another. */
    public static Edited moved(Piece piece, int at, int to, boolean behind) {
        demand(piece, at);
        demand(piece, to);
        Piece.One moving = one(piece, at);
        int[] inside = {parts(moving), parts(one(piece, to))};
        if (isIn(to, at, inside[0])) {
            return new Edited(piece, at); // into itself
        }
        // put in first, so that a row it was alone in does not vanish under it
        Piece both = inserted(piece, to, behind, List.of(moving));
        boolean before = behind ? to + inside[1] <= at : to < at;
        int now = behind ? to + inside[1] : to;
        return new Edited(removed(both, before ? at + inside[0] : at), before ? now : now - inside[0]);
    }

    private static int parts(Piece.One one) {
        return 1 + one.hanging().stream().mapToInt(PieceEdit::parts).sum();
    }

    private static int parts(List<Piece.Element> row) {
        return row.stream()
                .mapToInt(element ->
                        element instanceof Piece.Repeat repeat ? parts(repeat.elements()) : parts((Piece.One) element))
                .sum();
    }

    /** The innermost repeat that part is in so often; a part in none by itself so often. */
    public static Piece repeated(Piece piece, int at, int count) {
        demand(piece, at);
        Checks.within("count", count, 1, Piece.MOST_PARTS, Unit.TIMES, Remedy.MAKE_IT_IN_PARTS);
        List<Piece.Element> row = repeated(piece.elements(), at, count, new int[1]);
        return new Piece(row, piece.shape(), piece.pair());
    }

    private static List<Piece.Element> repeated(List<Piece.Element> row, int at, int count, int[] number) {
        var all = new ArrayList<Piece.Element>();
        for (Piece.Element element : row) {
            int first = number[0];
            if (element instanceof Piece.Repeat repeat) {
                int parts = parts(repeat.elements());
                boolean innermost = isIn(at, first, parts) && !isDeeper(repeat.elements(), at, first);
                List<Piece.Element> inner =
                        innermost ? repeat.elements() : repeated(repeat.elements(), at, count, number);
                number[0] = first + parts;
                all.addAll(repeat(innermost ? count : repeat.count(), inner));
            } else {
                var one = (Piece.One) element;
                number[0]++;
                var hanging = one.hanging().stream()
                        .map(hung -> repeated(hung, at, count, number))
                        .toList();
                all.addAll(
                        first == at
                                ? repeat(count, List.of(new Piece.One(one.part(), hanging)))
                                : List.of(new Piece.One(one.part(), hanging)));
            }
        }
        return all;
    }

    /** Once is no repeat. */
    private static List<Piece.Element> repeat(int count, List<Piece.Element> row) {
        return count == 1 ? row : List.of(new Piece.Repeat(count, row));
    }

    private static boolean isIn(int at, int first, int parts) {
        return at >= first && at < first + parts;
    }

    /** Whether a repeat within that row holds the part, or it hangs from a part of it. */
    private static boolean isDeeper(List<Piece.Element> row, int at, int first) {
        int number = first;
        for (Piece.Element element : row) {
            int parts = element instanceof Piece.Repeat repeat ? parts(repeat.elements()) : parts((Piece.One) element);
            if (isIn(at, number, parts)) {
                return element instanceof Piece.Repeat || at > number;
            }
            number += parts;
        }
        return false;
    }

    /**
     * The parts of one row from one to the other, so often together.
     *
     * @throws Refusal where they are not in one row
     */
    public static Piece grouped(Piece piece, int from, int to, int count) {
        demand(piece, from);
        demand(piece, to);
        Checks.within("count", count, 1, Piece.MOST_PARTS, Unit.TIMES, Remedy.MAKE_IT_IN_PARTS);
        boolean[] done = new boolean[1];
        List<Piece.Element> row =
                grouped(piece.elements(), Math.min(from, to), Math.max(from, to), count, new int[1], done);
        if (!done[0]) {
            throw Refusal.of(RefusalCode.NOT_IN_ONE_ROW, "piece", null);
        }
        return new Piece(row, piece.shape(), piece.pair());
    }

    private static List<Piece.Element> grouped(
            List<Piece.Element> row, int from, int to, int count, int[] number, boolean[] done) {
        int begin = -1;
        int end = -1;
        int at = number[0];
        for (int i = 0; i < row.size(); i++) {
            int parts = row.get(i) instanceof Piece.Repeat repeat
                    ? parts(repeat.elements())
                    : parts((Piece.One) row.get(i));
            begin = at == from ? i : begin;
            end = isIn(to, at, parts) ? i : end;
            at += parts;
        }
        if (begin >= 0 && end >= begin && !(begin == end && row.get(begin) instanceof Piece.Repeat)) {
            done[0] = true;
            number[0] = at;
            var all = new ArrayList<>(row.subList(0, begin));
            all.addAll(repeat(count, row.subList(begin, end + 1)));
            all.addAll(row.subList(end + 1, row.size()));
            return all;
        }
        var all = new ArrayList<Piece.Element>();
        for (Piece.Element element : row) {
            if (element instanceof Piece.Repeat repeat) {
                all.add(new Piece.Repeat(repeat.count(), grouped(repeat.elements(), from, to, count, number, done)));
            } else if (element instanceof Piece.One one) {
                number[0]++;
                all.add(new Piece.One(
                        one.part(),
                        one.hanging().stream()
                                .map(hung -> grouped(hung, from, to, count, number, done))
                                .toList()));
            }
        }
        return all;
    }

    private static Piece.One one(Piece piece, int at) {
        demand(piece, at);
        return one(piece.elements(), at, new int[1]);
    }

    private static Piece.One one(List<Piece.Element> row, int at, int[] number) {
        Piece.One found = null;
        for (int i = 0; i < row.size() && found == null; i++) {
            if (row.get(i) instanceof Piece.Repeat repeat) {
                found = one(repeat.elements(), at, number);
            } else if (row.get(i) instanceof Piece.One one) {
                if (number[0]++ == at) {
                    return one;
                }
                for (List<Piece.Element> hung : one.hanging()) {
                    found = found == null ? one(hung, at, number) : found;
                }
            }
        }
        return found;
    }

    private static void demand(Piece piece, int at) {
        Checks.within("at", at, 0, parts(piece.elements()) - 1.0, Unit.PARTS, Remedy.COUNT_THEM_AGAIN);
    }
}
