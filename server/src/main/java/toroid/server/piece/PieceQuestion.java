package toroid.server.piece;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import toroid.core.form.Schools;
import toroid.core.metal.Metal;
import toroid.core.metal.MetalNames;
import toroid.core.metal.Temper;
import toroid.core.piece.BodyFit;
import toroid.core.piece.Parts;
import toroid.server.form.FormQuestion;

/**
 * A piece to be worked out.
 *
 * @param line the piece, as {@link toroid.core.piece.PieceLine} reads it
 * @param metal of all its wire; copper where left out
 * @param temper half hard where left out, or one the metal is sold in
 * @param body what it goes round; no target length without
 * @param ringInsidesMm insides of rings the maker's rods give, for cures; none where left out
 * @param sparePercent rings to make besides; 5 where left out
 */
record PieceQuestion(
        @Schema(example = "s-hook - ring 1/4 - 6 * (bead-link bead=6 - ring 1/3.5)") @NotNull @Size(max = 4000)
        String line,

        @Schema(nullable = true) String metal,
        @Schema(nullable = true) String temper,
        @Schema(nullable = true) Body body,
        @Schema(nullable = true) @Size(max = 40) List<@NotNull Double> ringInsidesMm,
        @Schema(nullable = true) Double sparePercent) {
    /**
     * @param girthMm of the wrist, neck or ankle
     * @param easeMm how much longer it hangs; 12, comfortable on a wrist (common practice), where left out
     */
    record Body(
            @NotNull double girthMm,
            @Schema(nullable = true) Double easeMm) {
        private static final double COMFORTABLE_MM = 12;

        BodyFit fit() {
            return new BodyFit(girthMm, easeMm == null ? COMFORTABLE_MM : easeMm);
        }
    }

    private static final double USUAL_SPARE = 5;

    double spare() {
        return sparePercent == null ? USUAL_SPARE : sparePercent;
    }

    List<Double> insides() {
        return ringInsidesMm == null ? List.of() : ringInsidesMm;
    }

    Parts.Stuff stuff(Schools schools) {
        Metal kept = MetalNames.metalOrRefuse(metal == null ? "copper" : metal);
        Temper wanted = temper == null ? FormQuestion.usable(kept) : MetalNames.temperOrRefuse(temper);
        return new Parts.Stuff(kept, wanted, schools);
    }
}
