package toroid.server.backup;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import toroid.server.store.RefusalView;

/**
 * What becomes of the rows of one table.
 *
 * @param table as the file calls it
 * @param added not here yet
 * @param changed here, and older than the file's
 * @param alike here as in the file
 * @param left here otherwise, and not older than the file's; what is history, and what belongs to this workshop alone, is never changed
 * @param refused why, of the first of them
 * @param refusedInAll how many there are
 */
record RowsLaid(
        @NotNull String table,
        @NotNull int added,
        @NotNull int changed,
        @NotNull int alike,
        @NotNull int left,
        @NotNull List<RowRefused> refused,
        @NotNull int refusedInAll) {
    RowsLaid {
        refused = List.copyOf(refused);
    }

    /**
     * @param key of the row
     * @param named what it is called, where it has a name
     * @param why its field is within the row
     */
    record RowRefused(
            @NotNull String key,
            @Schema(nullable = true) String named,
            @NotNull RefusalView why) {}
}
