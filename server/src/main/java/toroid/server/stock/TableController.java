package toroid.server.stock;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.stock.StockKinds;

/** The shelf as a table in a file, out and in. */
@RestController
@RequestMapping("/api/stock-table")
class TableController {
    private final Lots lots;
    private final TableIn tables;

    TableController(Lots lots, TableIn tables) {
        this.lots = lots;
        this.tables = tables;
    }

    @Operation(summary = "All lots, or those of one kind, as CSV")
    @GetMapping(produces = "text/csv")
    ResponseEntity<byte[]> out(@RequestParam(required = false) String kind) {
        String text = LotTable.write(
                kind == null ? lots.all() : lots.all(StockKinds.byId(kind).id()));
        String name = kind == null ? "stock" : kind;
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + ".csv\"")
                .body(text.getBytes(StandardCharsets.UTF_8));
    }

    /** A table, as its file has it. */
    record TableText(@NotNull String text) {}

    @Operation(summary = "What a table would change, row by row; keeps nothing")
    @PostMapping("/look")
    TableView look(@RequestBody @Valid TableText table) {
        return tables.look(table.text());
    }

    /** @param id made once by whoever sends it */
    record TableTaken(
            @NotNull UUID id, @NotNull String text, @NotNull String seal) {}

    @Operation(summary = "Takes a table in as it was looked at, all of it or nothing")
    @PostMapping
    TableView take(@RequestBody @Valid TableTaken table) {
        return tables.take(table.id(), table.text(), table.seal());
    }
}
