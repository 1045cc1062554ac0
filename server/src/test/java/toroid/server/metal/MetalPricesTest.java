package toroid.server.metal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

class MetalPricesTest extends ApiTest {
    @BeforeEach
    @AfterEach
    void nothingIsLeft() {
        for (JsonNode one : read("/api/metal-prices").body()) {
            takeAway(
                    "/api/metal-prices",
                    UUID.fromString(one.get("id").asText()),
                    one.get("version").asInt());
        }
    }

    private Answer take(UUID id, String text) {
        return tell("/api/metal-prices", Map.of("id", id, "text", text));
    }

    /** Looked at first and nothing is written; taken in, all of it; again, nothing more; a day said anew is changed. */
    @Test
    void aListIsLookedAtAndTakenIn() {
        String list = "day;metal;per gram\n2026-05-01;niobium;0,55\n2026-06-01;niobium;0.60\n";
        Answer look = tell("/api/metal-prices/look", Map.of("text", list));
        assertThat(look.at("/added").asInt()).isEqualTo(2);
        assertThat(look.at("/rows/0/price/perGram").asDouble()).isEqualTo(0.55);
        assertThat(read("/api/metal-prices").body()).isEmpty();
        UUID id = UUID.randomUUID();
        assertThat(take(id, list).at("/added").asInt()).isEqualTo(2);
        assertThat(take(id, list).at("/alike").asInt()).isEqualTo(2);
        assertThat(take(UUID.randomUUID(), "2026-06-01,niobium,0.7")
                        .at("/changed")
                        .asInt())
                .isEqualTo(1);
        assertThat(read("/api/metal-prices").body()).hasSize(2);
        take(UUID.randomUUID(), "2199-01-01;niobium;100");
        assertThat(read("/api/metal-prices/in-force").body())
                .extracting(one -> one.at("/data/perGram").asDouble())
                .containsExactly(0.7);
    }

    @Test
    void allOfItOrNothing() {
        String list = "2026-05-01;niobium;0.55\nyesterday;niobium;1\n2026-05-02;unobtainium;1\n2026-05-01;niobium;2\n"
                + "2026-05-03;niobium;dear\n2026-05-04;niobium;-1\n2026-05-05;niobium\n";
        Answer look = tell("/api/metal-prices/look", Map.of("text", list));
        assertThat(look.at("/added").asInt()).isEqualTo(1);
        assertThat(look.at("/refused").asInt()).isEqualTo(6);
        assertThat(look.body().get("rows"))
                .extracting(row -> row.at("/refusal/code").asText())
                .containsExactly(
                        "", "bad-day", "unknown-metal", "said-twice", "unreadable-value", "out-of-range", "missing");
        assertThat(take(UUID.randomUUID(), list).status()).isEqualTo(400);
        assertThat(read("/api/metal-prices").body()).isEmpty();
    }

    /** Wire without a price of its own costs what it weighs: 1.7 mm of niobium, 8.57 g/cm³, is 19.45 g a metre. */
    @Test
    void wireWithoutAPriceCostsWhatItWeighs() {
        UUID lot = UUID.randomUUID();
        var data = new HashMap<String, Object>(spoolData("Unpriced", "niobium", "HARD", 1.7));
        data.put("lengthLeftMm", 50_000);
        assertThat(keep("/api/spools", lot, null, data).status()).isEqualTo(200);
        Map<String, Object> piece = Map.of("line", "s-hook wire=1.7 - 6 * ring 1.7/8", "metal", "niobium");
        assertThat(price(piece).get("missing").asInt()).isEqualTo(1);
        take(UUID.randomUUID(), "2020-05-01;niobium;5\n2020-06-01;niobium;2\n2199-01-01;niobium;100\n");
        double wireMm = tell("/api/pieces/solve", piece).at("/wires/0/lengthMm").asDouble();
        JsonNode priced = price(piece);
        assertThat(priced.get("missing").asInt()).isZero();
        double grams = Math.PI / 4 * 1.7 * 1.7 * 8.57 / 1000 * wireMm;
        assertThat(priced.at("/material").asDouble()).isCloseTo(2 * grams, within(0.01 * grams));
        takeAway("/api/spools", lot, read("/api/spools/" + lot).at("/version").asInt());
    }

    private JsonNode price(Map<String, Object> piece) {
        Answer answer = tell("/api/pieces/price", Map.of("piece", piece));
        assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
        return answer.body();
    }
}
