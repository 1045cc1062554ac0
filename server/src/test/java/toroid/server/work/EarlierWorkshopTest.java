package toroid.server.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import toroid.server.ApiTest;
import toroid.server.TestDatabase;

/** A whole workshop as an earlier version kept it: opened, looked at, and what was in hand driven to its end through the API. */
@DirtiesContext
class EarlierWorkshopTest extends ApiTest {
    private static final String SCHEMA = "dumped";

    @DynamicPropertySource
    static void anEarlierWorkshop(DynamicPropertyRegistry registry) throws IOException, SQLException {
        try (InputStream file =
                        new GZIPInputStream(EarlierWorkshopTest.class.getResourceAsStream("/dumps/v8-demo.sql.gz"));
                var connection = TestDatabase.source().getConnection();
                var statement = connection.createStatement()) {
            String dump = new String(file.readAllBytes(), StandardCharsets.UTF_8).replace("public.", SCHEMA + ".");
            statement.execute("drop schema if exists " + SCHEMA + " cascade; create schema " + SCHEMA);
            statement.execute(dump);
        }
        registry.add("spring.flyway.schemas", () -> SCHEMA);
        registry.add("spring.datasource.hikari.schema", () -> SCHEMA);
    }

    /** Everything in hand goes on where it was: the very ring, the very hook, the very cut. */
    @Test
    void whatWasInHandGoesOnToItsEnd() {
        Map<String, JsonNode> open = new HashMap<>();
        for (JsonNode hand : read("/api/bench").body()) {
            if (!hand.get("runId").isNull() && !hand.get("finished").asBoolean()) {
                open.put(
                        hand.get("name").asText(),
                        hand(UUID.fromString(hand.get("jobId").asText())));
            }
        }
        assertThat(open.keySet())
                .containsExactlyInAnyOrder(
                        "Belt of the harbour master",
                        "Mail collar, sea queen",
                        "Cloak clasp hooks",
                        "Helmsman's chain");
        JsonNode collar = open.get("Mail collar, sea queen").get("glance");
        assertThat(collar.at("/next/id").asText()).isEqualTo("coil-1/cut");
        JsonNode hooks = open.get("Cloak clasp hooks").get("glance");
        assertThat(hooks.at("/next/id").asText()).isEqualTo("step-7");
        assertThat(hooks.get("count").asInt()).isEqualTo(4);
        assertThat(hooks.get("times").asInt()).isEqualTo(8);
        JsonNode chain = open.get("Helmsman's chain").get("glance");
        assertThat(chain.at("/next/id").asText()).isEqualTo("put-in");
        assertThat(chain.get("count").asInt()).isEqualTo(27);
        open.values().forEach(this::finish);
    }

    private void finish(JsonNode hand) {
        Answer run = read("/api/runs/" + hand.get("runId").asText());
        assertThat(run.status()).as("%s", run.body()).isEqualTo(200);
        String lot = run.at("/data/lotId").asText();
        double left = read("/api/spools/" + lot).at("/data/lengthLeftMm").asDouble();
        double drawn = run.at("/data/drawn/" + lot).asDouble();
        double all = hand.at("/glance/draws/" + lot).asDouble();
        JsonNode plan = run.at("/data/plan");
        int places = plan.at("/operations").size()
                * (int) Math.ceil(
                        plan.get("copies").asDouble() / plan.get("perGroup").asDouble());
        Answer done = progress(run, places, counts(run.at("/data/counts")));
        assertThat(done.status()).as("%s", done.body()).isEqualTo(200);
        assertThat(read("/api/runs/" + hand.get("runId").asText())
                        .at("/data/finishedAt")
                        .isNull())
                .isFalse();
        assertThat(read("/api/spools/" + lot).at("/data/lengthLeftMm").asDouble())
                .as(hand.get("name").asText())
                .isCloseTo(Math.max(0, left - (all - drawn)), within(1e-6));
    }

    private static Map<String, Integer> counts(JsonNode counts) {
        var map = new HashMap<String, Integer>();
        counts.properties().forEach(one -> map.put(one.getKey(), one.getValue().asInt()));
        return map;
    }

    /** Every job can be read under its kind, every run with its plan and what is shown of it; nothing is said to be unreadable. */
    @Test
    void everythingIsStillThere() {
        Map<String, Integer> jobs = Map.of("ring", 7, "form", 5, "weave", 4);
        jobs.forEach((kind, count) ->
                assertThat(read("/api/jobs/" + kind).body()).as(kind).hasSize(count));
        List<String> refusals = new ArrayList<>();
        Set<String> runs = new HashSet<>();
        for (JsonNode hand : read("/api/bench").body()) {
            JsonNode seen = hand(UUID.fromString(hand.get("jobId").asText()));
            refusals.add(seen.at("/glance/refusal/code").asText());
            if (!seen.get("runId").isNull()) {
                runs.add(seen.get("runId").asText());
                Answer run = read("/api/runs/" + seen.get("runId").asText());
                assertThat(run.status()).isEqualTo(200);
                if (!run.at("/data/kind").asText().equals("ring")) {
                    assertThat(read("/api/runs/" + seen.get("runId").asText() + "/shown")
                                    .status())
                            .isEqualTo(200);
                }
            }
        }
        assertThat(refusals).hasSize(16).containsOnly("");
        assertThat(runs).hasSize(10);
    }

    /** What is left of every spool is the sum of its moves, those of its runs among them. */
    @Test
    void everySpoolHasItsMoves() {
        int used = 0;
        for (JsonNode spool : read("/api/spools").body()) {
            double sum = 0;
            for (JsonNode move :
                    read("/api/lots/" + spool.get("id").asText() + "/moves").body()) {
                sum += move.get("amount").asDouble();
                used += move.get("why").asText().equals("USED") ? 1 : 0;
            }
            assertThat(spool.at("/data/lengthLeftMm").asDouble()).isCloseTo(sum, within(1e-6));
        }
        assertThat(used).isGreaterThanOrEqualTo(7);
    }

    /** Every reading teaches what it taught: of a run, at a step of its plan that measures it, with what was planned. */
    @Test
    void everyReadingHasItsPlace() {
        Answer readings = read("/api/readings");
        int inRuns = 0;
        Map<String, JsonNode> plans = new HashMap<>();
        for (JsonNode reading : readings.body()) {
            String runId = reading.at("/data/runId").asText();
            if (!reading.at("/data/runId").isNull()) {
                inRuns++;
                JsonNode plan = plans.computeIfAbsent(
                        runId, id -> read("/api/runs/" + id).at("/data/plan"));
                JsonNode measurable = measurable(plan, reading.get("data"));
                assertThat(measurable.get("planned").asDouble())
                        .as("%s", reading)
                        .isCloseTo(reading.at("/data/planned").asDouble(), within(1e-9));
            }
        }
        assertThat(readings.body().size()).isGreaterThan(150);
        assertThat(inRuns).isGreaterThan(60);
        for (JsonNode entry : read("/api/notebook?most=200").at("/entries")) {
            assertThat(entry.get("unreadable").isNull()).isTrue();
        }
        assertThat(read("/api/exercises/ten-loops").at("/sessions")).hasSize(4);
        assertThat(read("/api/notebook/learnt").at("/wires").findValuesAsText("coils"))
                .contains("0")
                .doesNotContain("-1");
    }

    private static JsonNode measurable(JsonNode plan, JsonNode reading) {
        for (JsonNode operation : plan.get("operations")) {
            if (operation.get("id").equals(reading.get("operation"))) {
                for (JsonNode measurable : operation.get("measurable")) {
                    if (measurable.get("quantity").equals(reading.get("quantity"))) {
                        return measurable;
                    }
                }
            }
        }
        throw new AssertionError("taken nowhere: " + reading);
    }
}
