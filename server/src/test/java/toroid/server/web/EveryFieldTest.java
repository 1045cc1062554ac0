package toroid.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import toroid.server.ApiTest;

/**
 * Every field of every body the API takes, spoilt in every way: null, left out, said twice, of another type, absurd. Whatever is sent,
 * the answer is in words and names the field; nothing is a fault of the server.
 */
class EveryFieldTest extends ApiTest {
    private final Map<String, String> ids = new HashMap<>();

    @BeforeEach
    void somethingToSpeakOf() throws IOException {
        ids.put("{new}", UUID.randomUUID().toString());
        ids.put("{spool}", spool("copper", "HALF_HARD", 1.0, 10_000).toString());
        ids.put("{preferences}", read("/api/preferences").at("/id").asText());
        ids.put("{ring-run}", run("/api/ring-jobs", job(UUID.fromString(ids.get("{spool}")), 4, 20)));
        ids.put("{form-run}", run("/api/form-jobs", example("PUT /api/form-jobs/{id}")));
        ids.put("{weave-run}", run("/api/weave-jobs", example("PUT /api/weave-jobs/{id}")));
    }

    private String run(String jobs, Object data) {
        UUID id = UUID.randomUUID();
        assertThat(keep(jobs, id, null, data).status()).isEqualTo(200);
        Answer run = tell(jobs + "/" + id + "/runs", Map.of());
        assertThat(run.status()).as("%s", run).isEqualTo(200);
        return run.at("/id").asText();
    }

    private JsonNode example(String operation) throws IOException {
        return Bodies.examples(json).get(operation).at("/body/data");
    }

    /** An operation added to the API needs an example here, or nothing holds it. */
    @Test
    void everyOperationThatTakesJsonHasAnExampleThatIsTaken() throws IOException {
        var described = new TreeSet<String>();
        read("/api/openapi.json")
                .at("/paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(operation -> {
                    if (operation.getValue().at("/requestBody/content").has("application/json")) {
                        described.add(operation.getKey().toUpperCase(java.util.Locale.ROOT) + " " + path.getKey());
                    }
                }));
        assertThat(new TreeSet<>(Bodies.examples(json).keySet())).isEqualTo(described);
        for (var example : Bodies.examples(json).entrySet()) {
            Answer answer = ask(
                    example.getKey(),
                    example.getValue(),
                    text(example.getValue().get("body")));
            boolean refused = example.getValue().path("refused").asBoolean();
            assertThat(answer.status())
                    .as("%s: %s", example.getKey(), answer.body())
                    .isIn(refused ? List.of(400) : List.of(200, 204));
        }
    }

    @Test
    void nothingInABodyIsAFault() throws IOException {
        var wrong = new ArrayList<String>();
        for (var example : Bodies.examples(json).entrySet()) {
            ObjectNode body = (ObjectNode) example.getValue().get("body");
            for (Bodies.Spoilt spoilt : Bodies.spoilt(body)) {
                Answer answer = ask(example.getKey(), example.getValue(), named(spoilt.text()));
                judge(example.getKey(), spoilt, answer, wrong);
            }
        }
        assertThat(wrong.stream().limit(60)).as("%d of them", wrong.size()).isEmpty();
    }

    private static void judge(String operation, Bodies.Spoilt spoilt, Answer answer, List<String> wrong) {
        boolean fault = answer.status() >= 500;
        boolean mute = answer.status() == 400
                && (answer.at("/code").asText().isEmpty()
                        || answer.at("/field").asText().isEmpty()
                        || answer.at("/detail").asText().isEmpty());
        boolean raced = answer.status() == 409 && !answer.at("/code").asText().equals("changed-elsewhere");
        boolean inside = answer.at("/detail").asText().matches("(?s).*(Exception|toroid\\.|jackson).*");
        boolean taken = answer.status() < 300 && spoilt.never();
        if (fault || mute || raced || inside || taken) {
            wrong.add("%s, %s %s: %d %s"
                    .formatted(operation, spoilt.where(), spoilt.how(), answer.status(), answer.body()));
        }
    }

    @Test
    void calculatorsTakeNothingButJson() throws IOException {
        for (var example : Bodies.examples(json).entrySet()) {
            for (MediaType type : List.of(MediaType.TEXT_PLAIN, MediaType.APPLICATION_FORM_URLENCODED)) {
                Answer answer = send(request(
                                HttpMethod.valueOf(method(example.getKey())),
                                path(example.getKey(), example.getValue()))
                        .contentType(type)
                        .content(text(example.getValue().get("body")))
                        .with(csrf()));
                assertThat(answer.status())
                        .as("%s as %s", example.getKey(), type)
                        .isEqualTo(415);
            }
        }
    }

    /** The addresses themselves: ids that are none, numbers that are none. */
    @Test
    void nothingInAnAddressIsAFault() {
        var wrong = new ArrayList<String>();
        read("/api/openapi.json")
                .at("/paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(operation -> {
                    String method = operation.getKey().toUpperCase(java.util.Locale.ROOT);
                    for (String said :
                            List.of("x", UUID.randomUUID().toString(), "%00", "-1", "1e400", "NaN", "%2e%2e")) {
                        String query = Stream.of(
                                        "wireDiameterMm", "aspectRatio", "nominalAspectRatio", "version", "count")
                                .map(name -> name + "=" + said)
                                .collect(java.util.stream.Collectors.joining("&"));
                        String address = path.getKey().replaceAll("\\{[^}]+}", said) + "?" + query;
                        Answer answer = send(request(HttpMethod.valueOf(method), java.net.URI.create(address))
                                .contentType(MediaType.APPLICATION_JSON)
                                .content("{}")
                                .with(csrf()));
                        if (answer.status() >= 500) {
                            wrong.add(method + " " + address + ": " + answer);
                        }
                    }
                }));
        assertThat(wrong).isEmpty();
    }

    private Answer ask(String operation, JsonNode example, String body) {
        return send(request(HttpMethod.valueOf(method(operation)), path(operation, example))
                .contentType(MediaType.APPLICATION_JSON)
                .content(named(body))
                .with(csrf()));
    }

    private static String method(String operation) {
        return operation.split(" ")[0];
    }

    private String path(String operation, JsonNode example) {
        ids.put("{new}", UUID.randomUUID().toString());
        String path =
                example.has("path") ? example.get("path").asText() : operation.split(" ")[1];
        return named(path);
    }

    private String named(String text) {
        String told = text;
        for (var id : ids.entrySet()) {
            told = told.replace(id.getKey(), id.getValue());
        }
        return told;
    }

    private String text(JsonNode body) {
        return named(body.toString());
    }
}
