package toroid.server.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import toroid.server.ApiTest;

class WeaveRunsTest extends ApiTest {
    @Autowired
    private RunViewRepository patches;

    @Autowired
    private JdbcTemplate jdbc;

    static Map<String, Object> job(String weave, int units) {
        return Map.of(
                "name",
                "Anchor chain",
                "weaveId",
                weave,
                "metal",
                "copper",
                "wireDiameterMm",
                1.0,
                "innerDiameterMm",
                List.of(4.0),
                "patch",
                Map.of("units", units),
                "colours",
                Map.of("palette", List.of("copper"), "by", "RING", "sequence", List.of(0), "painted", List.of()),
                "note",
                "");
    }

    private Answer putIn(UUID run, int version, int rings, boolean all) {
        return keep(
                "/api/runs",
                run,
                version,
                Map.of(
                        "done", Map.of("close-first", 1, "open-first", 1, "put-in", all ? 1 : 0),
                        "counts", Map.of("close-first", 5, "open-first", 4, "put-in", rings),
                        "note", ""));
    }

    @Test
    void aPatchIsMadeRingByRingAndTakenUpAgain() {
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/jobs/weave", id, null, job("single-chain", 9)).status())
                .isEqualTo(200);
        Answer begun = send(post("/api/jobs/weave/" + id + "/runs").with(csrf()));
        UUID run = UUID.fromString(begun.at("/id").asText());
        assertThat(begun.at("/data/facts/total").asInt()).isEqualTo(9);
        // one ring laid down, four come in open; closing and opening before, in either order
        assertThat(begun.at("/data/plan/operations")).hasSize(3);
        assertThat(begun.at("/data/plan/operations").findValuesAsText("times")).containsExactly("5", "4", "5");
        assertThat(begun.at("/data/plan/operations/1/after")).isEmpty();
        assertThat(begun.at("/data/plan/operations/2/after")).hasSize(2);

        Answer after = putIn(run, begun.at("/version").asInt(), 1, false);
        assertThat(after.at("/data/counts/put-in").asInt()).isEqualTo(1);
        // the same press sent twice is one; a stale one is told so
        assertThat(putIn(run, begun.at("/version").asInt(), 1, false).status()).isEqualTo(200);
        assertThat(putIn(run, begun.at("/version").asInt(), 3, false).status()).isEqualTo(409);
        // begun again, it goes on where it was
        assertThat(send(post("/api/jobs/weave/" + id + "/runs").with(csrf()))
                        .at("/id")
                        .asText())
                .isEqualTo(run.toString());
        assertThat(hand(id).at("/glance/next/id").asText()).isEqualTo("put-in");
        assertThat(hand(id).at("/glance/count").asInt()).isEqualTo(1);
        assertThat(hand(id).get("finished").asBoolean()).isFalse();

        Answer done = putIn(run, after.at("/version").asInt(), 5, true);
        assertThat(done.status()).isEqualTo(200);
        assertThat(hand(id).get("finished").asBoolean()).isTrue();
    }

    /** The plan is frozen when the run begins: the job may change meanwhile. */
    @Test
    void aRunKeepsThePlanItBeganWith() {
        UUID id = UUID.randomUUID();
        Answer kept = keep("/api/jobs/weave", id, null, job("single-chain", 9));
        Answer begun = send(post("/api/jobs/weave/" + id + "/runs").with(csrf()));
        keep("/api/jobs/weave", id, kept.at("/version").asInt(), job("single-chain", 30));
        Answer again = read("/api/runs/" + begun.at("/id").asText());
        assertThat(again.at("/data/facts/total").asInt()).isEqualTo(9);
        assertThat(again.at("/data/facts/job/patch/units").asInt()).isEqualTo(9);
    }

    /** What is on the bench is put together as it was begun: by the patch kept with the run, not by the rules of today. */
    @Test
    void aRunKeepsItsPatchRingByRing() {
        UUID id = UUID.randomUUID();
        keep("/api/jobs/weave", id, null, job("byzantine", 4));
        String run = send(post("/api/jobs/weave/" + id + "/runs").with(csrf()))
                .at("/id")
                .asText();
        Answer patch = read("/api/runs/" + run + "/shown");
        Answer asLaidNow = tell("/api/weaves/byzantine/patch", question(job("byzantine", 4)));
        assertThat(patch.body()).isEqualTo(asLaidNow.body());
        var frozen = patches.findById(UUID.fromString(run)).orElseThrow();
        assertThat(frozen.shown()).contains("\"steps\"");
        // another order, as another version might give it: the run goes by what was kept
        String first = "\"ring\":" + patch.at("/steps/1/ring").asInt() + ",";
        jdbc.update(
                "update run_view set shown = ? where run_id = ?",
                frozen.shown().replaceFirst(first, "\"ring\":999,"),
                UUID.fromString(run));
        assertThat(read("/api/runs/" + run + "/shown").at("/steps/1/ring").asInt())
                .isEqualTo(999);
    }

    /** A run of an earlier version has no patch kept: it is laid out when first asked for, and kept from then on. */
    @Test
    void anEarlierRunsPatchIsKeptWhenFirstAskedFor() {
        UUID id = UUID.randomUUID();
        keep("/api/jobs/weave", id, null, job("single-chain", 9));
        UUID run = UUID.fromString(send(post("/api/jobs/weave/" + id + "/runs").with(csrf()))
                .at("/id")
                .asText());
        patches.deleteById(run);
        assertThat(read("/api/runs/" + run + "/shown").at("/steps")).hasSize(5);
        assertThat(patches.existsById(run)).isTrue();
        assertThat(read("/api/runs/" + UUID.randomUUID() + "/shown").status()).isEqualTo(404);
    }

    @Test
    void aRunsMistakeIsLookedForInItsOwnPatch() {
        UUID id = UUID.randomUUID();
        keep("/api/jobs/weave", id, null, job("byzantine", 4));
        String run = send(post("/api/jobs/weave/" + id + "/runs").with(csrf()))
                .at("/id")
                .asText();
        Answer first = tell("/api/runs/" + run + "/diagnose", Map.of("ringsIn", 8, "answers", List.of()));
        Answer stateless = tell(
                "/api/weaves/byzantine/diagnose",
                Map.of("patch", question(job("byzantine", 4)), "stepsDone", 8, "answers", List.of()));
        assertThat(first.at("/ask/kind").asText()).isNotEmpty();
        assertThat(first.body()).isEqualTo(stateless.body());
        assertThat(tell("/api/runs/" + run + "/diagnose", Map.of("ringsIn", 9999, "answers", List.of()))
                        .status())
                .isEqualTo(400);
    }

    private static Map<String, Object> question(Map<String, Object> job) {
        return Map.of(
                "wireDiameterMm",
                job.get("wireDiameterMm"),
                "innerDiameterMm",
                job.get("innerDiameterMm"),
                "metal",
                "copper",
                "units",
                ((Map<?, ?>) job.get("patch")).get("units"),
                "colours",
                job.get("colours"));
    }

    @Test
    void whatCannotBeKeptIsRefused() {
        var odd = new HashMap<>(job("single-chain", 9));
        odd.put("weaveId", "no-such-weave");
        assertThat(keep("/api/jobs/weave", UUID.randomUUID(), null, odd)
                        .at("/detail")
                        .asText())
                .contains("unknown-weave");
        odd.putAll(job("single-chain", 0));
        assertThat(keep("/api/jobs/weave", UUID.randomUUID(), null, odd).status())
                .isEqualTo(400);
        UUID id = UUID.randomUUID();
        keep("/api/jobs/weave", id, null, job("single-chain", 15_000));
        assertThat(send(post("/api/jobs/weave/" + id + "/runs").with(csrf()))
                        .at("/detail")
                        .asText())
                .contains("make-it-in-parts");
        assertThat(hand(id).at("/glance/refusal/remedy").asText()).isEqualTo("make-it-in-parts");
    }
}
