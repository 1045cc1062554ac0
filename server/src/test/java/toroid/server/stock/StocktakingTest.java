package toroid.server.stock;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

class StocktakingTest extends ApiTest {
    private UUID beads(String name, double left, Double price) {
        UUID id = UUID.randomUUID();
        HashMap<String, Object> lot = LotsTest.lot("beads", name, left);
        lot.put("unitPrice", price);
        assertThat(keep("/api/lots", id, null, lot).status()).isEqualTo(200);
        return id;
    }

    private Answer take(UUID id, Object... counts) {
        var list = new ArrayList<Map<String, Object>>();
        for (int i = 0; i < counts.length; i += 2) {
            list.add(Map.of("lot", counts[i], "amount", counts[i + 1]));
        }
        return tell("/api/stocktakings", Map.of("id", id, "note", "spring", "counts", list));
    }

    /** Books 40 and 10; counted 37 and 10: three are missing, worth 0.75 at 0.25. */
    @Test
    void theDifferenceIsKept() {
        UUID a = beads("A", 40, 0.25);
        UUID b = beads("B", 10, 1.0);
        UUID id = UUID.randomUUID();
        Answer taken = take(id, a, 37, b, 10);
        assertThat(taken.at("/counted").asInt()).isEqualTo(2);
        assertThat(taken.at("/differences")).hasSize(1);
        assertThat(taken.at("/differences/0/more").asDouble()).isEqualTo(-3);
        assertThat(taken.at("/worth").asDouble()).isEqualTo(-0.75);
        assertThat(take(id, a, 37, b, 10).at("/differences/0/more").asDouble()).isEqualTo(-3);
        assertThat(left(a)).isEqualTo(37);
        JsonNode moves = read("/api/lots/" + a + "/moves").body();
        assertThat(moves.get(0).get("why").asText()).isEqualTo("COUNTED");
        assertThat(moves.get(0).get("note").asText()).isEqualTo("spring");
        assertThat(read("/api/stocktakings").body().findValuesAsText("id")).contains(id.toString());
        Answer undone = tell("/api/stocktakings/" + id + "/undo", Map.of());
        assertThat(undone.at("/undone").asBoolean()).isTrue();
        tell("/api/stocktakings/" + id + "/undo", Map.of());
        assertThat(left(a)).isEqualTo(40);
        assertThat(left(b)).isEqualTo(10);
    }

    @Test
    void allOrNothing() {
        UUID a = beads("A", 5, null);
        UUID id = UUID.randomUUID();
        assertThat(take(id, a, 4, UUID.randomUUID(), 1).status()).isEqualTo(404);
        assertThat(take(id, a, 4, a, 3).at("/code").asText()).isEqualTo("said-twice");
        assertThat(take(id, a, -1).at("/field").asText()).isEqualTo("amount");
        assertThat(take(id, a, 1.5).at("/code").asText()).isEqualTo("counted-in-whole-ones");
        assertThat(take(id).at("/field").asText()).isEqualTo("counts");
        assertThat(left(a)).isEqualTo(5);
        assertThat(read("/api/stocktakings").body().findValuesAsText("id")).doesNotContain(id.toString());
    }

    /** Two who count the same shelf at once, each in their own order: both are kept, the later one stands. */
    @Test
    void twoWhoCountAtOnce() throws Exception {
        UUID a = beads("A", 100, null);
        UUID b = beads("B", 100, null);
        var pool = Executors.newFixedThreadPool(4);
        try {
            var both = new ArrayList<Callable<Integer>>();
            for (int i = 0; i < 8; i++) {
                int amount = 60 + i;
                both.add(
                        i % 2 == 0
                                ? () -> take(UUID.randomUUID(), a, amount, b, amount)
                                        .status()
                                : () -> take(UUID.randomUUID(), b, amount, a, amount)
                                        .status());
            }
            for (var answer : pool.invokeAll(both)) {
                assertThat(answer.get()).isEqualTo(200);
            }
        } finally {
            pool.shutdown();
        }
        assertThat(left(a)).isEqualTo(left(b)).isBetween(60.0, 67.0);
        assertThat(List.of(a, b)).allSatisfy(lot -> {
            double sum = 0;
            for (JsonNode move : read("/api/lots/" + lot + "/moves").body()) {
                sum += move.get("amount").asDouble();
            }
            assertThat(sum).isEqualTo(left(lot));
        });
    }
}
