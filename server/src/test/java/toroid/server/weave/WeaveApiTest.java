package toroid.server.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import toroid.server.ApiTest;

class WeaveApiTest extends ApiTest {
    @Autowired
    private JdbcTemplate database;

    private static Map<String, Object> rings(double wire, Double... inner) {
        return Map.of("wireDiameterMm", wire, "innerDiameterMm", List.of(inner), "metal", "copper");
    }

    @Test
    void theCatalogueTellsEveryWeaveAndItsSizes() {
        JsonNode weaves = read("/api/weaves").body();
        assertThat(weaves.size()).isGreaterThanOrEqualTo(18);
        JsonNode japanese = StreamSupport.stream(weaves.spliterator(), false)
                .filter(weave -> weave.get("id").asText().equals("japanese-4-in-1"))
                .findFirst()
                .orElseThrow();
        assertThat(japanese.get("sizes")).hasSize(2);
        assertThat(japanese.at("/sizes/1/usualRatio").asDouble()).isCloseTo(0.7, within(1e-9));
        assertThat(read("/api/weaves/byzantine/file").at("/format").asText()).isEqualTo("toroid-weave");
    }

    /** Exact: a single chain's taut pitch is its inner diameter, whatever its size. */
    @Test
    void aSolvedWeaveIsInTheMakersMillimetres() {
        for (double wire : new double[] {0.8, 1.3}) {
            Answer solved = tell("/api/weaves/single-chain/solve", rings(wire, 4 * wire));
            assertThat(solved.status()).isEqualTo(200);
            assertThat(solved.number("tautPitchMm")).isCloseTo(4 * wire, within(1e-5));
            assertThat(solved.number("aspectRatioMin")).isCloseTo(2, within(1e-6));
            assertThat(solved.number("ringsPer100mm")).isCloseTo(100 / (4 * wire), within(1e-3));
            // a torus of copper, 8.96 g/cm³ (CRC Handbook), within a hundredth
            double ring = 2 * Math.PI * Math.PI * 2.5 * wire * wire * wire / 4 * 8.96 / 1000;
            assertThat(solved.number("massPer100mmG"))
                    .isCloseTo(100 / (4 * wire) * ring, within(0.01 * 100 / (4 * wire) * ring));
            assertThat(solved.body().get("linksVerified").asBoolean()).isTrue();
            assertThat(solved.number("residualMm")).isLessThan(1e-6);
            assertThat(solved.body().get("figures").size()).isGreaterThan(5);
        }
    }

    @Test
    void anAnswerIsSolvedOnceAndKeptForEveryWire() {
        database.update("delete from solved_weave");
        tell("/api/weaves/european-4-in-1/solve", rings(1, 4.0));
        tell("/api/weaves/european-4-in-1/solve", rings(1.5, 6.0));
        Integer kept = database.queryForObject(
                "select count(*) from solved_weave where question like '%/4.00000' and question not like '%smallest%'",
                Integer.class);
        assertThat(kept).isEqualTo(1);
        database.update("delete from solved_weave");
    }

    @Test
    void ringsTooSmallAreToldSoWithoutAPitch() {
        Answer solved = tell("/api/weaves/european-6-in-1/solve", rings(1, 3.5));
        assertThat(solved.body().get("fits").asBoolean()).isFalse();
        assertThat(solved.at("/tightness").asText()).isEqualTo("WILL_NOT_CLOSE");
        assertThat(solved.body().get("tautPitchMm").isNull()).isTrue();
        assertThat(solved.at("/notes/0/severity").asText()).isEqualTo("STOP");
        assertThat(solved.at("/notes/0/values/tightInnerMm").asDouble()).isGreaterThan(4);
    }

    @Test
    void posesRunFromShortToTaut() {
        JsonNode poses =
                tell("/api/weaves/european-4-in-1/poses?count=5", rings(1, 4.0)).body();
        assertThat(poses).hasSize(5 + 1);
        double before = 0;
        int atRest = 0;
        for (JsonNode pose : poses) {
            assertThat(pose.get("pitchMm").asDouble()).isGreaterThan(before);
            assertThat(pose.get("rings")).hasSize(14);
            assertThat(pose.at("/rings/6").asDouble()).isCloseTo(2.5, within(1e-9));
            before = pose.get("pitchMm").asDouble();
            atRest += pose.get("atRest").asBoolean() ? 1 : 0;
        }
        assertThat(atRest).isEqualTo(1);
    }

    @Test
    void theShelfIsJudgedInEveryWeave() {
        JsonNode rows = tell("/api/weaves/shelf", Map.of("rings", List.of(rings(1, 3.8), rings(1, 6.0))))
                .body();
        assertThat(rows).hasSize(2);
        assertThat(rows.at("/0/aspectRatio").asDouble()).isCloseTo(3.8, within(1e-9));
        JsonNode byzantine = StreamSupport.stream(rows.at("/0/weaves").spliterator(), false)
                .filter(cell -> cell.get("weaveId").asText().equals("byzantine"))
                .findFirst()
                .orElseThrow();
        assertThat(byzantine.get("tightness").asText()).isEqualTo("USUAL");
        assertThat(rows.at("/0/weaves").size())
                .isEqualTo(read("/api/weaves").body().size());
    }

    @Test
    void whatCannotBeIsRefusedInASentence() {
        assertThat(read("/api/weaves/nothing/file").status()).isEqualTo(400);
        assertThat(tell("/api/weaves/byzantine/solve", rings(1, 0.0)).status()).isEqualTo(400);
        Answer sizes = tell("/api/weaves/japanese-4-in-1/solve", rings(1, 4.0));
        assertThat(sizes.status()).isEqualTo(400);
        assertThat(sizes.at("/detail").asText()).contains("sizes=2");
        assertThat(tell("/api/weaves/byzantine/poses?count=900", rings(1, 3.8)).status())
                .isEqualTo(400);
        assertThat(tell("/api/weaves/byzantine/solve", Map.of("wireDiameterMm", 1))
                        .status())
                .isEqualTo(400);
    }

    /** On a ring's nominal scale: a ring that sprang open by a twentieth shows every window lower by that. */
    @Test
    void windowsAreLaidOnARingsNominalScale() {
        tell("/api/weaves/byzantine/judge", rings(1, 4.0));
        Answer asMade = read("/api/weaves/windows?aspectRatio=4&nominalAspectRatio=4");
        Answer sprung = read("/api/weaves/windows?aspectRatio=4&nominalAspectRatio=3.8");
        JsonNode one = byzantine(asMade);
        JsonNode other = byzantine(sprung);
        assertThat(other.get("low").asDouble()).isCloseTo(0.95 * one.get("low").asDouble(), within(1e-9));
        assertThat(other.get("high").asDouble())
                .isCloseTo(0.95 * one.get("high").asDouble(), within(1e-9));
        assertThat(one.get("fits").asBoolean()).isTrue();
        assertThat(other.get("fits").asBoolean()).isTrue();
        assertThat(read("/api/weaves/windows?aspectRatio=0&nominalAspectRatio=3")
                        .status())
                .isEqualTo(400);
    }

    private static JsonNode byzantine(Answer windows) {
        for (JsonNode one : windows.body()) {
            if (one.get("weaveId").asText().equals("byzantine")) {
                return one;
            }
        }
        throw new AssertionError("byzantine is not solved");
    }

    /** A bend is solved once, goes with the wire, and carries its cell and what it is short by. */
    @Test
    void aChainTellsHowTightlyItBends() {
        Answer one = tell("/api/weaves/half-persian-3-in-1/bend", rings(1, 5.2));
        Answer two = tell("/api/weaves/half-persian-3-in-1/bend", rings(2, 10.4));
        assertThat(one.at("/bends/0/figure/value").asDouble()).isGreaterThan(1);
        assertThat(two.at("/bends/0/figure/value").asDouble())
                .isCloseTo(2 * one.at("/bends/0/figure/value").asDouble(), within(1e-9));
        assertThat(one.at("/bends/0/figure/worked").asText()).contains("cells");
        assertThat(one.at("/bends/0/way").asText()).isEqualTo("LENGTH");
        assertThat(one.at("/bends/0/residualMm").asDouble()).isBetween(0.0, 1e-5);
        assertThat(one.at("/bends/0/linksVerified").asBoolean()).isTrue();
        assertThat(one.at("/bends/0/ringsInCell").asInt()).isPositive();
    }

    @Test
    void aSheetBendsTwoWaysAndWhatDoesNotFitNone() {
        Answer sheet = tell("/api/weaves/european-4-in-1/bend", rings(1, 4.0));
        assertThat(sheet.at("/bends/0/way").asText()).isEqualTo("ROWS_ROUND");
        assertThat(sheet.at("/bends/1/way").asText()).isEqualTo("ROWS_ALONG");
        assertThat(sheet.at("/bends/1/figure/id").asText()).isEqualTo("weave-bend-rows-along");
        assertThat(tell("/api/weaves/european-4-in-1/bend", rings(1, 2.0)).at("/bends"))
                .isEmpty();
    }
}
