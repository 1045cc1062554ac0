package toroid.server.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import toroid.server.ApiTest;

/** People's sizes from one workshop to another. */
class PeopleExportTest extends ApiTest {
    private static final List<Map<String, Object>> PEOPLE = List.of(
            Map.of("name", "The sea queen", "part", "WRIST", "girthMm", 158.0, "easeMm", 12.0),
            Map.of("name", "The diver's boy", "part", "EAR", "girthMm", 0.0, "easeMm", 0.0));

    private Answer readIn(String text) {
        return send(post("/api/people/import")
                .contentType(MediaType.TEXT_PLAIN)
                .content(text)
                .with(csrf()));
    }

    @Test
    void whoGoesOutComesInWithNothingElse() throws Exception {
        String file = new String(
                file("/api/people/export", Map.of("people", PEOPLE)).getContentAsByteArray(), StandardCharsets.UTF_8);
        JsonNode told = json.readTree(file);
        assertThat(told.properties()).extracting(Map.Entry::getKey).containsExactly("format", "version", "people");
        Answer read = readIn(file);
        assertThat(read.status()).isEqualTo(200);
        assertThat(read.at("/people")).isEqualTo(json.valueToTree(PEOPLE));
    }

    @Test
    void whatIsNoneIsRefused() throws Exception {
        refuses("file-is-no-json", "sizes");
        refuses("no-people-file", "{\"format\": \"toroid-piece\", \"version\": 1}");
        refuses("people-of-other-version", "{\"format\": \"toroid-people\", \"version\": 2}");
        for (String people : List.of("[]", "7", "[null]", "[{\"name\": \"x\"}]", "[{\"part\": \"WRIST\"}]")) {
            refuses("no-people-file", "{\"format\": \"toroid-people\", \"version\": 1, \"people\": " + people + "}");
        }
        refuses(
                "out-of-range",
                "{\"format\": \"toroid-people\", \"version\": 1, \"people\": [{\"name\": \"Nobody\", \"part\": \"WRIST\","
                        + " \"girthMm\": 5, \"easeMm\": 0}]}");
    }

    private void refuses(String code, String text) {
        Answer refused = readIn(text);
        assertThat(refused.status()).as(text).isEqualTo(400);
        assertThat(refused.at("/code").asText()).as(text).isEqualTo(code);
    }
}
