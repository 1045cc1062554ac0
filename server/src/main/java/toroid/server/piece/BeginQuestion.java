package toroid.server.piece;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Map;
import toroid.core.piece.part.FormPart;

/**
 * A form a piece is to be begun from.
 *
 * @param wireDiameterMm the form's usual one where left out
 * @param metal copper where left out
 * @param parameters what of it is not as usual; rows and stacks are not written in a piece
 */
public record BeginQuestion(
        @Schema(example = "bead-link") @NotNull @Size(max = 60)
        String formId,

        @Schema(nullable = true) Double wireDiameterMm,
        @Schema(nullable = true) String metal,
        @Schema(nullable = true) String temper,
        @Schema(nullable = true) @Size(max = 60) Map<String, Object> parameters) {
    /** @throws toroid.core.numeric.Refusal for a form or a parameter nobody knows, or a value no line writes */
    FormPart part() {
        var part = new FormPart(formId, null, null, Map.of());
        if (wireDiameterMm != null) {
            part = part.with("wire", wireDiameterMm);
        }
        if (parameters != null) {
            for (Map.Entry<String, Object> one : parameters.entrySet()) {
                part = part.with(one.getKey(), one.getValue());
            }
        }
        return part;
    }

    /** The same asked as a piece, for what its wire is. */
    PieceQuestion stuff() {
        return new PieceQuestion("", metal, temper, null, null, null, null, false);
    }
}
