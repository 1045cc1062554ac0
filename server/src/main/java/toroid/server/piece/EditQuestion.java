package toroid.server.piece;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.function.Function;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.piece.Piece;
import toroid.core.piece.PieceEdit;
import toroid.core.piece.PieceLine;
import toroid.server.store.ServerCode;

/**
 * One change of a piece. Parts are told by their number as written, from 0; what an act does not use is left out.
 *
 * @param line the piece as it is
 * @param at the part that is changed
 * @param to another part: where it is moved to, the last of a group
 * @param part what is put in, as a line writes a row
 * @param count how often
 * @param field what of a part is set
 * @param value to what; null for as usual
 */
record EditQuestion(
        @Schema(example = "s-hook - ring 1/4") @NotNull @Size(max = 4000)
        String line,

        @NotNull Act act,
        @Schema(nullable = true) Integer at,
        @Schema(nullable = true) Integer to,

        @Schema(nullable = true, example = "ring 1/4") @Size(max = 4000)
        String part,

        @Schema(nullable = true) Integer count,
        @Schema(nullable = true) Double factor,
        @Schema(nullable = true) Piece.Shape shape,
        @Schema(nullable = true) Boolean pair,
        @Schema(nullable = true) @Size(max = 80) String field,
        @Schema(nullable = true) Object value) {
    /** What is done. */
    enum Act {
        PUT_BEFORE,
        PUT_BEHIND,
        HANG,
        REPLACE,
        SET,
        REMOVE,
        MOVE_BEFORE,
        MOVE_BEHIND,
        EARLIER,
        LATER,
        REPEAT,
        GROUP,
        SHAPE,
        PAIR,
        SCALE
    }

    /** @throws Refusal for what is left out and needed, a part that is not there, a change that makes no piece */
    PieceEdit.Edited edited() {
        Piece piece = PieceLine.read(line);
        return switch (act) {
            case PUT_BEFORE -> put(row -> PieceEdit.inserted(piece, needed("at", at), false, row));
            case PUT_BEHIND -> put(row -> PieceEdit.inserted(piece, needed("at", at), true, row));
            case HANG -> put(row -> PieceEdit.hung(piece, needed("at", at), row));
            case REPLACE -> stays(PieceEdit.replaced(piece, needed("at", at), ((Piece.One) one()).part()));
            case SET -> stays(PieceEdit.set(piece, needed("at", at), needed("field", field), value));
            case REMOVE -> new PieceEdit.Edited(PieceEdit.removed(piece, needed("at", at)), GONE);
            case MOVE_BEFORE -> PieceEdit.moved(piece, needed("at", at), needed("to", to), false);
            case MOVE_BEHIND -> PieceEdit.moved(piece, needed("at", at), needed("to", to), true);
            case EARLIER -> PieceEdit.shifted(piece, needed("at", at), false);
            case LATER -> PieceEdit.shifted(piece, needed("at", at), true);
            case REPEAT -> stays(PieceEdit.repeated(piece, needed("at", at), needed("count", count)));
            case GROUP -> stays(PieceEdit.grouped(piece, needed("at", at), needed("to", to), needed("count", count)));
            case SHAPE -> stays(new Piece(piece.elements(), needed("shape", shape), piece.pair()));
            case PAIR -> stays(new Piece(piece.elements(), piece.shape(), needed("pair", pair)));
            case SCALE -> stays(piece.scaled(needed("factor", factor)));
        };
    }

    private static final int GONE = -1;

    private PieceEdit.Edited put(Function<List<Piece.Element>, Piece> in) {
        List<Piece.Element> row = row();
        return PieceEdit.withFirst(in.apply(row), row);
    }

    private PieceEdit.Edited stays(Piece changed) {
        return new PieceEdit.Edited(changed, at == null ? GONE : at);
    }

    private List<Piece.Element> row() {
        return PieceLine.read(needed("part", part)).elements();
    }

    private Piece.Element one() {
        List<Piece.Element> row = row();
        if (row.size() != 1 || !(row.get(0) instanceof Piece.One)) {
            throw Refusal.of(RefusalCode.UNREADABLE_PIECE, "part", part);
        }
        return row.get(0);
    }

    private static <T> T needed(String field, T value) {
        if (value == null) {
            throw Refusal.of(ServerCode.MISSING, field, null);
        }
        return value;
    }
}
