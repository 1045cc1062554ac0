package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.analysis.integration.SimpsonIntegrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.form.Schools;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartSpec;

/** A cuff pulled over an ear's edge. */
class CuffFitTest {
    private static final PartMaker.Stuff COPPER =
            new PartMaker.Stuff(Metals.byId("copper"), Temper.HALF_HARD, Schools.USUAL);

    private static CuffFit fit(String line, double edge) {
        return CuffFit.of(PartsTest.solve(line), edge, PartsTest.parts(), COPPER);
    }

    /** Castigliano: a force F at the gap bends by F R (1 − cos φ), so it opens by F R³/(E I) ∫(1 − cos φ)² dφ round it; yield where the moment is 2 F R. */
    @Test
    void opensAsASplitRing() {
        double round =
                new SimpsonIntegrator().integrate(100_000, phi -> Math.pow(1 - Math.cos(phi), 2), 0, 2 * Math.PI);
        assertThat(round).isCloseTo(3 * Math.PI, within(1e-6));
        // at yield σ = M (d/2)/I, so δ = round R² σ/(E d) with σ some 220 MPa, E 117 GPa: R = 5.5, d = 1
        double back = CuffFit.comesBackMm(new PartSpec.CuffSize(10, 3, 1), COPPER);
        double perYield = round * 5.5 * 5.5 / 117_000;
        assertThat(back / perYield).isBetween(150.0, 400.0);
        // with the square of its radius, against its thickness
        double wider = CuffFit.comesBackMm(new PartSpec.CuffSize(21, 3, 1), COPPER);
        assertThat(wider / back).isBetween(3.0, 4.2);
    }

    @ParameterizedTest
    @ValueSource(doubles = {2, 3, 3.5, 4, 5, 6.5})
    void neverClosesFurtherThanItWasNorOpensFurtherThanItWasPulled(double edge) {
        CuffFit cuff = fit("ear-cuff gap=3", edge);
        assertThat(cuff.leastMm()).isBetween(3.0, Math.max(3, edge));
        assertThat(cuff.mostMm()).isBetween(cuff.leastMm(), Math.max(3, edge));
        assertThat(cuff.holds()).isEqualTo(edge > 3);
        assertThat(cuff.opensMm()).isCloseTo(Math.max(0, edge - 3), within(1e-12));
    }

    @Test
    void onlyCuffsOfAnEarAreOne() {
        assertThat(fit("fish-hook - beaded-dangle", 4)).isNull();
        assertThat(fit("winged-cuff [ring 0.8/3 - beaded-dangle bead=4]", 4).part())
                .isZero();
        assertThatThrownBy(() -> fit("ear-cuff", 80)).isInstanceOf(Refusal.class);
    }
}
