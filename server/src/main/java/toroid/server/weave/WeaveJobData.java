package toroid.server.weave;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import toroid.core.metal.Metals;
import toroid.core.numeric.Checks;
import toroid.core.weave.WeaveRings;
import toroid.server.store.Words;

/**
 * A piece of a weave the maker means to make. Lengths mm.
 *
 * @param weaveId a weave of the catalogue or the maker's own
 * @param spoolId the spool its rings are made of; null for wire not in stock
 * @param wireDiameterMm as measured
 * @param innerDiameterMm closed, as measured; one for each ring size of the weave
 * @param piece how much of it, and how the maker goes about it
 * @param colours which ring has which colour
 */
public record WeaveJobData(
        @NotNull String name,
        @NotNull String weaveId,
        UUID spoolId,
        @NotNull String metal,
        @NotNull double wireDiameterMm,
        @NotNull List<@NotNull Double> innerDiameterMm,
        @NotNull @Valid PieceSpec piece,
        @NotNull @Valid ColourSpec colours,
        @NotNull String note) {
    private static final int LONGEST_ID = 80;

    /** What can be checked without solving; a piece that cannot be made may still be kept while it is mended. */
    void check() {
        Words.checkName(name);
        Words.checkNote(note);
        Checks.within("weaveId", weaveId.length(), 1, LONGEST_ID, "letters", "Choose a weave.");
        Metals.byId(metal);
        new WeaveRings(wireDiameterMm, innerDiameterMm);
        piece.check();
        colours.toCore();
    }

    /** The question it asks. */
    public PieceQuestion question() {
        return new PieceQuestion(
                wireDiameterMm,
                innerDiameterMm,
                metal,
                piece.lengthMm(),
                piece.units(),
                piece.rows(),
                piece.columns(),
                piece.rowCounts(),
                piece.outline(),
                piece.sheet(),
                piece.doubling(),
                piece.hold(),
                piece.sparePercent(),
                colours);
    }
}
