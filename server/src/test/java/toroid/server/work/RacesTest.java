package toroid.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

/** Two in the same moment: one wins, the other is told so; neither is a fault. */
class RacesTest extends ApiTest {
    private static final int AT_ONCE = 6;

    private static List<Answer> together(Callable<Answer> each) throws Exception {
        var barrier = new CyclicBarrier(AT_ONCE);
        var hands = Executors.newFixedThreadPool(AT_ONCE);
        try {
            var waiting = IntStream.range(0, AT_ONCE)
                    .mapToObj(i -> hands.submit(() -> {
                        barrier.await();
                        return each.call();
                    }))
                    .toList();
            var answers = new java.util.ArrayList<Answer>();
            for (var one : waiting) {
                answers.add(one.get());
            }
            return answers;
        } finally {
            hands.shutdownNow();
        }
    }

    @Test
    void aJobBegunTwiceHasOneRun() throws Exception {
        for (int round = 0; round < 5; round++) {
            UUID job = UUID.randomUUID();
            keep("/api/jobs/ring", job, null, job(spool("copper", "HALF_HARD", 1.0, 9000), 4, 10));
            List<Answer> runs = together(() -> tell("/api/jobs/ring/" + job + "/runs", Map.of()));
            assertThat(runs).extracting(Answer::status).containsOnly(200);
            assertThat(new HashSet<>(
                            runs.stream().map(run -> run.at("/id").asText()).toList()))
                    .hasSize(1);
        }
    }

    @Test
    void ringsAskedForAtOnceAreLaidOutOnce() throws Exception {
        var chain = Kinds.kept("weave");
        for (int round = 0; round < 5; round++) {
            UUID job = UUID.randomUUID();
            keep("/api/jobs/weave", job, null, chain);
            var edit = new java.util.HashMap<String, Object>();
            edit.put("version", null);
            edit.put("data", chain);
            List<Answer> laid = together(() -> tell("/api/jobs/weave/" + job + "/cuts", edit));
            assertThat(laid).extracting(Answer::status).containsOnly(200);
            assertThat(new HashSet<>(laid.stream()
                            .map(one -> one.at("/cuts").findValuesAsText("id"))
                            .toList()))
                    .hasSize(1);
        }
    }

    @Test
    void aNewThingWrittenTwiceIsOneThing() throws Exception {
        for (int round = 0; round < 5; round++) {
            UUID id = UUID.randomUUID();
            var data = Map.of("name", "A rod", "kind", "ROD", "diameterMm", 4, "usableLengthMm", 150, "note", "");
            List<Answer> answers = together(() -> keep("/api/mandrels", id, null, data));
            assertThat(answers).extracting(Answer::status).isSubsetOf(200, 409).contains(200);
            assertThat(read("/api/mandrels/" + id).at("/version").asInt()).isZero();
        }
    }

    @Test
    void ofTwoEditsOfOneVersionOneCounts() throws Exception {
        UUID id = spool("copper", "HALF_HARD", 1.0, 9000);
        var number = new java.util.concurrent.atomic.AtomicInteger();
        List<Answer> answers = together(() ->
                keep("/api/spools", id, 0, spoolData("Spool " + number.incrementAndGet(), "copper", "HALF_HARD", 1.0)));
        assertThat(answers.stream().filter(answer -> answer.status() == 200)).hasSize(1);
        assertThat(answers.stream().filter(answer -> answer.status() == 409)).hasSize(AT_ONCE - 1);
        assertThat(read("/api/spools/" + id).at("/version").asInt()).isEqualTo(1);
    }
}
