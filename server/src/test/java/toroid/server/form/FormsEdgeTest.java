package toroid.server.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.util.ArrayList;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.MediaType;
import toroid.server.ApiTest;

/** What forms answer to careless and unkind callers. */
class FormsEdgeTest extends ApiTest {
    private Answer raw(String body) {
        return send(post("/api/forms/s-hook/solve")
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"parameters\":{\"large\":true}}",
                "{\"parameters\":{\"large\":{\"a\":1}}}",
                "{\"parameters\":{\"large\":[1]}}",
                "{\"parameters\":{\"large\":\"wide\"}}",
                "{\"parameters\":{\"ends\":7}}",
                "{\"parameters\":{\"ends\":-1}}",
                "{\"parameters\":{\"large\":1e308}}",
                "{\"parameters\":{\"large\":\"NaN\"}}",
                "{\"parameters\":[]}",
                "{\"wireDiameterMm\":\"thick\"}",
                "{\"wireDiameterMm\":-1}",
                "{\"wireDiameterMm\":0}",
                "{\"temper\":\"wobbly\"}",
                "{\"cutting\":\"SOMEHOW\"}",
                "{\"spoolId\":\"x\"}",
                "[]",
                "\"\"",
                "{",
            })
    void nonsenseIsRefusedInWordsAndNeverAsAFault(String body) {
        Answer answer = raw(body);
        assertThat(answer.status()).as(body).isEqualTo(400);
        assertThat(answer.at("/code").asText()).as(body).isNotEmpty();
        assertThat(answer.at("/detail").asText())
                .as(body)
                .doesNotContain("Exception")
                .doesNotContain("toroid.");
    }

    @Test
    void aSpoolThatIsNotInStockIsSaid() {
        assertThat(raw("{\"spoolId\":\"" + UUID.randomUUID() + "\"}").status()).isBetween(400, 404);
    }

    @Test
    void aNullParameterIsTakenAsLeftOut() {
        Answer answer = raw("{\"parameters\":{\"large\":null}}");
        assertThat(answer.at("/parameters/large").asDouble()).isEqualTo(6); // five wires of 1.2 mm
    }

    @Test
    void longOutlinesAreCapped() {
        var rows = new ArrayList<Map<String, Object>>();
        for (int i = 0; i < 401; i++) {
            rows.add(
                    Map.of("feedMm", 1, "rotateDegrees", 0, "bendDegrees", i % 2 == 0 ? 20 : -20, "insideRadiusMm", 1));
        }
        Answer answer =
                tell("/api/forms/outline/solve", Map.of("parameters", Map.of("symmetric", "no", "bends", rows)));
        assertThat(answer.at("/code").asText()).isEqualTo("outline-rows");
        assertThat(tell(
                                "/api/forms/outline/solve",
                                Map.of("parameters", Map.of("symmetric", "no", "bends", rows.subList(0, 400))))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void whatIsKeptNeedsItsTokenAndWhatIsOnlyCalculatedDoesNot() throws Exception {
        var write = put("/api/jobs/form/" + UUID.randomUUID())
                .header("Host", "127.0.0.1:8420")
                .contentType(MediaType.APPLICATION_JSON)
                .content("{}");
        assertThat(mvc.perform(write).andReturn().getResponse().getStatus()).isEqualTo(403);
        assertThat(raw("{}").status()).isEqualTo(200);
    }

    @Test
    void anUnknownHostIsRefused() throws Exception {
        int status = mvc.perform(get("/api/forms").header("Host", "evil.example"))
                .andReturn()
                .getResponse()
                .getStatus();
        assertThat(status).isBetween(400, 421);
    }

    @Test
    void aJobMayHoldWhatCannotBeMadeYetAndSaysSoOnTheBench() {
        UUID id = formJob("Half an idea", "s-hook", 1.2, Map.of("large", 0.1), 2);
        assertThat(tell("/api/jobs/form/" + id + "/runs", Map.of()).at("/field").asText())
                .isEqualTo("large");
        assertThat(hand(id).at("/glance/refusal/value").asText()).isEqualTo("0.1");
    }
}
