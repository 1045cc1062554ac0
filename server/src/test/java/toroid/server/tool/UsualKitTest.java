package toroid.server.tool;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

class UsualKitTest extends ApiTest {
    private void clear(String kind) {
        for (JsonNode one : read("/api/" + kind).body()) {
            assertThat(takeAway(
                                    "/api/" + kind,
                                    UUID.fromString(one.get("id").asText()),
                                    one.get("version").asInt())
                            .status())
                    .isEqualTo(200);
        }
    }

    /** Wires, rods and cutters, each marked as assumed; laid out once, and nothing beside what is there. */
    @Test
    void isLaidOutWhereThereIsNone() {
        String[] kinds = {"spools", "mandrels", "cutters"};
        for (String kind : kinds) {
            clear(kind);
        }
        JsonNode laid = tell("/api/usual-kit", Map.of()).body();
        assertThat(read("/api/spools").body()).hasSize(laid.get("wires").asInt());
        assertThat(read("/api/mandrels").body())
                .hasSize(laid.get("rods").asInt())
                .allSatisfy(rod -> assertThat(rod.at("/data/note").asText()).startsWith("Assumed"));
        assertThat(tell("/api/usual-kit", Map.of()).at("/wires").asInt()).isZero();
        clear("mandrels");
        var own = Map.of("name", "own", "kind", "ROD", "diameterMm", 4.1, "usableLengthMm", 100, "note", "");
        keep("/api/mandrels", UUID.randomUUID(), null, own);
        assertThat(tell("/api/usual-kit", Map.of()).at("/rods").asInt()).isZero();
        assertThat(read("/api/mandrels").body()).hasSize(1);
        for (String kind : kinds) {
            clear(kind);
        }
    }
}
