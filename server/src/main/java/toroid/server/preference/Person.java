package toroid.server.preference;

import jakarta.validation.constraints.NotNull;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.piece.BodyFit;
import toroid.core.piece.BodyPart;
import toroid.server.store.ServerCode;
import toroid.server.store.Words;

/**
 * Somebody the maker makes for, as measured once.
 *
 * @param part of them that was measured
 * @param girthMm around it; of an ear how deep they like a piece to hang, of its edge how thick it is
 * @param easeMm how much longer they like a piece
 */
public record Person(
        @NotNull String name,
        @NotNull BodyPart part,
        @NotNull double girthMm,
        @NotNull double easeMm) {
    /** @throws Refusal when it has no name, or no body is of such a size */
    public void check() {
        Words.checkName(name);
        if (part == null) {
            throw Refusal.of(ServerCode.MISSING, "people", null);
        }
        if (part.isGoneRound()) {
            new BodyFit(girthMm, easeMm);
        } else if (girthMm > 0) {
            Checks.within("girthMm", girthMm, 0.5, 400, Unit.MM, Remedy.MEASURE_IT_AGAIN);
        }
    }
}
