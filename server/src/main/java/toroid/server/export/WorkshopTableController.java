package toroid.server.export;

import io.swagger.v3.oas.annotations.Operation;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** What a place keeps, as a table. */
@RestController
class WorkshopTableController {
    private final WorkshopTables tables;

    WorkshopTableController(WorkshopTables tables) {
        this.tables = tables;
    }

    @Operation(summary = "rings, shapes, weaves, medallions, pieces, notebook or measurements as CSV")
    @GetMapping("/api/tables/{place}")
    ResponseEntity<byte[]> table(@PathVariable String place) {
        return ExportFile.of(place, "csv", ExportFile.utf8(tables.csv(place)));
    }
}
