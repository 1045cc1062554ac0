package toroid.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;

/** {@link EveryField} of all that is kept, and what holds the examples. */
class EveryFieldTest extends EveryField {
    @Test
    void nothingThatIsKeptIsAFault() throws IOException {
        nothingInABodyIsAFault("PUT");
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
        // one address may take bodies of several kinds: "PUT /somewhere of a kind"
        var given = new TreeSet<String>();
        Bodies.examples(json).keySet().forEach(key -> given.add(key.split(" of a ")[0]));
        assertThat(given).isEqualTo(described);
        for (var example : Bodies.examples(json).entrySet()) {
            Answer answer = ask(
                    example.getKey(),
                    example.getValue(),
                    text(example.getValue().get("body")));
            boolean refused = example.getValue().path("refused").asBoolean();
            assertThat(answer.status())
                    .as("%s: %s", example.getKey(), answer.body())
                    .isIn(refused ? List.of(400, 401) : List.of(200, 204));
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
}
