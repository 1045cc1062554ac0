package toroid.server.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import toroid.server.ApiTest;

class WeaveRunsTest extends ApiTest {
    @Autowired
    private FrozenPieceRepository pieces;

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
                "piece",
                Map.of("units", units),
                "colours",
                Map.of("palette", List.of("copper"), "by", "RING", "sequence", List.of(0), "painted", List.of()),
                "note",
                "");
    }

    private Answer progress(UUID run, int version, int step, Map<String, Integer> counts) {
        return keep("/api/weave-runs", run, version, Map.of("step", step, "counts", counts, "note", ""));
    }

    @Test
    void aPieceIsMadeRingByRingAndTakenUpAgain() {
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/weave-jobs", id, null, job("single-chain", 9)).status())
                .isEqualTo(200);
        Answer begun = send(post("/api/weave-jobs/" + id + "/runs").with(csrf()));
        UUID run = UUID.fromString(begun.at("/id").asText());
        assertThat(begun.at("/data/plan/total").asInt()).isEqualTo(9);
        assertThat(begun.at("/data/plan/preClosed").asInt()).isEqualTo(5);
        assertThat(begun.at("/data/plan/opened").asInt()).isEqualTo(4);
        // one ring laid down, four come in open; two steps of closing and opening before
        assertThat(begun.at("/data/steps").asInt()).isEqualTo(2 + 5);

        Answer after = progress(run, begun.at("/version").asInt(), 3, Map.of("0", 5, "1", 4));
        assertThat(after.at("/data/step").asInt()).isEqualTo(3);
        // the same press sent twice is one; a stale one is told so
        assertThat(progress(run, begun.at("/version").asInt(), 3, Map.of("0", 5, "1", 4))
                        .status())
                .isEqualTo(200);
        assertThat(progress(run, begun.at("/version").asInt(), 5, Map.of()).status())
                .isEqualTo(409);
        assertThat(progress(run, after.at("/version").asInt(), 99, Map.of()).status())
                .isEqualTo(400);
        // begun again, it goes on where it was
        assertThat(send(post("/api/weave-jobs/" + id + "/runs").with(csrf()))
                        .at("/id")
                        .asText())
                .isEqualTo(run.toString());

        var hand = StreamSupport.stream(read("/api/bench/weaves").body().spliterator(), false)
                .filter(one -> one.at("/job/id").asText().equals(id.toString()))
                .findFirst()
                .orElseThrow();
        assertThat(hand.get("step").asInt()).isEqualTo(3);
        assertThat(hand.get("finished").asBoolean()).isFalse();

        Answer done = progress(run, after.at("/version").asInt(), 7, Map.of());
        assertThat(done.at("/data/finishedAt").isNull()).isFalse();
    }

    /** The plan is frozen when the run begins: the job may change meanwhile. */
    @Test
    void aRunKeepsThePlanItBeganWith() {
        UUID id = UUID.randomUUID();
        Answer kept = keep("/api/weave-jobs", id, null, job("single-chain", 9));
        Answer begun = send(post("/api/weave-jobs/" + id + "/runs").with(csrf()));
        keep("/api/weave-jobs", id, kept.at("/version").asInt(), job("single-chain", 30));
        Answer again = read("/api/weave-runs/" + begun.at("/id").asText());
        assertThat(again.at("/data/plan/total").asInt()).isEqualTo(9);
        assertThat(again.at("/data/plan/job/piece/units").asInt()).isEqualTo(9);
    }

    /** What is on the bench is put together as it was begun: by the piece kept with the run, not by the rules of today. */
    @Test
    void aRunKeepsItsPieceRingByRing() {
        UUID id = UUID.randomUUID();
        keep("/api/weave-jobs", id, null, job("byzantine", 4));
        String run = send(post("/api/weave-jobs/" + id + "/runs").with(csrf()))
                .at("/id")
                .asText();
        Answer piece = read("/api/weave-runs/" + run + "/piece");
        Answer asLaidNow = tell("/api/weaves/byzantine/piece", question(job("byzantine", 4)));
        assertThat(piece.body()).isEqualTo(asLaidNow.body());
        var frozen = pieces.findById(UUID.fromString(run)).orElseThrow();
        assertThat(frozen.piece()).contains("\"steps\"");
        // another order, as another version might give it: the run goes by what was kept
        String first = "\"ring\":" + piece.at("/steps/1/ring").asInt() + ",";
        jdbc.update(
                "update frozen_piece set piece = ? where run_id = ?",
                frozen.piece().replaceFirst(first, "\"ring\":999,"),
                UUID.fromString(run));
        assertThat(read("/api/weave-runs/" + run + "/piece").at("/steps/1/ring").asInt())
                .isEqualTo(999);
    }

    /** A run of an earlier version has no piece kept: it is laid out when first asked for, and kept from then on. */
    @Test
    void anEarlierRunsPieceIsKeptWhenFirstAskedFor() {
        UUID id = UUID.randomUUID();
        keep("/api/weave-jobs", id, null, job("single-chain", 9));
        UUID run = UUID.fromString(send(post("/api/weave-jobs/" + id + "/runs").with(csrf()))
                .at("/id")
                .asText());
        pieces.deleteById(run);
        assertThat(read("/api/weave-runs/" + run + "/piece").at("/steps")).hasSize(5);
        assertThat(pieces.existsById(run)).isTrue();
        assertThat(read("/api/weave-runs/" + UUID.randomUUID() + "/piece").status())
                .isEqualTo(404);
    }

    @Test
    void aRunsMistakeIsLookedForInItsOwnPiece() {
        UUID id = UUID.randomUUID();
        keep("/api/weave-jobs", id, null, job("byzantine", 4));
        String run = send(post("/api/weave-jobs/" + id + "/runs").with(csrf()))
                .at("/id")
                .asText();
        Answer first = tell("/api/weave-runs/" + run + "/diagnose", Map.of("ringsIn", 8, "answers", List.of()));
        Answer stateless = tell(
                "/api/weaves/byzantine/diagnose",
                Map.of("piece", question(job("byzantine", 4)), "stepsDone", 8, "answers", List.of()));
        assertThat(first.at("/ask/kind").asText()).isNotEmpty();
        assertThat(first.body()).isEqualTo(stateless.body());
        assertThat(tell("/api/weave-runs/" + run + "/diagnose", Map.of("ringsIn", 9999, "answers", List.of()))
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
                ((Map<?, ?>) job.get("piece")).get("units"),
                "colours",
                job.get("colours"));
    }

    @Test
    void whatCannotBeKeptIsRefused() {
        var odd = new HashMap<>(job("single-chain", 9));
        odd.put("weaveId", "no-such-weave");
        assertThat(keep("/api/weave-jobs", UUID.randomUUID(), null, odd)
                        .at("/detail")
                        .asText())
                .contains("no such weave");
        odd.putAll(job("single-chain", 0));
        assertThat(keep("/api/weave-jobs", UUID.randomUUID(), null, odd).status())
                .isEqualTo(400);
        UUID id = UUID.randomUUID();
        keep("/api/weave-jobs", id, null, job("single-chain", 15_000));
        assertThat(send(post("/api/weave-jobs/" + id + "/runs").with(csrf()))
                        .at("/detail")
                        .asText())
                .contains("Make it in parts");
        assertThat(StreamSupport.stream(read("/api/bench/weaves").body().spliterator(), false)
                        .filter(one -> one.at("/job/id").asText().equals(id.toString()))
                        .findFirst()
                        .orElseThrow()
                        .get("refusal")
                        .asText())
                .contains("Make it in parts");
    }
}
