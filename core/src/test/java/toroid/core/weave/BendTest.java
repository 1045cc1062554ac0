package toroid.core.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.solve.BendSolve;
import toroid.core.weave.solve.BendSolve.Bend;
import toroid.core.weave.solve.Pose;
import toroid.core.weave.solve.WeaveSolver;

/** Weaves closed to loops: every loop looked at once more by sampling and Gauss's integral, which know nothing of the solver. */
class BendTest {
    private static final double PLAY = 0.15;

    /** All that bend in a second or two; the tube with its rows round has sixteen rings to move, the other stands for it. */
    static Stream<String> weaves() {
        return Stream.of(
                "single-chain",
                "double-chain",
                "half-persian-3-in-1",
                "half-persian-4-in-1",
                "full-persian-6-in-1",
                "box-chain",
                "byzantine",
                "three-in-a-spiral",
                "spiral-4-in-1",
                "tube-4-in-1-along",
                "european-4-in-1",
                "european-6-in-1",
                "european-8-in-2",
                "japanese-4-in-1",
                "japanese-6-in-1");
    }

    private static Bend along(WeavePattern pattern, WeaveSolver.Closest closest, double play) {
        return BendSolve.along(pattern, closest, closest.gap() / (1 + play));
    }

    private static WeaveSolver.Closest closest(WeavePattern pattern) {
        return Weaves.closest(pattern.id());
    }

    @ParameterizedTest
    @MethodSource("weaves")
    void aLoopIsApartAndLinkedAsTheWeaveSays(String id) {
        WeavePattern pattern = Weaves.byId(id);
        WeaveSolver.Closest closest = closest(pattern);
        Bend bend = along(pattern, closest, PLAY);
        isTheWeave(pattern, bend, closest.gap() / (1 + PLAY));
        int rings = bend.loop().lattice().around() * bend.loop().rings().size();
        int inCell = pattern.rings().size() * Math.max(1, pattern.lattice().around());
        assertThat(rings % (bend.cells() * inCell)).isZero();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"european-4-in-1", "european-6-in-1", "european-8-in-2", "japanese-4-in-1", "japanese-6-in-1"})
    void aSheetBentTheOtherWayIsStillTheSheet(String id) {
        WeavePattern pattern = Weaves.byId(id);
        WeaveSolver.Closest closest = closest(pattern);
        isTheWeave(pattern, BendSolve.across(pattern, closest, closest.gap() / (1 + PLAY)), closest.gap() / (1 + PLAY));
    }

    private static void isTheWeave(WeavePattern pattern, Bend bend, double wire) {
        Pose loop = bend.loop();
        int links = 0;
        for (Circle ring : loop.rings()) {
            for (Circle other : around(loop, ring)) {
                links += (int) Math.abs(Math.rint(Independent.gauss(ring, other, 120)));
            }
        }
        double gap = Independent.smallestGap(loop, loop.pitch() > 100 ? 0 : 4, 360);
        assertThat(gap).isGreaterThan(wire - 1e-4);
        assertThat(bend.penetration()).isLessThan(1e-5);
        assertThat(bend.linksVerified()).isTrue();
        // every link told from both its ends
        int weaveCells = loop.rings().size() / pattern.rings().size();
        assertThat(links).isEqualTo(2 * weaveCells * pattern.links().size());
        assertThat(bend.middleRadius()).isGreaterThan(bend.insideRadius());
    }

    /** All rings of the loop, and of the loops beside it, that come near enough to be linked. */
    private static List<Circle> around(Pose loop, Circle ring) {
        return Stream.concat(
                        loop.rings().stream(), Independent.neighbourhood(loop, loop.pitch() > 100 ? 0 : 4).stream())
                .filter(other -> !other.equals(ring))
                .filter(other -> other.centre().distance(ring.centre()) < ring.radius() + other.radius())
                .toList();
    }

    /** A 4-in-1 tube is the sheet closed: in wire that just makes the tube of six, the sheet closes to six cells, in thicker to more. */
    @ParameterizedTest
    @CsvSource({"tube-4-in-1-along, 6", "tube-4-in-1-round, 8"})
    void aSheetBendsToTheTubeThatIsSolvedAsATube(String tube, int cells) {
        WeavePattern sheet = Weaves.byId("european-4-in-1");
        WeaveSolver.Closest closed = closest(Weaves.byId(tube));
        WeaveSolver.Closest flat = closest(sheet);
        boolean rowsRound = tube.endsWith("round");
        Bend thin = bend(sheet, flat, closed.gap() * 0.999, rowsRound);
        Bend thick = bend(sheet, flat, closed.gap() * 1.001, rowsRound);
        assertThat(thin.cells()).isEqualTo(cells);
        assertThat(thick.cells()).isEqualTo(cells + 1);
    }

    private static Bend bend(WeavePattern sheet, WeaveSolver.Closest flat, double wire, boolean rowsRound) {
        return rowsRound ? BendSolve.along(sheet, flat, wire) : BendSolve.across(sheet, flat, wire);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "single-chain",
                "double-chain",
                "half-persian-4-in-1",
                "box-chain",
                "spiral-4-in-1",
                "european-4-in-1"
            })
    void morePlayBendsNoLess(String id) {
        WeavePattern pattern = Weaves.byId(id);
        WeaveSolver.Closest closest = closest(pattern);
        int before = Integer.MAX_VALUE;
        for (double play : new double[] {0.05, 0.15, 0.3}) {
            Bend bend = along(pattern, closest, play);
            if (bend != null) {
                assertThat(bend.cells()).isLessThanOrEqualTo(before);
                before = bend.cells();
            }
        }
        assertThat(before).isLessThan(Integer.MAX_VALUE);
    }

    /** A pair that changes places in half a turn: twelve rings move for themselves, not the twenty-four of a whole turn. */
    @Test
    void cellsThatHalfATurnBringsOntoThemselvesAreEnough() {
        WeavePattern byzantine = Weaves.byId("byzantine");
        Bend bend = along(byzantine, closest(byzantine), PLAY);
        assertThat(bend.loop().rings()).hasSize(12);
        assertThat(bend.cells()).isEqualTo(2 * bend.loop().lattice().around());
    }

    /** A bend goes with the wire: twice the wire and ring, twice the rod. */
    @ParameterizedTest
    @CsvSource({"half-persian-3-in-1, 5.2, LENGTH", "box-chain, 4.6, LENGTH", "european-4-in-1, 4.5, ROWS_ROUND"})
    void aBendScalesWithItsWire(String id, double ratio, WeaveBend.Way way) {
        WeavePattern pattern = Weaves.byId(id);
        List<WeaveBend> ones =
                Weaves.work(pattern.id(), new WeaveRings(1, List.of(ratio))).bends();
        List<WeaveBend> twos =
                Weaves.work(pattern.id(), new WeaveRings(2, List.of(2 * ratio))).bends();
        WeaveBend one = ones.get(0);
        WeaveBend two = twos.get(0);
        assertThat(one.way()).isEqualTo(way);
        assertThat(two.cells()).isEqualTo(one.cells());
        assertThat(two.insideDiameterMm()).isCloseTo(2 * one.insideDiameterMm(), within(1e-6));
        assertThat(one.scaled(2).insideDiameterMm()).isCloseTo(two.insideDiameterMm(), within(1e-6));
        assertThat(one.figure().worked())
                .contains(one.cells() + " cells")
                .contains(one.residualMm() < 1e-9 ? "no wire nearer" : "short of d by");
    }

    @Test
    void aSheetBendsTwoWays() {
        WeavePattern sheet = Weaves.byId("european-4-in-1");
        assertThat(sheet.lattice().kind()).isEqualTo(Lattice.Kind.SHEET);
        assertThat(Weaves.work(sheet.id(), new WeaveRings(1, List.of(4.5))).bends())
                .extracting(WeaveBend::way)
                .containsExactly(WeaveBend.Way.ROWS_ROUND, WeaveBend.Way.ROWS_ALONG);
    }

    @ParameterizedTest
    @CsvSource({"box-chain, 3.0", "mobius-4, 6.0"})
    void whatDoesNotFitOrIsFiniteHasNoBend(String id, double ratio) {
        assertThat(Weaves.work(id, new WeaveRings(1, List.of(ratio))).bends()).isEmpty();
    }
}
