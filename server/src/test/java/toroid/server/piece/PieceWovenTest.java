package toroid.server.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

/** What is woven in a piece is what its own page makes of it. */
class PieceWovenTest extends ApiTest {
    private JsonNode solved(Map<String, Object> question) {
        Answer answer = tell("/api/pieces/solve", question);
        assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
        return answer.body();
    }

    /** A length of weave hangs as long as its own page says, less a wire at each end, and its rings are that page's. */
    @Test
    void aWeaveInAPieceIsTheWeaveByItself() {
        JsonNode piece = solved(Map.of("line", "weave byzantine 1/3.8 units=6"));
        JsonNode weave = tell(
                        "/api/weaves/byzantine/count",
                        Map.of("wireDiameterMm", 1, "innerDiameterMm", List.of(3.8), "units", 6))
                .body();
        assertThat(piece.get("finishedLengthMm").asDouble())
                .isCloseTo(weave.at("/taut/lengthMm").asDouble() - 2, within(1e-9));
        assertThat(piece.at("/rings/0/count").asInt())
                .isEqualTo(weave.get("total").asInt());
        assertThat(piece.at("/rings/0/preClosed").asInt())
                .isEqualTo(weave.at("/preClosed/inHand").asInt());
        for (String line :
                List.of("weave nobodys 1/3.8", "weave byzantine 1/1.2 units=4", "weave european-4-in-1 1/4 units=3")) {
            assertThat(tell("/api/pieces/solve", Map.of("line", line)).status())
                    .as(line)
                    .isBetween(400, 404);
        }
    }

    /** A star in a piece is that of its own page: the same rings, the same larger one, as many closed beforehand; kept, and the same at twice the size. */
    @Test
    void aMedallionInAPieceIsTheMedallionByItself() {
        Map<String, Object> asked = Map.of("line", "medallion box-chain 1/4.5 arms=3 rows=1 larger=1.2");
        JsonNode piece = solved(asked);
        JsonNode page = tell(
                        "/api/weaves/box-chain/composition",
                        Map.of(
                                "wireDiameterMm", 1,
                                "innerDiameterMm", 4.5,
                                "hubWireMm", 1.2,
                                "arms", 3,
                                "rows", 1,
                                "hubs", 1,
                                "bail", false))
                .body();
        assertThat(piece.at("/rings/0/count").asInt())
                .isEqualTo(page.at("/ringCount/0").asInt());
        assertThat(piece.at("/rings/1/innerDiameterMm").asDouble())
                .isCloseTo(page.get("hubUsualMm").asDouble(), within(1e-3));
        assertThat(piece.at("/rings/0/preClosed").asInt()
                        + piece.at("/rings/1/preClosed").asInt())
                .isEqualTo(page.at("/preClosed/inHand").asInt());
        JsonNode again = solved(Map.of("line", "medallion box-chain 2/9 arms=3 rows=1 larger=2.4"));
        assertThat(again.get("finishedLengthMm").asDouble())
                .isCloseTo(2 * piece.get("finishedLengthMm").asDouble(), within(1e-6));
    }

    private double sheetMm(int columns) {
        return solved(Map.of("line", "sheet european-4-in-1 1/5 rows=5 columns=" + columns + " grow=-1"))
                .get("finishedLengthMm")
                .asDouble();
    }

    /** Fifty rings in five rows, as the patch itself counts and weighs them; between two rings beside each other at most an inside. */
    @Test
    void aSheetIsAPartOfAPiece() {
        JsonNode collar =
                solved(Map.of("line", "ring 1/5 - sheet european-4-in-1 1/5 rows=5 columns=12 grow=-1 - ring 1/5"));
        assertThat(collar.at("/rings/0/count").asInt()).isEqualTo(2 + 12 + 11 + 10 + 9 + 8);
        assertThat(collar.get("canBeMade").asBoolean()).isTrue();
        JsonNode patch = tell(
                        "/api/weaves/european-4-in-1/count",
                        Map.of(
                                "wireDiameterMm", 1,
                                "innerDiameterMm", List.of(5),
                                "rowCounts", List.of(12, 11, 10, 9, 8)))
                .body();
        assertThat(collar.at("/parts/1/weightG").asDouble())
                .isCloseTo(patch.get("massG").asDouble(), within(1e-9));
        // pulled along its rows it is longer than at rest, by as much for each ring of the row
        double twelve = collar.at("/parts/1/spanMm").asDouble();
        assertThat(twelve).isGreaterThan(patch.at("/rest/lengthMm").asDouble() - 2);
        double each = (sheetMm(24) - twelve) / 12;
        assertThat(each).isBetween(5.0, 6.0);
        assertThat(sheetMm(48) - sheetMm(24)).isCloseTo(24 * each, within(1e-6));
        for (String line : List.of("sheet byzantine 1/4 rows=2 columns=3", "weave european-4-in-1 1/5 units=4")) {
            assertThat(tell("/api/pieces/solve", Map.of("line", line)).status())
                    .as(line)
                    .isEqualTo(400);
        }
    }
}
