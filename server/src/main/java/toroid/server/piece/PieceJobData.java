package toroid.server.piece;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.piece.PieceLine;
import toroid.core.piece.finish.Finishing;
import toroid.core.ring.Spare;
import toroid.server.store.JobContent;
import toroid.server.store.Words;

/**
 * A whole piece the maker means to make. Lengths mm.
 *
 * @param line the piece, as {@link PieceLine} reads it
 * @param spoolId always null: its wires are of several sizes
 * @param metal of all its wire
 * @param body what it goes round or hangs from; null where nothing is said
 * @param finish how it is finished; null, as before it was asked, for not at all
 * @param sparePercent rings to make besides
 */
public record PieceJobData(
        @NotNull String name,
        @NotNull String line,
        UUID spoolId,
        @NotNull String metal,
        @NotNull Temper temper,
        @Valid PieceQuestion.Body body,
        @Schema(nullable = true) @Valid Finishing finish,
        @NotNull double sparePercent,
        @NotNull String note)
        implements JobContent {
    private static final int LONGEST = 4000;

    /** What can be checked without solving; a piece that cannot be made may still be kept while it is mended. */
    @Override
    public void check() {
        Words.checkName(name);
        Words.checkNote(note);
        if (line.length() > LONGEST) {
            throw Refusal.of(RefusalCode.UNREADABLE_PIECE, "line", line.substring(0, 40));
        }
        PieceLine.read(line);
        Metals.byId(metal).yieldStrength(temper);
        Spare.of(1, sparePercent);
        if (body != null) {
            body.wanted();
        }
    }

    /** The question it asks. */
    public PieceQuestion question(boolean drawn) {
        return new PieceQuestion(line, metal, temper.name(), body, null, sparePercent, finish, drawn);
    }
}
