package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import toroid.core.bend.BendingMoment;
import toroid.core.form.Schools;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.piece.part.PartMaker;

class WeakestTest {
    private static final PartMaker.Stuff COPPER =
            new PartMaker.Stuff(Metals.byId("copper"), Temper.HALF_HARD, Schools.USUAL);

    /** What the ring's own page says of one wound to that inside: {@code π σ d³/32 / (D/2)}. */
    @Test
    void aChainGivesWhereItsThinnestRingDoes() {
        Weakest weakest =
                Weakest.of(PartsTest.solve("2 * ring 1.4/4 - ring 1/4 - 2 * ring 1.4/4"), BodyPart.WRIST, COPPER);
        assertThat(weakest.part()).isEqualTo(2);
        double yield = BendingMoment.effectiveYieldMpa(
                FlowEstimate.ofHandbook(COPPER.metal().flow(COPPER.temper())),
                1,
                COPPER.metal().youngsModulus().inMegapascals(),
                4);
        assertThat(weakest.staysOpenN()).isCloseTo(Math.PI * yield / 32 / 2.5, within(1e-6));
        assertThat(yield).isBetween(150.0, 450.0);
        assertThat(weakest.wantedN()).isEqualTo(30);
    }

    @Test
    void twoTurnsHoldTwiceAndASolderedRingAlways() {
        Weakest one = Weakest.of(PartsTest.solve("3 * ring 1/4"), BodyPart.NECK, COPPER);
        Weakest two = Weakest.of(PartsTest.solve("3 * ring 1/4 turns=2"), BodyPart.NECK, COPPER);
        assertThat(two.staysOpenN()).isCloseTo(2 * one.staysOpenN(), within(1e-9));
        Weakest mixed = Weakest.of(
                PartsTest.solve("ring 0.6/4 soldered - ring 1.4/4 - ring 0.6/4 soldered"), BodyPart.NECK, COPPER);
        assertThat(mixed.part()).isEqualTo(1);
    }

    @Test
    void aPlainLoopGivesAsARingAndAWrappedOneDoesNot() {
        Weakest plain = Weakest.of(
                PartsTest.solve("ring 2/4 - bead-link wire=0.8 first=plain second=plain - ring 2/4"),
                BodyPart.NECK,
                COPPER);
        assertThat(plain.part()).isEqualTo(1);
        Weakest wrapped = Weakest.of(
                PartsTest.solve("ring 2/4 - bead-link wire=0.8 first=wrapped second=wrapped - ring 2/4"),
                BodyPart.NECK,
                COPPER);
        assertThat(wrapped.part()).isNotEqualTo(1);
        // what hangs from the row bears its own weight and no pull
        Weakest hung = Weakest.of(
                PartsTest.solve("2 * ring 1.4/4 - ring 1.4/4 [ring 0.5/3 - stone 14/1.2] - ring 1.4/4"),
                BodyPart.NECK,
                COPPER);
        assertThat(hung.part()).isNotEqualTo(3);
    }
}
