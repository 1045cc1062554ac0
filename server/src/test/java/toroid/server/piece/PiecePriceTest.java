package toroid.server.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

class PiecePriceTest extends ApiTest {
    /** Of a metal nothing else here is made of, so that the shelf's other prices do not come in. */
    private static final String LINE = "s-hook wire=1.7 - 6 * ring 1.7/8";

    private static Map<String, Object> piece() {
        return Map.of("line", LINE, "metal", "niobium");
    }

    private JsonNode price(int copies) {
        Answer answer = tell("/api/pieces/price", Map.of("piece", piece(), "copies", copies));
        assertThat(answer.status()).as("%s", answer).isEqualTo(200);
        return answer.body();
    }

    private void rates(double perHour, double overhead, double margin, double tax) {
        Answer kept = read("/api/preferences");
        var data = (ObjectNode) kept.at("/data").deepCopy();
        var rates = data.putObject("rates");
        rates.put("perHour", perHour);
        rates.put("overheadPercent", overhead);
        rates.put("marginPercent", margin);
        rates.put("taxPercent", tax);
        rates.put("consumablesEach", 0);
        assertThat(keep(
                                "/api/preferences",
                                UUID.fromString(kept.at("/id").asText()),
                                kept.at("/version").asInt(),
                                data)
                        .status())
                .isEqualTo(200);
    }

    /** One question, one answer: minutes and wire are the piece's own, prices the lot's, and all of it adds up. */
    @Test
    void aPieceIsPricedByItsOwnFigures() throws IOException {
        assertThat(price(1).get("missing").asInt()).isEqualTo(1);
        UUID lot = UUID.randomUUID();
        var data = new HashMap<String, Object>(spoolData("Priced", "niobium", "HARD", 1.7));
        data.put("lengthLeftMm", 50_000);
        data.put("pricePerMetre", 12.5);
        assertThat(keep("/api/spools", lot, null, data).status()).isEqualTo(200);
        rates(24, 10, 20, 25);
        Answer solved = tell("/api/pieces/solve", piece());
        double wireMm = solved.at("/wires/0/lengthMm").asDouble();
        double minutes = solved.at("/minutes").asDouble();
        JsonNode four = price(4);
        double material = 4 * wireMm / 1000 * 12.5;
        double hands = 4 * minutes / 60 * 24;
        assertThat(four.get("missing").asInt()).isZero();
        assertThat(four.get("material").asDouble()).isCloseTo(material, within(1e-9));
        assertThat(four.get("hands").asDouble()).isCloseTo(hands, within(1e-9));
        double asked = 1.1 * (material + hands) / 0.8 * 1.25;
        assertThat(four.get("price").asDouble()).isCloseTo(asked, within(1e-9));
        assertThat(four.get("each").asDouble()).isCloseTo(asked / 4, within(1e-9));
        assertThat(price(1).get("each").asDouble()).isCloseTo(asked / 4, within(1e-9));

        byte[] pdf = file("/api/pieces/quote", Map.of("name", "Eight hooks", "piece", piece(), "copies", 4))
                .getContentAsByteArray();
        try (var document = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text)
                    .contains("Eight hooks", "tax, 25 %", String.format(java.util.Locale.ROOT, "%.2f", asked))
                    .doesNotContain(String.format(
                            java.util.Locale.ROOT, "%.2f", four.get("cost").asDouble()))
                    .doesNotContain(String.format(
                            java.util.Locale.ROOT, "%.2f", four.get("margin").asDouble()))
                    .doesNotContainIgnoringCase("margin")
                    .doesNotContainIgnoringCase("hour");
        }
        takeAway("/api/spools", lot, read("/api/spools/" + lot).at("/version").asInt());
    }

    /** Beads are priced by a lot of their size. */
    @Test
    void whatIsBoughtIsPricedByItsLot() {
        Map<String, Object> piece = Map.of("line", "bead-link bead=17 - ring 1/4", "metal", "copper");
        JsonNode without = tell("/api/pieces/price", Map.of("piece", piece)).body();
        UUID lot = UUID.randomUUID();
        var data = Map.of(
                "kind",
                "beads",
                "name",
                "Large",
                "left",
                10,
                "unitPrice",
                3.25,
                "place",
                "",
                "note",
                "",
                "facts",
                Map.of("shape", "round", "along", 17, "across", 17, "hole", 1.5, "drill", "through"));
        assertThat(keep("/api/lots", lot, null, data).status()).isEqualTo(200);
        JsonNode with =
                tell("/api/pieces/price", Map.of("piece", piece, "copies", 2)).body();
        assertThat(without.get("missing").asInt() - with.get("missing").asInt()).isEqualTo(1);
        JsonNode line = null;
        for (JsonNode one : with.get("lines")) {
            line = one.get("kind").asText().equals("BOUGHT") ? one : line;
        }
        assertThat(line.get("cost").asDouble()).isEqualTo(6.5);
        takeAway("/api/lots", lot, read("/api/lots/" + lot).at("/version").asInt());
    }

    @Test
    void whatCannotBePricedIsRefused() {
        assertThat(tell("/api/pieces/price", Map.of("piece", piece(), "copies", 0))
                        .at("/field")
                        .asText())
                .isEqualTo("copies");
        assertThat(tell("/api/pieces/quote", Map.of("name", " ", "piece", piece()))
                        .at("/code")
                        .asText())
                .isEqualTo("bad-name");
    }
}
