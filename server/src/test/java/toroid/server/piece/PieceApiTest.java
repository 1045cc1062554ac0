package toroid.server.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

class PieceApiTest extends ApiTest {
    private JsonNode solved(Map<String, Object> question) {
        Answer answer = tell("/api/pieces/solve", question);
        assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
        return answer.body();
    }

    /** 36 rings of 4.5 inside hang 162 mm long, taut: pitch = ID. On a wrist of 150 with 12 of ease, in wire of 1: 150 + 12 + 2π. By hand. */
    @Test
    void aChainIsAsLongAsItsRingsInsides() {
        JsonNode chain = solved(Map.of("line", "36 * ring 1/4.5", "body", Map.of("girthMm", 150, "easeMm", 12)));
        assertThat(chain.get("finishedLengthMm").asDouble()).isCloseTo(162, within(1e-9));
        assertThat(chain.get("targetLengthMm").asDouble()).isCloseTo(162 + 2 * Math.PI, within(1e-9));
        assertThat(chain.get("remainderMm").asDouble()).isCloseTo(-2 * Math.PI, within(1e-9));
        assertThat(chain.at("/cures/0/change").asText()).isEqualTo("REPEATS");
        assertThat(chain.at("/cures/0/by").asDouble()).isEqualTo(1);
        assertThat(chain.at("/rings/0/count").asInt()).isEqualTo(36);
        assertThat(chain.at("/rings/0/preClosed").asInt()).isEqualTo(18);
        assertThat(chain.at("/rings/0/spare").asInt()).isEqualTo(2);
    }

    /** What a piece cuts for a form is what the form's own sheet says. */
    @Test
    void aFormTakesWhatItTakesByItself() {
        JsonNode piece = solved(Map.of("line", "ring 1/5 - 3 * (s-hook - ring 1/5)"));
        JsonNode hook = tell("/api/forms/s-hook/solve", Map.of()).body();
        assertThat(piece.at("/cutList/0/count").asInt()).isEqualTo(3);
        assertThat(piece.at("/cutList/0/lengthMm").asDouble())
                .isCloseTo(hook.at("/wires/0/lengthToCutMm").asDouble(), within(1e-9));
        assertThat(piece.get("canBeMade").asBoolean()).isTrue();
        assertThat(piece.get("joints"))
                .hasSize(6)
                .allMatch(joint -> joint.get("way").asText().equals("HOOKED"));
        assertThat(piece.at("/rings/0/preClosed").asInt()).isEqualTo(4);
    }

    @Test
    void saysWhichJointCannotBeMade() {
        JsonNode row = solved(Map.of("line", "2 * ring 1/5 soldered"));
        assertThat(row.get("canBeMade").asBoolean()).isFalse();
        assertThat(row.at("/joints/0/way").asText()).isEqualTo("IMPOSSIBLE");
        assertThat(row.get("assemblyOrder"))
                .noneMatch(step -> step.get("joints").size() > 0);
    }

    @Test
    void refusesALineThatIsNoPieceAndSaysWhereItStops() {
        for (String line : List.of("ring 1/4 of copper", "9999 * ring 1/4", "ring 1/4 - outline", "nothing-of-ours")) {
            Answer refused = tell("/api/pieces/solve", Map.of("line", line));
            assertThat(refused.status()).as(line).isEqualTo(400);
            assertThat(refused.at("/code").asText()).as(line).isNotBlank();
        }
        assertThat(tell("/api/pieces/solve", Map.of("line", "ring 1/4 of copper"))
                        .at("/value")
                        .asText())
                .isEqualTo("of");
    }
}
