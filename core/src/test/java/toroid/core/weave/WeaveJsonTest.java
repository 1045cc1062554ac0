package toroid.core.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.numeric.Refusal;
import toroid.core.ring.Tightness;
import toroid.core.weave.pattern.WeaveJson;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.solve.StartPose;

/** What the open weave format takes, and what it refuses with which words. */
class WeaveJsonTest {
    private static java.util.stream.Stream<String> ids() {
        return Weaves.ids();
    }

    @ParameterizedTest
    @MethodSource("ids")
    void everyShippedWeaveIsWhatItSays(String id) {
        WeavePattern pattern = Weaves.byId(id);
        assertThat(pattern.id()).isEqualTo(id);
        assertThat(pattern.sources()).isNotEmpty();
        assertThat(StartPose.of(pattern).rings()).hasSameSizeAs(pattern.rings());
    }

    /** Each named by the trade's list; one that goes missing is missed here. */
    @Test
    void theCatalogueIsThere() {
        assertThat(Weaves.ids())
                .contains(
                        "single-chain",
                        "double-chain",
                        "triple-chain",
                        "european-4-in-1",
                        "european-6-in-1",
                        "european-8-in-2",
                        "box-chain",
                        "byzantine",
                        "full-persian-6-in-1",
                        "half-persian-3-in-1",
                        "half-persian-4-in-1",
                        "three-in-a-spiral",
                        "spiral-4-in-1",
                        "tube-4-in-1-along",
                        "tube-4-in-1-round",
                        "japanese-4-in-1",
                        "japanese-6-in-1",
                        "japanese-12-in-2",
                        "mobius-3",
                        "mobius-6",
                        "european-4-in-1-two-sizes",
                        "captive-chain");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"version\": 1|\"version\": 7|weave-of-other-version",
                "\"format\": \"toroid-weave\"|\"format\": \"other\"|no-weave",
                "\"kind\": \"chain\"|\"kind\": \"knot\"|weave-kind",
                "\"from\": \"B1\", \"to\": \"C1\"|\"from\": \"B1\", \"to\": \"Q\"|weave-ring-unknown",
                "\"normal\": [-0.619417, 0.785062, 0.0]|\"normal\": [0, 0, 0]|weave-normal-is-none",
                "\"centre\": [0.0, 0.929, 0.0]|\"centre\": [0.0, null, 0.0]|not-a-number",
                "\"class\": \"ring\", \"centre\": [0.0, 0.929|\"class\": \"link\", \"centre\": [0.0, 0.929|weave-size-unknown"
            })
    void whatIsWrongIsNamed(String from, String to, String words) {
        String text = Weaves.text("box-chain");
        assertThat(text).contains(from);
        assertThatThrownBy(() -> WeaveJson.read(text.replace(from, to)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining(words);
    }

    @Test
    void brokenTextIsRefused() {
        assertThatThrownBy(() -> WeaveJson.read("{ \"format\": ")).hasMessageContaining("file-is-no-json");
        assertThatThrownBy(() -> WeaveJson.read("")).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> WeaveJson.read("[]")).hasMessageContaining("no-weave");
    }

    @Test
    void linksThatAreNotSoAreRefusedByName() {
        String text = Weaves.text("box-chain");
        String without = text.replace(
                "    {\"from\": \"C2\", \"to\": \"B2\", \"cells\": [1, 0]}",
                "    {\"from\": \"C2\", \"to\": \"B2\", \"cells\": [3, 0]}");
        assertThat(without).isNotEqualTo(text);
        assertThatThrownBy(() -> StartPose.of(WeaveJson.read(without)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("weave-not-linked-so")
                .hasMessageContaining("toldNotSo");
    }

    @Test
    void ringsThroughOneAnotherAreRefused() {
        String text = Weaves.text("single-chain").replace("\"pitch\": 1.3", "\"pitch\": 2.0");
        assertThatThrownBy(() -> StartPose.of(WeaveJson.read(text)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("weave-rings-pass-through");
    }

    @Test
    void aCellThatDoesNotReachTheNextIsIncomplete() {
        String text = Weaves.text("mobius-3").replace("{\"kind\": \"finite\"}", "{\"kind\": \"chain\", \"pitch\": 9}");
        assertThatThrownBy(() -> StartPose.of(WeaveJson.read(text)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("weave-cells-fall-apart");
    }

    @Test
    void theNumberOfSizesMustMatch() {
        WeavePattern japanese = Weaves.byId("japanese-4-in-1");
        assertThatThrownBy(() -> WeaveWork.of(japanese, new WeaveRings(1, List.of(4.0))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("sizes=2");
    }

    @ParameterizedTest
    @CsvSource({
        "2.9, WILL_NOT_CLOSE, STOP",
        "3.25, ON_THE_EDGE, CARE",
        "3.4, TIGHT, GOOD",
        "4, USUAL, GOOD",
        "5, LOOSE, GOOD",
        "7, FLOPPY, CARE"
    })
    void byzantineJudgedByItsPlay(double ratio, Tightness tightness, String severity) {
        WeaveAnswer answer =
                Weaves.work("byzantine", new WeaveRings(1, List.of(ratio))).answer(8.96);
        assertThat(answer.tightness()).isEqualTo(tightness);
        assertThat(WeaveNotes.of(Weaves.byId("byzantine"), answer, new WeaveRings(1, List.of(ratio)))
                        .get(0)
                        .severity()
                        .name())
                .isEqualTo(severity);
        boolean closes = answer.aspectRatio() >= answer.aspectRatioMin();
        assertThat(answer.fits()).isEqualTo(closes);
        assertThat(answer.tautPitchMm() != null).isEqualTo(closes);
        if (closes) {
            assertThat(answer.shortestPitchMm()).isLessThan(answer.restPitchMm());
            assertThat(answer.restPitchMm()).isLessThan(answer.tautPitchMm());
            assertThat(answer.ringsPer100mm()).isCloseTo(600 / answer.tautPitchMm(), within(1e-9));
        }
    }
}
