package toroid.server.weave;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

class CompositionApiTest extends ApiTest {
    private static final String BYZANTINE = "/api/weaves/byzantine/composition";

    private static Map<String, Object> medallion(Object... more) {
        var question = new HashMap<String, Object>(
                Map.of("wireDiameterMm", 1.0, "innerDiameterMm", 3.8, "hubWireMm", 1.2, "arms", 6, "rows", 3));
        question.putAll(Map.of("hubs", 2, "tieRow", 0, "longerBy", 2, "bail", true));
        for (int i = 0; i < more.length; i += 2) {
            question.put((String) more[i], more[i + 1]);
        }
        return question;
    }

    @Test
    void aMedallionIsSolvedCountedAndLaid() {
        Answer answer = tell(BYZANTINE, medallion());
        assertThat(answer.status()).isEqualTo(200);
        int all = 6 * 6 + 4 + 2 + 6 + 1;
        assertThat(answer.at("/ringCount/0").asInt()).isEqualTo(all - 2);
        assertThat(answer.at("/ringCount/1").asInt()).isEqualTo(2);
        assertThat(answer.at("/hubSmallestMm").asDouble())
                .isLessThan(answer.at("/hubUsualMm").asDouble());
        assertThat(answer.at("/hubUsualMm").asDouble())
                .isLessThan(answer.at("/hubLargestMm").asDouble());
        assertThat(answer.at("/hubInnerDiameterMm").asDouble())
                .isEqualTo(answer.at("/hubUsualMm").asDouble());
        assertThat(answer.at("/arms").asText()).isEqualTo("TIGHT");
        assertThat(answer.at("/rings").size()).isEqualTo(7 * all);
        assertThat(answer.at("/ringWireMm").size()).isEqualTo(all);
        var there = new HashSet<Integer>();
        answer.at("/steps").forEach(step -> {
            there.add(step.get("ring").asInt());
            step.get("pickUp").forEach(one -> there.add(one.asInt()));
        });
        assertThat(there).hasSize(all);
        int opened = 0;
        for (JsonNode stage : answer.at("/stages")) {
            opened += stage.get("opened").asInt();
        }
        assertThat(opened).isEqualTo(answer.at("/opened").asInt());
        assertThat(answer.at("/closedBefore").size()).isEqualTo(all - opened);
        assertThat(answer.at("/beside").size()).isPositive();
    }

    /** The maker's own larger ring is judged; it is never said to go in below the smallest. */
    @Test
    void theMakersOwnLargerRingIsJudged() {
        double smallest = tell(BYZANTINE, medallion()).at("/hubSmallestMm").asDouble();
        Answer small = tell(BYZANTINE, medallion("hubInnerMm", smallest - 0.5));
        assertThat(small.at("/fit").asText()).isEqualTo("TOO_SMALL");
        assertThat(small.at("/hubSmallestMm").asDouble()).isEqualTo(smallest);
        assertThat(tell(BYZANTINE, medallion("hubInnerMm", 40.0)).at("/fit").asText())
                .isEqualTo("TOO_LARGE");
        assertThat(tell(BYZANTINE, medallion("hubInnerMm", 10.5)).at("/fit").asText())
                .isEqualTo("GOES_IN");
    }

    @Test
    void twoColoursAreCounted() {
        Answer answer = tell(BYZANTINE, medallion("colours", "BINDING", "secondColour", "brass"));
        assertThat(answer.at("/palette").toString()).isEqualTo("[\"copper\",\"brass\"]");
        assertThat(answer.at("/colourCounts").toString()).isEqualTo("[[40,0],[7,2]]");
        assertThat(tell(BYZANTINE, medallion("secondColour", "<b>")).status()).isEqualTo(400);
    }

    @Test
    void whatCannotBeIsRefusedWithARemedy() {
        assertThat(tell(BYZANTINE, medallion("arms", 2)).at("/detail").asText())
                .contains("fewer-than-three-make-no-middle");
        assertThat(tell(BYZANTINE, medallion("hubWireMm", 4)).at("/detail").asText())
                .contains("hub-too-thick");
        Answer tight = tell(BYZANTINE, medallion("innerDiameterMm", 3.4));
        assertThat(tight.at("/code").asText()).isEqualTo("star-too-tight");
        assertThat(tight.at("/minimum").asDouble()).isBetween(3.4, 3.8);
        assertThat(tell(BYZANTINE, medallion("rowCounts", List.of(2, 3, 2)))
                        .at("/detail")
                        .asText())
                .contains("no-arm-size");
        assertThat(tell("/api/weaves/european-4-in-1/composition", medallion())
                        .at("/detail")
                        .asText())
                .contains("no-arms-of-so-many-rows");
    }

    /** Larger rings are written in their own wire: a row of their own in the count, a mesh of their own in the round. */
    @Test
    void leavesInOpenFormats() throws Exception {
        String csv = taken("csv");
        assertThat(csv.lines()).hasSize(3);
        assertThat(csv).contains("small ring,copper,1.0000,3.8000,47").contains("larger ring,copper,1.2000,");
        JsonNode gltf = json.readTree(taken("gltf"));
        assertThat(gltf.at("/nodes").size()).isGreaterThanOrEqualTo(49);
        assertThat(gltf.at("/meshes").toString()).contains("wire 1.2000 mm").contains("wire 1.0000 mm");
        assertThat(taken("svg")).startsWith("<svg").contains("stroke-width=\"1.2000\"");
        assertThat(taken("stl")).isNotEmpty();
        assertThat(tell(BYZANTINE + "/export/docx", medallion()).status()).isEqualTo(400);
    }

    private String taken(String format) throws Exception {
        var response = file(BYZANTINE + "/export/" + format, medallion());
        assertThat(response.getStatus()).as(format).isEqualTo(200);
        return response.getContentAsString(StandardCharsets.UTF_8);
    }
}
