package toroid.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import toroid.core.piece.Starters;
import toroid.server.ApiTest;

/**
 * Everything that has a grammar of its own (the bench lines, pieces, tables, files of forms, weaves and pieces), spoilt at random and the
 * same way each time: no fault, no trace, nothing told in no words. {@code -Dtoroid.fuzz=1200} asks of each so often, 10,000 in all; what fails is told
 * with its seed. The bodies of every other operation are spoilt field by field in {@link EveryFieldTest} and {@link EveryQuestionTest}.
 */
class GrammarFuzzTest extends ApiTest {
    private static final int TIMES = Integer.getInteger("toroid.fuzz", 60);

    /** What is taken is solved at once, and thrown away: fewer. */
    private static final int FEW = Math.max(1, TIMES / 10);

    private static final List<String> LINES = List.of(
            "20 rings 1.0 on 4.5",
            "1.0 id 4 x20 copper",
            "18 ga ar 4.5",
            "1/16 in on 5 mm x 100",
            "12 rings 0.8 od 5.2 silver hard");
    private static final List<String> FORMS = List.of(
            "wrapped 0.6 loop 2.5 x3",
            "s-hook 1.2 x4",
            "eye pin 0.8 length 40",
            "spiral 1.0 turns 3",
            "bead link 0.8 bead 6");
    private static final List<String> WEAVES =
            List.of("single chain 100 1.0 id 4", "byzantine 180 0.9 id 3.4", "box 120 mm 1.0 id 4");

    private final TreeMap<String, Integer> answers = new TreeMap<>();
    private final List<String> wrong = new ArrayList<>();

    private void spoil(
            String what, int times, List<String> good, Function<String, MockHttpServletRequestBuilder> request) {
        for (int seed = 0; seed < times; seed++) {
            String text = new Mutant(31L * seed + what.hashCode()).of(good);
            judge(what + ", seed " + seed, sendOnce(request.apply(text)));
        }
    }

    private void judge(String what, Answer answer) {
        answers.merge(what.split(",")[0] + " " + answer.status(), 1, Integer::sum);
        String said = String.valueOf(answer.body());
        boolean busy = answer.status() == 503 && answer.at("/code").asText().equals("busy");
        boolean mute = answer.status() == 400
                && (answer.at("/code").asText().isEmpty()
                        || answer.at("/detail").asText().isEmpty());
        boolean inside =
                answer.status() >= 400 && said.matches("(?s).*(Exception|toroid\\.core|toroid\\.server|at java).*");
        if (answer.status() == 202) {
            send(delete("/api/efforts/" + answer.at("/effort").asText()).with(csrf()));
        }
        if (answer.status() >= 500 && !busy || mute || inside) {
            wrong.add(what + ": " + answer.status() + " " + said.substring(0, Math.min(300, said.length())));
        }
    }

    private MockHttpServletRequestBuilder asked(String path, ObjectNode body) {
        return post(path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body.toString())
                .with(csrf());
    }

    private Function<String, MockHttpServletRequestBuilder> line(String path) {
        return text -> asked(path, json.createObjectNode().put("text", text).put("bareGauge", "AWG"));
    }

    private Function<String, MockHttpServletRequestBuilder> file(String path) {
        return text ->
                post(path).contentType(MediaType.TEXT_PLAIN).content(text).with(csrf());
    }

    @Test
    void linesAreNoFault() {
        spoil("a line of rings", TIMES, LINES, line("/api/line"));
        spoil("a line of forms", TIMES, FORMS, line("/api/line/form"));
        spoil("a line of weaves", TIMES, WEAVES, line("/api/line/weave"));
        assertThat(wrong).as("%s", answers).isEmpty();
        assertThat(answers.keySet()).anyMatch(one -> one.endsWith("200")).anyMatch(one -> one.endsWith("400"));
    }

    @Test
    void piecesAreNoFault() {
        List<String> good = Starters.all().stream()
                .map(Starters.Starter::line)
                .filter(line -> line.length() < 160)
                .toList();
        spoil(
                "a piece",
                TIMES,
                good,
                text -> asked(
                        "/api/pieces/solve",
                        json.createObjectNode().put("line", text).put("metal", "copper")));
        assertThat(wrong).as("%s", answers).isEmpty();
        assertThat(answers).containsKeys("a piece 200", "a piece 400");
    }

    @Test
    void tablesAreNoFault() {
        String shelf = "kind,name,left,shape\nbeads,Pearls,12,round\nbeads,\"a, b\",3,round\n";
        String prices = "day,metal,per gram\n2026-05-01,copper,0.02\n2026-06-01,sterling-silver,1.1\n";
        spoil(
                "a table of stock",
                TIMES,
                List.of(shelf),
                text -> asked("/api/stock-table/look", json.createObjectNode().put("text", text)));
        spoil(
                "a table of prices",
                TIMES,
                List.of(prices),
                text -> asked("/api/metal-prices/look", json.createObjectNode().put("text", text)));
        assertThat(wrong).as("%s", answers).isEmpty();
    }

    @Test
    void filesAreNoFault() {
        String form = new String(
                super.file("/api/forms/bead-link/export/json", json.createObjectNode())
                        .getContentAsByteArray(),
                java.nio.charset.StandardCharsets.UTF_8);
        String table = new String(
                super.file("/api/forms/plain-loop/export/csv", json.createObjectNode())
                        .getContentAsByteArray(),
                java.nio.charset.StandardCharsets.UTF_8);
        ObjectNode piece =
                json.createObjectNode().put("line", "s-hook - 4 * ring 1/4").put("metal", "copper");
        String whole = new String(
                super.file("/api/pieces/export/json", piece).getContentAsByteArray(),
                java.nio.charset.StandardCharsets.UTF_8);
        spoil("a form", TIMES, List.of(form, table), file("/api/forms/import"));
        spoil("a piece's file", TIMES, List.of(whole), file("/api/pieces/import"));
        assertThat(wrong).as("%s", answers).isEmpty();
        assertThat(answers).containsKeys("a form 400", "a piece's file 400");
    }

    /** One that is taken all the same is taken away again. */
    @Test
    void weavesAreNoFault() {
        String weave =
                read("/api/weaves/single-chain/file").body().toString().replace("\"single-chain\"", "\"spoilt-chain\"");
        List<String> before = own();
        spoil("a weave", FEW, List.of(weave), file("/api/own-weaves"));
        own().stream()
                .filter(id -> !before.contains(id))
                .forEach(id -> send(delete("/api/own-weaves/" + id).with(csrf())));
        assertThat(wrong).as("%s", answers).isEmpty();
        assertThat(answers).containsKey("a weave 400");
    }

    private List<String> own() {
        var own = new ArrayList<String>();
        for (JsonNode weave : read("/api/weaves").body()) {
            if (weave.hasNonNull("own")) {
                own.add(weave.get("own").asText());
            }
        }
        return own;
    }
}
