package toroid.server.calibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

/** What is practised is a reading like any other, and a session of its exercise. */
class TrainingApiTest extends ApiTest {
    private int second;

    private Map<String, Object> reading(
            UUID session, String exercise, String criterion, String quantity, double value) {
        var reading = new HashMap<String, Object>();
        reading.put("quantity", quantity);
        reading.put("value", value);
        reading.put("sessionId", session);
        reading.put("takenAt", "2026-03-01T10:%02d:%02dZ".formatted(second / 60, second++ % 60));
        reading.put("note", "");
        var context = new HashMap<String, Object>();
        context.put("practised", Map.of("exercise", exercise, "criterion", criterion));
        reading.put("context", context);
        return reading;
    }

    private static Map<String, Object> inWire(Map<String, Object> reading, double mm) {
        var context = new HashMap<String, Object>((Map<String, ?>) context(reading));
        context.put("wireMm", mm);
        reading.put("context", context);
        return reading;
    }

    @SuppressWarnings("unchecked")
    private static Map<String, ?> context(Map<String, Object> reading) {
        return (Map<String, ?>) reading.get("context");
    }

    private Answer kept(Map<String, Object> reading) {
        return keep("/api/readings", UUID.randomUUID(), null, reading);
    }

    private JsonNode session(String exercise, UUID id) {
        for (JsonNode one : read("/api/exercises/" + exercise).at("/sessions")) {
            if (one.get("id").asText().equals(id.toString())) {
                return one;
            }
        }
        return null;
    }

    private Map<String, Object> loop(UUID session, double mm) {
        Map<String, Object> loop = inWire(reading(session, "ten-loops", "inside", "LOOP_INSIDE", mm), 0.8);
        loop.put("planned", 2.5);
        return loop;
    }

    @Test
    void tenLoopsAreASessionThatSaysWhatStandsOut() {
        UUID id = UUID.randomUUID();
        for (int i = 0; i < 9; i++) {
            assertThat(kept(loop(id, 2.7 + 0.01 * (i % 3))).status()).isEqualTo(200);
        }
        assertThat(session("ten-loops", id).get("whole").asBoolean()).isFalse();
        Answer last = kept(loop(id, 2.7));
        JsonNode session = session("ten-loops", id);
        assertThat(session.get("whole").asBoolean()).isTrue();
        assertThat(session.get("wantedMm").asDouble()).isEqualTo(2.5);
        assertThat(session.get("wireMm").asDouble()).isEqualTo(0.8);
        assertThat(session.at("/verdict/spread/mean").asDouble()).isCloseTo(2.709, within(1e-9));
        assertThat(session.at("/verdict/remarks/0/pattern").asText()).isEqualTo("BIAS");
        takeAway(
                "/api/readings",
                UUID.fromString(last.at("/id").asText()),
                last.at("/version").asInt());
        assertThat(session("ten-loops", id).get("taken")).hasSize(9);
    }

    /** What lay on a device since before there were several exercises. */
    @Test
    void aLoopOfAnEarlierPageIsOneOfTheTen() {
        UUID id = UUID.randomUUID();
        Map<String, Object> loop = loop(id, 2.4);
        loop.put("context", Map.of("formId", "wrapped-loop", "wireMm", 1.2));
        assertThat(kept(loop).status()).isEqualTo(200);
        assertThat(session("ten-loops", id).get("taken")).hasSize(1);
    }

    @Test
    void ringsAreJudgedByEyeAndAPairByItsTwin() {
        UUID rings = UUID.randomUUID();
        for (int value : new int[] {0, 1, 0, 1, 2}) {
            assertThat(kept(reading(rings, "twenty-rings", "joint", "JOINT", value))
                            .status())
                    .isEqualTo(200);
        }
        JsonNode session = session("twenty-rings", rings);
        assertThat(session.at("/verdict/good").asInt()).isEqualTo(2);
        assertThat(session.at("/verdict/remarks/0/what").asText()).isEqualTo("GAP");
        UUID pair = UUID.randomUUID();
        for (int copy = 0; copy < 2; copy++) {
            Map<String, Object> height = inWire(reading(pair, "ear-wire-pair", "height", "LENGTH", 21 + copy), 0.8);
            height.put("copy", copy);
            Answer kept = kept(height);
            assertThat(kept.status()).isEqualTo(200);
            assertThat(kept.at("/data/planned").isNull()).isTrue();
        }
        assertThat(session("ear-wire-pair", pair).at("/verdict/figure").asDouble())
                .isEqualTo(1);
    }

    /** Twenty wires of 0.8 mm side by side: geometry. */
    @Test
    void whatIsAimedAtIsTheExercisesToSay() {
        JsonNode aims = read("/api/exercises/close-coil/aims?wireMm=0.8").body();
        assertThat(aims.at("/0/mm").asDouble()).isCloseTo(16, within(1e-12));
        assertThat(read("/api/exercises/ten-loops/aims?wireMm=0.8&sizeMm=2.5")
                        .at("/0/mm")
                        .asDouble())
                .isEqualTo(2.5);
        assertThat(read("/api/exercises/ear-wire-pair/aims?wireMm=0.8")
                        .at("/0/mm")
                        .isNull())
                .isTrue();
        UUID id = UUID.randomUUID();
        Map<String, Object> coil = inWire(reading(id, "close-coil", "along", "LENGTH", 16.3), 0.8);
        coil.put("planned", 99);
        assertThat(kept(coil).at("/data/planned").asDouble()).isCloseTo(16, within(1e-12));
        assertThat(read("/api/exercises").body()).hasSize(5);
    }

    @Test
    void whatIsNoneOfAnExerciseIsRefused() {
        UUID id = UUID.randomUUID();
        assertThat(kept(reading(id, "juggling", "joint", "JOINT", 0))
                        .at("/code")
                        .asText())
                .isEqualTo("unknown-exercise");
        assertThat(kept(reading(id, "twenty-rings", "weight", "JOINT", 0))
                        .at("/code")
                        .asText())
                .isEqualTo("unknown-criterion");
        assertThat(kept(reading(id, "twenty-rings", "joint", "RECALLED", 0))
                        .at("/code")
                        .asText())
                .isEqualTo("not-measured-here");
        assertThat(kept(reading(id, "twenty-rings", "joint", "JOINT", 4))
                        .at("/code")
                        .asText())
                .isEqualTo("out-of-range");
        assertThat(kept(reading(id, "twenty-rings", "joint", "JOINT", 1.5))
                        .at("/code")
                        .asText())
                .isEqualTo("counted-in-whole-ones");
        assertThat(kept(reading(null, "twenty-rings", "joint", "JOINT", 1))
                        .at("/code")
                        .asText())
                .isEqualTo("missing");
        assertThat(kept(reading(id, "close-coil", "along", "LENGTH", 16))
                        .at("/code")
                        .asText())
                .isEqualTo("missing");
        Map<String, Object> loop = loop(id, 2.5);
        loop.remove("planned");
        assertThat(kept(loop).at("/code").asText()).isEqualTo("missing");
        assertThat(read("/api/exercises/juggling").status()).isEqualTo(400);
    }
}
