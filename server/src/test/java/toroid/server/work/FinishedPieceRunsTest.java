package toroid.server.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

/** A piece coloured, tumbled and waxed: asked of its answer, its price, its run and its record alike. */
class FinishedPieceRunsTest extends ApiTest {
    private static final String LINKS = "s-hook - ring 1/4 - 3 * (bead-link bead=6 - ring 1/4)";

    private static Map<String, Object> finish(boolean hardBeads, String... finishes) {
        return Map.of("finishes", List.of(finishes), "hardBeads", hardBeads);
    }

    private UUID kept(String line, Map<String, Object> finish) {
        var data = (ObjectNode) Kinds.kept("piece");
        data.put("line", line);
        data.set("finish", json.valueToTree(finish));
        UUID id = UUID.randomUUID();
        assertThat(keep("/api/jobs/piece", id, null, data).status()).isEqualTo(200);
        return id;
    }

    private JsonNode begun(UUID job) {
        Answer run = tell("/api/jobs/piece/" + job + "/runs", Map.of());
        assertThat(run.status()).as("%s", run.body()).isEqualTo(200);
        return run.body();
    }

    private static List<String> ids(JsonNode run) {
        return run.at("/data/plan/operations").findValuesAsText("id");
    }

    /** Held to the wrist before its last join; coloured and tumbled before a bead comes on; waxed at last. Its answer says the same beforehand. */
    @Test
    void isFinishedBetweenItsJoins() {
        Map<String, Object> finish = finish(false, "TUMBLE", "COLOUR", "SEAL");
        JsonNode run = begun(kept(LINKS, finish));
        List<String> ids = ids(run);
        assertThat(ids).contains("colour", "tumble", "seal", "try-on").endsWith("seal", "inspect");
        assertThat(ids.indexOf("colour")).isLessThan(ids.indexOf("tumble"));
        JsonNode answer = tell("/api/pieces/solve", Map.of("line", LINKS, "metal", "copper", "finish", finish))
                .body();
        List<JsonNode> told = List.of(answer.at("/finishes/0"), answer.at("/finishes/1"), answer.at("/finishes/2"));
        for (JsonNode operation : run.at("/data/plan/operations")) {
            if (operation.at("/detail/family").asText().equals("finishing")) {
                assertThat(told).contains(operation.at("/detail/work"));
            }
        }
        assertThat(run.at("/data/facts/job/finish/finishes"))
                .extracting(JsonNode::asText)
                .containsExactly("COLOUR", "TUMBLE", "SEAL");
        // what it is held for is less than the whole by what the clasp's end adds
        for (JsonNode operation : run.at("/data/plan/operations")) {
            if (operation.get("id").asText().equals("try-on")) {
                JsonNode check = operation.at("/detail/checks/0");
                assertThat(check.get("target").asDouble() + check.get("restMm").asDouble())
                        .isCloseTo(run.at("/data/facts/lengthMm").asDouble(), within(1e-9));
            }
        }
    }

    /** Glass goes into the bath with all the rest: once all is joined. */
    @Test
    void hardBeadsGoInWithAll() {
        List<String> ids = ids(begun(kept(LINKS, finish(true, "COLOUR"))));
        assertThat(ids.indexOf("colour")).isGreaterThan(ids.indexOf("put-together"));
    }

    /** The hands' minutes of the answer and of the price grow by the same. */
    @Test
    void takesHandsThatArePaidFor() {
        Map<String, Object> bare = Map.of("line", LINKS, "metal", "copper");
        Map<String, Object> finished = Map.of("line", LINKS, "metal", "copper", "finish", finish(false, "COLOUR"));
        double more = tell("/api/pieces/solve", finished).at("/minutes").asDouble()
                - tell("/api/pieces/solve", bare).at("/minutes").asDouble();
        assertThat(more).isGreaterThan(5);
        assertThat(hands(finished) - hands(bare)).isCloseTo(more, within(1e-9));
    }

    private double hands(Map<String, Object> piece) {
        for (JsonNode line : tell("/api/pieces/price", Map.of("piece", piece)).at("/lines")) {
            if (line.get("kind").asText().equals("HANDS")) {
                return line.get("amount").asDouble();
            }
        }
        throw new AssertionError("no hands");
    }

    @Test
    void whatCannotBeIsRefusedInItsField() {
        Answer dark = tell(
                "/api/pieces/solve",
                Map.of("line", "s-hook - ring 1/4", "metal", "titanium", "finish", finish(false, "COLOUR")));
        assertThat(dark.status()).isEqualTo(400);
        assertThat(dark.at("/code").asText()).isEqualTo("metal-does-not-darken");
        assertThat(dark.at("/field").asText()).isEqualTo("finish");
        Answer nothing =
                tell("/api/pieces/solve", Map.of("line", "s-hook - ring 1/4", "finish", finish(false, "RUB_BACK")));
        assertThat(nothing.status()).isEqualTo(400);
        assertThat(nothing.at("/code").asText()).isEqualTo("nothing-to-rub-back");
    }
}
