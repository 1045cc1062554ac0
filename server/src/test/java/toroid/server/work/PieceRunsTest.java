package toroid.server.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

/** A whole piece is a job with runs like all else: kept, planned, made joint by joint, its order frozen. */
class PieceRunsTest extends ApiTest {
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

    /** A ring at either end holds one link only, but no side of less weight makes that joint: all four open, the hook hung in with the first. */
    @Test
    void aRunMakesItsPartsAndPutsThemTogether() {
        UUID job = kept(bracelet("s-hook - ring 1/4 - 3 * (bead-link first=plain second=plain - ring 1/4)"));
        JsonNode run = tell("/api/jobs/piece/" + job + "/runs", Map.of()).body();
        JsonNode operations = run.at("/data/plan/operations");
        assertThat(operations)
                .extracting(
                        one -> one.get("verb").asText() + " " + one.get("times").asInt())
                .containsExactly("OPEN_FIRST 4", "MAKE 1", "MAKE 3", "PUT_TOGETHER 4");
        assertThat(run.at("/data/facts/parts").asInt()).isEqualTo(8);
    }

    /** What a run shows is what there was when it began, whatever becomes of the piece. */
    @Test
    void whatItShowsIsFrozen() {
        UUID job = kept(bracelet("s-hook - 12 * ring 1/4"));
        JsonNode run = tell("/api/jobs/piece/" + job + "/runs", Map.of()).body();
        String shown = "/api/runs/" + run.get("id").asText() + "/shown";
        double before = read(shown).body().get("finishedLengthMm").asDouble();
        assertThat(keep("/api/jobs/piece", job, 0, bracelet("s-hook - 20 * ring 1/5"))
                        .status())
                .isEqualTo(200);
        assertThat(read(shown).body().get("finishedLengthMm").asDouble()).isCloseTo(before, within(1e-9));
        assertThat(read(shown).body().at("/drawing/shapeOf")).hasSize(13);
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
}
