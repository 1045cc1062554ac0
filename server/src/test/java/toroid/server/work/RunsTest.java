package toroid.server.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

class RunsTest extends ApiTest {
    private UUID kept(Map<String, Object> job) {
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/jobs/ring", id, null, job).status()).isEqualTo(200);
        return id;
    }

    private Answer start(UUID job) {
        return tell("/api/jobs/ring/" + job + "/runs", Map.of());
    }

    @Test
    void aRunKeepsItsPlaceAndItsPlan() {
        UUID job = kept(job(spool("copper", "HALF_HARD", 1.0, 50_000), 5, 40));
        Answer run = start(job);
        assertThat(run.at("/data/plan/operations")).hasSize(7);
        Answer cutting = progress(run, 4, Map.of("coil-1/cut", 17));
        assertThat(cutting.status()).isEqualTo(200);
        Answer again = start(job);
        assertThat(again.at("/id")).isEqualTo(run.at("/id"));
        assertThat(again.at("/data/counts/coil-1~1cut").asInt()).isEqualTo(17);
        // The job changes; the plan being made does not.
        var other = job(null, 8, 40);
        int version = read("/api/jobs/ring/" + job).at("/version").asInt();
        keep("/api/jobs/ring", job, version, other);
        assertThat(read("/api/runs/" + run.at("/id").asText())
                        .at("/data/facts/sizes/mandrelDiameterMm")
                        .asDouble())
                .isEqualTo(5);
    }

    @Test
    void wireLeavesTheSpoolAsItIsWoundAndComesBackWhenUndone() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 50_000);
        Answer run = start(kept(job(spool, 5, 40)));
        double coil = run.at("/data/facts/coils/0/wireMm").asDouble();
        Answer wound = progress(run, 1, Map.of());
        assertThat(left(spool)).isCloseTo(50_000 - coil, within(1e-6));
        Answer measured = progress(wound, 4, Map.of());
        assertThat(left(spool)).isCloseTo(50_000 - coil, within(1e-6));
        progress(measured, 0, Map.of());
        assertThat(left(spool)).isCloseTo(50_000, within(1e-6));
    }

    /** A spool said to hold too little: nothing is left of it, and an undo brings back what it was said to hold, not what was wound. */
    @Test
    void whatIsWoundBeyondTheSpoolComesBackExactly() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 100);
        Answer run = start(kept(job(spool, 5, 40)));
        assertThat(run.at("/data/facts/coils/0/wireMm").asDouble()).isGreaterThan(100);
        Answer wound = progress(run, 1, Map.of());
        assertThat(left(spool)).isZero();
        // another name is no other length
        rename(spool, "Spool under the bench");
        assertThat(left(spool)).isZero();
        progress(wound, 0, Map.of());
        assertThat(left(spool)).isCloseTo(100, within(1e-9));
    }

    /** However often a lot was gone to, the whole of its ledger can be read, each move once, and it is what is left. */
    @Test
    void aLongLedgerIsReadPageByPage() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 50_000);
        for (int i = 1; i <= 230; i++) {
            var move =
                    Map.of("id", UUID.randomUUID(), "what", i % 3 == 0 ? "RECEIVED" : "LOST", "amount", i, "note", "");
            assertThat(tell("/api/lots/" + spool + "/moves", move).status()).isEqualTo(200);
        }
        var seen = new LinkedHashSet<String>();
        double sum = 0;
        JsonNode page = read("/api/lots/" + spool + "/moves").body();
        while (!page.isEmpty()) {
            assertThat(page.size()).isIn(200, 31);
            for (JsonNode move : page) {
                assertThat(seen.add(move.get("id").asText())).isTrue();
                sum += move.get("amount").asDouble();
            }
            String last = page.get(page.size() - 1).get("id").asText();
            page = read("/api/lots/" + spool + "/moves?before=" + last).body();
        }
        assertThat(seen).hasSize(231);
        assertThat(sum).isCloseTo(left(spool), within(1e-6));
        UUID other = spool("copper", "HALF_HARD", 1.0, 100);
        Answer astray =
                read("/api/lots/" + other + "/moves?before=" + seen.iterator().next());
        assertThat(astray.status()).isEqualTo(404);
    }

    /** The ledger: said to hold so much, used, given back; nothing before is changed, and what is left is the sum. */
    @Test
    void everyMoveOfASpoolIsKept() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 50_000);
        Answer run = start(kept(job(spool, 5, 40)));
        double coil = run.at("/data/facts/coils/0/wireMm").asDouble();
        Answer wound = progress(run, 1, Map.of());
        progress(wound, 0, Map.of());
        Answer moves = read("/api/lots/" + spool + "/moves");
        assertThat(moves.body().findValuesAsText("why")).containsExactly("USED", "USED", "COUNTED");
        assertThat(moves.at("/0/amount").asDouble()).isCloseTo(coil, within(1e-9));
        assertThat(moves.at("/1/amount").asDouble()).isCloseTo(-coil, within(1e-9));
        assertThat(moves.at("/1/operation").asText()).isEqualTo("coil-1/wind");
        assertThat(moves.at("/1/runId")).isEqualTo(run.at("/id"));
        assertThat(moves.at("/2/amount").asDouble()).isEqualTo(50_000);
        assertThat(read("/api/lots/" + UUID.randomUUID() + "/moves").status()).isEqualTo(404);
    }

    /** Once it is weighed, that is what it holds, whatever was wound off it before. */
    @Test
    void aSpoolWeighedAfterwardsHoldsWhatItIsWeighed() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 100);
        Answer run = start(kept(job(spool, 5, 40)));
        double coil = run.at("/data/facts/coils/0/wireMm").asDouble();
        Answer wound = progress(run, 1, Map.of());
        change(spool, "lengthLeftMm", 2_000);
        progress(wound, 0, Map.of());
        assertThat(left(spool)).isCloseTo(2_000 + coil, within(1e-6));
    }

    private void rename(UUID spool, String name) {
        change(spool, "name", name);
    }

    private void change(UUID spool, String field, Object value) {
        Answer now = read("/api/spools/" + spool);
        var data =
                (com.fasterxml.jackson.databind.node.ObjectNode) now.at("/data").deepCopy();
        data.putPOJO(field, value);
        assertThat(keep("/api/spools", spool, now.at("/version").asInt(), data).status())
                .isEqualTo(200);
    }

    @Test
    void twoTabsAreToldApart() {
        Answer run = start(kept(job(spool("copper", "HALF_HARD", 1.0, 50_000), 5, 40)));
        progress(run, 2, Map.of());
        Answer late = progress(run, 1, Map.of());
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.at("/current/data/done/coil-1~1spring-back").asInt()).isEqualTo(1);
        assertThat(progress(run, 2, Map.of()).status()).isEqualTo(200);
    }

    @Test
    void impossiblePlacesAreRefused() {
        Answer run = start(kept(job(null, 5, 40)));
        assertThat(said(run, Map.of("coil-9/wind", 1), Map.of()).at("/code").asText())
                .isEqualTo("no-such-operation");
        assertThat(said(run, Map.of("coil-1/wind", 2), Map.of()).status()).isEqualTo(400);
        assertThat(said(run, Map.of("coil-1/wind", -1), Map.of()).status()).isEqualTo(400);
        assertThat(said(run, Map.of(), Map.of("77", 1)).status()).isEqualTo(400);
        assertThat(said(run, Map.of(), Map.of("coil-1/cut", -3)).status()).isEqualTo(400);
        assertThat(start(UUID.randomUUID()).status()).isEqualTo(404);
        assertThat(tell("/api/jobs/basket/" + UUID.randomUUID() + "/runs", Map.of())
                        .at("/code")
                        .asText())
                .isEqualTo("unknown-kind");
    }

    private Answer said(Answer run, Map<String, Integer> done, Map<String, Integer> counts) {
        return keep(
                "/api/runs",
                UUID.fromString(run.at("/id").asText()),
                run.at("/version").asInt(),
                Map.of("done", done, "counts", counts, "note", ""));
    }

    @Test
    void theBenchSaysWhatIsNext() {
        UUID job = kept(job(spool("copper", "HALF_HARD", 1.0, 100), 5, 40));
        assertThat(hand(job).at("/lacks/0/amount").asDouble()).isPositive();
        assertThat(hand(job).at("/glance/thread/FORM").asText()).isEqualTo("OPEN");
        Answer run = start(job);
        progress(run, 4, Map.of("coil-1/cut", 3));
        assertThat(hand(job).at("/glance/next/verb").asText()).isEqualTo("CUT");
        assertThat(hand(job).at("/glance/count").asInt()).isEqualTo(3);
        assertThat(hand(job).at("/glance/times").asInt()).isEqualTo(40);
        assertThat(hand(job).at("/glance/thread/CUT").asText()).isEqualTo("STARTED");
        progress(read("/api/runs/" + run.at("/id").asText()), 7, Map.of("coil-1/cut", 40));
        assertThat(hand(job).get("finished").asBoolean()).isTrue();
        assertThat(read("/api/runs/" + run.at("/id").asText())
                        .at("/data/finishedAt")
                        .isNull())
                .isFalse();
        assertThat(start(job).at("/id")).isNotEqualTo(run.at("/id"));
    }

    /** A planned job's row tells what its wire is now, not what it was when it was kept. */
    @Test
    void aSpoolMeasuredAnewIsSeenOnTheBench() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 50_000);
        UUID job = kept(job(spool, 5, 40));
        assertThat(hand(job).at("/glance/sketch/sizes/wireDiameterMm").asDouble())
                .isEqualTo(1.0);
        change(spool, "wireDiameterMm", 1.1);
        assertThat(hand(job).at("/glance/sketch/sizes/wireDiameterMm").asDouble())
                .isEqualTo(1.1);
    }

    /** A job is of the kind it is kept as. */
    @Test
    void aJobIsFoundUnderItsOwnKindOnly() {
        UUID job = kept(job(null, 5, 40));
        assertThat(read("/api/jobs/form/" + job).status()).isEqualTo(404);
        assertThat(keep("/api/jobs/form", job, 0, Kinds.kept("form")).status()).isEqualTo(404);
        assertThat(read("/api/jobs/ring/" + job + "/plan").at("/work/operations"))
                .hasSize(7);
    }
}
