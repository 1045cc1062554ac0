package toroid.server.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.Test;
import toroid.core.stock.StockKinds;
import toroid.server.ApiTest;

/** Strips that are cut leave the shelf; a run that comes to what was cut takes nothing twice; all of it comes back. */
class CutStripsTest extends ApiTest {
    private static final double COPIES = 4;

    private UUID wire(String comesAs, Double left, Object... more) {
        var facts = new HashMap<String, Object>(StockKinds.byId("wire").blank().values());
        facts.put("diameter", 1.0);
        facts.put("metal", "copper");
        facts.put("comes-as", comesAs);
        for (int i = 0; i < more.length; i += 2) {
            facts.put((String) more[i], more[i + 1]);
        }
        var lot = new HashMap<String, Object>(
                Map.of("kind", "wire", "name", "copper " + comesAs, "facts", facts, "place", "", "note", ""));
        lot.put("left", left);
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/lots", id, null, lot).status()).isEqualTo(200);
        return id;
    }

    /** Four hooks of copper wire, from that lot. */
    private UUID hooks(UUID lot) throws java.io.IOException {
        var form = (ObjectNode) json.readTree(getClass().getResourceAsStream("/bodies.json"))
                .get("PUT /api/jobs/{kind}/{id} of a form")
                .at("/body/data");
        form.put("spoolId", lot.toString())
                .put("metal", "copper")
                .put("wireDiameterMm", 1.0)
                .put("copies", (int) COPIES);
        form.putObject("lots");
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/jobs/form", id, null, form).status()).isEqualTo(200);
        return id;
    }

    private JsonNode list(UUID job) {
        return tell("/api/cutting/lists", Map.of("jobs", List.of(job)))
                .at("/wires/0")
                .deepCopy();
    }

    private Map<String, Object> strip(UUID lot, String strip, double held, JsonNode length, int count) {
        var given = new HashMap<String, Object>();
        given.put("id", UUID.randomUUID());
        given.put("lotId", lot);
        given.put("strip", strip);
        given.put("heldMm", held);
        given.put("kerfMm", 0.5);
        given.put("usefulMm", 30);
        given.put(
                "lengths",
                List.of(Map.of(
                        "id",
                        length.get("id").asText(),
                        "jobId",
                        length.get("job").asText(),
                        "lengthMm",
                        length.get("lengthMm").asDouble(),
                        "count",
                        count)));
        return given;
    }

    /** Cut from another spool than the run was planned from: that one is less, once, and the run's own is as it was. */
    @Test
    void aRunTakesNothingTwice() throws Exception {
        UUID planned = wire("spool", 3000.0);
        UUID other = wire("spool", 2000.0);
        UUID job = hooks(planned);
        JsonNode length = list(job).at("/lengths/0");
        double mm = length.get("lengthMm").asDouble();
        var given = strip(other, other.toString(), 2000, length, 3);
        Answer cut = tell("/api/cutting/cuts", given);
        assertThat(cut.status()).as("%s", cut.body()).isEqualTo(200);
        assertThat(tell("/api/cutting/cuts", given).status()).isEqualTo(200);
        assertThat(left(other)).isCloseTo(2000 - 3 * mm - 1.5, within(1e-6));
        assertThat(list(job).at("/lengths/0/cut").asInt()).isEqualTo(3);
        assertThat(list(job).at("/cuts")).hasSize(1);

        JsonNode run = tell("/api/jobs/form/" + job + "/runs", Map.of()).body();
        UUID runId = UUID.fromString(run.get("id").asText());
        String first = run.at("/data/plan/operations/0/id").asText();
        keep("/api/runs", runId, 0, Map.of("done", Map.of(first, 4), "counts", Map.of(), "note", ""));
        assertThat(left(planned)).isCloseTo(3000 - mm, within(1e-6));
        assertThat(tell("/api/cutting/cuts/" + given.get("id") + "/undo", Map.of())
                        .at("/code")
                        .asText())
                .isEqualTo("cut-in-use");
        keep("/api/runs", runId, 1, Map.of("done", Map.of(), "counts", Map.of(), "note", ""));
        assertThat(left(planned)).isCloseTo(3000, within(1e-6));
        assertThat(tell("/api/cutting/cuts/" + given.get("id") + "/undo", Map.of())
                        .status())
                .isEqualTo(200);
        assertThat(tell("/api/cutting/cuts/" + given.get("id") + "/undo", Map.of())
                        .status())
                .isEqualTo(200);
        assertThat(left(other)).isCloseTo(2000, within(1e-6));
        assertThat(list(job).at("/lengths/0/cut").asInt()).isZero();
    }

    /** The lengths of a piece's parts are cut as its run makes them, all of one part at once, and again to be cut when that is taken back. */
    @Test
    void aPiecesOwnRunCutsItsLengths() throws Exception {
        UUID lot = wire("spool", 5000.0, "diameter", 1.13);
        var piece = (ObjectNode) json.readTree(getClass().getResourceAsStream("/bodies.json"))
                .get("PUT /api/jobs/{kind}/{id} of a piece")
                .at("/body/data");
        piece.put("line", "ring 1/5 - 3 * (bead-link wire=1.13 bead=6 - ring 1/5)")
                .put("metal", "copper");
        UUID job = UUID.randomUUID();
        Answer kept = keep("/api/jobs/piece", job, null, piece);
        assertThat(kept.status()).as("%s", kept.body()).isEqualTo(200);
        Answer run = tell("/api/jobs/piece/" + job + "/runs", Map.of());
        UUID runId = UUID.fromString(run.at("/id").asText());
        var done = new HashMap<String, Integer>();
        run.at("/data/plan/operations").forEach(one -> {
            if (!one.get("verb").asText().matches("PUT_TOGETHER|INSPECT")) {
                done.put(one.get("id").asText(), 1);
            }
        });
        assertThat(list(job).at("/lengths/0/count").asInt()).isEqualTo(3);
        assertThat(list(job).at("/lengths/0/cut").asInt()).isZero();
        assertThat(keep("/api/runs", runId, 0, Map.of("done", done, "counts", Map.of(), "note", ""))
                        .status())
                .isEqualTo(200);
        assertThat(left(lot)).isLessThan(5000);
        assertThat(list(job).at("/lengths/0/cut").asInt()).isEqualTo(3);
        keep("/api/runs", runId, 1, Map.of("done", Map.of(), "counts", Map.of(), "note", ""));
        assertThat(list(job).at("/lengths/0/cut").asInt()).isZero();
    }

    /** What was cut is no longer put by. */
    @Test
    void lessIsPutBy() throws Exception {
        UUID lot = wire("spool", 3000.0);
        UUID job = hooks(lot);
        JsonNode length = list(job).at("/lengths/0");
        double mm = length.get("lengthMm").asDouble();
        org.awaitility.Awaitility.await()
                .untilAsserted(() -> assertThat(putBy(lot)).isCloseTo(4 * mm, within(1e-6)));
        tell("/api/cutting/cuts", strip(lot, lot.toString(), 3000, length, 3));
        org.awaitility.Awaitility.await()
                .untilAsserted(() -> assertThat(putBy(lot)).isCloseTo(mm, within(1e-6)));
    }

    private double putBy(UUID lot) {
        double sum = 0;
        for (JsonNode one : read("/api/lots/" + lot + "/put-by").body()) {
            sum += one.get("amount").asDouble();
        }
        return sum;
    }

    /** One of three lengths is cut: two whole ones are left, and the rest of it is an offcut with a label of its own. */
    @Test
    void theRestOfALengthIsAnOffcut() throws Exception {
        UUID rods = wire("straight-lengths", 3000.0, "each", 1000.0);
        UUID job = hooks(rods);
        JsonNode length = list(job).at("/lengths/0");
        double mm = length.get("lengthMm").asDouble();
        // it turned out two millimetres short
        Answer cut = tell("/api/cutting/cuts", strip(rods, rods + "/1", 998, length, 4));
        assertThat(cut.status()).as("%s", cut.body()).isEqualTo(200);
        double rest = 998 - 4 * mm - 2;
        assertThat(left(rods)).isCloseTo(2000, within(1e-6));
        UUID offcut = UUID.fromString(cut.at("/offcutId").asText());
        assertThat(left(offcut)).isCloseTo(rest, within(1e-6));
        tell("/api/cutting/cuts/" + cut.at("/id").asText() + "/undo", Map.of());
        assertThat(left(rods)).isCloseTo(3000, within(1e-6));
        assertThat(read("/api/lots/" + offcut).at("/deleted").asBoolean()).isTrue();
    }

    @Test
    void whatCannotBeCutIsRefusedAndNothingLeaves() throws Exception {
        UUID lot = wire("spool", 3000.0);
        UUID job = hooks(lot);
        JsonNode length = list(job).at("/lengths/0");
        Answer refused = tell("/api/cutting/cuts", strip(lot, lot.toString(), 100, length, 4));
        assertThat(refused.at("/code").asText()).isEqualTo("strip-too-short");
        assertThat(refused.at("/values/needsMm").asDouble()).isGreaterThan(100);
        assertThat(tell("/api/cutting/cuts", strip(UUID.randomUUID(), "x", 100, length, 1))
                        .status())
                .isEqualTo(404);
        assertThat(left(lot)).isEqualTo(3000);
        UUID rods = wire("straight-lengths", 3000.0, "each", 1000.0);
        for (String strip :
                List.of(rods + "/first", rods + "/0", rods + "/4", rods + "/99999999999", rods.toString())) {
            assertThat(tell("/api/cutting/cuts", strip(rods, strip, 1000, length, 1))
                            .at("/code")
                            .asText())
                    .isEqualTo("no-such-strip");
        }
        assertThat(left(rods)).isEqualTo(3000);
    }

    /** A spool nobody knew the length of holds what it was measured to hold, less what was cut. */
    @Test
    void whatItWasFoundToHoldIsKept() throws Exception {
        UUID lot = wire("coil", null);
        JsonNode length = list(hooks(lot)).at("/lengths/0");
        double mm = length.get("lengthMm").asDouble();
        tell("/api/cutting/cuts", strip(lot, lot.toString(), 500, length, 1));
        assertThat(left(lot)).isCloseTo(500 - mm - 0.5, within(1e-6));
    }

    /** Cuts, steps of the run and steps back in any order, by two at once: the shelf ends where what is done says. */
    @Test
    void inAnyOrderTheSumIsRight() throws Exception {
        var chance = new Random(31);
        UUID planned = wire("spool", 5000.0);
        UUID other = wire("spool", 5000.0);
        UUID job = hooks(planned);
        JsonNode length = list(job).at("/lengths/0");
        double mm = length.get("lengthMm").asDouble();
        JsonNode run = tell("/api/jobs/form/" + job + "/runs", Map.of()).body();
        UUID runId = UUID.fromString(run.get("id").asText());
        String first = run.at("/data/plan/operations/0/id").asText();
        var cuts = new ArrayList<String>();
        int done = 0;
        for (int i = 0; i < 30; i++) {
            int what = chance.nextInt(3);
            if (what == 0) {
                UUID from = chance.nextBoolean() ? planned : other;
                var given = strip(from, from.toString(), left(from), length, 1 + chance.nextInt(2));
                twice(() -> tell("/api/cutting/cuts", given));
                cuts.add(given.get("id").toString());
            } else if (what == 1) {
                done = chance.nextInt((int) COPIES + 1);
                int version = read("/api/runs/" + runId).at("/version").asInt();
                Map<String, Integer> so = done == 0 ? Map.of() : Map.of(first, done);
                assertThat(keep("/api/runs", runId, version, Map.of("done", so, "counts", Map.of(), "note", ""))
                                .status())
                        .isEqualTo(200);
            } else if (!cuts.isEmpty()) {
                String id = cuts.get(chance.nextInt(cuts.size()));
                List<Answer> answers = twice(() -> tell("/api/cutting/cuts/" + id + "/undo", Map.of()));
                if (answers.get(0).status() == 200) {
                    cuts.remove(id);
                }
            }
        }
        for (String id : List.copyOf(cuts)) {
            int version = read("/api/runs/" + runId).at("/version").asInt();
            keep("/api/runs", runId, version, Map.of("done", Map.of(), "counts", Map.of(), "note", ""));
            assertThat(tell("/api/cutting/cuts/" + id + "/undo", Map.of()).status())
                    .isEqualTo(200);
        }
        int version = read("/api/runs/" + runId).at("/version").asInt();
        keep("/api/runs", runId, version, Map.of("done", Map.of(first, 2), "counts", Map.of(), "note", ""));
        assertThat(left(planned)).isCloseTo(5000 - 2 * mm, within(1e-6));
        assertThat(left(other)).isCloseTo(5000, within(1e-6));
    }

    private static List<Answer> twice(Callable<Answer> ask) throws Exception {
        var hands = Executors.newFixedThreadPool(2);
        try {
            var answers = new ArrayList<Answer>();
            for (var one : hands.invokeAll(List.of(ask, ask))) {
                answers.add(one.get());
            }
            assertThat(answers).allMatch(answer -> answer.status() < 500);
            return answers;
        } finally {
            hands.shutdownNow();
        }
    }
}
