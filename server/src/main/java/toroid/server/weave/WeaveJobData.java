package toroid.server.weave;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import toroid.core.metal.Metals;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.weave.WeaveRings;
import toroid.server.store.JobContent;
import toroid.server.store.Words;

/**
 * A patch of a weave the maker means to make. Lengths mm.
 *
 * @param weaveId a weave of the catalogue or the maker's own
 * @param spoolId the spool its rings are made of; null for wire not in stock
 * @param wireDiameterMm as measured
 * @param innerDiameterMm closed, as measured; one for each ring size of the weave
 * @param patch how much of it, and how the maker goes about it
 * @param colours which ring has which colour
 */
public record WeaveJobData(
        @NotNull String name,
        @NotNull String weaveId,
        UUID spoolId,
        @NotNull String metal,
        @NotNull double wireDiameterMm,
        @NotNull List<@NotNull Double> innerDiameterMm,
        @NotNull @Valid PatchSpec patch,
        @NotNull @Valid ColourSpec colours,
        @NotNull String note)
        implements JobContent {
    private static final int LONGEST_ID = 80;

    /** What can be checked without solving; a patch that cannot be made may still be kept while it is mended. */
    @Override
    public void check() {
        Words.checkName(name);
        Words.checkNote(note);
        Checks.within("weaveId", weaveId.length(), 1, LONGEST_ID, Unit.LETTERS, Remedy.CHOOSE_A_WEAVE);
        Metals.byId(metal);
        new WeaveRings(wireDiameterMm, innerDiameterMm);
        patch.check();
        colours.toCore();
    }

    /** The question it asks. */
    public PatchQuestion question() {
        return new PatchQuestion(
                wireDiameterMm,
                innerDiameterMm,
                metal,
                patch.lengthMm(),
                patch.units(),
                patch.rows(),
                patch.columns(),
                patch.rowCounts(),
                patch.outline(),
                patch.sheet(),
                patch.doubling(),
                patch.hold(),
                patch.sparePercent(),
                colours);
    }
}
