package toroid.server.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.server.ApiTest;

class CuttingApiTest extends ApiTest {
    private static Map<String, Object> asked() {
        var body = new HashMap<String, Object>();
        body.put("stock", List.of(Map.of("id", "s1", "lengthMm", 3000, "count", 1, "offcut", false)));
        body.put("pieces", List.of(Map.of("id", "a", "lengthMm", 45, "count", 8)));
        body.put("kerfMm", 0);
        body.put("usefulOffcutMm", 30);
        body.put("feedCapMm", null);
        body.put("timeLimitMs", 2000);
        return body;
    }

    @Test
    void eightLinksFromASpool() {
        Answer plan = tell("/api/cutting/plan", asked());
        assertThat(plan.status()).isEqualTo(200);
        assertThat(plan.at("/assignments/0/stockId").asText()).isEqualTo("s1");
        assertThat(plan.at("/assignments/0/cuts/0/pieceId").asText()).isEqualTo("a");
        assertThat(plan.at("/assignments/0/cuts/0/count").asInt()).isEqualTo(8);
        assertThat(plan.at("/assignments/0/usedMm").asDouble()).isCloseTo(360, within(1e-6));
        assertThat(plan.at("/assignments/0/leftMm").asDouble()).isCloseTo(2640, within(1e-6));
        assertThat(plan.at("/consumedMm").asDouble()).isCloseTo(360, within(1e-6));
        assertThat(plan.at("/wasteMm").asDouble()).isCloseTo(0, within(1e-6));
        assertThat(plan.at("/lowerBoundMm").asDouble()).isCloseTo(360, within(1e-6));
        assertThat(plan.at("/provenOptimal").asBoolean()).isTrue();
        assertThat(plan.at("/uncut")).isEmpty();
        assertThat(plan.at("/toBuy")).isEmpty();
    }

    @Test
    void whatIsLackingIsLeftOutAndBoughtByTheMetre() {
        var body = asked();
        body.put("pieces", List.of(Map.of("id", "a", "lengthMm", 45, "count", 80)));
        body.put("kerfMm", 0.5);
        Answer plan = tell("/api/cutting/plan", body);
        int cut = plan.at("/assignments/0/cuts/0/count").asInt();
        assertThat(cut).isEqualTo(65);
        assertThat(plan.at("/uncut/0/count").asInt()).isEqualTo(15);
        assertThat(plan.at("/toBuy/0/lengthMm").asDouble()).isEqualTo(1000);
        assertThat(plan.at("/toBuy/0/frees/0/count").asInt()).isEqualTo(15);
    }

    @Test
    void askedAgainItGoesOnAndIsNeverWorse() {
        var body = asked();
        var lengths = new java.util.ArrayList<Map<String, Object>>();
        for (int i = 0; i < 30; i++) {
            lengths.add(Map.of("id", "p" + i, "lengthMm", 31.7 + 7.3 * i % 160, "count", 1 + i % 4));
        }
        body.put("pieces", lengths);
        body.put("stock", List.of(Map.of("id", "s", "lengthMm", 397.3, "count", 20)));
        body.put("timeLimitMs", 50);
        double before = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 4; i++) {
            Answer plan = tell("/api/cutting/plan", body);
            assertThat(plan.status()).isEqualTo(200);
            assertThat(plan.at("/consumedMm").asDouble()).isLessThanOrEqualTo(before);
            before = plan.at("/consumedMm").asDouble();
        }
    }

    /** More kinds than a programme takes, and more lengths than anyone cuts: answered within its time, or refused. */
    @Test
    void theLargestThatCanBeAskedIsAnsweredOrRefused() {
        var body = asked();
        var lengths = new java.util.ArrayList<Map<String, Object>>();
        for (int i = 0; i < 2000; i++) {
            lengths.add(Map.of("id", "p" + i, "lengthMm", 20 + i * 0.037, "count", 2));
        }
        body.put("pieces", lengths);
        body.put("stock", List.of(Map.of("id", "s", "lengthMm", 9973.1, "count", 30)));
        body.put("timeLimitMs", 200);
        Answer plan = tell("/api/cutting/plan", body);
        assertThat(plan.status()).isEqualTo(200);
        assertThat(plan.at("/uncut")).isEmpty();
        lengths.replaceAll(one -> Map.of("id", one.get("id"), "lengthMm", one.get("lengthMm"), "count", 10_000));
        assertThat(tell("/api/cutting/plan", body).at("/field").asText()).isEqualTo("pieces.count");
    }

    @ParameterizedTest
    @CsvSource({
        "/stock/0/lengthMm, -1, stock[0].lengthMm",
        "/stock/0/count, 20000, stock[0].count",
        "/stock/0/marginMm, 4000, stock[0].marginMm",
        "/pieces/0/lengthMm, 0, pieces[0].lengthMm",
        "/pieces/0/count, -1, pieces[0].count",
        "/kerfMm, -0.1, kerfMm",
        "/usefulOffcutMm, 1e9, usefulOffcutMm",
        "/feedCapMm, 40, feedCapMm",
        "/soldByMm, 0, soldByMm",
        "/timeLimitMs, 0, timeLimitMs"
    })
    void badInputNamesItsField(String at, double value, String field) {
        var body = (com.fasterxml.jackson.databind.node.ObjectNode) json.valueToTree(asked());
        var pointer = com.fasterxml.jackson.core.JsonPointer.compile(at);
        var holder = (com.fasterxml.jackson.databind.node.ObjectNode) body.at(pointer.head());
        if (value == Math.rint(value) && Math.abs(value) < 1e6) {
            holder.put(pointer.last().getMatchingProperty(), (int) value);
        } else {
            holder.put(pointer.last().getMatchingProperty(), value);
        }
        Answer refused = tell("/api/cutting/plan", body);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.at("/field").asText()).isEqualTo(field);
    }

    @Test
    void whatIsMissingIsNamed() {
        var body = asked();
        body.put("pieces", List.of(Map.of("id", "a", "count", 8)));
        Answer refused = tell("/api/cutting/plan", body);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.at("/field").asText()).contains("pieces[0].lengthMm");
        body.put("pieces", List.of(Map.of("id", "a", "lengthMm", 45), Map.of("id", "a", "lengthMm", 46)));
        Answer twice = tell("/api/cutting/plan", body);
        assertThat(twice.status()).isEqualTo(400);
        assertThat(twice.at("/field").asText()).isEqualTo("pieces.id");
    }
}
