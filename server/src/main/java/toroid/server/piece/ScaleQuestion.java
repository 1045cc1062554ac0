package toroid.server.piece;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;

/**
 * A piece to be made in another size. One of the three says how.
 *
 * @param piece as it is
 * @param factor all its wire and lengths times that
 * @param wireMm what its main wire is to be, that there is most of
 * @param fits whether it is to become as long as its body asks for
 */
record ScaleQuestion(
        @NotNull @Valid PieceQuestion piece,
        @Schema(nullable = true) Double factor,
        @Schema(nullable = true) Double wireMm,
        @Schema(nullable = true) Boolean fits) {}
