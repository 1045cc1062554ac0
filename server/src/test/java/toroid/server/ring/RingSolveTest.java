package toroid.server.ring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import toroid.server.ApiTest;

class RingSolveTest extends ApiTest {
    private Answer solve(Map<String, Object> question) {
        return tell("/api/rings/solve", question);
    }

    /** Common practice: 1.2 mm wire, 6 mm inside, AR 5; geometry of the ring for the rest. */
    @Test
    void answersEverythingPromised() {
        Answer answer = solve(Map.of("wireDiameterMm", 1.2, "innerDiameterMm", 6, "metal", "copper", "ringCount", 100));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.number("aspectRatio")).isEqualTo(5);
        assertThat(answer.number("outerDiameterMm")).isCloseTo(8.4, within(1e-9));
        assertThat(answer.number("meanDiameterMm")).isCloseTo(7.2, within(1e-9));
        assertThat(answer.number("wirePerRingMm")).isCloseTo(Math.PI * 7.2, within(1e-9));
        assertThat(answer.number("massPerRingG"))
                .isCloseTo(2 * Math.PI * Math.PI * 3.6 * 0.36 * 8.94 / 1000, within(1e-9));
        double least = 100 * Math.hypot(Math.PI * 7.2, 1.2);
        double wound = Math.hypot(Math.PI * (answer.number("mandrelForThisMm") + 1.2), 1.2);
        assertThat(answer.number("totalWireMm"))
                .isCloseTo(answer.number("turnsToWind") * wound, within(1e-6))
                .isBetween(least - 0.01, least + wound);
        assertThat(answer.number("coilLengthMm")).isBetween(101 * 1.2 - 1e-9, 102 * 1.2);
        assertThat(answer.body().get("notes").isArray()).isTrue();
        assertThat(answer.number("mandrelForThisMm")).isLessThan(6);
    }

    /** One question, one answer: asked of the calculator, the line and the Rings place, with the same allowances. */
    @ParameterizedTest
    @CsvSource({"2,1.5,20,0,0,0", "20,1.0,6.5,25,40,1", "336,0.9,5.3,10,0,2", "7,2.0,40,500,3,0"})
    void calculatorLineAndSheetAgree(int rings, double wire, double outer, double lead, double tail, int spoilt) {
        Answer api = solve(Map.of(
                "wireDiameterMm",
                wire,
                "outerDiameterMm",
                outer,
                "metal",
                "copper",
                "temper",
                "HALF_HARD",
                "ringCount",
                rings,
                "leadMm",
                lead,
                "tailMm",
                tail,
                "spoiltTurnsPerEnd",
                spoilt));
        var job = new java.util.HashMap<String, Object>(Map.of(
                "name",
                "n",
                "metal",
                "copper",
                "temper",
                "HALF_HARD",
                "wireDiameterMm",
                wire,
                "convention",
                "OUTER",
                "aimValue",
                outer,
                "ringCount",
                rings,
                "sparePercent",
                0));
        job.putAll(Map.of(
                "turnsPerRing",
                1,
                "cut",
                Map.of("method", "none"),
                "winding",
                "TURNED",
                "leadMm",
                lead,
                "tailMm",
                tail,
                "spoiltTurnsPerEnd",
                spoilt,
                "usableMandrelMm",
                3000,
                "note",
                ""));
        Answer sheet = tell("/api/rings/sheet", job);
        assertThat(sheet.status()).as(sheet.body().toString()).isEqualTo(200);
        assertThat(api.number("totalWireMm")).isCloseTo(figure(sheet, "wire-total"), within(1e-9));
        assertThat(api.number("massPerRingG")).isCloseTo(figure(sheet, "mass-per-ring"), within(1e-9));
        assertThat(api.number("wirePerRingMm")).isCloseTo(figure(sheet, "wire-per-ring"), within(1e-9));
        assertThat(api.number("turnsToWind")).isEqualTo(figure(sheet, "turns-to-wind"));
        if (lead + tail + spoilt == 0) {
            Answer line = tell("/api/line", Map.of("text", rings + " rings " + wire + " od " + outer + " copper"));
            assertThat(line.number("wireForCountMm")).isCloseTo(figure(sheet, "wire-total"), within(1e-9));
        }
    }

    private static double figure(Answer sheet, String id) {
        for (var figure : sheet.body().get("figures")) {
            if (figure.get("id").asText().equals(id)) {
                return figure.get("value").asDouble();
            }
        }
        throw new AssertionError("no figure " + id);
    }

    /** ID_closed = (ℓ_turn − k)/π − d. */
    @Test
    void aSawMakesTheClosedRingSmaller() {
        Answer answer =
                solve(Map.of("wireDiameterMm", 1, "innerDiameterMm", 4, "cut", Map.of("method", "saw", "kerfMm", 0.4)));
        assertThat(answer.number("closedInnerDiameterMm"))
                .isCloseTo((Math.hypot(Math.PI * 5, 1) - 0.4) / Math.PI - 1, within(1e-9));
        Answer flush = solve(Map.of("wireDiameterMm", 1, "innerDiameterMm", 4, "cut", Map.of("method", "flush")));
        assertThat(flush.number("closedInnerDiameterMm")).isEqualTo(4);
    }

    @ParameterizedTest
    @CsvSource({
        "wireDiameterMm,1.0,innerDiameterMm,4.5",
        "wireDiameterMm,1.0,outerDiameterMm,6.5",
        "wireDiameterMm,1.0,aspectRatio,4.5",
        "wireDiameterMm,1.0,mandrelDiameterMm,4.5",
        "innerDiameterMm,4.5,outerDiameterMm,6.5",
        "innerDiameterMm,4.5,aspectRatio,4.5",
        "outerDiameterMm,6.5,aspectRatio,4.5",
        "mandrelDiameterMm,4.5,aspectRatio,4.5",
        "mandrelDiameterMm,4.5,outerDiameterMm,6.5",
    })
    void anyTwoFixTheRing(String first, double a, String second, double b) {
        Answer answer = solve(Map.of(first, a, second, b));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.number("innerDiameterMm")).isCloseTo(4.5, within(1e-6));
        assertThat(answer.number("wireDiameterMm")).isCloseTo(1.0, within(1e-6));
    }

    @Test
    void withAMetalTheMandrelSpringsBack() {
        Answer answer = solve(Map.of("wireDiameterMm", 1, "mandrelDiameterMm", 6, "metal", "brass", "temper", "hard"));
        assertThat(answer.number("innerDiameterMm")).isBetween(6.3, 6.4);
        assertThat(answer.number("mandrelForThisMm")).isCloseTo(6, within(1e-6));
        Answer unknown = solve(Map.of("wireDiameterMm", 1, "mandrelDiameterMm", 6));
        assertThat(unknown.at("/notes/0/code").asText()).isEqualTo("springback-unknown");
    }

    @Test
    void everyRefusalIsAProblemWithCodeFieldLimitAndUnit() {
        refused("{\"wireDiameterMm\":-1,\"innerDiameterMm\":4}", "out-of-range", "wireDiameterMm", "mm");
        refused("{\"wireDiameterMm\":1}", "one-size-alone", "wireDiameterMm", null);
        refused(
                "{\"wireDiameterMm\":1,\"innerDiameterMm\":4,\"outerDiameterMm\":9}",
                "contradiction",
                "outerDiameterMm",
                null);
        refused("{\"wireDiameterMm\":1,\"innerDiameterMm\":4,\"metal\":\"tin\"}", "unknown-metal", "metal", null);
        refused("{\"wireDiameterMm\":1,\"innerDiameterMm\":4,\"ringCount\":0}", "out-of-range", "ringCount", "rings");
        refused("{\"wireDiameterMm\":\"thick\"}", "unreadable-value", "wireDiameterMm", null);
        refused("{\"wire\":1}", "unknown-field", "wire", null);
        refused("{\"wireDiameterMm\":1e400,\"innerDiameterMm\":4}", "not-a-number", "wireDiameterMm", "mm");
        refused(
                "{\"wireDiameterMm\":0.3,\"mandrelDiameterMm\":90,\"metal\":\"steel\",\"temper\":\"spring\"}",
                "too-springy",
                "mandrelDiameterMm",
                null);
        refused(
                "{\"wireDiameterMm\":1,\"innerDiameterMm\":4,\"cut\":{\"method\":\"bite\"}}",
                "unknown-cut",
                "cut.method",
                null);
        refused(
                "{\"wireDiameterMm\":1,\"innerDiameterMm\":4,\"cut\":{\"method\":\"saw\",\"kerfMm\":9}}",
                "out-of-range",
                "kerfMm",
                "mm");
        refused("{not json", "unreadable", "body", null);
        refused("[]", "unreadable", "body", null);
    }

    private void refused(String body, String code, String field, String unit) {
        Answer answer = tell("/api/rings/solve", body);
        assertThat(answer.status()).as(body).isEqualTo(400);
        assertThat(answer.at("/code").asText()).as(body).isEqualTo(code);
        assertThat(answer.at("/detail").asText()).isNotBlank();
        if (field != null) {
            assertThat(answer.at("/field").asText()).isEqualTo(field);
        }
        if (unit != null) {
            assertThat(answer.at("/unit").asText()).isEqualTo(unit);
            assertThat(answer.body().hasNonNull("limit")).isTrue();
        }
    }

    @Test
    void calculatorsNeedNoToken() {
        for (String path : List.of("/api/rings/solve", "/api/quantity/length", "/api/line", "/api/springback/ring")) {
            Answer answer = send(MockMvcRequestBuilders.post(path)
                    .contentType(MediaType.APPLICATION_JSON)
                    .content("{}"));
            assertThat(answer.status()).as(path).isNotEqualTo(403);
        }
    }

    @Test
    void theSheetComposesTheShelf() {
        var spool = spool("yellow-brass", "HALF_HARD", 1.0, 3000);
        Answer sheet = tell("/api/rings/sheet", job(spool, 4.5, 200));
        assertThat(sheet.status()).isEqualTo(200);
        assertThat(sheet.at("/ring/wireDiameterMm").asDouble()).isEqualTo(1.0);
        assertThat(sheet.at("/stock/lengthLeftMm").asDouble()).isEqualTo(3000);
        assertThat(sheet.at("/stock/shortMm").asDouble()).isPositive();
        assertThat(sheet.at("/stock/ringsPossible").asInt()).isBetween(100, 199);
        assertThat(sheet.at("/stock/cost").asDouble()).isPositive();
        assertThat(sheet.at("/weaves")).hasSizeGreaterThan(5);
        assertThat(sheet.at("/figures")).hasSizeGreaterThan(12);
        assertThat(sheet.at("/ringsMade").asInt()).isEqualTo(200);
    }

    @Test
    void theTableHasEverySpoolOnEveryRod() {
        spool("stainless-304", "SPRING", 0.2, 1000);
        keep(
                "/api/mandrels",
                java.util.UUID.randomUUID(),
                null,
                Map.of("name", "Post", "kind", "DOWEL", "diameterMm", 60, "usableLengthMm", 200, "note", ""));
        Answer table = tell("/api/rings/table", Map.of("cut", Map.of("method", "none")));
        int rods = read("/api/mandrels").body().size();
        assertThat(table.body()).hasSize(read("/api/spools").body().size());
        table.body().forEach(row -> assertThat(row.get("cells")).hasSize(rods));
        assertThat(table.body().findValuesAsText("refusal")).contains("too-springy");
    }
}
