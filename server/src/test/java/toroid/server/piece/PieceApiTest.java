package toroid.server.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

class PieceApiTest extends ApiTest {
    private JsonNode solved(Map<String, Object> question) {
        Answer answer = tell("/api/pieces/solve", question);
        assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
        return answer.body();
    }

    /** 36 rings of 4.5 inside hang 162 mm long, taut: pitch = ID. On a wrist of 150 with 12 of ease, in wire of 1: 150 + 12 + 2π. By hand. */
    @Test
    void aChainIsAsLongAsItsRingsInsides() {
        JsonNode chain = solved(Map.of("line", "36 * ring 1/4.5", "body", Map.of("girthMm", 150, "easeMm", 12)));
        assertThat(chain.get("finishedLengthMm").asDouble()).isCloseTo(162, within(1e-9));
        assertThat(chain.get("targetLengthMm").asDouble()).isCloseTo(162 + 2 * Math.PI, within(1e-9));
        assertThat(chain.get("remainderMm").asDouble()).isCloseTo(-2 * Math.PI, within(1e-9));
        assertThat(chain.at("/cures/0/change").asText()).isEqualTo("REPEATS");
        assertThat(chain.at("/cures/0/by").asDouble()).isEqualTo(1);
        assertThat(chain.at("/rings/0/count").asInt()).isEqualTo(36);
        assertThat(chain.at("/rings/0/preClosed").asInt()).isEqualTo(18);
        assertThat(chain.at("/rings/0/spare").asInt()).isEqualTo(2);
    }

    /** What a piece cuts for a form is what the form's own sheet says. */
    @Test
    void aFormTakesWhatItTakesByItself() {
        JsonNode piece = solved(Map.of("line", "ring 1/5 - 3 * (s-hook - ring 1/5)"));
        JsonNode hook = tell("/api/forms/s-hook/solve", Map.of()).body();
        assertThat(piece.at("/cutList/0/count").asInt()).isEqualTo(3);
        assertThat(piece.at("/cutList/0/lengthMm").asDouble())
                .isCloseTo(hook.at("/wires/0/lengthToCutMm").asDouble(), within(1e-9));
        assertThat(piece.get("canBeMade").asBoolean()).isTrue();
        assertThat(piece.get("joints"))
                .hasSize(6)
                .allMatch(joint -> joint.get("way").asText().equals("HOOKED"));
        assertThat(piece.at("/rings/0/preClosed").asInt()).isEqualTo(4);
    }

    @Test
    void saysWhichJointCannotBeMade() {
        JsonNode row = solved(Map.of("line", "ring 1/5 soldered - finding pendant"));
        assertThat(row.get("canBeMade").asBoolean()).isFalse();
        assertThat(row.at("/joints/0/way").asText()).isEqualTo("IMPOSSIBLE");
        assertThat(row.get("assemblyOrder"))
                .noneMatch(step -> step.get("joints").size() > 0);
    }

    @Test
    void refusesALineThatIsNoPieceAndSaysWhereItStops() {
        for (String line : List.of("ring 1/4 of copper", "9999 * ring 1/4", "ring 1/4 - outline", "nothing-of-ours")) {
            Answer refused = tell("/api/pieces/solve", Map.of("line", line));
            assertThat(refused.status()).as(line).isEqualTo(400);
            assertThat(refused.at("/code").asText()).as(line).isNotBlank();
        }
        assertThat(tell("/api/pieces/solve", Map.of("line", "ring 1/4 of copper"))
                        .at("/value")
                        .asText())
                .isEqualTo("of");
    }

    private String changed(Map<String, Object> edit) {
        Answer answer = tell("/api/pieces/edit", edit);
        assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
        return answer.at("/line").asText();
    }

    @Test
    void changesAPieceStepByStep() {
        String line = "ring 1/4 - bead-link - ring 1/4";
        assertThat(changed(Map.of("line", line, "act", "PUT_BEHIND", "at", 2, "part", "s-hook")))
                .isEqualTo(line + " - s-hook");
        assertThat(changed(Map.of("line", line, "act", "GROUP", "at", 0, "to", 1, "count", 7)))
                .isEqualTo("7 * (ring 1/4 - bead-link) - ring 1/4");
        assertThat(changed(Map.of("line", line, "act", "SET", "at", 1, "field", "bead", "value", "4..8")))
                .isEqualTo("ring 1/4 - bead-link bead=4..8 - ring 1/4");
        assertThat(changed(Map.of("line", line, "act", "HANG", "at", 0, "part", "ring 0.8/3 - stone 14/1.2")))
                .isEqualTo("ring 1/4 [ring 0.8/3 - stone 14/1.2] - bead-link - ring 1/4");
        assertThat(changed(Map.of("line", line, "act", "MOVE_BEFORE", "at", 1, "to", 0)))
                .isEqualTo("bead-link - ring 1/4 - ring 1/4");
        assertThat(changed(Map.of("line", line, "act", "SHAPE", "shape", "MIRRORED")))
                .isEqualTo("mirror " + line);
        assertThat(tell("/api/pieces/edit", Map.of("line", line, "act", "REMOVE"))
                        .at("/code")
                        .asText())
                .isEqualTo("missing");
        assertThat(tell("/api/pieces/edit", Map.of("line", line, "act", "REMOVE", "at", 3))
                        .status())
                .isEqualTo(400);
    }

    /** Every starter, its weaves solved, can be made as it stands and reaches round what it is for within an eighth. */
    @Test
    void everyStarterIsAPiece() {
        JsonNode bodies = read("/api/pieces/bodies").body();
        JsonNode starters = read("/api/pieces/starters").body();
        assertThat(starters).hasSizeGreaterThan(20);
        for (JsonNode starter : starters) {
            String id = starter.get("id").asText();
            JsonNode body = null;
            for (JsonNode one : bodies) {
                body = one.get("part").equals(starter.get("body")) ? one : body;
            }
            JsonNode piece = solved(Map.of(
                    "line", starter.get("line").asText(),
                    "metal", starter.get("metal").asText(),
                    "drawn", true,
                    "body",
                            Map.of(
                                    "part",
                                    starter.get("body").asText(),
                                    "girthMm",
                                    body.get("usualGirthMm").asDouble())));
            assertThat(piece.get("canBeMade").asBoolean()).as(id).isTrue();
            assertThat(piece.at("/drawing/shapeOf")).as(id).hasSameSizeAs(piece.get("parts"));
            if (!piece.get("targetLengthMm").isNull()) {
                double target = piece.get("targetLengthMm").asDouble();
                assertThat(piece.get("remainderMm").asDouble()).as(id).isBetween(-target / 8, target / 8);
                assertThat(piece.at("/worn/insideGirthMm").asDouble()).as(id).isPositive();
            }
        }
    }

    /** Three drops of one frame: the joint of the frame carries them all, and nothing hangs through anything. */
    @Test
    void hangsAPieceByItsFirstPart() {
        JsonNode hung = tell(
                        "/api/pieces/hang",
                        Map.of(
                                "line",
                                "fish-hook - ring 0.8/3 - horseshoe-frame [ring 0.8/3] [ring 0.8/3 - stone 12/1]"))
                .body();
        assertThat(hung.get("poses")).hasSize(6);
        double all = 0;
        for (JsonNode part : hung.get("parts")) {
            all = Math.max(all, part.get("carriesG").asDouble());
        }
        assertThat(hung.at("/parts/0/carriesG").asDouble()).isEqualTo(all);
        assertThat(hung.at("/parts/2/tiltDegrees").asDouble()).isGreaterThan(1);
        assertThat(hung.get("hangsMm").asDouble()).isGreaterThan(40);
        assertThat(hung.at("/parts/5/loadN").asDouble())
                .isCloseTo(3 * 9.80665e-3 * hung.at("/parts/5/carriesG").asDouble(), within(1e-9));
        assertThat(hung.get("touching")).isEmpty();
    }

    @Test
    void saysHowItIsWorn() {
        var question = Map.of("line", "40 * ring 1/4.5", "body", Map.of("girthMm", 150));
        JsonNode worn = tell("/api/pieces/worn", question).body();
        assertThat(worn).isEqualTo(solved(new java.util.HashMap<>(question)).get("worn"));
        assertThat(tell("/api/pieces/worn", Map.of("line", "40 * ring 1/4.5"))
                        .at("/code")
                        .asText())
                .isEqualTo("missing");
    }

    /** A bracelet of bead links that can be joined and reaches round; a pair where the form only ends a row. */
    @Test
    void aPieceIsBegunFromOneForm() {
        Answer links = tell(
                "/api/pieces/begin",
                Map.of("formId", "bead-link", "wireDiameterMm", 0.7, "parameters", Map.of("bead", 7)));
        assertThat(links.status()).as("%s", links.body()).isEqualTo(200);
        assertThat(links.at("/line").asText())
                .contains("bead-link wire=0.7 bead=7")
                .startsWith("s-hook");
        assertThat(links.at("/body").asText()).isEqualTo("WRIST");
        JsonNode piece = solved(Map.of("line", links.at("/line").asText(), "body", Map.of("girthMm", 165)));
        assertThat(piece.get("canBeMade").asBoolean()).isTrue();
        assertThat(piece.get("remainderMm").asDouble()).isCloseTo(0, within(15.0));
        assertThat(tell("/api/pieces/begin", Map.of("formId", "beaded-dangle"))
                        .at("/line")
                        .asText())
                .isEqualTo("pair fish-hook - beaded-dangle");
        Answer rows = tell(
                "/api/pieces/begin",
                Map.of("formId", "outline", "parameters", Map.of("bends", List.of(Map.of("feedMm", 3)))));
        assertThat(rows.status()).isEqualTo(400);
        assertThat(rows.at("/code").asText()).isNotBlank();
    }

    /** What is threaded goes with it into the line, and the line gives it back. */
    @Test
    void aFormWithARowIsAPartOfAPiece() {
        var bead = Map.of("kind", "BEAD", "count", 2, "acrossMm", 6, "longMm", 6, "holeMm", 1);
        Answer begun = tell(
                "/api/pieces/begin",
                Map.of("formId", "bead-link", "parameters", Map.of("carries", "a row", "row", List.of(bead))));
        assertThat(begun.status()).as("%s", begun.body()).isEqualTo(200);
        assertThat(begun.at("/line").asText()).contains("row='2 bead 6/6/1'");
        JsonNode piece = solved(Map.of("line", begun.at("/line").asText()));
        JsonNode written = piece.get("written");
        JsonNode row = null;
        for (JsonNode part : written) {
            for (JsonNode field : part.get("fields")) {
                row = field.get("id").asText().equals("row") ? field.get("value") : row;
            }
        }
        assertThat(row).isNotNull();
        assertThat(row.at("/0/acrossMm").asDouble()).isEqualTo(6);
        Answer edited = tell(
                "/api/pieces/edit",
                Map.of(
                        "line",
                        "bead-link carries='a row'",
                        "act",
                        "SET",
                        "at",
                        0,
                        "field",
                        "row",
                        "value",
                        List.of(bead)));
        assertThat(edited.at("/line").asText()).isEqualTo("bead-link carries='a row' row='2 bead 6/6/1'");
    }

    /** Two links of 84 or so of 0.8 mm, three rings: the shelf has one metre of the one and none of the other. */
    @Test
    void saysWhatTheShelfLacks() {
        spool("copper", "HALF_HARD", 0.8, 100);
        JsonNode row = solved(Map.of("line", "ring 1.37/4 - bead-link wire=0.8 - ring 1.37/4"));
        JsonNode rings = row.at("/wires/0");
        assertThat(rings.get("diameterMm").asDouble()).isEqualTo(1.37);
        assertThat(rings.get("spools").asInt()).isZero();
        assertThat(rings.get("lengthMm").asDouble())
                .isCloseTo((2 + row.at("/rings/0/spare").asInt()) * Math.PI * 5.37, within(1e-9));
        assertThat(rings.get("lacksMm").asDouble())
                .isEqualTo(rings.get("lengthMm").asDouble());
        JsonNode link = row.at("/wires/1");
        assertThat(link.get("spools").asInt()).isPositive();
        assertThat(link.get("lengthMm").asDouble())
                .isCloseTo(row.at("/cutList/0/lengthMm").asDouble(), within(1e-9));
    }

    @Test
    void saysWhatHangsAskew() {
        JsonNode hung = solved(Map.of("line", "fish-hook - horseshoe-frame [ring 0.8/3 - stone 20/1] [ring 0.8/3]"));
        assertThat(hung.at("/hangs/askew/0/degrees").asDouble()).isGreaterThan(5);
        assertThat(solved(Map.of("line", "36 * ring 1/4.5", "body", Map.of("girthMm", 150)))
                        .get("hangs")
                        .isNull())
                .isTrue();
    }

    /** Of the wires there are: 1.25 is none, 1.2 is one. To its body it comes out as long as that asks. */
    @Test
    void aPieceIsScaledToWhatThereIs() {
        for (double there : new double[] {0.8, 1.0, 1.2}) {
            spool("fine-silver", "DEAD_SOFT", there, 1000);
        }
        var piece = Map.of(
                "line", "36 * ring 1/4", "metal", "fine-silver", "temper", "DEAD_SOFT", "body", Map.of("girthMm", 165));
        JsonNode larger = tell("/api/pieces/scale", Map.of("piece", piece, "factor", 1.25))
                .body();
        // other tests lay other wires and rods on the shelf: one of them, no further off than those here
        String[] sizes = larger.get("line").asText().replace("36 * ring ", "").split("/");
        double wire = Double.parseDouble(sizes[0]);
        assertThat(wire).isCloseTo(1.25, within(0.05 + 1e-9));
        assertThat(read("/api/spools").body().findValues("wireDiameterMm")).anyMatch(one -> one.asDouble() == wire);
        assertThat(Double.parseDouble(sizes[1])).isCloseTo(5, within(0.5));
        assertThat(larger.at("/changes/0/from").asText()).isEqualTo("ring 1/4");
        assertThat(larger.at("/changes/0/count").asInt()).isEqualTo(36);
        JsonNode thicker =
                tell("/api/pieces/scale", Map.of("piece", piece, "wireMm", 1.2)).body();
        assertThat(thicker.get("factor").asDouble()).isCloseTo(1.2, within(1e-9));
        JsonNode fitting =
                tell("/api/pieces/scale", Map.of("piece", piece, "fits", true)).body();
        JsonNode target = solved(new java.util.HashMap<>(piece)).get("targetLengthMm");
        assertThat(fitting.get("factor").asDouble()).isCloseTo(target.asDouble() / 144, within(1e-9));
        assertThat(tell("/api/pieces/scale", Map.of("piece", Map.of("line", "ring 1/4"), "fits", true))
                        .status())
                .isEqualTo(400);
        assertThat(tell("/api/pieces/scale", Map.of("piece", piece, "factor", 40))
                        .status())
                .isEqualTo(400);
    }
}
