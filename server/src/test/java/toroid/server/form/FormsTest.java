package toroid.server.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import toroid.core.form.Forms;
import toroid.server.ApiTest;

/** The stateless calculators for forms. */
class FormsTest extends ApiTest {
    private Answer solve(String form, Map<String, Object> question) {
        return tell("/api/forms/" + form + "/solve", question);
    }

    @Test
    void theCatalogueSaysEveryParameterWithUnitAndLimits() {
        Answer catalogue = read("/api/forms?wireDiameterMm=0.8");
        assertThat(catalogue.body()).hasSize(Forms.all().size());
        JsonNode link = null;
        for (JsonNode form : catalogue.body()) {
            link = form.get("id").asText().equals("bead-link") ? form : link;
            for (JsonNode parameter : form.get("parameters")) {
                assertThat(parameter.get("usual").asDouble())
                        .as(form.get("id") + " " + parameter.get("id"))
                        .isBetween(
                                parameter.get("least").asDouble(),
                                parameter.get("most").asDouble());
            }
        }
        assertThat(link.at("/parameters/1/unit").asText()).isEqualTo("mm");
        assertThat(read("/api/forms?wireDiameterMm=900").status()).isEqualTo(400);
        assertThat(read("/api/forms/pictures").body()).hasSize(Forms.all().size());
    }

    @Test
    void aFormIsWorkedOutWithoutAToken() throws Exception {
        Answer answer =
                solve("wrapped-loop", Map.of("wireDiameterMm", 0.9, "parameters", Map.of("wraps", 3, "loop", 2.5)));
        assertThat(answer.number("lengthToCutMm") - answer.number("lengthInPieceMm"))
                .isCloseTo(answer.number("offcutMm"), within(1e-9));
        double steps = 0;
        for (JsonNode step : answer.at("/steps")) {
            steps += step.get("lengthMm").asDouble();
        }
        assertThat(steps).isCloseTo(answer.number("lengthInPieceMm"), within(1e-9));
        // the bend's and the cut's; what follows goes on from them
        assertThat(answer.at("/marks")).hasSize(2);
        assertThat(answer.at("/extentMm/x").asDouble()).isGreaterThan(5);
        assertThat(answer.at("/wires/0/points").size() / 3)
                .isEqualTo(answer.at("/wires/0/alongMm").size());
        assertThat(answer.at("/figures").findValuesAsText("id")).contains("length-in-piece", "length-to-cut", "offcut");
    }

    @Test
    void everyFormAnswersInItsUsualWire() {
        Forms.all().forEach(form -> {
            Answer answer = solve(form.info().id(), Map.of());
            assertThat(answer.status()).as(form.info().id()).isEqualTo(200);
            assertThat(answer.number("lengthInPieceMm")).isPositive();
            assertThat(answer.at("/contacts")).as(form.info().id()).isEmpty();
        });
    }

    /** What is done besides a form's own steps comes with them, keeps its place, and is refused in words where it cannot be. */
    @Test
    void stepsByChoiceComeWithTheForm() {
        Answer answer =
                solve("curved-bar", Map.of("parameters", Map.of("also", List.of("hammer", "anneal", "solder"))));
        List<String> kinds = new java.util.ArrayList<>();
        answer.at("/steps").forEach(step -> kinds.add(step.get("kind").asText()));
        assertThat(kinds.subList(0, 3)).containsExactly("ANNEAL", "CUT", "MARK");
        assertThat(kinds.subList(kinds.size() - 2, kinds.size())).containsExactly("SOLDER", "HAMMER");
        assertThat(answer.at("/notes").toString()).contains("also-soldered").contains("also-hammered");
        UUID job = formJob("A bar", "curved-bar", 1.0, Map.of("also", List.of("hammer", "anneal", "solder")), 1);
        Answer plan = read("/api/jobs/form/" + job + "/plan");
        assertThat(plan.at("/work/operations/0/cautions").toString()).contains("TORCH");
        assertThat(plan.at("/work/operations/0/stage").asText()).isEqualTo("WIRE");
        for (Object wrong : List.of("hammer", List.of("polish"), List.of("anneal", "harden"), List.of(7))) {
            Answer refused = solve("curved-bar", Map.of("parameters", Map.of("also", wrong)));
            assertThat(refused.status()).isEqualTo(400);
            assertThat(refused.at("/field").asText()).isEqualTo("also");
        }
    }

    /** What a length in hand makes, put back, takes that length: one question, one answer. */
    @Test
    void wireInHandMakesWhatThenTakesIt() {
        Map<String, Object> form = Map.of("wireDiameterMm", 0.9, "parameters", Map.of("wraps", 3));
        Answer found = tell("/api/forms/wrapped-loop/from-wire", Map.of("form", form, "haveMm", 70, "lengths", 12));
        assertThat(found.status()).isEqualTo(200);
        JsonNode stem = found.at("/ways").findParents("parameter").stream()
                .filter(way -> way.get("parameter").asText().equals("stem"))
                .findFirst()
                .orElseThrow();
        Answer made = solve(
                "wrapped-loop",
                Map.of(
                        "wireDiameterMm",
                        0.9,
                        "parameters",
                        Map.of("wraps", 3, "stem", stem.get("value").asDouble())));
        assertThat(made.number("lengthToCutMm")).isCloseTo(70, within(1e-5));
        assertThat(found.at("/copiesInAll").asInt())
                .isEqualTo(12 * found.at("/copies").asInt());
        Answer ring = tell("/api/forms/wrapped-loop/from-wire", Map.of("form", form, "ringInnerMm", 20));
        assertThat(ring.number("haveMm")).isCloseTo(Math.PI * 20.9, within(1e-9));
        Answer longer = tell("/api/forms/wrapped-loop/from-wire", Map.of("form", form, "overAllMm", 30));
        assertThat(longer.at("/ways").findValuesAsText("parameter")).contains("stem");
        assertThat(longer.at("/ways/0/takesMm").asDouble()).isLessThanOrEqualTo(30.000002);
        Answer none = tell("/api/forms/wrapped-loop/from-wire", Map.of("form", form));
        assertThat(none.status()).isEqualTo(400);
        assertThat(none.at("/field").asText()).isEqualTo("haveMm");
    }

    /** A row comes back as it was sent, is drawn and written out as long as it is, and what is no row is refused with its field. */
    @Test
    void aRowIsThreaded() {
        var bead = Map.of("kind", "BEAD", "count", 2, "acrossMm", 6, "longMm", 11, "holeMm", 1);
        Map<String, Object> chosen = Map.of("row", java.util.List.of(bead), "first", "balled");
        Answer answer = solve("stacked-wire", Map.of("parameters", chosen));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.at("/parameters/row/0/kind").asText()).isEqualTo("BEAD");
        assertThat(answer.at("/parameters/row/0/longMm").asDouble()).isEqualTo(11);
        assertThat(answer.at("/solids").findValuesAsText("kind"))
                .containsOnlyOnce("BALL")
                .contains("BEAD", "BEAD");
        for (var wrong : java.util.List.of(
                Map.of("kind", "PEBBLE", "acrossMm", 6, "longMm", 6, "holeMm", 1), Map.of("kind", "BEAD"), "bead")) {
            Answer refused = solve("stacked-wire", Map.of("parameters", Map.of("row", java.util.List.of(wrong))));
            assertThat(refused.status()).as("%s", wrong).isEqualTo(400);
            assertThat(refused.at("/field").asText()).isIn("kind", "acrossMm", "row");
        }
    }

    @Test
    void aSpoolInStockBringsItsWireAndTheRodsComeNearest() {
        var spool = spool("sterling-silver", "HALF_HARD", 0.8, 5000);
        double exact = 0;
        for (JsonNode step : solve("fish-hook", Map.of("spoolId", spool)).at("/steps")) {
            exact = step.get("part").asText().equals("over the ear")
                    ? step.get("toolMm").asDouble()
                    : exact;
        }
        double near = Math.rint(10 * exact) / 10;
        keep(
                "/api/mandrels",
                java.util.UUID.randomUUID(),
                null,
                Map.of("name", "near it", "kind", "ROD", "diameterMm", near, "usableLengthMm", 100, "note", ""));
        Answer answer = solve("fish-hook", Map.of("spoolId", spool));
        assertThat(answer.at("/metal").asText()).isEqualTo("sterling-silver");
        JsonNode over = null;
        for (JsonNode step : answer.at("/steps")) {
            over = step.get("part").asText().equals("over the ear") ? step : over;
        }
        assertThat(over.get("ownToolMm").asDouble())
                .isCloseTo(over.get("toolMm").asDouble(), within(0.5));
        assertThat(over.get("ownInsideMm").asDouble())
                .isGreaterThan(over.get("ownToolMm").asDouble());
    }

    /** A tool of one's own is named only where what it leaves is the bend, or nearly: a 10 mm cuff is not told to an 8 mm jaw. */
    @Test
    void aToolIsNamedOnlyWhereItLeavesTheBend() {
        for (double rod = 1; rod < 14; rod += 1.4) {
            keep(
                    "/api/mandrels",
                    java.util.UUID.randomUUID(),
                    null,
                    Map.of("name", "a rod", "kind", "ROD", "diameterMm", rod, "usableLengthMm", 100, "note", ""));
        }
        int named = 0;
        int looked = 0;
        for (var form : toroid.core.form.Forms.all()) {
            for (JsonNode step : solve(form.info().id(), Map.of()).at("/steps")) {
                if (step.hasNonNull("ownInsideMm")) {
                    named++;
                    assertThat(step.get("ownInsideMm").asDouble()
                                    / step.get("insideMm").asDouble())
                            .as("%s, %s", form.info().id(), step.get("part"))
                            .isBetween(0.97, 1.03);
                } else if (step.hasNonNull("toolMm")) {
                    looked++;
                }
            }
        }
        assertThat(named).isPositive();
        assertThat(looked).isPositive();
    }

    @Test
    void theWireIsStraightBeforeTheFirstStepAndFormedAfterTheLast() {
        Answer solved = solve("s-hook", Map.of());
        Answer shapes = tell("/api/forms/s-hook/forming", Map.of());
        assertThat(shapes.body()).hasSize(solved.at("/steps").size() + 1);
        JsonNode first = shapes.at("/0/free/0");
        assertThat(first.size()).isLessThan(400);
        for (int i = 1; i < first.size(); i += 3) {
            assertThat(first.get(i).asDouble()).isCloseTo(0, within(1e-3));
        }
        JsonNode last = shapes.at("/" + (shapes.body().size() - 1) + "/free/0");
        JsonNode done = solved.at("/wires/0/points");
        assertThat(last.get(0).asDouble()).isCloseTo(done.get(0).asDouble(), within(1e-3));
        assertThat(last.get(last.size() - 2).asDouble())
                .isCloseTo(done.get(done.size() - 2).asDouble(), within(1e-3));
    }

    @Test
    void badInputIsRefusedInFull() {
        Answer small = solve("bead-link", Map.of("wireDiameterMm", 0.8, "parameters", Map.of("loop", 0.1)));
        assertThat(small.status()).isEqualTo(400);
        assertThat(small.at("/field").asText()).isEqualTo("loop");
        assertThat(small.at("/unit").asText()).isEqualTo("mm");
        assertThat(small.at("/minimum").asDouble()).isCloseTo(0.96, within(1e-9));
        assertThat(solve("no-such-form", Map.of()).at("/code").asText()).isEqualTo("unknown-form");
        assertThat(solve("s-hook", Map.of("parameters", Map.of("size", 3)))
                        .at("/code")
                        .asText())
                .isEqualTo("unknown-parameter");
        assertThat(solve("s-hook", Map.of("metal", "unobtainium")).at("/code").asText())
                .isEqualTo("unknown-metal");
        assertThat(solve("s-hook", Map.of("tailFactor", 99)).at("/field").asText())
                .isEqualTo("tailFactor");
        assertThat(solve("outline", Map.of("parameters", Map.of("bends", List.of(Map.of("feedMm", "x")))))
                        .at("/code")
                        .asText())
                .isEqualTo("outline-row-no-number");
    }

    @Test
    void theBenchLineKnowsForms() {
        Answer line = tell("/api/line/form", Map.of("text", "wrapped 0.6 loop 2.5 x3"));
        assertThat(line.at("/formId").asText()).isEqualTo("wrapped-loop");
        assertThat(line.number("wireDiameterMm")).isEqualTo(0.6);
        assertThat(line.number("count")).isEqualTo(3);
        assertThat(line.at("/wires/0/lengthToCutMm").asDouble())
                .isGreaterThan(line.at("/wires/0/lengthInPieceMm").asDouble());
        assertThat(tell("/api/line/form", Map.of("text", "1.0 on 4.5")).status())
                .isEqualTo(204);
        assertThat(tell("/api/line/form", Map.of("text", "spiral 1.0 wobbly"))
                        .at("/detail")
                        .asText())
                .contains("wobbly");
    }

    @Test
    void sizesAreCarriedOverToAnotherWire() {
        Answer scaled = tell(
                "/api/forms/bead-link/scale",
                Map.of("parameters", Map.of("loop", 2.0, "first", "plain"), "fromWireMm", 0.8, "toWireMm", 1.2));
        assertThat(scaled.number("loop")).isCloseTo(3.0, within(1e-9));
        assertThat(scaled.at("/first").asText()).isEqualTo("plain");
    }
}
