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
import toroid.core.weave.Weaves;
import toroid.core.weave.assembly.Assembly;
import toroid.core.weave.assembly.AssemblyStep;
import toroid.core.weave.assembly.LargestUnlinked;
import toroid.core.weave.assembly.Way;
import toroid.core.weave.composition.Composition.Plan;
import toroid.core.weave.composition.Composition.Role;

class CompositionTest {
    private static final Ties NEAREST = new Ties(0, false);

    /** Counted by hand: six byzantine arms of three rows (2-2-2), two larger rings, six ties, two rows more, a bail. */
    @Test
    void countsAMedallionRingByRing() {
        var medallion = new Composition(
                Weaves.byId("byzantine"), new Plan(6, new ArmShape.Chain(3, 2), 0, 2, new Ties(0, true), true));
        assertThat(medallion.rowCounts()).containsExactly(2, 2, 2, 2, 2);
        assertThat(medallion.count(Role.ARM)).isEqualTo(5 * 6 + 10);
        assertThat(medallion.count(Role.HUB)).isEqualTo(2);
        assertThat(medallion.count(Role.TIE)).isEqualTo(6);
        assertThat(medallion.count(Role.BAIL)).isEqualTo(1);
        assertThat(medallion.onHub()).isEqualTo(12);
        assertThat(medallion.perArm()).isEqualTo(6);
        assertThat(medallion.longerBy()).isEqualTo(4);
        // links: every pair through the next, four; 12 on each larger ring; 4 on each tie; 2 on the bail
        assertThat(medallion.linkCount()).isEqualTo(5 * 8 + 16 + 2 * 12 + 6 * 4 + 2);
        int tie = medallion.size() - 1;
        assertThat(medallion.roleOf(tie)).isEqualTo(Role.TIE);
        assertThat(medallion.neighbours(tie)).hasSize(4);
    }

    /** Of a sheet 2-3-2: by hand, seven rings and eight links an arm; each tie through one ring of each arm. */
    @Test
    void armsAreAnyWholePatch() {
        var cross = new Composition(
                Weaves.byId("european-4-in-1"),
                new Plan(4, new ArmShape.Sheet(List.of(2, 3, 2), List.of(3, 2)), 0, 1, NEAREST, true));
        assertThat(cross.rowCounts()).containsExactly(2, 3, 2, 3, 2);
        assertThat(cross.perArm()).isEqualTo(7);
        assertThat(cross.count(Role.ARM)).isEqualTo(4 * 7 + 5);
        assertThat(cross.onHub()).isEqualTo(8);
        assertThat(cross.linkCount()).isEqualTo(4 * 8 + 8 + 8 + 4 * 2 + 2);
        int tie = cross.size() - 1;
        assertThat(cross.neighbours(tie)).hasSize(2);
    }

    /** The bail hangs from a short arm, opposite the longer one, where there is an arm. */
    @Test
    void theBailIsOppositeTheLongerArm() {
        for (int arms : new int[] {3, 4, 6, 7}) {
            var star = new Composition(
                    Weaves.byId("box-chain"), new Plan(arms, new ArmShape.Chain(2, 1), 0, 1, NEAREST, true));
            int bail = -1;
            for (int n = 0; n < star.size(); n++) {
                bail = star.roleOf(n) == Role.BAIL ? n : bail;
            }
            for (int held : star.neighbours(bail)) {
                assertThat(star.partOf(held)).isEqualTo(arms / 2);
                assertThat(star.rowOf(held)).isEqualTo(1);
            }
        }
    }

    /** Each tie joins two neighbouring arms at the row told, and no arm is left out. */
    @ParameterizedTest
    @CsvSource({"0, true", "1, true", "0, false", "1, false"})
    void tiesJoinNeighbours(int row, boolean all) {
        var star = new Composition(
                Weaves.byId("byzantine"), new Plan(5, new ArmShape.Chain(3, 1), 0, 1, new Ties(row, all), false));
        var joined = new HashSet<List<Integer>>();
        for (int n = 0; n < star.size(); n++) {
            if (star.roleOf(n) == Role.TIE) {
                var arms = new HashSet<Integer>();
                for (int held : star.neighbours(n)) {
                    assertThat(star.rowOf(held)).isEqualTo(row);
                    arms.add(star.partOf(held));
                }
                assertThat(arms).hasSize(2);
                assertThat(star.neighbours(n)).hasSize(all ? 4 : 2);
                joined.add(arms.stream().sorted().toList());
            }
        }
        assertThat(joined)
                .containsExactlyInAnyOrder(List.of(0, 1), List.of(1, 2), List.of(2, 3), List.of(3, 4), List.of(0, 4));
    }

    @ParameterizedTest
    @CsvSource({"byzantine, 4, 2, 1", "box-chain, 6, 3, 2", "double-chain, 3, 2, 1", "single-chain, 5, 4, 1"})
    void isPutTogetherRingByRing(String chain, int arms, int rows, int hubs) {
        var composition = new Composition(
                Weaves.byId(chain), new Plan(arms, new ArmShape.Chain(rows, 1), 0, hubs, NEAREST, true));
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
        // the ties are the last
        int last = assembly.steps().get(assembly.steps().size() - 1).ring();
        assertThat(composition.roleOf(last)).isEqualTo(Role.TIE);
    }

    /** Arms one after another, then the larger rings, the bail, the ties; every ring in one stage. */
    @Test
    void isMadeInStages() {
        var composition =
                new Composition(Weaves.byId("byzantine"), new Plan(5, new ArmShape.Chain(3, 2), 0, 2, NEAREST, true));
        Assembly assembly = Assembly.of(composition, Way.USUAL);
        List<CompositionStage> stages = CompositionStage.of(composition, assembly.steps());
        assertThat(stages.stream().map(CompositionStage::role))
                .containsExactly(Role.ARM, Role.ARM, Role.ARM, Role.ARM, Role.ARM, Role.HUB, Role.BAIL, Role.TIE);
        assertThat(stages.stream().limit(5).map(CompositionStage::part)).containsExactly(0, 1, 2, 3, 4);
        assertThat(stages.stream().mapToInt(CompositionStage::opened).sum()).isEqualTo(assembly.opened());
        assertThat(stages.stream().mapToInt(CompositionStage::closed).sum()).isEqualTo(assembly.preClosed());
        assertThat(stages.get(5).through()).isEqualTo(composition.onHub());
        assertThat(stages.get(7).opened()).isEqualTo(5);
        assertThat(stages.get(0).closed() + stages.get(0).opened())
                .isEqualTo(composition.perArm() + composition.longerBy());
    }

    /** Beside a tie through both rings of a pair lie the two ties next to it, which hold two of the same rings. */
    @Test
    void looksFirstAtWhatTakesTheSameRoom() {
        var star = new Composition(
                Weaves.byId("byzantine"), new Plan(6, new ArmShape.Chain(3, 0), 0, 1, new Ties(0, true), false));
        int last = star.size() - 1;
        List<Integer> beside = star.beside(last, 9);
        assertThat(beside).doesNotContain(last);
        assertThat(beside.stream().filter(n -> star.roleOf(n) == Role.TIE)).hasSize(2);
        assertThat(star.roleOf(beside.get(0))).isEqualTo(Role.HUB);
    }

    @Test
    void onlyWeavesOfOneSizeMakeArms() {
        assertThatThrownBy(() -> new Composition(
                        Weaves.byId("european-4-in-1"), new Plan(4, new ArmShape.Chain(2, 0), 0, 1, null, false)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("no-arms-of-");
        assertThatThrownBy(() -> new Composition(
                        Weaves.byId("byzantine"),
                        new Plan(4, new ArmShape.Sheet(List.of(2, 3), List.of()), 0, 1, null, false)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("no-arms-of-");
        assertThatThrownBy(() -> new Composition(
                        Weaves.byId("byzantine"), new Plan(4, new ArmShape.Chain(30, 10), 0, 1, null, false)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("from 1 to 24");
        assertThatThrownBy(() -> new Plan(2, new ArmShape.Chain(1, 0), 0, 1, null, false))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Plan(4, new ArmShape.Chain(1, 0), 0, 3, null, false))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new ArmShape.Chain(3, -1)).isInstanceOf(Refusal.class);
    }

    /**
     * {@code o / sin(π/n) − D}: six rings of 6 mm outside laid in a circle have their middles at the corners of a hexagon of side 6, so on a
     * circle of 12 mm (Euclid, Elements IV.15: a hexagon's side is its circle's radius).
     */
    @Test
    void thePlainRuleLaysRingsEdgeToEdge() {
        assertThat(PlainRule.innerMm(new toroid.core.ring.Ring(1, 4), 6, 1.2)).isCloseTo(12 - 1.2, within(1e-12));
        assertThat(PlainRule.innerMm(new toroid.core.ring.Ring(1, 4), 4, 1))
                .isCloseTo(6 * Math.sqrt(2) - 1, within(1e-12));
    }

    /** Every ring has one of two colours, and they add up. */
    @Test
    void twoColoursAddUp() {
        var star =
                new Composition(Weaves.byId("byzantine"), new Plan(4, new ArmShape.Chain(3, 1), 0, 2, NEAREST, true));
        for (StarColours colours : StarColours.values()) {
            int second = 0;
            for (int n = 0; n < star.size(); n++) {
                second += colours.of(star, n);
            }
            int expected = switch (colours) {
                case PLAIN -> 0;
                case ROWS -> 4 * 2 + 2;
                case ARMS -> 2 * 6;
                case BINDING -> 2 + 4 + 1;
            };
            assertThat(second).as("%s", colours).isEqualTo(expected);
        }
    }
}
