package toroid.core.ring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.core.numeric.Refusal;

class CoilPlanTest {
    private static final RingCut SAW = new RingCut.Saw(0.3);
    private static final CoilAllowances HAND = new CoilAllowances(25, 40, 1, 180, Double.POSITIVE_INFINITY);

    private static CoilRequest job(int rings, RingCut cut, CoilAllowances hand) {
        return new CoilRequest(new Ring(1, 6), new Ring(1, 6.3), rings, 1, cut, hand);
    }

    /** Common practice: N turns wound leave N·D₀/D; wind N·D/D₀. Here D₀ 7, D 7.3. */
    @Test
    void windsSoManyThatSpringbackLeavesEnough() {
        Coil coil = CoilPlan.forJob(job(100, SAW, CoilAllowances.NONE)).coils().get(0);
        assertThat(coil.turnsWound()).isEqualTo((int) Math.ceil(100 * 7.3 / 7.0));
        assertThat(coil.turnsSprung()).isCloseTo(coil.turnsWound() * 7.0 / 7.3, within(1e-12));
        assertThat(coil.turnsSprung()).isGreaterThanOrEqualTo(100);
        assertThat(coil.leftoverTurns()).isCloseTo(coil.turnsSprung() - 100, within(1e-9));
    }

    /** Common practice: coil length for N turns ≈ (N + 1) d. */
    @Test
    void coilLengthAndWire() {
        Coil coil = CoilPlan.forJob(job(100, SAW, HAND)).coils().get(0);
        assertThat(coil.woundLengthMm()).isEqualTo((coil.turnsWound() + 1) * 1.0);
        assertThat(coil.wireMm()).isCloseTo(coil.turnsWound() * Math.hypot(Math.PI * 7, 1) + 25 + 40, within(1e-9));
        assertThat(coil.spoiltTurns()).isEqualTo(2);
    }

    /** Flush cutters, flipped: the coil yields ⌊coil wire/(ℓ_turn + trim)⌋ rings. */
    @Test
    void flippedCuttersUseUpTheCoil() {
        RingCut flush = new RingCut.Flush(0.8, true);
        Coil coil = CoilPlan.forJob(job(50, flush, CoilAllowances.NONE)).coils().get(0);
        double turn = new Ring(1, 6.3).turnLengthMm();
        assertThat(Math.floor(coil.turnsSprung() * turn / (turn + 0.8))).isGreaterThanOrEqualTo(50);
        assertThat(coil.turnsWound())
                .isGreaterThan(CoilPlan.forJob(job(50, SAW, CoilAllowances.NONE))
                        .coils()
                        .get(0)
                        .turnsWound());
    }

    @Property
    void coilsFitTheRodAndAddUp(
            @ForAll @IntRange(min = 1, max = 3000) int rings,
            @ForAll @DoubleRange(min = 20, max = 400) double rod,
            @ForAll @IntRange(min = 0, max = 3) int spoilt) {
        var hand = new CoilAllowances(25, 40, spoilt, rod, Double.POSITIVE_INFINITY);
        CoilPlan plan = CoilPlan.forJob(job(rings, SAW, hand));
        assertThat(plan.rings()).isEqualTo(rings);
        int most = plan.coils().stream().mapToInt(Coil::rings).max().orElseThrow();
        int least = plan.coils().stream().mapToInt(Coil::rings).min().orElseThrow();
        assertThat(most - least).isLessThanOrEqualTo(1);
        assertThat(plan.coils())
                .allSatisfy(coil -> assertThat(coil.woundLengthMm()).isLessThanOrEqualTo(rod));
    }

    /** Two rings are wound as two; from four on a turn at each end is thrown away, from eight two where that is the habit. */
    @ParameterizedTest
    @CsvSource({"1, 1, 0", "2, 1, 0", "3, 1, 0", "4, 1, 2", "100, 1, 2", "7, 2, 2", "8, 2, 4", "2, 0, 0"})
    void fewRingsThrowFewTurnsAway(int rings, int perEnd, int spoilt) {
        var hand = new CoilAllowances(25, 40, perEnd, 180, Double.POSITIVE_INFINITY);
        Coil coil = CoilPlan.forJob(job(rings, SAW, hand)).coils().get(0);
        assertThat(coil.spoiltTurns()).isEqualTo(spoilt);
        assertThat(coil.turnsSprung() - coil.leftoverTurns()).isCloseTo(rings + spoilt, within(1e-9));
    }

    /** Common practice: wire carried round a fixed rod is cut at about 1.5 m at most. */
    @Test
    void carriedWireIsCutInHandlengths() {
        var carried = new CoilAllowances(25, 40, 1, 3000, CoilAllowances.CARRIED_FEED_MM);
        CoilPlan plan = CoilPlan.forJob(job(300, SAW, carried));
        assertThat(plan.coils())
                .hasSizeGreaterThan(3)
                .allSatisfy(c -> assertThat(c.wireMm()).isLessThanOrEqualTo(1500));
    }

    @Property
    void whatALengthGivesNeedsNoMoreThanThatLength(@ForAll @DoubleRange(min = 0, max = 20_000) double length) {
        CoilPlan plan = CoilPlan.fromLength(job(CoilRequest.MOST_RINGS, SAW, HAND), length);
        assertThat(plan.wireMm()).isLessThanOrEqualTo(length);
        if (!plan.coils().isEmpty()) {
            CoilPlan same = CoilPlan.forJob(job(plan.rings(), SAW, HAND));
            assertThat(same.wireMm()).isLessThanOrEqualTo(length + 80);
        }
    }

    @Test
    void oneMoreRingThanALengthGivesDoesNotFitIt() {
        CoilRequest one = job(CoilRequest.MOST_RINGS, SAW, CoilAllowances.NONE);
        int rings = CoilPlan.fromLength(one, 1000).rings();
        assertThat(CoilPlan.forJob(job(rings, SAW, CoilAllowances.NONE)).wireMm())
                .isLessThanOrEqualTo(1000);
        assertThat(CoilPlan.forJob(job(rings + 1, SAW, CoilAllowances.NONE)).wireMm())
                .isGreaterThan(1000);
        assertThat(CoilPlan.fromLength(one, 10).coils()).isEmpty();
    }

    @Test
    void doubleRingsTakeTwoTurns() {
        var job = new CoilRequest(new Ring(1, 6), new Ring(1, 6), 40, 2, new RingCut.None(), CoilAllowances.NONE);
        assertThat(CoilPlan.forJob(job).coils().get(0).turnsWound()).isEqualTo(80);
    }

    @Test
    void aRodTooShortForOneRingIsSaid() {
        var stub = new CoilAllowances(0, 0, 10, 5, Double.POSITIVE_INFINITY);
        assertThatThrownBy(() -> CoilPlan.forJob(job(40, SAW, stub)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("longer-rod");
        assertThatThrownBy(() -> new CoilAllowances(-1, 0, 0, 100, 1500)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new CoilAllowances(0, 0, 0, 100, Double.NaN)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> job(0, SAW, HAND)).hasMessageContaining("ringCount");
    }
}
