package toroid.core.bend.program;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** Programs as a whole: going to a place, wrapping an axis, telling backwards, joining halves. */
class ProgramTest {
    private static ProgramBuilder builder() {
        return new ProgramBuilder(Frame.ORIGIN);
    }

    /** Two arcs lead to any place in any direction, without a kink where they meet, no sharper than asked where there is room. */
    @Property(tries = 200)
    void twoArcsLeadAnywhere(
            @ForAll @DoubleRange(min = -20, max = 20) double x,
            @ForAll @DoubleRange(min = -20, max = 20) double y,
            @ForAll @DoubleRange(min = -20, max = 20) double z,
            @ForAll @DoubleRange(min = 0, max = 6.28) double round,
            @ForAll @DoubleRange(min = 0.2, max = 2.9) double up) {
        Vector3D place = new Vector3D(x, y, z);
        Vector3D way = new Vector3D(Math.sin(up) * Math.cos(round), Math.sin(up) * Math.sin(round), Math.cos(up));
        if (place.getNorm() < 0.5) {
            return;
        }
        var built = builder().straight(1);
        double sharpest = 0.05 + 0.1 * Math.abs(x);
        built.to(place.add(built.here().position()), way, sharpest);
        boolean turnsBack = Vector3D.angle(Vector3D.PLUS_I, place) > 1.8 || Vector3D.angle(place, way) > 1.8;
        if (place.getNorm() > 8 * sharpest && !turnsBack) {
            assertThat(built.build().sharpestRadiusMm()).isGreaterThan(0.99 * sharpest);
        }
        assertThat(built.here().position().distance(place.add(new Vector3D(1, 0, 0))))
                .isLessThan(1e-6);
        assertThat(built.here().tangent().distance(way)).isLessThan(1e-6);
        smooth(built.build());
    }

    /** From every point to the next the wire turns no more than its chord allows. */
    private static void smooth(BendProgram program) {
        List<WirePoint> points = program.sampled(0.01, 1);
        for (int i = 1; i < points.size(); i++) {
            double turn = Vector3D.angle(
                    points.get(i - 1).frame().tangent(), points.get(i).frame().tangent());
            assertThat(turn).isLessThan(0.51);
        }
    }

    @Test
    void framesStaySquareHoweverFarTheWireGoes() {
        var built = builder();
        for (int i = 0; i < 400; i++) {
            built.roll(0.3 * i).arc(1 + i % 3, 1.1).coil(new CoilSize(2, 0.7, 0.4, i % 2 == 0));
        }
        Frame end = built.here();
        assertThat(end.tangent().getNorm()).isCloseTo(1, within(1e-12));
        assertThat(end.normal().getNorm()).isCloseTo(1, within(1e-12));
        assertThat(end.tangent().dotProduct(end.normal())).isCloseTo(0, within(1e-12));
    }

    @Test
    void aNegativeBendGoesTheOtherWayAndBackAgain() {
        Frame end = builder().arc(2, -Math.PI / 2).arc(2, Math.PI / 2).build().end();
        assertThat(end.position().distance(new Vector3D(4, -4, 0))).isLessThan(1e-12);
        assertThat(end.tangent().distance(Vector3D.PLUS_I)).isLessThan(1e-12);
    }

    @Test
    void wrapsKeepTheirDistanceFromTheirAxisAndClimbByTheirPitch() {
        var built = builder().straight(3);
        Frame axis = new Frame(new Vector3D(10, 0, 0), Vector3D.PLUS_I, Vector3D.PLUS_K);
        built.wrap(new CoilSize(1.5, 1, 4, true), axis, 0.5);
        BendProgram program = built.build();
        double coil = 4 * Math.hypot(2 * Math.PI * 1.5, 1);
        double before = program.lengthMm() - coil;
        for (int k = 0; k <= 20; k++) {
            Vector3D p = program.at(before + coil * k / 20).position();
            assertThat(Math.hypot(p.getY(), p.getZ())).isCloseTo(1.5, within(1e-6));
            assertThat(p.getX()).isCloseTo(10 + 4.0 * k / 20, within(1e-6));
        }
    }

    @Test
    void halvesThatDoNotLeaveFromOnePlaceCannotBeJoined() {
        BendProgram right = builder().straight(5).build();
        BendProgram alsoRight = builder().straight(2).build();
        assertThatThrownBy(() -> right.joined(alsoRight)).isInstanceOf(IllegalArgumentException.class);
        Frame left = new Frame(Vector3D.ZERO, Vector3D.MINUS_I, Vector3D.PLUS_J);
        BendProgram whole = new ProgramBuilder(left).arc(2, 1).build().joined(right);
        assertThat(whole.lengthMm()).isCloseTo(7, within(1e-12));
        assertThat(whole.at(2).position().getNorm()).isLessThan(1e-9);
        smooth(whole);
    }

    @Test
    void aSpiralMayBeWalkedFromEitherEnd() {
        var spiral = new FlatSpiral(1, 5, 1);
        BendProgram inward =
                builder().straight(4).run(new SpiralRun(spiral, true, false)).build();
        BendProgram outward = inward.reversed();
        assertThat(outward.lengthMm()).isCloseTo(inward.lengthMm(), within(1e-12));
        for (double share : new double[] {0.1, 0.4, 0.8}) {
            Vector3D p = inward.at(share * inward.lengthMm()).position();
            Vector3D q = outward.at((1 - share) * inward.lengthMm()).position();
            assertThat(p.distance(q)).isLessThan(1e-6);
        }
        smooth(inward);
    }

    @Test
    void whileItIsFormedWhatIsNotMadeIsStraight() {
        var built = builder().step(1).straight(3).step(2).arc(2, 1).step(3).arc(1, 2);
        BendProgram program = built.build();
        assertThat(program.wireOfStepMm(3)).isCloseTo(2, within(1e-12));
        BendProgram half = program.formed(step -> step < 3);
        assertThat(half.sharpestRadiusMm()).isCloseTo(2, within(1e-12));
        assertThat(program.formed(step -> false).end().position().distance(new Vector3D(7, 0, 0)))
                .isLessThan(1e-12);
        assertThat(program.beginningsMm()).containsExactly(0, 3, 5, 7);
    }

    @Test
    void placesOutsideTheWireAreItsEnds() {
        BendProgram program = builder().straight(3).build();
        assertThat(program.at(-1).position()).isEqualTo(Vector3D.ZERO);
        assertThat(program.at(99).position().distance(new Vector3D(3, 0, 0))).isLessThan(1e-12);
    }
}
