package toroid.core.weave.composition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.Figure;
import toroid.core.ring.Ring;
import toroid.core.weave.Independent;
import toroid.core.weave.Weaves;
import toroid.core.weave.assembly.Assembly;
import toroid.core.weave.assembly.AssemblyStep;
import toroid.core.weave.assembly.LargestUnlinked;
import toroid.core.weave.assembly.Way;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.composition.Composition.Plan;
import toroid.core.weave.composition.Composition.Role;

class CompositionTest {
    /** Counted by hand: six byzantine arms of one unit (8 rings each), two larger rings, six ties, a unit more, a bail. */
    @Test
    void countsAMedallionRingByRing() {
        var medallion = new Composition(Weaves.byId("byzantine"), new Plan(6, 1, 2, true, 1, true));
        assertThat(medallion.count(Role.ARM)).isEqualTo(5 * 8 + 14);
        assertThat(medallion.count(Role.HUB)).isEqualTo(2);
        assertThat(medallion.count(Role.TIE)).isEqualTo(6);
        assertThat(medallion.count(Role.BAIL)).isEqualTo(1);
        assertThat(medallion.onHub()).isEqualTo(12);
        assertThat(medallion.perUnit()).isEqualTo(6);
        assertThat(medallion.perArm()).isEqualTo(8);
        // links: 12 in an arm of one unit, 24 in one of two; 12 on each larger ring; 4 on each tie; 2 on the bail
        assertThat(medallion.linkCount()).isEqualTo(5 * 12 + 24 + 2 * 12 + 6 * 4 + 2);
        int tie = medallion.size() - 2;
        assertThat(medallion.roleOf(tie)).isEqualTo(Role.TIE);
        assertThat(medallion.neighbours(tie)).hasSize(4);
    }

    /** Arms one after another, then the larger rings, the ties, the bail; every ring in one stage, as many as come open and closed. */
    @Test
    void isMadeInStages() {
        var plan = new Plan(5, 2, 2, true, 1, true);
        CompositionWork work =
                CompositionWork.of(new Composition(Weaves.byId("byzantine"), plan), new Ring(1, 3.8), 1.2, Way.USUAL);
        List<CompositionStage> stages = work.stages();
        assertThat(stages.stream().map(CompositionStage::role))
                .containsExactly(Role.ARM, Role.ARM, Role.ARM, Role.ARM, Role.ARM, Role.HUB, Role.TIE, Role.BAIL);
        assertThat(stages.stream().limit(5).map(CompositionStage::part)).containsExactly(0, 1, 2, 3, 4);
        assertThat(stages.stream().mapToInt(CompositionStage::opened).sum())
                .isEqualTo(work.assembly().opened());
        assertThat(stages.stream().mapToInt(CompositionStage::closed).sum())
                .isEqualTo(work.assembly().preClosed());
        assertThat(stages.get(5).opened()).isEqualTo(2);
        assertThat(stages.get(5).through()).isEqualTo(work.composition().onHub());
        assertThat(stages.get(6).opened()).isEqualTo(5);
        assertThat(stages.get(6).through()).isEqualTo(4);
        assertThat(stages.get(0).closed() + stages.get(0).opened())
                .isEqualTo(work.composition().perArm() + work.composition().perUnit());
    }

    @ParameterizedTest
    @CsvSource({"byzantine, 4, 2, 1", "box-chain, 6, 3, 2", "double-chain, 3, 2, 1", "single-chain, 5, 4, 1"})
    void isPutTogetherRingByRing(String chain, int arms, int units, int hubs) {
        var composition = new Composition(Weaves.byId(chain), new Plan(arms, units, hubs, true, 1, true));
        Assembly assembly = Assembly.of(composition, Way.USUAL);
        var there = new HashSet<Integer>();
        int links = 0;
        int lastPart = 0;
        for (AssemblyStep step : assembly.steps()) {
            assertThat(there).containsAll(step.through());
            there.addAll(step.pickUp());
            there.add(step.ring());
            links += step.through().size() + step.pickUp().size();
            assertThat(composition.partOf(step.ring())).isGreaterThanOrEqualTo(lastPart);
            lastPart = composition.partOf(step.ring());
        }
        assertThat(there).hasSize(composition.size());
        assertThat(links).isEqualTo(composition.linkCount());
        assertThat(assembly.preClosed())
                .isLessThanOrEqualTo(LargestUnlinked.of(composition).size());
    }

    /** Beside a tie lie the ties next to it, which hold two of the same rings, and the rings folded back within the arms' ends. */
    @Test
    void looksFirstAtWhatTakesTheSameRoom() {
        var star = new Composition(Weaves.byId("byzantine"), new Plan(6, 1, 1, true, 0, false));
        int last = star.size() - 1;
        List<Integer> beside = star.beside(last, 6);
        assertThat(beside).hasSize(6).doesNotContain(last);
        assertThat(beside.stream().filter(n -> star.roleOf(n) == Role.TIE)).hasSize(2);
        for (int n : beside) {
            int shared = 0;
            for (int held : star.neighbours(last)) {
                shared += star.areLinked(n, held) ? 1 : 0;
            }
            assertThat(shared).isEqualTo(2);
        }
    }

    @Test
    void onlyChainsOfOneSizeMakeArms() {
        assertThatThrownBy(() -> new Composition(Weaves.byId("european-4-in-1"), new Plan(4, 1, 1, false, 0, false)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("makes no arms");
        assertThatThrownBy(() -> new Plan(2, 1, 1, false, 0, false)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Plan(4, 1, 3, false, 0, false)).isInstanceOf(Refusal.class);
    }

    /** The larger ring found leaves every two rings apart, by sampling; a hair smaller would not, at those tilts. */
    @ParameterizedTest
    @CsvSource({"1.0, 4.0, 6, 1.2", "0.8, 3.2, 12, 1.0", "1.2, 5.5, 8, 1.2", "0.9, 3.4, 5, 1.4"})
    void theLargerRingLeavesRoomAndNoMore(double wire, double inner, int count, double hubWire) {
        var small = new Ring(wire, inner);
        HubRing hub = HubRing.smallest(small, count, hubWire);
        double radius = (hub.innerDiameterMm() + hubWire) / 2;
        assertThat(shortBy(small, hub, count, hubWire, radius)).isLessThan(1e-4);
        assertThat(shortBy(small, hub, count, hubWire, radius * 0.995)).isGreaterThan(1e-4);
        assertThat(hub.innerDiameterMm()).isLessThanOrEqualTo(hub.untiltedInnerMm() + 1e-6);
    }

    /** By how much the worst pair lies too near, mm. */
    private static double shortBy(Ring small, HubRing hub, int count, double hubWire, double radius) {
        List<Circle> rings = HubRing.laid(
                small,
                count,
                radius,
                Math.toRadians(hub.tiltDegrees()),
                Math.toRadians(hub.swingDegrees()),
                hub.byTurns());
        var middle = new Circle(
                org.hipparchus.geometry.euclidean.threed.Vector3D.ZERO,
                org.hipparchus.geometry.euclidean.threed.Vector3D.PLUS_K,
                radius);
        double worst = 0;
        for (int a = 0; a < count; a++) {
            worst = Math.max(
                    worst, (small.wireDiameterMm() + hubWire) / 2 - Independent.gap(rings.get(a), middle, 4000));
            assertThat(Math.abs(Math.rint(Independent.gauss(rings.get(a), middle, 400))))
                    .isEqualTo(1);
            for (int b = a + 1; b < count; b++) {
                worst = Math.max(worst, small.wireDiameterMm() - Independent.gap(rings.get(a), rings.get(b), 4000));
            }
        }
        return worst;
    }

    /** Upright: inner wires just touch at R = r + d / (2 sin(π/N)), exactly. */
    @Test
    void uprightRingsFollowTheClosedForm() {
        HubRing hub = HubRing.smallest(new Ring(1, 4), 6, 1);
        assertThat(hub.untiltedInnerMm()).isCloseTo(2 * (2.5 + 1 / (2 * Math.sin(Math.PI / 6))) - 1, within(1e-12));
        assertThatThrownBy(() -> HubRing.smallest(new Ring(1, 4), 6, 4.2))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("does not go through");
    }

    @Test
    void everyFigureExplainsItself() {
        var composition = new Composition(Weaves.byId("byzantine"), new Plan(4, 2, 1, true, 0, true));
        CompositionWork work = CompositionWork.of(composition, new Ring(1, 3.8), 1.2, Way.USUAL);
        List<Figure> figures = work.figures(8.96);
        assertThat(figures).extracting(Figure::id).doesNotHaveDuplicates().contains("hub-inside", "piece-rings");
        assertThat(figures)
                .allMatch(
                        figure -> !figure.worked().isBlank() && !figure.source().isBlank());
        assertThat(work.hub().innerDiameterMm()).isEqualTo(work.hubSize().innerDiameterMm());
    }
}
