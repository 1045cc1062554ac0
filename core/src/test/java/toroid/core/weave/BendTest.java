package toroid.core.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.solve.BendSolve;
import toroid.core.weave.solve.Pose;
import toroid.core.weave.solve.WeaveSolver;

/** Chains closed to loops: every loop looked at once more by sampling and Gauss's integral, which know nothing of the solver. */
class BendTest {
    /** Byzantine takes seconds for each loop; the others stand for it. */
    static Stream<String> chains() {
        return Stream.of(
                "single-chain",
                "double-chain",
                "half-persian-3-in-1",
                "half-persian-4-in-1",
                "full-persian-6-in-1",
                "box-chain",
                "three-in-a-spiral",
                "spiral-4-in-1");
    }

    private static BendSolve.Bend bend(WeavePattern pattern, WeaveSolver.Closest closest, double play) {
        return BendSolve.tightest(pattern, closest, closest.gap() / (1 + play));
    }

    @ParameterizedTest
    @MethodSource("chains")
    void aLoopIsApartAndLinkedAsTheWeaveSays(String id) {
        WeavePattern pattern = Weaves.byId(id);
        WeaveSolver.Closest closest = WeaveSolver.closest(pattern, Weaves.usualRatios(pattern));
        BendSolve.Bend bend = bend(pattern, closest, 0.15);
        Pose loop = bend.loop();
        int around = loop.lattice().around();
        int k = loop.rings().size();
        int links = 0;
        double gap = Double.MAX_VALUE;
        for (int a = 0; a < k; a++) {
            for (int j = 0; j < around; j++) {
                for (int b = 0; b < k; b++) {
                    if (j != 0 || b != a) {
                        Circle other = loop.image(b, 0, j);
                        gap = Math.min(gap, Independent.gap(loop.rings().get(a), other, 360));
                        links += (int) Math.abs(
                                Math.rint(Independent.gauss(loop.rings().get(a), other, 120)));
                    }
                }
            }
        }
        assertThat(gap).isGreaterThan(closest.gap() / 1.15 - 1e-4);
        // every link told from both its ends
        int cells = k / pattern.rings().size();
        assertThat(links).isEqualTo(2 * cells * pattern.links().size());
        assertThat(bend.cells()).isEqualTo(around * cells);
        assertThat(bend.middleRadius()).isGreaterThan(bend.insideRadius());
    }

    @ParameterizedTest
    @MethodSource("chains")
    void morePlayBendsNoLess(String id) {
        WeavePattern pattern = Weaves.byId(id);
        WeaveSolver.Closest closest = WeaveSolver.closest(pattern, Weaves.usualRatios(pattern));
        int before = Integer.MAX_VALUE;
        for (double play : new double[] {0.05, 0.15, 0.3}) {
            BendSolve.Bend bend = bend(pattern, closest, play);
            if (bend != null) {
                assertThat(bend.cells()).isLessThanOrEqualTo(before);
                before = bend.cells();
            }
        }
        assertThat(before).isLessThan(Integer.MAX_VALUE);
    }

    /** A bend goes with the wire: twice the wire and ring, twice the rod. */
    @ParameterizedTest
    @CsvSource({"half-persian-3-in-1, 5.2", "box-chain, 4.6"})
    void aBendScalesWithItsWire(String id, double ratio) {
        WeavePattern pattern = Weaves.byId(id);
        WeaveBend one = WeaveWork.of(pattern, new WeaveRings(1, List.of(ratio))).bend();
        WeaveBend two =
                WeaveWork.of(pattern, new WeaveRings(2, List.of(2 * ratio))).bend();
        assertThat(two.cells()).isEqualTo(one.cells());
        assertThat(two.insideDiameterMm()).isCloseTo(2 * one.insideDiameterMm(), within(1e-6));
        assertThat(one.scaled(2).insideDiameterMm()).isCloseTo(two.insideDiameterMm(), within(1e-6));
        assertThat(one.figure().worked()).contains(one.cells() + " cells");
    }

    @Test
    void sheetsAndRingsThatDoNotFitHaveNoBend() {
        WeavePattern sheet = Weaves.byId("european-4-in-1");
        assertThat(sheet.lattice().kind()).isEqualTo(Lattice.Kind.SHEET);
        assertThat(WeaveWork.of(sheet, new WeaveRings(1, List.of(4.0))).bend()).isNull();
        assertThat(WeaveWork.of(Weaves.byId("box-chain"), new WeaveRings(1, List.of(3.0)))
                        .bend())
                .isNull();
    }
}
