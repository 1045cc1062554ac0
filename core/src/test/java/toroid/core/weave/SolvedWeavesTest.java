package toroid.core.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.circle.Linking;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.solve.LinkPattern;
import toroid.core.weave.solve.Pose;
import toroid.core.weave.solve.StartPose;
import toroid.core.weave.solve.WeaveSolver;
import toroid.core.weave.solve.WeaveSolver.Closest;
import toroid.core.weave.solve.WeaveSolver.Direction;

/** Every weave of the catalogue solved, and each answer checked by another way. */
class SolvedWeavesTest {
    private static Stream<String> ids() {
        return Weaves.ids();
    }

    private static Closest closest(WeavePattern pattern) {
        return Weaves.closest(pattern.id());
    }

    /** Sampling can only miss the nearest place, by less than the circle bends between samples. */
    private static void assertGap(Pose pose, double gap) {
        int samples = 1500;
        double sampled = Independent.smallestGap(pose, 7, samples);
        double missed = Math.PI / samples * pose.rings().get(0).radius();
        assertThat(sampled).isGreaterThan(gap - 1e-9).isLessThan(gap + missed * missed / (2 * gap) + 1e-9);
    }

    @ParameterizedTest
    @MethodSource("ids")
    void theTightestPoseHoldsByAnotherWay(String id) {
        WeavePattern pattern = Weaves.byId(id);
        Closest closest = closest(pattern);
        assertThat(closest.solved()).isTrue();
        assertThat(closest.residual()).isLessThan(5e-5);
        assertGap(closest.pose(), closest.gap());
        assertLinks(pattern, closest.pose());
    }

    /** Gauss's integral is whole: 0 or ±1, and ±1 exactly where the weave says. */
    private static void assertLinks(WeavePattern pattern, Pose pose) {
        Set<String> told = LinkPattern.told(pattern);
        assertThat(LinkPattern.found(pose)).isEqualTo(told);
        int linked = 0;
        List<Circle> others = Independent.neighbourhood(pose, 4);
        for (int a = 0; a < pose.rings().size(); a++) {
            Circle own = pose.rings().get(a);
            for (Circle other : others) {
                linked += links(own, other);
            }
            for (int b = 0; b < pose.rings().size(); b++) {
                linked += a == b ? 0 : links(own, pose.rings().get(b));
            }
        }
        assertThat(linked).isEqualTo(2 * told.size());
    }

    private static int links(Circle a, Circle b) {
        if (a.centre().distance(b.centre()) > a.radius() + b.radius()) {
            return 0;
        }
        double gauss = Independent.gauss(a, b, 96);
        assertThat(gauss).isCloseTo(Math.rint(gauss), within(0.02));
        assertThat(Math.abs(Math.rint(gauss))).isEqualTo(Math.abs(Linking.number(a, b)));
        return (int) Math.abs(Math.rint(gauss));
    }

    @ParameterizedTest
    @MethodSource("ids")
    void tautAndShortestPosesHoldByAnotherWay(String id) {
        WeavePattern pattern = Weaves.byId(id);
        Closest closest = closest(pattern);
        double wire = closest.gap() / 1.15;
        if (pattern.lattice().pitch() == 0) {
            return;
        }
        for (boolean longest : new boolean[] {true, false}) {
            var pulled = WeaveSolver.pulled(pattern, closest, wire, Direction.ALONG, longest);
            assertThat(pulled).isNotNull();
            assertThat(pulled.penetration()).isLessThan(2e-10);
            assertThat(Independent.smallestGap(pulled.pose(), 7, 1500)).isGreaterThan(wire - 1e-9);
            assertThat(LinkPattern.found(pulled.pose())).isEqualTo(LinkPattern.told(pattern));
            assertThat(Double.compare(pulled.pitch(), closest.pose().pitch())).isEqualTo(longest ? 1 : -1);
        }
    }

    /** Lying evenly about its axis a chain is the same chain, by another way: apart, linked, and no wider than when it is free. */
    @ParameterizedTest
    @ValueSource(strings = {"byzantine", "box-chain", "double-chain", "full-persian-6-in-1", "half-persian-3-in-1"})
    void aChainThatLiesEvenlyIsStillTheChain(String id) {
        WeavePattern pattern = Weaves.byId(id);
        Closest free = closest(pattern);
        Closest even = WeaveSolver.straight(pattern, Weaves.usualRatios(pattern));
        assertThat(even.solved()).isTrue();
        assertThat(even.gap()).isBetween(0.95 * free.gap(), free.gap() + 1e-6);
        assertGap(even.pose(), even.gap());
        assertLinks(pattern, even.pose());
        Vector3D middle = even.pose().rings().stream().map(Circle::centre).reduce(Vector3D.ZERO, Vector3D::add);
        assertThat(Math.hypot(middle.getY(), middle.getZ())).isLessThan(1e-9);
    }

    /** Sheets, tubes, rosettes, and a ring that half a turn leaves where it is have no such pose of their own. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "single-chain",
                "three-in-a-spiral",
                "captive-chain",
                "european-4-in-1",
                "tube-4-in-1-along",
                "mobius-4"
            })
    void whatHalfATurnDoesNotPairHasNone(String id) {
        WeavePattern pattern = Weaves.byId(id);
        assertThat(WeaveSolver.straight(pattern, Weaves.usualRatios(pattern))).isNull();
    }

    /** From rest to taut a byzantine hangs straight; every pose of the row is apart and linked, each longer than the one before. */
    @ParameterizedTest
    @CsvSource({
        "byzantine, 3.8",
        "box-chain, 4.6",
        "full-persian-6-in-1, 5.6",
        "three-in-a-spiral, 3.4",
        "half-persian-4-in-1, 6.3"
    })
    void aRowOfPosesGoesFromShortToTaut(String id, double ratio) {
        WeavePattern pattern = Weaves.byId(id);
        WeaveWork work = Weaves.work(pattern.id(), new WeaveRings(1, List.of(ratio)));
        WeaveAnswer answer = work.answer(8.96);
        List<Pose> row = work.poses(9);
        assertThat(row.size()).isBetween(6, 10);
        assertThat(row.get(0).pitch()).isCloseTo(answer.shortestPitchMm(), within(1e-9));
        assertThat(row.get(row.size() - 1).pitch()).isCloseTo(answer.tautPitchMm(), within(1e-9));
        double before = 0;
        for (Pose pose : row) {
            assertThat(pose.pitch()).isGreaterThan(before);
            before = pose.pitch();
            assertThat(Independent.smallestGap(pose, 5, 400)).isGreaterThan(1 - 1e-6);
            assertThat(LinkPattern.found(pose)).isEqualTo(LinkPattern.told(pattern));
            if (id.equals("byzantine") && pose.pitch() > answer.restPitchMm() && pose != row.get(row.size() - 1)) {
                Vector3D middle = pose.rings().stream().map(Circle::centre).reduce(Vector3D.ZERO, Vector3D::add);
                assertThat(Math.hypot(middle.getY(), middle.getZ())).isLessThan(1e-6);
            }
        }
    }

    /** Exact: 1-in-1 needs AR 2; equal square Japanese 1 + √2; both by plane geometry of the contacts. */
    @Test
    void exactSmallestAspectRatios() {
        assertThat(closest(Weaves.byId("single-chain")).aspectRatioMin()).isCloseTo(2, within(1e-7));
        double japanese = WeaveSolver.closest(Weaves.byId("japanese-4-in-1"), new double[] {1, 1})
                .aspectRatioMin();
        assertThat(japanese).isCloseTo(1 + Math.sqrt(2), within(1e-7));
    }

    /** Exact: pulled taut a 1-in-1 chain's pitch is the inner diameter. */
    @ParameterizedTest
    @CsvSource({"2.5", "4", "7"})
    void aSingleChainPullsToItsInnerDiameter(double ratio) {
        WeavePattern pattern = Weaves.byId("single-chain");
        WeaveAnswer answer =
                Weaves.work(pattern.id(), new WeaveRings(1, List.of(ratio))).answer(8.96);
        assertThat(answer.tautPitchMm()).isCloseTo(ratio, within(1e-6));
    }

    /** Exact: three in a spiral pulls to ID/2 from AR 4 up, the screw then near 120°. */
    @ParameterizedTest
    @CsvSource({"4.2", "5", "6"})
    void threeInASpiralPullsToHalfItsInnerDiameter(double ratio) {
        WeavePattern pattern = Weaves.byId("three-in-a-spiral");
        WeaveAnswer answer =
                Weaves.work(pattern.id(), new WeaveRings(1, List.of(ratio))).answer(8.96);
        assertThat(answer.tautPitchMm()).isCloseTo(ratio / 2, within(1e-6));
    }

    /** Exact: square Japanese pulls to the sum of both inner diameters. */
    @ParameterizedTest
    @CsvSource({"3, 3", "4, 2.5", "5, 4"})
    void squareJapanesePullsToBothInnerDiameters(double flat, double upright) {
        WeaveAnswer answer = Weaves.work("japanese-4-in-1", new WeaveRings(1, List.of(flat, upright)))
                .answer(8.96);
        assertThat(answer.tautPitchMm()).isCloseTo(flat + upright, within(1e-6));
        assertThat(answer.acrossTautMm()).isCloseTo(flat + upright, within(1e-6));
    }

    /** Exact: a 4-in-1 sheet stretched along its rows is AR + 2 wires from row to row of one kind. */
    @ParameterizedTest
    @CsvSource({"3.5", "4", "5"})
    void aSheetStretchedAlongItsRowsLiesFlatAcross(double ratio) {
        WeavePattern pattern = Weaves.byId("european-4-in-1");
        Closest closest = closest(pattern);
        double wire = 2 / (ratio + 1);
        var taut = WeaveSolver.pulled(pattern, closest, wire, Direction.ALONG, true);
        assertThat(taut.pose().across() / wire).isCloseTo(ratio + 2, within(1e-6));
    }

    /** Of one size it is the European 4-in-1; of two, its large rings can lie over one another like scales. */
    @Test
    void twoSizesOfOneSizeAreTheEuropean() {
        WeavePattern two = Weaves.byId("european-4-in-1-two-sizes");
        Closest alike = WeaveSolver.closest(two, new double[] {1, 1});
        assertThat(alike.aspectRatioMin())
                .isCloseTo(closest(Weaves.byId("european-4-in-1")).aspectRatioMin(), within(1e-7));
        Closest scales = WeaveSolver.closest(two, new double[] {1, 0.6});
        double wire = scales.gap() / 1.15;
        var shortest = WeaveSolver.pulled(two, scales, wire, Direction.ACROSS, false);
        assertThat(shortest.pitch()).isLessThan(2 + wire);
        assertThat(shortest.penetration()).isLessThan(2e-10);
    }

    /** What makers know by heart (common practice, nominal): each weave's usual window begins where it begins to close. */
    @ParameterizedTest
    @MethodSource("ids")
    void usualWindowsReachAboveTheSmallestAspectRatio(String id) {
        WeavePattern pattern = Weaves.byId(id);
        if (pattern.usual() == null) {
            return;
        }
        double smallest = closest(pattern).aspectRatioMin();
        // nominal is up to 9 % below true (springback)
        assertThat(pattern.usual().high() * 1.09).isGreaterThan(smallest);
        assertThat(pattern.usual().low()).isGreaterThan(0.8 * smallest);
    }

    @ParameterizedTest
    @CsvSource({"single-chain", "byzantine", "european-4-in-1", "half-persian-3-in-1", "full-persian-6-in-1"})
    void thinnerWireNeverPullsShorter(String id) {
        WeavePattern pattern = Weaves.byId(id);
        Closest closest = closest(pattern);
        double before = 0;
        for (double play : new double[] {0.02, 0.1, 0.2, 0.4}) {
            double pitch = WeaveSolver.pulled(pattern, closest, closest.gap() / (1 + play), Direction.ALONG, true)
                    .pitch();
            assertThat(pitch).isGreaterThan(before);
            before = pitch;
        }
    }

    /** Two cells taken as one can only relax further. */
    @ParameterizedTest
    @CsvSource({"half-persian-3-in-1", "box-chain", "half-persian-4-in-1"})
    void aDoubledCellIsNeverTighter(String id) {
        WeavePattern single = Weaves.byId(id);
        double doubled = closest(Doubled.of(single)).aspectRatioMin();
        assertThat(doubled).isLessThan(closest(single).aspectRatioMin() + 1e-6);
    }

    /** A chain turned about its axis and moved along it is the same chain. */
    @ParameterizedTest
    @CsvSource({"byzantine", "box-chain", "full-persian-6-in-1"})
    void turnedAboutItsAxisItIsTheSame(String id) {
        WeavePattern pattern = Weaves.byId(id);
        double angle = 0.7;
        List<WeavePattern.CellRing> turned = pattern.rings().stream()
                .map(ring -> new WeavePattern.CellRing(
                        ring.id(),
                        ring.sizeClass(),
                        turned(ring.centre(), angle).add(new Vector3D(0.31, 0, 0)),
                        turned(ring.normal(), angle),
                        ring.joins()))
                .toList();
        var same = new WeavePattern(
                pattern.id(),
                pattern.name(),
                pattern.unit(),
                pattern.lattice(),
                pattern.classes(),
                turned,
                pattern.links(),
                pattern.assembly(),
                pattern.usual(),
                pattern.sources());
        assertThat(closest(same).aspectRatioMin()).isCloseTo(closest(pattern).aspectRatioMin(), within(5e-5));
    }

    private static Vector3D turned(Vector3D v, double angle) {
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        return new Vector3D(v.getX(), cos * v.getY() - sin * v.getZ(), sin * v.getY() + cos * v.getZ());
    }

    @Test
    void posesRunFromShortestToTautWithoutPenetration() {
        WeavePattern pattern = Weaves.byId("byzantine");
        WeaveRings rings = new WeaveRings(1, List.of(3.8));
        WeaveWork work = Weaves.work(pattern.id(), rings);
        WeaveAnswer answer = work.answer(8.96);
        List<Pose> poses = work.poses(7);
        assertThat(poses).hasSize(7 + 1);
        assertThat(poses).anyMatch(pose -> Math.abs(pose.pitch() - answer.restPitchMm()) < 1e-12);
        assertThat(poses.get(0).pitch()).isCloseTo(answer.shortestPitchMm(), within(1e-6));
        assertThat(poses.get(7).pitch()).isCloseTo(answer.tautPitchMm(), within(1e-6));
        for (Pose pose : poses) {
            assertThat(Independent.smallestGap(pose, 4, 800)).isGreaterThan(1 - 1e-4);
            assertThat(LinkPattern.found(pose)).isEqualTo(LinkPattern.told(pattern));
        }
        assertThat(StartPose.of(pattern).rings()).hasSize(6);
    }
}
