package toroid.core.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.Figure;
import toroid.core.ring.DrapeWindow;
import toroid.core.ring.Tightness;
import toroid.core.weave.pattern.WeavePattern;

/** What is told of a solved weave, against sums done here. */
class WeaveFiguresTest {
    /** Copper, g/cm³: CRC Handbook of Chemistry and Physics. */
    private static final double COPPER = 8.96;

    private static Map<String, Figure> figures(WeavePattern pattern, WeaveRings rings, WeaveAnswer answer) {
        return WeaveFigures.of(pattern, answer, rings, COPPER).stream()
                .collect(Collectors.toMap(Figure::id, Function.identity()));
    }

    /** Exact: a 1-in-1 chain's taut pitch is its inner diameter, so 100 mm hold 25 rings of 4 mm, each a torus (Pappus). */
    @Test
    void aSingleChainsFiguresByHand() {
        WeavePattern pattern = Weaves.byId("single-chain");
        var rings = new WeaveRings(1, List.of(4.0));
        WeaveAnswer answer = Weaves.work(pattern.id(), rings).answer(COPPER);
        Map<String, Figure> told = figures(pattern, rings, answer);
        assertThat(told.get("weave-aspect-ratio").value()).isEqualTo(4);
        assertThat(told.get("weave-aspect-ratio-min").value()).isCloseTo(2, within(1e-6));
        assertThat(told.get("weave-play").value()).isCloseTo(100 * (5.0 / 3 - 1), within(1e-4));
        assertThat(told.get("weave-taut").value()).isCloseTo(4, within(1e-6));
        assertThat(told.get("weave-per-100").value()).isCloseTo(25, within(1e-5));
        double torusCm3 = 2 * Math.PI * Math.PI * 2.5 * 0.25 / 1000;
        assertThat(told.get("weave-mass-per-100").value()).isCloseTo(25 * torusCm3 * COPPER, within(1e-4));
        assertThat(told).doesNotContainKeys("weave-across", "weave-per-square");
    }

    /** Exact: a square Japanese sheet's cell is both inner diameters long and wide, three rings in it. */
    @Test
    void aSheetTellsBothDirections() {
        WeavePattern pattern = Weaves.byId("japanese-4-in-1");
        var rings = new WeaveRings(1, List.of(4.0, 2.5));
        WeaveAnswer answer = Weaves.work(pattern.id(), rings).answer(COPPER);
        Map<String, Figure> told = figures(pattern, rings, answer);
        assertThat(told.get("weave-taut").value()).isCloseTo(6.5, within(1e-6));
        assertThat(told.get("weave-across").value()).isCloseTo(6.5, within(1e-6));
        assertThat(told.get("weave-across-shortest").value())
                .isLessThan(told.get("weave-across").value());
        double perCell = 3 * 100 / Math.pow(answer.restPitchMm(), 2);
        assertThat(told.get("weave-per-square").value()).isCloseTo(perCell, within(1e-3 * perCell));
        assertThat(told).doesNotContainKey("weave-per-100");
    }

    @ParameterizedTest
    @ValueSource(strings = {"byzantine", "european-4-in-1", "captive-chain", "mobius-3", "tube-4-in-1-along"})
    void everyFigureExplainsItself(String id) {
        WeavePattern pattern = Weaves.byId(id);
        WeaveRings rings = Weaves.rings(pattern, 6);
        for (Figure figure : figures(
                        pattern, rings, Weaves.work(pattern.id(), rings).answer(COPPER))
                .values()) {
            assertThat(figure.formula()).isNotBlank();
            assertThat(figure.worked()).isNotBlank();
            assertThat(figure.source()).isNotBlank();
            assertThat(figure.value()).isFinite();
        }
    }

    /** A figure that was not reached is not told. */
    @Test
    void ringsThatDoNotFitHaveNoPitches() {
        WeavePattern pattern = Weaves.byId("byzantine");
        var rings = new WeaveRings(1, List.of(2.5));
        Map<String, Figure> told =
                figures(pattern, rings, Weaves.work(pattern.id(), rings).answer(COPPER));
        assertThat(told.keySet())
                .containsExactlyInAnyOrder("weave-aspect-ratio", "weave-aspect-ratio-min", "weave-play");
        assertThat(told.get("weave-play").value()).isNegative();
    }

    /** A weave knows no scale: solved in twice the wire it is the same answer, lengths doubled, weight fourfold. */
    @ParameterizedTest
    @CsvSource({"box-chain, 4.6", "european-6-in-1, 5.5"})
    void anAnswerScalesToOtherWire(String id, double ratio) {
        WeavePattern pattern = Weaves.byId(id);
        WeaveAnswer one =
                Weaves.work(pattern.id(), new WeaveRings(1, List.of(ratio))).answer(1);
        WeaveAnswer two =
                Weaves.work(pattern.id(), new WeaveRings(2, List.of(2 * ratio))).answer(COPPER);
        WeaveAnswer scaled = one.scaled(2, COPPER);
        assertThat(scaled.tautPitchMm()).isCloseTo(two.tautPitchMm(), within(1e-6));
        assertThat(scaled.restPitchMm()).isCloseTo(two.restPitchMm(), within(1e-6));
        same(scaled.ringsPer100mm(), two.ringsPer100mm());
        same(scaled.ringsPerSquareCm(), two.ringsPerSquareCm());
        same(scaled.massPer100mmG(), two.massPer100mmG());
        same(scaled.acrossTautMm(), two.acrossTautMm());
        same(scaled.acrossShortestMm(), two.acrossShortestMm());
        assertThat(scaled.tightness()).isEqualTo(two.tightness());
        assertThat(scaled.linksVerified()).isTrue();
    }

    private static void same(Double a, Double b) {
        if (a == null || b == null) {
            assertThat(a).isEqualTo(b);
        } else {
            assertThat(a).isCloseTo(b, within(1e-6 * Math.abs(b)));
        }
    }

    /** AR_min 3: it drapes where wire 6 to 30 % thicker would go in, 1.06·4 − 1 to 1.3·4 − 1. */
    @Test
    void whereAWeaveDrapesIsItsPlay() {
        DrapeWindow window = DrapeWindow.of(3);
        assertThat(window.from()).isCloseTo(3.24, within(1e-12));
        assertThat(window.to()).isCloseTo(4.2, within(1e-12));
        assertThat(window.middle()).isCloseTo(3.72, within(1e-12));
        assertThat(window.holds(3.24)).isTrue();
        assertThat(window.holds(3.2)).isFalse();
        assertThat(window.holds(4.21)).isFalse();
        assertThat(Tightness.of(window.middle(), 3)).isEqualTo(Tightness.USUAL);
    }

    /** A ring wound on 3.8 that sprang to 4.0: on the rods' scale every window lies a twentieth lower. */
    @Test
    void aWindowIsLaidOnTheNominalScaleInProportion() {
        DrapeWindow shown = DrapeWindow.of(3).nominal(3.8, 4);
        assertThat(shown.from()).isCloseTo(3.24 * 0.95, within(1e-12));
        assertThat(shown.to()).isCloseTo(4.2 * 0.95, within(1e-12));
        for (double wrong : new double[] {0, -1, Double.NaN, 1000}) {
            assertThatThrownBy(() -> DrapeWindow.of(3).nominal(wrong, 4)).isInstanceOf(Refusal.class);
            assertThatThrownBy(() -> DrapeWindow.of(3).nominal(4, wrong)).isInstanceOf(Refusal.class);
        }
    }
}
