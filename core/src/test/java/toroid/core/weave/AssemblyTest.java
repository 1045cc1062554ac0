package toroid.core.weave;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.weave.assembly.Assembly;
import toroid.core.weave.assembly.AssemblyStep;
import toroid.core.weave.assembly.Attempt;
import toroid.core.weave.assembly.LargestUnlinked;
import toroid.core.weave.assembly.Lie;
import toroid.core.weave.assembly.Passage;
import toroid.core.weave.assembly.PreClosed;
import toroid.core.weave.assembly.Way;
import toroid.core.weave.patch.Patch;
import toroid.core.weave.patch.PatchShape;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.solve.Pose;

/** Orders of assembly, put together ring by ring in the test, and closed sets against every set there is. */
class AssemblyTest {
    static Stream<String> ids() {
        return Weaves.ids();
    }

    static List<Way> ways() {
        var ways = new ArrayList<Way>();
        for (Way.Sheet sheet : Way.Sheet.values()) {
            for (Way.Doubling doubling : Way.Doubling.values()) {
                for (int hold : new int[] {0, 1, 2, 4, 100}) {
                    ways.add(new Way(sheet, doubling, hold));
                }
            }
        }
        return ways;
    }

    /** Every ring comes in once; an open ring links what the pattern says and only what is there or loose in hand; closed rings never link. */
    @ParameterizedTest
    @MethodSource("ids")
    void everyWayBuildsThePatchRingByRing(String id) {
        boolean sheet = Weaves.byId(id).lattice().kind() == Lattice.Kind.SHEET;
        Patch patch = sheet
                ? Patch.of(Weaves.byId(id), PatchShape.Rows.even(9, 5))
                : Patch.of(Weaves.byId(id), new PatchShape.Cells(5));
        for (Way way : ways()) {
            build(patch, Assembly.of(patch, way), way);
        }
    }

    private static void build(Patch patch, Assembly assembly, Way way) {
        var there = new HashSet<Integer>();
        var links = new TreeSet<String>();
        for (AssemblyStep step : assembly.steps()) {
            assertThat(there).doesNotContain(step.ring());
            if (step.closed()) {
                assertThat(step.through()).isEmpty();
                assertThat(step.over()).isEmpty();
                assertThat(patch.isCaptive(step.ring())).isFalse();
                assertThat(Arrays.stream(patch.neighbours(step.ring())).boxed()).noneMatch(there::contains);
            } else {
                assertThat(there).containsAll(step.through());
                assertThat(step.through()).isNotEmpty();
                assertThat(step.pickUp()).hasSizeLessThanOrEqualTo(way.hold()).noneMatch(there::contains);
                for (int other : step.pickUp()) {
                    assertThat(patch.areLinked(step.ring(), other)).isTrue();
                    there.add(other);
                }
                for (int captive : step.over()) {
                    slippedOn(patch, captive, step, there);
                }
                Stream.concat(step.through().stream(), step.pickUp().stream())
                        .forEach(other -> links.add(Math.min(step.ring(), other) + " " + Math.max(step.ring(), other)));
            }
            there.add(step.ring());
        }
        assertThat(there).hasSize(patch.size());
        var told = new TreeSet<String>();
        for (int a = 0; a < patch.size(); a++) {
            for (int b : patch.neighbours(a)) {
                told.add(Math.min(a, b) + " " + Math.max(a, b));
            }
        }
        assertThat(links).as(patch.pattern().id() + " " + way).isEqualTo(told);
        assertThat(assembly.order()).hasSize(patch.size()).doesNotHaveDuplicates();
        assertThat(assembly.preClosed() + assembly.opened()).isEqualTo(patch.size());
    }

    /** A captive goes on before the ring that shuts it in is closed: no two of the rings it lies round are linked before. */
    private static void slippedOn(Patch patch, int captive, AssemblyStep step, Set<Integer> there) {
        assertThat(there.add(captive)).isTrue();
        List<Integer> round = Arrays.stream(patch.round(captive)).boxed().toList();
        assertThat(round)
                .contains(step.ring())
                .anyMatch(one -> step.through().contains(one) || step.pickUp().contains(one));
        for (int a : round) {
            for (int b : round) {
                boolean both = a != step.ring() && b != step.ring() && there.contains(a) && there.contains(b);
                assertThat(both && patch.areLinked(a, b)).isFalse();
            }
        }
    }

    /** Six pairs, five captives between them: all captives and every second pair are closed beforehand. */
    @Test
    void captivesAreClosedBeforehandAndSlippedOnBetweenPairs() {
        Patch patch = Patch.of(Weaves.byId("captive-chain"), new PatchShape.Cells(6));
        assertThat(patch.countByClass()).containsExactly(12, 5);
        Assembly assembly = Assembly.of(patch, Way.USUAL);
        assertThat(assembly.steps().stream()
                        .mapToInt(step -> step.over().size())
                        .sum())
                .isEqualTo(5);
        assertThat(assembly.preClosed()).isEqualTo(6 + 5);
        assertThat(LargestUnlinked.of(patch).size()).isEqualTo(6 + 5);
    }

    /** Against every set of rings of small patches. */
    @ParameterizedTest
    @MethodSource("ids")
    void largestUnlinkedSetIsThatOfEveryTry(String id) {
        for (int cells = 1; cells <= 3; cells++) {
            boolean sheet = Weaves.byId(id).lattice().kind() == Lattice.Kind.SHEET;
            Patch patch = sheet
                    ? Patch.of(Weaves.byId(id), PatchShape.Rows.even(2, cells))
                    : Patch.of(Weaves.byId(id), new PatchShape.Cells(cells));
            if (patch.size() <= 22) {
                LargestUnlinked found = LargestUnlinked.of(patch);
                assertThat(found.exact()).isTrue();
                assertThat(found.size()).isEqualTo(byTrying(patch));
            }
        }
    }

    private static int byTrying(Patch patch) {
        int most = 0;
        for (int set = 0; set < 1 << patch.size(); set++) {
            if (Integer.bitCount(set) > most && unlinked(patch, set)) {
                most = Integer.bitCount(set);
            }
        }
        return most;
    }

    private static boolean unlinked(Patch patch, int set) {
        for (int a = 0; a < patch.size(); a++) {
            if ((set >> a & 1) == 1) {
                for (int b : patch.neighbours(a)) {
                    if ((set >> b & 1) == 1) {
                        return false;
                    }
                }
            }
        }
        return true;
    }

    /** Closed beforehand: every second ring of a chain, every second pair of a byzantine, every second row of a sheet (common practice). */
    @ParameterizedTest
    @CsvSource({
        "single-chain, 21, 11",
        "double-chain, 11, 12",
        "byzantine, 8, 26",
        "box-chain, 6, 14",
        "three-in-a-spiral, 30, 10",
    })
    void closedBeforehandAsMakersDo(String id, int cells, int closed) {
        Patch patch = Patch.of(Weaves.byId(id), new PatchShape.Cells(cells));
        PreClosed three = PreClosed.of(patch, Way.USUAL);
        assertThat(three.upperBound()).isEqualTo(closed);
        assertThat(three.upperBoundExact()).isTrue();
        assertThat(three.thisOrder()).isEqualTo(closed);
        assertThat(three.inHand()).isEqualTo(closed);
    }

    @Test
    void everySecondRowOfASheetIsClosedBeforehand() {
        Patch patch = Patch.of(Weaves.byId("european-4-in-1"), PatchShape.Rows.even(9, 20));
        PreClosed three = PreClosed.of(patch, Way.USUAL);
        assertThat(three.upperBound()).isEqualTo(100);
        assertThat(three.thisOrder()).isEqualTo(100);
        assertThat(three.inHand()).isLessThanOrEqualTo(three.thisOrder());
        PreClosed none = PreClosed.of(patch, new Way(Way.Sheet.ROWS, Way.Doubling.TOGETHER, 0));
        assertThat(none.inHand()).isEqualTo(1);
    }

    /** No hand closes more than an order, no order more than the bound. */
    @ParameterizedTest
    @MethodSource("ids")
    void theThreeNumbersStandInOrder(String id) {
        Patch patch = PatchTest.small(id);
        for (Way way : ways()) {
            PreClosed three = PreClosed.of(patch, way);
            assertThat(three.upperBound()).isGreaterThanOrEqualTo(three.thisOrder());
            assertThat(three.upperBound()).isGreaterThanOrEqualTo(three.inHand());
        }
    }

    /** Passages lie on both rings' way, in turn from the opening, and the opening is free of them. */
    @ParameterizedTest
    @MethodSource("ids")
    void passagesAreWhereTheRingsCross(String id) {
        Patch patch = PatchTest.small(id);
        Pose pose = PatchTest.rest(patch.pattern());
        for (AssemblyStep step : Assembly.of(patch, Way.USUAL).steps()) {
            Lie.Seen seen = Lie.seen(patch, pose, step);
            Set<Integer> wanted = new HashSet<>(step.through());
            wanted.addAll(step.pickUp());
            assertThat(seen.passages().stream().map(Passage::ring)).containsExactlyInAnyOrderElementsOf(wanted);
            double last = 0;
            for (Passage passage : seen.passages()) {
                double turn = (passage.angle() - seen.openingAngle() + 4 * Math.PI) % (2 * Math.PI);
                assertThat(turn).isGreaterThanOrEqualTo(last);
                assertThat(Math.min(turn, 2 * Math.PI - turn)).isGreaterThan(1e-3);
                last = turn;
            }
            assertThat(seen.leanDegrees()).isBetween(0.0, 90.0);
        }
    }

    @Test
    void anAttemptIsJudgedByTheModel() {
        var step = new AssemblyStep(7, false, List.of(2, 5), List.of(9));
        assertThat(Attempt.at(step, Set.of(2, 5, 9)).right()).isTrue();
        Attempt off = Attempt.at(step, Set.of(2, 4));
        assertThat(off.right()).isFalse();
        assertThat(off.found()).containsExactly(2);
        assertThat(off.missing()).containsExactly(5, 9);
        assertThat(off.extra()).containsExactly(4);
    }
}
