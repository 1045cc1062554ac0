package toroid.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import toroid.server.ApiTest;

/**
 * Every field of every body the API takes, spoilt in every way: null, left out, said twice, of another type, absurd. Whatever is sent,
 * the answer is in words and names the field; nothing is a fault of the server.
 */
abstract class EveryField extends ApiTest {
    private final Map<String, String> ids = new HashMap<>();

    @BeforeEach
    void somethingToSpeakOf() throws IOException {
        ids.put("{new}", UUID.randomUUID().toString());
        ids.put("{spool}", spool("copper", "HALF_HARD", 1.0, 10_000).toString());
        ids.put("{preferences}", read("/api/preferences").at("/id").asText());
        UUID job = UUID.randomUUID();
        assertThat(keep("/api/jobs/ring", job, null, job(null, 4, 20)).status()).isEqualTo(200);
        ids.put("{job}", job.toString());
        ids.put("{ring-run}", run("/api/jobs/ring", job(UUID.fromString(ids.get("{spool}")), 4, 20)));
        ids.put("{form-run}", run("/api/jobs/form", example("PUT /api/jobs/{kind}/{id} of a form")));
        ids.put("{weave-run}", run("/api/jobs/weave", example("PUT /api/jobs/{kind}/{id} of a weave")));
        ids.put("{photo}", photo(ids.get("{ring-run}")));
    }

    private String run(String jobs, Object data) {
        UUID id = UUID.randomUUID();
        assertThat(keep(jobs, id, null, data).status()).isEqualTo(200);
        Answer run = tell(jobs + "/" + id + "/runs", Map.of());
        assertThat(run.status()).as("%s", run).isEqualTo(200);
        return run.at("/id").asText();
    }

    private String photo(String run) {
        var file = new ByteArrayOutputStream();
        try {
            ImageIO.write(new BufferedImage(8, 8, BufferedImage.TYPE_INT_RGB), "png", file);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        Answer kept = send(request(HttpMethod.PUT, "/api/photos/" + UUID.randomUUID() + "/picture?run=" + run)
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content(file.toByteArray())
                .with(csrf()));
        assertThat(kept.status()).as("%s", kept).isEqualTo(200);
        return kept.at("/id").asText();
    }

    private JsonNode example(String operation) throws IOException {
        return json.readTree(
                named(Bodies.examples(json).get(operation).at("/body/data").toString()));
    }

    /** Of the operations whose example begins so. */
    void nothingInABodyIsAFault(String beginning) throws IOException {
        var wrong = new ArrayList<String>();
        for (var example : Bodies.examples(json).entrySet()) {
            if (!example.getKey().startsWith(beginning)) {
                continue;
            }
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

    /** Preferences, of which there is one set, in the version they are in. */
    Answer ask(String operation, JsonNode example, String said) {
        String body = operation.startsWith("PUT /api/preferences")
                ? said.replace(
                        "\"version\":0",
                        "\"version\":" + read("/api/preferences").at("/version").asInt())
                : said;
        return send(request(HttpMethod.valueOf(method(operation)), path(operation, example))
                .contentType(MediaType.APPLICATION_JSON)
                .content(named(body))
                .with(csrf()));
    }

    static String method(String operation) {
        return operation.split(" ")[0];
    }

    String path(String operation, JsonNode example) {
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

    String text(JsonNode body) {
        return named(body.toString());
    }
}
