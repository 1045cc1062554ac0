package toroid.server.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import toroid.server.ApiTest;

class PatchApiTest extends ApiTest {
    @Autowired
    private JdbcTemplate database;

    static Map<String, Object> patch(double wire, List<Double> inner, Object... more) {
        var question = new HashMap<String, Object>(Map.of("wireDiameterMm", wire, "innerDiameterMm", inner));
        for (int i = 0; i < more.length; i += 2) {
            question.put((String) more[i], more[i + 1]);
        }
        return question;
    }

    /** Exact: a taut single chain of n rings is n·ID + 2d long. */
    @Test
    void aLengthIsCountedInRings() {
        Answer count =
                tell("/api/weaves/single-chain/count", patch(1, List.of(4.0), "lengthMm", 101, "sparePercent", 10));
        assertThat(count.status()).isEqualTo(200);
        assertThat(count.at("/ringCount/0").asInt()).isEqualTo(25); // 25 · 4 + 2 = 102; 24 give 98
        assertThat(count.at("/units").asInt()).isEqualTo(25);
        assertThat(count.at("/taut/lengthMm").asDouble()).isCloseTo(102, within(1e-2));
        assertThat(count.at("/preClosed/upperBound").asInt()).isEqualTo(13);
        assertThat(count.at("/opened").asInt()).isEqualTo(12);
        assertThat(count.at("/spare/0").asInt()).isEqualTo(3);
        assertThat(count.at("/wireMm/0").asDouble()).isCloseTo(25 * Math.PI * 5, within(1e-9));
        assertThat(count.body().get("figures").size()).isGreaterThan(8);
    }

    @Test
    void aSheetIsCountedByRowsColumnsSizesAndColours() {
        Answer count = tell(
                "/api/weaves/japanese-4-in-1/count",
                patch(
                        1,
                        List.of(6.0, 3.9),
                        "rows",
                        3,
                        "columns",
                        4,
                        "colours",
                        Map.of(
                                "palette",
                                List.of("copper", "#224466"),
                                "by",
                                "ROW",
                                "sequence",
                                List.of(0, 1),
                                "painted",
                                List.of(List.of(0, 0, 0, 1)))));
        assertThat(count.at("/ringCount/0").asInt()).isEqualTo(12);
        assertThat(count.at("/ringCount/1").asInt()).isEqualTo(17);
        assertThat(count.at("/colours/0/total").asInt()
                        + count.at("/colours/1/total").asInt())
                .isEqualTo(29);
        Answer wide = tell("/api/weaves/european-4-in-1/count", patch(1, List.of(4.0), "rows", 5, "lengthMm", 60));
        assertThat(wide.at("/rest/lengthMm").asDouble()).isBetween(60.0, 70.0);
    }

    @Test
    void whatIsNotSaidOrDoesNotHoldTogetherIsRefusedInWords() {
        assertThat(tell("/api/weaves/byzantine/count", patch(1, List.of(3.8)))
                        .at("/detail")
                        .asText())
                .contains("no-length");
        assertThat(tell("/api/weaves/european-4-in-1/count", patch(1, List.of(4.0), "units", 3))
                        .at("/detail")
                        .asText())
                .contains("no-sheet-size");
        Answer apart = tell("/api/weaves/european-4-in-1/count", patch(1, List.of(4.0), "rowCounts", List.of(1, 5, 1)));
        assertThat(apart.status()).isEqualTo(400);
        assertThat(apart.at("/detail").asText()).contains("falls-apart");
        assertThat(tell("/api/weaves/single-chain/count", patch(1, List.of(1.5), "lengthMm", 50))
                        .at("/detail")
                        .asText())
                .contains("rings-do-not-fit");
        assertThat(tell("/api/weaves/single-chain/count", patch(1, List.of(4.0), "units", 5, "hold", -1))
                        .status())
                .isEqualTo(400);
        Map<String, Object> odd = patch(1, List.of(4.0), "units", 5);
        odd.put(
                "colours",
                Map.of("palette", List.of("<b>"), "by", "RING", "sequence", List.of(0), "painted", List.of()));
        assertThat(tell("/api/weaves/single-chain/count", odd).at("/detail").asText())
                .contains("bad-colour");
    }

    /** The steps told build the links told, ring by ring. */
    @Test
    void aPatchIsToldRingByRing() {
        JsonNode patch = tell("/api/weaves/byzantine/patch", patch(1, List.of(3.8), "units", 5))
                .body();
        int rings = patch.get("colours").size();
        assertThat(patch.get("rings").size()).isEqualTo(3 * rings);
        assertThat(rings).isEqualTo(32);
        Set<String> links = new HashSet<>();
        var there = new HashSet<Integer>();
        for (JsonNode step : patch.get("steps")) {
            int ring = step.get("ring").asInt();
            var passed = new ArrayList<Integer>();
            step.get("through").forEach(other -> passed.add(other.asInt()));
            assertThat(there).containsAll(passed);
            step.get("pickUp").forEach(other -> passed.add(other.asInt()));
            passed.forEach(other -> links.add(Math.min(ring, other) + " " + Math.max(ring, other)));
            assertThat(step.get("passages").size()).isEqualTo(passed.size());
            there.add(ring);
            there.addAll(passed);
        }
        var told = new HashSet<String>();
        JsonNode pairs = patch.get("links");
        for (int i = 0; i < pairs.size(); i += 2) {
            told.add(pairs.get(i).asInt() + " " + pairs.get(i + 1).asInt());
        }
        assertThat(links).isEqualTo(told);
        assertThat(there).hasSize(rings);
    }

    @Test
    void anAttemptIsAnsweredByTheModel() {
        Map<String, Object> question = patch(1, List.of(3.8), "units", 4);
        JsonNode step = tell("/api/weaves/byzantine/patch", question).at("/steps/5");
        var right = new ArrayList<Integer>();
        step.get("through").forEach(other -> right.add(other.asInt()));
        step.get("pickUp").forEach(other -> right.add(other.asInt()));
        Answer good = tell("/api/weaves/byzantine/attempt", Map.of("patch", question, "step", 5, "named", right));
        assertThat(good.at("/right").asBoolean()).isTrue();
        Answer bad = tell(
                "/api/weaves/byzantine/attempt",
                Map.of("patch", question, "step", 5, "named", right.subList(0, right.size() - 1)));
        assertThat(bad.at("/right").asBoolean()).isFalse();
        assertThat(bad.at("/missing/0").asInt()).isEqualTo(right.get(right.size() - 1));
        assertThat(tell("/api/weaves/byzantine/attempt", Map.of("patch", question, "step", 900, "named", right))
                        .status())
                .isEqualTo(400);
    }

    @Test
    void aMistakeIsLookedForByQuestions() {
        Map<String, Object> question = patch(1, List.of(3.8), "units", 6);
        Answer first = tell(
                "/api/weaves/byzantine/diagnose", Map.of("patch", question, "stepsDone", 15, "answers", List.of()));
        assertThat(first.status()).isEqualTo(200);
        assertThat(first.at("/ask/kind").asText()).isIn("COUNT", "SOUND_UP_TO", "WHICH");
        var cannot = new HashMap<String, Object>();
        cannot.put("kind", first.at("/ask/kind").asText());
        cannot.put("ring", first.at("/ask/ring").asInt());
        Answer second = tell(
                "/api/weaves/byzantine/diagnose",
                Map.of("patch", question, "stepsDone", 15, "answers", List.of(cannot)));
        assertThat(second.at("/ask").toString()).isNotEqualTo(first.at("/ask").toString());
    }

    /** What was solved for one question serves the next, and outlives the server. */
    @Test
    void posesAreKeptOnceSolved() {
        database.update("delete from solved_weave");
        tell("/api/weaves/half-persian-3-in-1/patch", patch(1, List.of(5.0), "units", 5));
        tell("/api/weaves/half-persian-3-in-1/patch", patch(1.4, List.of(7.0), "units", 9));
        List<String> kept = database.queryForList(
                "select question from solved_weave where question like '%/5.00000/cell'", String.class);
        assertThat(kept).hasSize(1);
    }

    /** A hole in a list is the asker's slip, not the server's. */
    @Test
    void nullsInListsAreRefusedInWords() {
        for (String body : List.of(
                "{\"wireDiameterMm\":1,\"innerDiameterMm\":[null],\"units\":3}",
                "{\"wireDiameterMm\":1,\"innerDiameterMm\":[4],\"rowCounts\":[3,null]}",
                "{\"wireDiameterMm\":1,\"innerDiameterMm\":[4],\"units\":3,\"colours\":{\"palette\":[null],\"by\":\"RING\",\"sequence\":[0],\"painted\":[]}}",
                "{\"wireDiameterMm\":1,\"innerDiameterMm\":[4],\"units\":3,\"colours\":{\"palette\":[\"copper\"],\"by\":\"RING\",\"sequence\":[null],\"painted\":[[0,0,0,null]]}}")) {
            Answer answer = tell("/api/weaves/single-chain/count", body);
            assertThat(answer.status()).as(body).isEqualTo(400);
            assertThat(answer.at("/detail").asText()).isNotBlank();
        }
        assertThat(tell("/api/weaves/single-chain/solve", "{\"wireDiameterMm\":1,\"innerDiameterMm\":[null]}")
                        .status())
                .isEqualTo(400);
    }
}
