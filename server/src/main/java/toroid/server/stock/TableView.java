package toroid.server.stock;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import toroid.server.store.RefusalView;
import toroid.server.store.RowBecomes;

/**
 * What a table would change of the shelf, row by row; nothing is written yet.
 *
 * @param seal of the table and of the shelf as it stands: what was looked at is what is taken in
 */
record TableView(
        @NotNull List<TableRow> rows,
        @NotNull int added,
        @NotNull int changed,
        @NotNull int alike,
        @NotNull int refused,
        @NotNull String seal) {
    /**
     * @param line of the file, the head is line 1
     * @param lot the one it tells of; null for a new one
     * @param changes what is otherwise than it is kept
     * @param refusal why it cannot be taken in; null for all others
     */
    record TableRow(
            @NotNull long line,
            @NotNull RowBecomes becomes,
            UUID lot,
            @NotNull String kind,
            @NotNull String name,
            @NotNull List<CellChange> changes,
            RefusalView refusal) {}

    /** One cell, as it is kept and as the table has it. */
    record CellChange(
            @NotNull String column,
            @NotNull String before,
            @NotNull String after) {}
}
