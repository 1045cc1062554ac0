package toroid.core.bend.program;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.integration.RombergIntegrator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import toroid.core.numeric.Refusal;

/** Lengths of the runs against Hipparchus quadrature of their curves, and their places against the curves themselves. */
class RunsTest {
    private static double quadrature(UnivariateFunction speed, double from, double to) {
        return new RombergIntegrator(1e-12, 1e-12, 3, 30).integrate(5_000_000, speed, from, to);
    }

    @Test
    void aHelixIsAsLongAsItsQuadratureAndClimbsItsPitch() {
        double radius = 1.7;
        double pitch = 0.9;
        ScrewRun helix = ScrewRun.helix(radius, pitch, 5.25, true);
        double byQuadrature = quadrature(t -> Math.hypot(radius, pitch / (2 * Math.PI)), 0, 5.25 * 2 * Math.PI);
        assertThat(helix.lengthMm()).isCloseTo(byQuadrature, within(1e-9));
        Frame start =
                Frame.at(new Vector3D(radius, 0, 0), new Vector3D(0, 2 * Math.PI * radius, pitch), Vector3D.MINUS_I);
        Vector3D end = helix.at(start, helix.lengthMm()).position();
        assertThat(end.getZ()).isCloseTo(5.25 * pitch, within(1e-9));
        assertThat(Math.hypot(end.getX(), end.getY())).isCloseTo(radius, within(1e-9));
        assertThat(Math.atan2(end.getY(), end.getX())).isCloseTo(Math.PI / 2, within(1e-9));
    }

    @Test
    void aLeftHandedHelixIsTheMirrorImage() {
        Frame start = Frame.ORIGIN;
        Frame right = ScrewRun.helix(2, 1, 1.3, true).at(start, 5);
        Frame left = ScrewRun.helix(2, 1, 1.3, false).at(start, 5);
        assertThat(left.position().getZ()).isCloseTo(-right.position().getZ(), within(1e-12));
        assertThat(left.position().getX()).isCloseTo(right.position().getX(), within(1e-12));
    }

    @Test
    void aQuarterArcEndsWhereItsCircleSays() {
        Frame end = ScrewRun.arc(3, Math.PI / 2).at(Frame.ORIGIN, 3 * Math.PI / 2);
        assertThat(end.position().distance(new Vector3D(3, 3, 0))).isLessThan(1e-12);
        assertThat(end.tangent().distance(Vector3D.PLUS_J)).isLessThan(1e-12);
    }

    @Test
    void aFlatSpiralIsAsLongAsItsQuadratureAndNearTheRuleOfThumb() {
        var spiral = new FlatSpiral(0.75, 6.25, 1);
        double a = 1 / (2 * Math.PI);
        double byQuadrature = quadrature(theta -> Math.hypot(0.75 + a * theta, a), 0, 5.5 * 2 * Math.PI);
        assertThat(spiral.lengthMm()).isCloseTo(byQuadrature, within(1e-8));
        // Common practice: length ≈ π (r₁² − r₀²)/s for a close spiral.
        assertThat(spiral.lengthMm()).isCloseTo(Math.PI * (6.25 * 6.25 - 0.75 * 0.75), within(0.3));
        assertThat(spiral.turns()).isCloseTo(5.5, within(1e-12));
    }

    @Test
    void aFlatSpiralKeepsItsSpacingFromTurnToTurn() {
        var spiral = new FlatSpiral(1, 5, 1.2);
        double first = spiral.at(2).position().getNorm();
        double theta = (first - 1) / (1.2 / (2 * Math.PI));
        double next = first + 1.2;
        double along =
                quadrature(t -> Math.hypot(1 + 1.2 / (2 * Math.PI) * t, 1.2 / (2 * Math.PI)), 0, theta + 2 * Math.PI);
        assertThat(spiral.radiusAt(along)).isCloseTo(next, within(1e-8));
    }

    @Test
    void aDomedSpiralIsAsLongAsItsQuadratureAndStaysOnItsBall() {
        double ball = 4.4;
        double spacing = 0.8;
        double from = 0.2;
        double to = 1.4;
        var spiral = new DomedSpiral(ball, from, to, spacing);
        double a = spacing / (2 * Math.PI * ball);
        double byQuadrature = quadrature(psi -> ball / a * Math.hypot(a, Math.sin(psi)), from, to);
        assertThat(spiral.lengthMm()).isCloseTo(byQuadrature, within(1e-7));
        for (double share : new double[] {0, 0.3, 0.77, 1}) {
            Frame frame = spiral.at(share * spiral.lengthMm());
            assertThat(frame.position().getNorm()).isCloseTo(ball, within(1e-9));
            assertThat(frame.tangent().dotProduct(frame.position())).isCloseTo(0, within(1e-9));
        }
    }

    /** Row j of wire wrapped over a bead of radius R is about {@code 2π(R + d/2) sin(j d/(R + d/2))} long; common practice. */
    @Test
    void rowsOverABeadWidenAsTheRuleSays() {
        double bead = 4;
        double d = 0.8;
        double ball = bead + d / 2;
        var spiral = new DomedSpiral(ball, 2 * d / ball - d / (2 * ball), 2 * d / ball + d / (2 * ball), d);
        double rule = 2 * Math.PI * ball * Math.sin(2 * d / ball);
        assertThat(spiral.lengthMm()).isCloseTo(rule, within(0.02 * rule));
    }

    @Test
    void aCoiledCoilIsAsLongAsItsQuadratureAndNearTheTwoStepRule() {
        double d = 0.4;
        double core = 0.8;
        double outer = core + 2 * d;
        double radius = (3 + outer) / 2;
        double first = 60;
        double turns = first / d;
        double second = first / Math.hypot(2 * Math.PI * radius, outer);
        var coil = new CoiledCoil(new CoilSize(radius, outer, second, true), (core + d) / 2, turns);
        // finite differences of the places themselves
        int steps = 60_000;
        double sum = 0;
        Vector3D before = coil.at(0).position();
        for (int i = 1; i <= steps; i++) {
            Vector3D next = coil.at(coil.lengthMm() * i / steps).position();
            sum += next.distance(before);
            before = next;
        }
        assertThat(coil.lengthMm()).isCloseTo(sum, within(1e-4 * sum));
        // A/d turns of √((π(c + d))² + d²): the coil's wire before it is bent round the rod.
        double rule = turns * Math.hypot(Math.PI * (core + d), d);
        assertThat(coil.lengthMm()).isCloseTo(rule, within(0.04 * rule));
    }

    @Test
    void aLeaningCoilIsAsLongAsItsPlacesAndANarrowerHelix() {
        var size = new CoilSize(1.4, 2.1, 6, false);
        var coil = new LeaningCoil(size, 0.4);
        int steps = 60_000;
        double sum = 0;
        double wide = 0;
        Vector3D before = coil.at(0).position();
        for (int i = 1; i <= steps; i++) {
            Vector3D next = coil.at(coil.lengthMm() * i / steps).position();
            sum += next.distance(before);
            wide = Math.max(wide, Math.abs(next.getY()));
            before = next;
        }
        assertThat(coil.lengthMm()).isCloseTo(sum, within(1e-6 * sum));
        assertThat(wide).isCloseTo(1.4 * Math.cos(0.4), within(1e-6));
        double helix = 6 * Math.hypot(2 * Math.PI * 1.4, 2.1);
        assertThat(new LeaningCoil(size, 0).lengthMm()).isCloseTo(helix, within(1e-9));
    }

    @Test
    void whatCannotBeIsRefusedWithItsLimits() {
        assertThatThrownBy(() -> new FlatSpiral(2, 1, 1))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("outerRadiusMm");
        assertThatThrownBy(() -> ScrewRun.straight(Double.NaN)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new CoilSize(1, -1, 3, true))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("pitchMm");
    }
}
