package toroid.server.piece;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import toroid.core.form.Schools;
import toroid.core.metal.Metal;
import toroid.core.metal.MetalNames;
import toroid.core.metal.Temper;
import toroid.core.piece.BodyFit;
import toroid.core.piece.BodyPart;
import toroid.core.piece.Drop;
import toroid.core.piece.Wanted;
import toroid.core.piece.finish.Finishing;
import toroid.core.piece.part.PartMaker;
import toroid.server.form.FormQuestion;

/**
 * A piece to be worked out.
 *
 * @param line the piece, as {@link toroid.core.piece.PieceLine} reads it
 * @param metal of all its wire; copper where left out
 * @param temper half hard where left out, or one the metal is sold in
 * @param body what it goes round; no target length without
 * @param ringInsidesMm insides of rings the maker's rods give, for cures; those of the workshop's rods where left out, or of usual ones while it has few
 * @param sparePercent rings to make besides; 5 where left out
 * @param finish how it is finished; not at all where left out
 * @param drawn whether its parts are laid out to be drawn; not where left out
 */
public record PieceQuestion(
        @Schema(example = "s-hook - ring 1/4 - 6 * (bead-link bead=6 - ring 1/3.5)") @NotNull @Size(max = 4000)
        String line,

        @Schema(nullable = true) String metal,
        @Schema(nullable = true) String temper,
        @Schema(nullable = true) @Valid Body body,
        @Schema(nullable = true) @Size(max = 40) List<@NotNull Double> ringInsidesMm,
        @Schema(nullable = true) Double sparePercent,
        @Schema(nullable = true) @Valid Finishing finish,
        @Schema(nullable = true) Boolean drawn) {
    /**
     * @param part a wrist where left out
     * @param girthMm around it; how deep a piece is to hang below an ear's lobe, 0 for as deep as it comes; how thick an ear's edge is
     * @param easeMm how much longer the piece is; the second of the usual ones where left out
     */
    public record Body(
            @Schema(nullable = true) BodyPart part,
            @NotNull double girthMm,
            @Schema(nullable = true) Double easeMm) {
        BodyPart where() {
            return part == null ? BodyPart.WRIST : part;
        }

        /** Null for an ear: nothing goes round it. */
        BodyFit fit() {
            if (!where().isGoneRound()) {
                return null;
            }
            List<BodyPart.Ease> usual = where().eases();
            double ease =
                    easeMm == null ? usual.get(Math.min(1, usual.size() - 1)).mm() : easeMm;
            return new BodyFit(girthMm, ease);
        }

        /** How long a piece for it is wanted; null where nothing is said. */
        Wanted wanted() {
            return where() == BodyPart.EAR && girthMm > 0 ? new Drop(girthMm) : fit();
        }
    }

    private static final double USUAL_SPARE = 5;

    double spare() {
        return sparePercent == null ? USUAL_SPARE : sparePercent;
    }

    boolean wantsDrawing() {
        return drawn != null && drawn;
    }

    /** Not at all where nothing is said. */
    public Finishing finishing() {
        return finish == null ? Finishing.NONE : finish;
    }

    /** Whether it goes round a body. */
    public boolean goesRound() {
        return fit() != null;
    }

    BodyFit fit() {
        return body == null ? null : body.fit();
    }

    Wanted wanted() {
        return body == null ? null : body.wanted();
    }

    boolean isForAnEar() {
        return body != null && !body.where().isGoneRound();
    }

    boolean hangsFromNeck() {
        return body != null && body.where() == BodyPart.NECK;
    }

    PartMaker.Stuff stuff(Schools schools) {
        Metal kept = MetalNames.metalOrRefuse(metal == null ? "copper" : metal);
        Temper wanted = temper == null ? FormQuestion.usable(kept) : MetalNames.temperOrRefuse(temper);
        return new PartMaker.Stuff(kept, wanted, schools);
    }
}
