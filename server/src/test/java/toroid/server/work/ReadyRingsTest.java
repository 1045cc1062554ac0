package toroid.server.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.awaitility.Awaitility.await;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import toroid.core.stock.StockKinds;
import toroid.server.ApiTest;

/** Rings that lie ready on the shelf go into what is made of rings; only the others are wound. */
class ReadyRingsTest extends ApiTest {
    private static final double INSIDE = 3.85;

    private final List<UUID> lots = new ArrayList<>();

    @AfterEach
    void clearTheShelf() {
        lots.forEach(lot -> takeAway(
                "/api/lots", lot, read("/api/lots/" + lot).at("/version").asInt()));
    }

    private UUID rings(double insideMm, double left) {
        var facts = new HashMap<String, Object>(StockKinds.byId("rings").blank().values());
        facts.putAll(Map.of("metal", "copper", "wire", 1.0, "inside", insideMm, "turns", 1));
        UUID id = UUID.randomUUID();
        var lot = new HashMap<String, Object>(
                Map.of("kind", "rings", "name", "Rings", "facts", facts, "left", left, "place", "", "note", ""));
        lot.put("unitPrice", 0.25);
        Answer kept = keep("/api/lots", id, null, lot);
        assertThat(kept.status()).as("%s", kept.body()).isEqualTo(200);
        lots.add(id);
        return id;
    }

    /** Nine rings: five closed beforehand, four open. */
    private static Map<String, Object> chain(double insideMm) {
        var job = new HashMap<>(WeaveRunsTest.job("single-chain", 9));
        job.put("innerDiameterMm", List.of(insideMm));
        return job;
    }

    private static Map<String, Object> edit(Object data) {
        var edit = new HashMap<String, Object>();
        edit.put("version", null);
        edit.put("data", data);
        return edit;
    }

    private List<Double> drawn(UUID job) {
        JsonNode plan = read("/api/jobs/weave/" + job + "/plan").body();
        return plan.at("/work/operations").findValues("amount").stream()
                .map(JsonNode::asDouble)
                .toList();
    }

    /** They leave as they are closed and as they are opened, are put by until then, and there is nothing to wind. */
    @Test
    void aWeaveTakesReadyRings() {
        UUID lot = rings(INSIDE + 0.04, 12);
        UUID job = UUID.randomUUID();
        assertThat(keep("/api/jobs/weave", job, null, chain(INSIDE)).status()).isEqualTo(200);
        assertThat(drawn(job)).containsExactly(5.0, 4.0);
        await().untilAsserted(() -> assertThat(
                        read("/api/lots/" + lot + "/put-by").at("/0/amount").asDouble())
                .isEqualTo(9));
        Answer refused = tell("/api/jobs/weave/" + UUID.randomUUID() + "/cuts", edit(chain(INSIDE)));
        assertThat(refused.at("/code").asText()).isEqualTo("rings-lie-ready");

        Answer run = tell("/api/jobs/weave/" + job + "/runs", Map.of());
        UUID id = UUID.fromString(run.at("/id").asText());
        keep("/api/runs", id, 0, Map.of("done", Map.of("close-first", 1), "counts", Map.of(), "note", ""));
        assertThat(left(lot)).isEqualTo(7);
        keep(
                "/api/runs",
                id,
                1,
                Map.of("done", Map.of("close-first", 1, "open-first", 1), "counts", Map.of(), "note", ""));
        assertThat(left(lot)).isEqualTo(3);
        keep("/api/runs", id, 2, Map.of("done", Map.of(), "counts", Map.of(), "note", ""));
        assertThat(left(lot)).isEqualTo(12);
    }

    /** Too few, or of another size, are no ready rings: all of them are wound. */
    @Test
    void tooFewAreWound() {
        rings(INSIDE, 8);
        rings(INSIDE + 0.2, 50);
        UUID job = UUID.randomUUID();
        Answer laid = tell("/api/jobs/weave/" + job + "/cuts", edit(chain(INSIDE)));
        assertThat(laid.at("/cuts/0/data/ringCount").asInt()).isEqualTo(9);
        assertThat(drawn(job)).isEmpty();
    }

    /** What is laid out to be wound for it is not taken from the shelf besides, however many lie there by now. */
    @Test
    void whatIsWoundForItIsNotTakenTwice() {
        UUID job = UUID.randomUUID();
        Answer laid = tell("/api/jobs/weave/" + job + "/cuts", edit(chain(INSIDE)));
        assertThat(laid.status()).isEqualTo(200);
        rings(INSIDE, 50);
        assertThat(drawn(job)).isEmpty();
        takeAway(
                "/api/jobs/ring",
                UUID.fromString(laid.at("/cuts/0/id").asText()),
                laid.at("/cuts/0/version").asInt());
        assertThat(drawn(job)).containsExactly(5.0, 4.0);
    }

    private static double wire(Answer piece) {
        return piece.at("/wires").findValues("lengthMm").stream()
                .mapToDouble(JsonNode::asDouble)
                .sum();
    }

    /** Plain and hammered ones come from one lot: where it has enough for the one and not for the other, the other's are wound. */
    @Test
    void aLotGivesEachUseItsOwn() {
        rings(INSIDE, 5);
        ObjectNode question = json.createObjectNode();
        question.put("line", "4 * ring 1/%s - 3 * ring 1/%s hammered=0.8".formatted(INSIDE, INSIDE))
                .put("metal", "copper");
        Answer piece = tell("/api/pieces/solve", question);
        assertThat(piece.at("/rings").findValues("ready").stream().map(JsonNode::asBoolean))
                .as("%s", piece.body())
                .containsExactly(true, false);
        assertThat(wire(piece)).isGreaterThanOrEqualTo(3 * Math.PI * (INSIDE + 1) - 1e-6);
    }

    /** A piece's list says they are there, its wire is only for what is made, and its price is theirs. */
    @Test
    void aPieceSaysTheyAreThere() {
        ObjectNode question = json.createObjectNode();
        question.put("line", "s-hook - 12 * ring 1/" + INSIDE).put("metal", "copper");
        double wound = wire(tell("/api/pieces/solve", question));
        rings(INSIDE, 12);
        Answer piece = tell("/api/pieces/solve", question);
        assertThat(piece.at("/rings/0/ready").asBoolean())
                .as("%s", piece.body())
                .isTrue();
        assertThat(piece.at("/rings/0/spare").asInt()).isZero();
        double each = Math.PI * (INSIDE + 1);
        assertThat(wound - wire(piece)).isGreaterThanOrEqualTo(12 * each - 1e-6);
        ObjectNode batch = json.createObjectNode();
        batch.set("piece", question);
        JsonNode lines = tell("/api/pieces/price", batch.put("copies", 1)).at("/lines");
        assertThat(lines).anySatisfy(line -> {
            assertThat(line.get("kind").asText()).isEqualTo("RINGS");
            assertThat(line.get("amount").asInt()).isEqualTo(12);
            assertThat(line.get("cost").asDouble()).isCloseTo(3, within(1e-9));
        });
        // two of them take more than there are: those are wound
        assertThat(tell("/api/pieces/price", batch.put("copies", 2))
                        .at("/lines")
                        .findValuesAsText("kind"))
                .doesNotContain("RINGS");
    }
}
