package toroid.server.export;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

/** What each place keeps, opened by a reader of tables that knows nothing of it. */
class WorkshopTablesTest extends ApiTest {
    private List<CSVRecord> table(String place) throws Exception {
        CSVFormat format = CSVFormat.RFC4180.builder().setHeader().get();
        return CSVParser.parse(new StringReader(new String(fetched("/api/tables/" + place), "UTF-8")), format)
                .getRecords();
    }

    private static CSVRecord row(List<CSVRecord> table, String id) {
        return table.stream()
                .filter(one -> one.get("id").equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everythingKeptIsARowAndAFormulaIsNone() throws Exception {
        String name = "=HYPERLINK(\"x\")";
        UUID job = formJob(name, "s-hook", 1.0, Map.of(), 3);
        CSVRecord shape = row(table("shapes"), job.toString());
        assertThat(shape.get("name")).isEqualTo("'" + name);
        assertThat(shape.get("formId")).isEqualTo("s-hook");
        assertThat(Double.parseDouble(shape.get("wireDiameterMm"))).isEqualTo(1);
        assertThat(shape.get("copies")).isEqualTo("3");
        Answer begun = tell("/api/jobs/form/" + job + "/runs", Map.of());
        assertThat(progress(begun, 1, Map.of(), "+1, well\n\"bent\"").status()).isEqualTo(200);
        CSVRecord run = row(table("notebook"), begun.at("/id").asText());
        assertThat(run.get("note")).isEqualTo("'+1, well\n\"bent\"");
        assertThat(run.get("kind")).isEqualTo("form");
        assertThat(run.get("jobId")).isEqualTo(job.toString());
        UUID reading = UUID.randomUUID();
        var looped = Map.of(
                "quantity", "LOOP_INSIDE",
                "value", 2.48,
                "takenAt", "2026-03-01T10:00:00Z",
                "note", "",
                "context", Map.of("formId", "plain-loop", "wireMm", 0.8));
        assertThat(keep("/api/readings", reading, null, looped).status()).isEqualTo(200);
        CSVRecord measured = row(table("measurements"), reading.toString());
        assertThat(measured.get("value")).isEqualTo("2.48");
        assertThat(measured.get("context.formId")).isEqualTo("plain-loop");
    }

    @Test
    void aPlaceWithoutAnythingIsAnEmptyTableAndAnyOtherIsRefused() throws Exception {
        for (String place : List.of("rings", "weaves", "medallions", "pieces")) {
            table(place);
        }
        assertThat(read("/api/tables/kitchen").at("/code").asText()).isEqualTo("unknown-kind");
    }
}
