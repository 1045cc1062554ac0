package toroid.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

/** A medallion is a job with runs like all else: kept, planned, made ring by ring, its order frozen. */
class MedallionRunsTest extends ApiTest {
    private UUID kept(ObjectNode data) {
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/jobs/medallion", id, null, data).status()).isEqualTo(200);
        return id;
    }

    /** Four arms of two rows, and what it hangs from. */
    private static ObjectNode cross() {
        var cross = (ObjectNode) Kinds.kept("medallion");
        ((ObjectNode) cross.get("composition"))
                .put("arms", 4)
                .put("rows", 2)
                .put("longerBy", 1)
                .put("bail", true);
        return cross;
    }

    @Test
    void isMadeRingByRing() {
        UUID job = kept(cross());
        Answer asked = tell("/api/weaves/box-chain/composition", cross().get("composition"));
        assertThat(hand(job).at("/glance/sketch/arms").asInt()).isEqualTo(4);
        Answer run = tell("/api/jobs/medallion/" + job + "/runs", Map.of());
        assertThat(run.status()).as("%s", run.body()).isEqualTo(200);
        int rings = asked.at("/ringCount/0").asInt() + asked.at("/ringCount/1").asInt();
        assertThat(run.at("/data/facts/total").asInt()).isEqualTo(rings);
        assertThat(run.at("/data/plan/operations").findValuesAsText("times"))
                .containsExactly(
                        asked.at("/preClosed/inHand").asText(),
                        asked.at("/opened").asText(),
                        "" + asked.at("/steps").size());
        String shown = "/api/runs/" + run.at("/id").asText() + "/shown";
        assertThat(read(shown).body()).isEqualTo(asked.body());
        // the job changes, what is on the bench does not
        ObjectNode larger = cross();
        ((ObjectNode) larger.get("composition")).put("arms", 6);
        keep("/api/jobs/medallion", job, 0, larger);
        assertThat(read(shown).body()).isEqualTo(asked.body());
        Answer done = progress(run, 3, Map.of("put-in", asked.at("/steps").size()));
        assertThat(done.status()).isEqualTo(200);
        assertThat(hand(job).get("finished").asBoolean()).isTrue();
        assertThat(read("/api/notebook").body().findValuesAsText("runId"))
                .contains(run.at("/id").asText());
        // a mistake is looked for in weaves only
        assertThat(tell(
                                "/api/runs/" + run.at("/id").asText() + "/diagnose",
                                Map.of("ringsIn", 2, "answers", java.util.List.of()))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aLargerRingThatDoesNotGoInIsRefusedWithTheOneThatDoes() {
        ObjectNode tooSmall = cross();
        ((ObjectNode) tooSmall.get("composition")).put("hubInnerMm", 2.0);
        UUID job = kept(tooSmall);
        Answer run = tell("/api/jobs/medallion/" + job + "/runs", Map.of());
        assertThat(run.at("/code").asText()).isEqualTo("larger-ring-too-small");
        assertThat(run.at("/values/usualMm").asDouble()).isGreaterThan(2);
        assertThat(hand(job).at("/glance/refusal/code").asText()).isEqualTo("larger-ring-too-small");
        ObjectNode unknown = cross();
        unknown.put("weaveId", "no-such-weave");
        assertThat(keep("/api/jobs/medallion", UUID.randomUUID(), null, unknown).status())
                .isEqualTo(400);
    }
}
