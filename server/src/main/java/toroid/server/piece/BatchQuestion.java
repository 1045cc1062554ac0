package toroid.server.piece;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.server.store.Words;

/**
 * So many of a piece.
 *
 * @param name what it is called on paper; "piece" where left out
 * @param copies in the batch, a pair is one; 1 where left out
 */
public record BatchQuestion(
        @Schema(nullable = true) String name,
        @NotNull @Valid PieceQuestion piece,
        @Schema(nullable = true) Integer copies) {
    private static final int MOST = 10_000;

    /** How many. @throws toroid.core.numeric.Refusal when there are none, or more than anybody makes at once */
    public int batch() {
        return Checks.within("copies", copies == null ? 1 : copies, 1, MOST, Unit.COPIES, Remedy.SPLIT_THE_JOB);
    }

    /** @throws toroid.core.numeric.Refusal when it is no name */
    public String called() {
        if (name == null) {
            return "piece";
        }
        Words.checkName(name);
        return name;
    }
}
