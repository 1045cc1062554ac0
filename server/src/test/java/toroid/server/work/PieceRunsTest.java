package toroid.server.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.awaitility.Awaitility.await;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import toroid.server.ApiTest;

/** A whole piece is a job with runs like all else: kept, planned, made joint by joint, its order frozen. */
class PieceRunsTest extends ApiTest {
    @Autowired
    private JobKinds kinds;

    /** What others left on the shelf would serve as well. */
    @BeforeEach
    void nothingElseLiesThere() {
        for (JsonNode lot : read("/api/lots").body()) {
            if (!lot.at("/data/kind").asText().equals("wire")) {
                takeAway(
                        "/api/lots",
                        UUID.fromString(lot.get("id").asText()),
                        lot.get("version").asInt());
            }
        }
    }

    private UUID kept(ObjectNode data) {
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/jobs/piece", id, null, data).status()).isEqualTo(200);
        return id;
    }

    private static ObjectNode bracelet(String line) {
        var data = (ObjectNode) Kinds.kept("piece");
        data.put("line", line);
        return data;
    }

    /** A ring at either end holds one link only, but no side of less weight makes that joint: all four open, the hook hung in with the last. */
    @Test
    void aRunMakesItsPartsAndPutsThemTogether() {
        UUID job = kept(bracelet("s-hook - ring 1/4 - 3 * (bead-link first=plain second=plain - ring 1/4)"));
        JsonNode run = tell("/api/jobs/piece/" + job + "/runs", Map.of()).body();
        JsonNode operations = run.at("/data/plan/operations");
        assertThat(operations)
                .extracting(
                        one -> one.get("verb").asText() + " " + one.get("times").asInt())
                .startsWith("OPEN_FIRST 4", "CUT 3")
                .contains("LOOP 3")
                // the hook is cut when the rest was held to the body
                .containsSubsequence("TRIM 3", "PUT_TOGETHER 3", "INSPECT 1", "CUT 1", "PUT_TOGETHER 1")
                .endsWith("PUT_TOGETHER 1", "INSPECT 8");
        assertThat(run.at("/data/facts/parts").asInt()).isEqualTo(8);
    }

    /** What a run shows is what there was when it began, whatever becomes of the piece. */
    @Test
    void whatItShowsIsFrozen() {
        UUID job = kept(bracelet("s-hook - 12 * ring 1/4"));
        JsonNode run = tell("/api/jobs/piece/" + job + "/runs", Map.of()).body();
        String shown = "/api/runs/" + run.get("id").asText() + "/shown";
        double before = read(shown).body().at("/piece/finishedLengthMm").asDouble();
        assertThat(keep("/api/jobs/piece", job, 0, bracelet("s-hook - 20 * ring 1/5"))
                        .status())
                .isEqualTo(200);
        assertThat(read(shown).body().at("/piece/finishedLengthMm").asDouble()).isCloseTo(before, within(1e-9));
        assertThat(read(shown).body().at("/piece/drawing/shapeOf")).hasSize(13);
    }

    /** Each part with its steps drawn: as many shapes as its form has steps, and the straight wire before. */
    @Test
    void everyPartIsShownStepByStep() {
        UUID job = kept(bracelet("s-hook - ring 1/4 - bead-link - bead-link"));
        JsonNode run = tell("/api/jobs/piece/" + job + "/runs", Map.of()).body();
        JsonNode forms =
                read("/api/runs/" + run.get("id").asText() + "/shown").body().get("forms");
        for (JsonNode operation : run.at("/data/plan/operations")) {
            JsonNode of = operation.at("/detail/of");
            if (of.isObject()) {
                JsonNode form = forms.get(of.get("part").asText());
                assertThat(form.at("/shapes")).hasSize(form.at("/form/steps").size() + 1);
                assertThat(form.at("/form/steps/" + of.get("number").asInt() + "/kind")
                                .asText())
                        .isEqualTo(operation.get("verb").asText());
            }
        }
        assertThat(forms).hasSize(3);
    }

    /** Every ring of what is woven comes in once, laid down, put in or picked up; as often as the plan counts. */
    @Test
    void whatIsWovenIsPutTogetherRingByRing() {
        String weave = "weave byzantine 1/3.8 units=3";
        String star = "medallion box-chain 1/4.5 arms=3 rows=1 larger=1.2";
        String sheet = "sheet european-4-in-1 1/5 rows=3 columns=5";
        UUID job = kept(bracelet(String.join(" - ring 1/5 - ", weave, star, weave, sheet)));
        JsonNode run = tell("/api/jobs/piece/" + job + "/runs", Map.of()).body();
        JsonNode woven =
                read("/api/runs/" + run.get("id").asText() + "/shown").body().get("woven");
        int seen = 0;
        for (JsonNode operation : run.at("/data/plan/operations")) {
            JsonNode of = operation.at("/detail/of");
            if (operation.get("verb").asText().equals("PUT_IN")) {
                JsonNode part = woven.get(of.get("part").asText());
                assertThat(operation.get("times").asInt())
                        .isEqualTo(of.get("parts").asInt() * part.get("steps").size());
                var rings = new TreeSet<Integer>();
                for (JsonNode step : part.get("steps")) {
                    assertThat(rings.add(step.get("ring").asInt())).isTrue();
                    step.get("pickUp")
                            .forEach(one -> assertThat(rings.add(one.asInt())).isTrue());
                    step.get("over").forEach(one -> rings.add(one.asInt()));
                }
                assertThat(rings).hasSize(part.get("wiresMm").size());
                assertThat(part.get("rings")).hasSize(7 * rings.size());
                seen++;
            }
        }
        assertThat(seen).isEqualTo(3);
        assertThat(woven).hasSize(3);
    }

    /** Of a run begun before its parts were made step by step the piece alone was kept. */
    @Test
    void whatWasKeptEarlierIsShownAsToday() {
        var earlier = JsonNodeFactory.instance.objectNode().put("finishedLengthMm", 170.0);
        JsonNode today = kinds.byId("piece").shownToday(earlier);
        assertThat(today.at("/piece/finishedLengthMm").asDouble()).isEqualTo(170);
        assertThat(today.get("forms")).isEmpty();
        assertThat(today.get("woven")).isEmpty();
        assertThat(kinds.byId("piece").shownToday(today)).isEqualTo(today);
    }

    /** Readings of a part's steps teach what those of its form teach. */
    @Test
    void measuringAPartTeachesItsForm() {
        UUID job = kept(bracelet("s-hook - ring 1/4 - 2 * (bead-link - ring 1/4)"));
        JsonNode run = tell("/api/jobs/piece/" + job + "/runs", Map.of()).body();
        var reading = new java.util.HashMap<String, Object>(Map.of(
                "runId", run.get("id").asText(),
                "operation", "make-2-1",
                "quantity", "CUT_LENGTH",
                "value", 90.5,
                "takenAt", "2026-03-01T10:00:00Z",
                "note", ""));
        Answer kept = keep("/api/readings", UUID.randomUUID(), null, reading);
        assertThat(kept.status()).isEqualTo(200);
        assertThat(kept.at("/data/context/formId").asText()).isEqualTo("bead-link");
        assertThat(kept.at("/data/planned").asDouble()).isGreaterThan(60);
        assertThat(kept.at("/data/context/tailMm").asDouble()).isPositive();
    }

    @Test
    void aPieceThatCannotBeJoinedIsKeptAndNotBegun() {
        UUID job = kept(bracelet("ring 1/5 soldered - finding pendant"));
        Answer refused = tell("/api/jobs/piece/" + job + "/runs", Map.of());
        assertThat(refused.at("/code").asText()).isEqualTo("piece-cannot-be-joined");
    }

    /** A pair's rings are laid out for both, spare on top. */
    @Test
    void itsRingsAreLaidOutAsJobs() {
        ObjectNode data = bracelet("pair fish-hook - 3 * ring 0.8/3 - ring 1/6 turns=3");
        Answer laid = tell("/api/jobs/piece/" + UUID.randomUUID() + "/cuts", edit(data));
        assertThat(laid.body().get("cuts")).hasSize(2);
        assertThat(laid.at("/cuts/0/data/ringCount").asInt()).isEqualTo(6);
        assertThat(laid.at("/cuts/1/data/turnsPerRing").asInt()).isEqualTo(3);
        Answer none = tell("/api/jobs/piece/" + UUID.randomUUID() + "/cuts", edit(bracelet("s-hook")));
        assertThat(none.at("/code").asText()).isEqualTo("no-rings-to-cut");
    }

    private static Map<String, Object> edit(ObjectNode data) {
        var edit = new java.util.HashMap<String, Object>();
        edit.put("version", null);
        edit.put("data", data);
        return edit;
    }

    @Test
    void refusesWhatIsNoPiece() {
        assertThat(keep("/api/jobs/piece", UUID.randomUUID(), null, bracelet("ring of gold"))
                        .status())
                .isEqualTo(400);
    }

    /** A strand's beads, its wire and crimps leave the shelf as it is strung, the clasp as all is put together; a step back brings them back. */
    @Test
    void itUsesUpWhatItTakes() {
        UUID beads = lot("beads", "Pearls", 30.0, Map.of("along", 6.0, "across", 6.0));
        UUID strand = lot("beading-wire", "Thin cable", 2000.0, Map.of("diameter", 0.38));
        UUID clasps = lot("findings", "Clasps", 5.0, Map.of("what", "lobster-clasp", "length", 9.0));
        UUID job = kept(bracelet("finding clasp - ring 0.8/3 - strand 0.38 (9 * bead 6/1) - ring 0.8/3"));
        awaitPutBy(beads, 9);
        JsonNode run = tell("/api/jobs/piece/" + job + "/runs", Map.of()).body();
        UUID id = UUID.fromString(run.get("id").asText());
        var done = new java.util.HashMap<String, Integer>();
        run.at("/data/plan/operations").forEach(one -> {
            if (!one.get("verb").asText().matches("PUT_TOGETHER|INSPECT")) {
                done.put(one.get("id").asText(), 1);
            }
        });
        assertThat(progress(id, 0, done).status()).isEqualTo(200);
        assertThat(left(beads)).isEqualTo(21);
        assertThat(left(strand)).isBetween(1700.0, 1940.0);
        assertThat(left(clasps)).isEqualTo(5);
        awaitPutBy(beads, 0);
        run.at("/data/plan/operations").forEach(one -> done.put(one.get("id").asText(), 1));
        done.remove("inspect");
        assertThat(progress(id, 1, done).status()).isEqualTo(200);
        assertThat(left(clasps)).isEqualTo(4);
        assertThat(progress(id, 2, Map.of()).status()).isEqualTo(200);
        assertThat(left(beads)).isEqualTo(30);
        assertThat(left(strand)).isEqualTo(2000);
        assertThat(left(clasps)).isEqualTo(5);
        for (UUID lot : java.util.List.of(beads, strand, clasps)) {
            takeAway("/api/lots", lot, read("/api/lots/" + lot).at("/version").asInt());
        }
    }

    /** The bench says of each lot what it lacks, in what it is counted in. */
    @Test
    void theBenchSaysWhatIsMissing() {
        UUID beads = lot("beads", "Garnets", 4.0, Map.of("along", 8.5, "across", 8.5));
        UUID job = kept(bracelet("ring 0.8/3 - strand 0.38 (9 * bead 8.5/1) - ring 0.8/3"));
        await().untilAsserted(() -> {
            JsonNode lacks = hand(job).path("lacks");
            assertThat(lacks).hasSize(1);
            assertThat(lacks.at("/0/lot").asText()).isEqualTo("Garnets");
            assertThat(lacks.at("/0/measure").asText()).isEqualTo("PIECES");
            assertThat(lacks.at("/0/amount").asDouble()).isEqualTo(5);
        });
        takeAway("/api/lots", beads, read("/api/lots/" + beads).at("/version").asInt());
    }

    private Answer progress(UUID run, int version, Map<String, Integer> done) {
        return keep("/api/runs", run, version, Map.of("done", done, "counts", Map.of(), "note", ""));
    }

    private void awaitPutBy(UUID lot, double amount) {
        await().untilAsserted(() -> {
            double sum = 0;
            for (JsonNode one : read("/api/lots/" + lot + "/put-by").body()) {
                sum += one.get("amount").asDouble();
            }
            assertThat(sum).isEqualTo(amount);
        });
    }

    private UUID lot(String kind, String name, double left, Map<String, Object> told) {
        var facts = new java.util.HashMap<String, Object>(
                toroid.core.stock.StockKinds.byId(kind).blank().values());
        facts.putAll(told);
        UUID id = UUID.randomUUID();
        Answer answer = keep(
                "/api/lots",
                id,
                null,
                Map.of("kind", kind, "name", name, "facts", facts, "left", left, "place", "", "note", ""));
        assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
        return id;
    }
}
