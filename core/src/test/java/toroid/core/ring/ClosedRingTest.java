package toroid.core.ring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import toroid.core.numeric.Refusal;

class ClosedRingTest {
    /** Common practice: a kerf makes the closed ring about k/π smaller. */
    @Test
    void aSawTakesAboutKerfOverPi() {
        Ring closed = ClosedRing.close(new Ring(1, 6), new RingCut.Saw(0.3), 1);
        assertThat(closed.innerDiameterMm()).isCloseTo(6 - 0.3 / Math.PI, within(0.01));
        assertThat(closed.wireLengthMm()).isCloseTo(new Ring(1, 6).turnLengthMm() - 0.3, within(1e-12));
    }

    @Test
    void cuttersLeaveTheInsideAsItIs() {
        Ring sprung = new Ring(1, 6);
        assertThat(ClosedRing.close(sprung, new RingCut.Flush(0.75, true), 1)).isEqualTo(sprung);
        assertThat(ClosedRing.close(sprung, new RingCut.None(), 1)).isEqualTo(sprung);
        assertThat(new RingCut.Flush(0.75, true).coilLossPerRingMm()).isEqualTo(0.75);
        assertThat(new RingCut.Flush(0.75, false).coilLossPerRingMm()).isZero();
        assertThat(RingCut.Flush.usualFor(1.2).trimMm()).isCloseTo(0.9, within(1e-12));
    }

    @Property
    void closingAndItsInverseComeBack(
            @ForAll @DoubleRange(min = 0.3, max = 3) double d,
            @ForAll @DoubleRange(min = 2, max = 20) double inner,
            @ForAll @DoubleRange(min = 0, max = 0.6) double kerf,
            @ForAll @IntRange(min = 1, max = 4) int turns) {
        Ring sprung = new Ring(d, inner);
        RingCut saw = new RingCut.Saw(kerf);
        Ring back = ClosedRing.before(ClosedRing.close(sprung, saw, turns), saw, turns);
        assertThat(back.innerDiameterMm()).isCloseTo(inner, within(1e-9));
    }

    @Property
    void moreKerfGivesASmallerRing(
            @ForAll @DoubleRange(min = 0.3, max = 2) double d, @ForAll @DoubleRange(min = 2, max = 20) double inner) {
        double last = Double.MAX_VALUE;
        for (double kerf = 0; kerf < 1; kerf += 0.1) {
            double closed = ClosedRing.close(new Ring(d, inner), new RingCut.Saw(kerf), 1)
                    .innerDiameterMm();
            assertThat(closed).isLessThan(last);
            last = closed;
        }
    }

    @Test
    void theLossIsSharedByTheTurnsOfADoubleRing() {
        Ring sprung = new Ring(1, 6);
        double single = ClosedRing.close(sprung, new RingCut.Saw(0.4), 1).innerDiameterMm();
        double triple = ClosedRing.close(sprung, new RingCut.Saw(0.4), 3).innerDiameterMm();
        assertThat(triple).isGreaterThan(single).isLessThan(6);
        assertThat(ClosedRing.close(sprung, new RingCut.Saw(0), 2).innerDiameterMm())
                .isCloseTo(6, within(1e-12));
    }

    @Test
    void aKerfThatLeavesNoHoleIsRefused() {
        assertThatThrownBy(() -> ClosedRing.close(new Ring(1, 0.5), new RingCut.Saw(1.9), 1))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("finer-blade");
        assertThatThrownBy(() -> new RingCut.Saw(3)).hasMessageContaining("2 mm");
        assertThatThrownBy(() -> new RingCut.Saw(Double.NaN)).isInstanceOf(Refusal.class);
    }

    /** F = M_p/(D/2), M_p = σ d³/6: copper half hard, d 1, D 7: 220/6/3.5 = 10.48 N by hand; stays open at 3π/16 of it. */
    @Test
    void strengthByHand() {
        RingStrength strength = RingStrength.of(new Ring(1, 6), 220, 1);
        assertThat(strength.opens().inNewtons()).isCloseTo(10.476, within(0.001));
        assertThat(strength.staysOpen().inNewtons()).isCloseTo(10.476 * 3 * Math.PI / 16, within(0.001));
        assertThat(strength.use()).isEqualTo(RingStrength.Use.EARRING);
        assertThat(RingStrength.of(new Ring(1, 6), 220, 2).opens().inNewtons()).isCloseTo(20.952, within(0.001));
        assertThat(RingStrength.of(new Ring(0.4, 6), 70, 1).use()).isEqualTo(RingStrength.Use.SOLDER_IT);
        assertThat(RingStrength.of(new Ring(2, 6), 430, 1).use()).isEqualTo(RingStrength.Use.BRACELET);
    }

    @Property
    void aBiggerRingInTheSameWireIsWeaker(
            @ForAll @DoubleRange(min = 0.3, max = 3) double d, @ForAll @DoubleRange(min = 1, max = 30) double inner) {
        assertThat(RingStrength.of(new Ring(d, inner * 1.1), 300, 1).opens().inNewtons())
                .isLessThan(RingStrength.of(new Ring(d, inner), 300, 1).opens().inNewtons());
    }
}
