package toroid.server.effort;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.fasterxml.jackson.databind.JsonNode;
import com.zaxxer.hikari.HikariDataSource;
import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import toroid.server.ApiTest;

/** The largest that can be asked for: answered, or refused in words before it is begun; and the bench answers meanwhile. */
class CapsTest extends ApiTest {
    /** Bytes of the largest answer. */
    private static final int LARGEST_BODY = 90_000_000;

    /** What is played holds what is solved; STL is the largest of what is written of a surface: the others of it are smaller. */
    private static final List<String> WRITTEN = List.of("forming", "export/stl", "export/svg");

    @Autowired
    private HikariDataSource pool;

    @Autowired
    private PlatformTransactionManager transactions;

    @Autowired
    private EntityManager rows;

    /** Every form with everything as large as it may be, worked out, played and written in every format; and with everything as small. */
    @Test
    void everyFormAtItsLargestAndSmallestIsAnsweredOrRefused() {
        var wrong = new ArrayList<String>();
        int answered = 0;
        for (String limit : List.of("most", "least")) {
            double wire = limit.equals("most") ? 0.2 : 1.0;
            for (JsonNode form : read("/api/forms?wireDiameterMm=" + wire).body()) {
                var values = new HashMap<String, Object>();
                form.get("parameters").forEach(p -> {
                    if (!p.get("kind").asText().matches("CHOICE|ROWS|STACK")) {
                        values.put(p.get("id").asText(), p.get(limit).asDouble());
                    }
                });
                String id = form.get("id").asText();
                var body = Map.of("wireDiameterMm", wire, "parameters", values);
                // what is smallest is worked out and played; only what is largest can be too large to write
                for (String what : limit.equals("most") ? WRITTEN : List.of("forming")) {
                    Sized answer = sized("/api/forms/" + id + "/" + what, body);
                    answered += answer.status() == 200 && answer.bytes() > 100 ? 1 : 0;
                    if (answer.bytes() > LARGEST_BODY || answer.status() != 200 && answer.status() != 400) {
                        wrong.add("%s %s %s: %s".formatted(id, what, limit, answer));
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(answered).as("answered, and counted").isGreaterThan(100);
    }

    @Test
    void anOutlineNobodyCouldBendIsRefusedBeforeItIsWorkedOut() {
        var rows = new ArrayList<Map<String, Object>>();
        for (int i = 0; i < 400; i++) {
            rows.add(Map.of("feedMm", 2000, "rotateDegrees", 10, "bendDegrees", 350, "insideRadiusMm", 500));
        }
        Answer answer =
                tell("/api/forms/outline/solve", Map.of("parameters", Map.of("symmetric", "no", "bends", rows)));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.at("/detail").asText()).contains("make-it-in-parts");
    }

    @Test
    void aRingPlanHasSoManyCoilsAtMost() {
        var job = job(null, 4, 50_000);
        job.put("turnsPerRing", 3);
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/jobs/ring", id, null, job).status()).isEqualTo(200);
        Answer run = tell("/api/jobs/ring/" + id + "/runs", Map.of());
        assertThat(run.status()).isEqualTo(400);
        assertThat(run.at("/field").asText()).isEqualTo("coils");
        assertThat(read("/api/bench").status()).isEqualTo(200);
    }

    /** What every press of a key at the bench brings back is small, whatever the plan. */
    @Test
    void aPressAnswersWithThePlaceAndNotThePlan() {
        var job = job(null, 4, 8000);
        UUID id = UUID.randomUUID();
        keep("/api/jobs/ring", id, null, job);
        Answer run = tell("/api/jobs/ring/" + id + "/runs", Map.of());
        assertThat(run.body().toString().length()).isGreaterThan(10_000);
        UUID runId = UUID.fromString(run.at("/id").asText());
        Answer press =
                keep("/api/runs", runId, 0, Map.of("done", Map.of("coil-1/wind", 1), "counts", Map.of(), "note", ""));
        assertThat(press.status()).isEqualTo(200);
        assertThat(press.body().toString().length()).isLessThan(400);
    }

    /** Between two questions to the database, outside a transaction, no connection is held, however long that takes. */
    @Test
    void noConnectionIsHeldBetweenTwoQuestions() {
        var outside = new TransactionTemplate(transactions);
        outside.setPropagationBehavior(TransactionDefinition.PROPAGATION_SUPPORTS);
        outside.executeWithoutResult(status -> {
            rows.createNativeQuery("SELECT 1").getSingleResult();
            await().until(() -> pool.getHikariPoolMXBean().getActiveConnections() == 0);
        });
    }

    /** More begin weave runs at once, in rings nobody has solved, than there are connections: the rest answers meanwhile. */
    @Test
    void theShelfAnswersWhileManyWeavesAreSolved() throws Exception {
        int many = pool.getMaximumPoolSize() + 2;
        var hands = Executors.newFixedThreadPool(many);
        List<Future<Answer>> begun = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            UUID id = UUID.randomUUID();
            var data = (com.fasterxml.jackson.databind.node.ObjectNode)
                    json.readTree(getClass().getResourceAsStream("/bodies.json"))
                            .get("PUT /api/jobs/{kind}/{id} of a weave")
                            .at("/body/data");
            data.put("weaveId", "box-chain").putArray("innerDiameterMm").add(4.6 + i * 0.0113);
            assertThat(keep("/api/jobs/weave", id, null, data).status()).isEqualTo(200);
            begun.add(hands.submit(() -> tell("/api/jobs/weave/" + id + "/runs", Map.of())));
        }
        while (begun.stream().anyMatch(one -> !one.isDone())) {
            assertThat(read("/api/spools").status()).isEqualTo(200);
        }
        for (Future<Answer> one : begun) {
            Answer run = one.get();
            assertThat(run.status()).as("%s", run.body()).isEqualTo(200);
        }
        hands.shutdownNow();
    }
}
