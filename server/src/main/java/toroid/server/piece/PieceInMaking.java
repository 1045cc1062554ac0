package toroid.server.piece;

import jakarta.validation.constraints.NotNull;
import java.util.Map;
import toroid.server.form.FormInMaking;
import toroid.server.weave.WovenInMaking;

/**
 * A piece as it is made: all that is shown of it beside the bench.
 *
 * @param forms what its parts are bent as, by the place of the first of those that are made together
 * @param woven what of it is woven, by the place of the first of those that are made one after another
 */
public record PieceInMaking(
        @NotNull PieceAnswer piece,
        @NotNull Map<Integer, FormInMaking> forms,
        @NotNull Map<Integer, WovenInMaking> woven) {}
