package toroid.server.preference;

import jakarta.validation.constraints.NotNull;
import toroid.core.piece.BodyFit;
import toroid.core.piece.BodyPart;
import toroid.server.store.Words;

/**
 * Somebody the maker makes for, as measured once.
 *
 * @param part of them that was measured
 * @param girthMm around it
 * @param easeMm how much longer they like a piece
 */
public record Person(
        @NotNull String name,
        @NotNull BodyPart part,
        @NotNull double girthMm,
        @NotNull double easeMm) {
    void check() {
        Words.checkName(name);
        if (part != BodyPart.EAR) {
            new BodyFit(girthMm, easeMm);
        }
    }
}
