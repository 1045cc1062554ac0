package toroid.server.weave;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.server.store.JobContent;
import toroid.server.store.Words;

/**
 * A cross, star or medallion the maker means to make.
 *
 * @param weaveId a weave of the catalogue or the maker's own, whose patches are the arms
 * @param spoolId the spool its small rings are made of; null for wire not in stock
 * @param composition arms, larger rings, ties, bail
 */
public record MedallionJobData(
        @NotNull String name,
        @NotNull String weaveId,
        UUID spoolId,
        @NotNull @Valid CompositionQuestion composition,
        @NotNull String note)
        implements JobContent {
    private static final int LONGEST_ID = 80;

    /** What can be checked without solving; one that cannot be made may still be kept while it is mended. */
    @Override
    public void check() {
        Words.checkName(name);
        Words.checkNote(note);
        Checks.within("weaveId", weaveId.length(), 1, LONGEST_ID, Unit.LETTERS, Remedy.CHOOSE_A_WEAVE);
        composition.small();
        composition.plan();
        composition.palette();
    }
}
