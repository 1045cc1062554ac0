package toroid.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import org.awaitility.Awaitility;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcPrint;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** The whole server on a real PostgreSQL, spoken to as HTTP. */
@SpringBootTest
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
public abstract class ApiTest {
    static {
        Awaitility.setDefaultTimeout(Duration.ofMinutes(2));
    }

    @Autowired
    protected MockMvc mvc;

    @Autowired
    protected ObjectMapper json;

    /** Status and body of one call. */
    protected record Answer(int status, JsonNode body) {
        public JsonNode at(String pointer) {
            return body.at(pointer);
        }

        public double number(String field) {
            return body.get(field).asDouble();
        }
    }

    protected Answer read(String path) {
        return send(get(path));
    }

    protected Answer tell(String path, Object body) {
        return send(post(path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(text(body))
                .with(csrf()));
    }

    protected Answer keep(String path, UUID id, Integer version, Object data) {
        var edit = new java.util.HashMap<String, Object>();
        edit.put("version", version);
        edit.put("data", data);
        return send(put(path + "/" + id)
                .contentType(MediaType.APPLICATION_JSON)
                .content(text(edit))
                .with(csrf()));
    }

    protected Answer takeAway(String path, UUID id, int version) {
        return send(delete(path + "/" + id).param("version", "" + version).with(csrf()));
    }

    /** The answer, however long it takes: one that comes later is asked for until it is there. */
    protected Answer send(MockHttpServletRequestBuilder request) {
        Answer answer = sendOnce(request);
        while (answer.status() == 202) {
            answer = sendOnce(get("/api/efforts/" + answer.at("/effort").asText()));
        }
        return answer;
    }

    /** A file asked for by that question, with its headers, however long it takes. */
    protected MockHttpServletResponse file(String path, Object question) {
        MockHttpServletResponse response = performed(post(path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(text(question))
                .with(csrf()));
        while (response.getStatus() == 202) {
            response = performed(get(response.getHeader("Location")));
        }
        return response;
    }

    /** The status of an answer to a question, and how many bytes it has, as if it were kept. */
    protected Sized sized(String path, Object question) {
        MockHttpServletResponse response = performed(post(path)
                .contentType(MediaType.APPLICATION_JSON)
                .header(CountedOnly.ASKED, "yes")
                .content(text(question))
                .with(csrf()));
        while (response.getStatus() == 202) {
            response = performed(get(response.getHeader("Location")).header(CountedOnly.ASKED, "yes"));
        }
        return new Sized(response.getStatus(), Long.parseLong(response.getHeader(CountedOnly.BYTES)));
    }

    protected record Sized(int status, long bytes) {}

    /** A file that is simply there. */
    protected byte[] fetched(String path) {
        return performed(get(path)).getContentAsByteArray();
    }

    private MockHttpServletResponse performed(MockHttpServletRequestBuilder request) {
        try {
            return mvc.perform(request.header("Host", "127.0.0.1:8420"))
                    .andReturn()
                    .getResponse();
        } catch (Exception failure) {
            throw new IllegalStateException(failure);
        }
    }

    /** The answer to one asking: 202 where it comes later. */
    protected Answer sendOnce(MockHttpServletRequestBuilder request) {
        try {
            MockHttpServletResponse response = mvc.perform(request.header("Host", "127.0.0.1:8420"))
                    .andReturn()
                    .getResponse();
            return new Answer(response.getStatus(), body(response));
        } catch (jakarta.servlet.ServletException fault) {
            return new Answer(500, json.createObjectNode().put("fault", "" + fault.getCause()));
        } catch (Exception failure) {
            throw new IllegalStateException(failure);
        }
    }

    /** A file comes as text; what is refused comes as JSON whatever was asked for. */
    private JsonNode body(MockHttpServletResponse response) throws java.io.IOException {
        String body = response.getContentAsString();
        String type = String.valueOf(response.getContentType());
        return body.isEmpty()
                ? json.nullNode()
                : type.contains("json")
                        ? json.readTree(body)
                        : json.getNodeFactory().textNode(body);
    }

    private String text(Object body) {
        try {
            return body instanceof String raw ? raw : json.writeValueAsString(body);
        } catch (com.fasterxml.jackson.core.JsonProcessingException failure) {
            throw new IllegalStateException(failure);
        }
    }

    /** A spool's content, its length not known. */
    protected static java.util.HashMap<String, Object> spoolData(
            String name, String metal, String temper, double diameterMm) {
        return new java.util.HashMap<>(
                Map.of("name", name, "metal", metal, "temper", temper, "wireDiameterMm", diameterMm, "note", ""));
    }

    /** A job of so many copies of a form, half-hard copper, kept as it is; answers its id. */
    protected UUID formJob(String name, String form, double wireMm, Map<String, ?> parameters, int copies) {
        UUID id = UUID.randomUUID();
        var data = new java.util.HashMap<String, Object>(Map.of(
                "name", name, "formId", form, "metal", "copper", "temper", "HALF_HARD", "wireDiameterMm", wireMm));
        data.putAll(Map.of("parameters", parameters, "hand", "RIGHT", "copies", copies, "rhythm", "BATCH"));
        data.putAll(Map.of("cutting", "PRE_CUT", "plainFromMm", 1.0, "tailFactor", 1.0, "note", ""));
        assertThat(keep("/api/jobs/form", id, null, data).status()).isEqualTo(200);
        return id;
    }

    protected UUID spool(String metal, String temper, double diameterMm, double lengthMm) {
        UUID id = UUID.randomUUID();
        var data = spoolData("A spool", metal, temper, diameterMm);
        data.putAll(Map.of("lengthLeftMm", lengthMm, "pricePerMetre", 2));
        keep("/api/spools", id, null, data);
        return id;
    }

    /** A job of so many rings of that spool on a rod, cut by saw, no spare. */
    protected java.util.HashMap<String, Object> job(UUID spool, double rodMm, int rings) {
        var job = new java.util.HashMap<String, Object>(Map.of(
                "name",
                "A job",
                "metal",
                "copper",
                "temper",
                "HALF_HARD",
                "wireDiameterMm",
                1.0,
                "convention",
                "MANDREL",
                "aimValue",
                rodMm,
                "ringCount",
                rings,
                "sparePercent",
                0,
                "turnsPerRing",
                1,
                "cut",
                Map.of("method", "saw", "kerfMm", 0.3)));
        job.putAll(Map.of(
                "winding",
                "TURNED",
                "leadMm",
                25,
                "tailMm",
                40,
                "spoiltTurnsPerEnd",
                1,
                "usableMandrelMm",
                180,
                "note",
                ""));
        job.put("spoolId", spool);
        return job;
    }

    /** Notes that everything before a place of a run's rhythm is done. */
    protected Answer progress(Answer run, int place, Map<String, Integer> counts) {
        return progress(run, place, counts, "");
    }

    protected Answer progress(Answer run, int place, Map<String, Integer> counts, String note) {
        UUID id = UUID.fromString(run.at("/id").asText());
        JsonNode plan = read("/api/runs/" + id).at("/data/plan");
        int steps = plan.at("/operations").size();
        var done = new java.util.HashMap<String, Integer>();
        for (int i = 0; i < steps; i++) {
            int groups = place / steps + (i < place % steps ? 1 : 0);
            done.put(
                    plan.at("/operations/" + i + "/id").asText(),
                    Math.min(
                            plan.at("/copies").asInt(),
                            groups * plan.at("/perGroup").asInt()));
        }
        return keep("/api/runs", id, run.at("/version").asInt(), Map.of("done", done, "counts", counts, "note", note));
    }

    /** What is left of a lot, in its unit. */
    protected double left(UUID lot) {
        return read("/api/lots/" + lot).at("/data/left").asDouble();
    }

    /** A job's row on the bench, once it was looked at. */
    protected JsonNode hand(UUID job) {
        long until = System.nanoTime() + java.time.Duration.ofMinutes(1).toNanos();
        while (System.nanoTime() < until) {
            for (JsonNode hand : read("/api/bench").body()) {
                if (hand.at("/jobId").asText().equals(job.toString())
                        && !hand.at("/glance").isNull()) {
                    return hand;
                }
            }
            Thread.onSpinWait();
        }
        throw new AssertionError("the job is not on the bench");
    }
}
