package toroid.server.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

class CuttingListsTest extends ApiTest {
    private ObjectNode body(String kind) throws java.io.IOException {
        return (ObjectNode) json.readTree(getClass().getResourceAsStream("/bodies.json"))
                .get("PUT /api/jobs/{kind}/{id} of a " + kind)
                .at("/body/data");
    }

    private UUID kept(String kind, Object data) {
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/jobs/" + kind, id, null, data).status()).isEqualTo(200);
        return id;
    }

    private JsonNode lists(UUID... jobs) {
        Answer answer = tell("/api/cutting/lists", Map.of("jobs", List.of(jobs)));
        assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
        return answer.body();
    }

    /** The line, the sheet and the list have one figure: the coils are the ring job's own. */
    @Test
    void aRingJobsCoilsAreItsLengths() {
        Map<String, Object> job = new HashMap<>(job(null, 4, 700));
        UUID id = kept("ring", job);
        JsonNode wire = lists(id).at("/wires/0");
        Answer run = tell("/api/jobs/ring/" + id + "/runs", Map.of());
        JsonNode coils = run.at("/data/facts/coils");
        assertThat(coils).isNotEmpty();
        assertThat(wire.at("/lengths")).hasSameSizeAs(coils);
        for (int i = 0; i < coils.size(); i++) {
            JsonNode length = wire.at("/lengths/" + i);
            assertThat(length.get("lengthMm").asDouble())
                    .isCloseTo(coils.get(i).get("wireMm").asDouble(), within(1e-9));
            assertThat(length.get("rings").asInt())
                    .isEqualTo(coils.get(i).get("rings").asInt());
            assertThat(length.get("count").asInt()).isEqualTo(1);
        }
    }

    @Test
    void jobsOfOneWireAreOneList() throws java.io.IOException {
        ObjectNode form = body("form");
        form.putObject("lots");
        UUID one = kept("form", form);
        UUID other = kept("form", form);
        JsonNode wires = lists(one, other).at("/wires");
        assertThat(wires).isNotEmpty();
        double alone = lists(one).at("/wires/0/lengthMm").asDouble();
        assertThat(wires.at("/0/lengthMm").asDouble()).isCloseTo(2 * alone, within(1e-6));
        assertThat(lists(one, one).at("/wires/0/lengthMm").asDouble()).isCloseTo(alone, within(1e-9));
    }

    @Test
    void aWeaveHasNoWireOfItsOwn() throws java.io.IOException {
        UUID weave = kept("weave", body("weave"));
        JsonNode lists = lists(weave);
        assertThat(lists.at("/wires")).isEmpty();
        assertThat(lists.at("/without/0").asText()).isEqualTo(weave.toString());
    }

    @Test
    void aPiecesFormsAreCut() throws java.io.IOException {
        ObjectNode data = body("piece");
        data.put("line", "s-hook - ring 1/4 - 3 * (bead-link bead=6 - ring 1/3.5)");
        JsonNode lengths = lists(kept("piece", data)).at("/wires");
        int count = 0;
        for (JsonNode wire : lengths) {
            for (JsonNode length : wire.get("lengths")) {
                count += length.get("count").asInt();
            }
        }
        assertThat(count).isEqualTo(4);
    }

    @Test
    void whatIsNotKeptIsNotCut() {
        assertThat(tell("/api/cutting/lists", Map.of("jobs", List.of(UUID.randomUUID())))
                        .status())
                .isEqualTo(404);
    }

    /** 0.81 for 0.8 only where the maker allows it; what would do is told. */
    @Test
    void nearSizesAreAskedFor() {
        UUID spool = spool("titanium", "HARD", 2.63, 5_000);
        var job = new HashMap<String, Object>(job(null, 20, 5));
        job.put("metal", "titanium");
        job.put("temper", "HARD");
        job.put("wireDiameterMm", 2.6);
        UUID id = kept("ring", job);
        JsonNode wire = lists(id).at("/wires/0");
        assertThat(wire.get("spools")).isEmpty();
        assertThat(wire.at("/nearMm/0").asDouble()).isEqualTo(2.63);
        JsonNode near = tell("/api/cutting/lists", Map.of("jobs", List.of(id), "nearSizes", true))
                .at("/wires/0");
        assertThat(near.at("/spools/0/lot").asText()).isEqualTo(spool.toString());
        assertThat(near.get("nearMm")).isEmpty();
    }

    /** 2,350 mm in straight lengths of 1 m: two whole ones, and what is left of the third as an offcut, which goes first. */
    @Test
    void straightLengthsAreStripsOfTheirOwn() throws java.io.IOException {
        UUID lot = UUID.randomUUID();
        var facts = Map.of(
                "metal",
                "aluminium",
                "temper",
                "half-hard",
                "diameter",
                3.3,
                "comes-as",
                "straight-lengths",
                "each",
                1000);
        assertThat(keep(
                                "/api/lots",
                                lot,
                                null,
                                Map.of(
                                        "kind", "wire", "name", "Rods", "facts", facts, "left", 2_350, "place", "",
                                        "note", ""))
                        .status())
                .isEqualTo(200);
        var job = new HashMap<String, Object>(job(null, 20, 5));
        job.put("metal", "aluminium");
        job.put("wireDiameterMm", 3.3);
        JsonNode strips = lists(kept("ring", job)).at("/wires/0/spools");
        assertThat(strips).hasSize(3);
        assertThat(strips.findValuesAsText("lengthMm")).containsExactly("350.0", "1000.0", "1000.0");
        assertThat(strips.findValuesAsText("offcut")).containsExactly("true", "false", "false");
        assertThat(strips.findValuesAsText("id")).doesNotHaveDuplicates();
        assertThat(strips.findValuesAsText("lot")).containsOnly(lot.toString());
    }
}
