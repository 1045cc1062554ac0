package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.bend.program.Run;
import toroid.core.bend.program.ScrewRun;
import toroid.core.bend.program.WirePoint;
import toroid.core.metal.Temper;

/** Mirrored twins: the same marks and bends, and what goes round in a screw goes round the other way. */
class TwinsTest {
    static Stream<String> ids() {
        return Forms.all().stream().map(form -> form.info().id());
    }

    private static FormWork made(String id, boolean left) {
        FormRequest usual = EveryForm.request(Forms.byId(id).info().usualWireMm(), Temper.DEAD_SOFT, Map.of());
        return FormSolver.solve(
                Forms.byId(id),
                new FormRequest(
                        usual.wireDiameterMm(),
                        usual.metal(),
                        usual.temper(),
                        usual.flow(),
                        usual.values(),
                        left,
                        usual.schools()));
    }

    /** Whole turns of a screw in one go. */
    private static double turns(Run run) {
        return run instanceof ScrewRun screw && screw.torsion() != 0
                ? screw.lengthMm() * Math.hypot(screw.curvature(), screw.torsion()) / (2 * Math.PI)
                : 0;
    }

    @ParameterizedTest
    @MethodSource("ids")
    void theOtherHandIsTheMirrorImageByTheSameSteps(String id) {
        FormWork right = made(id, false);
        FormWork left = made(id, true);
        assertThat(left.steps()).isEqualTo(right.steps());
        for (int k = 0; k < right.wires().size(); k++) {
            double d = right.wires().get(k).diameterMm();
            List<WirePoint> its = right.wires().get(k).program().sampled(0.01 * d, d);
            List<WirePoint> twins = left.wires().get(k).program().sampled(0.01 * d, d);
            assertThat(twins).hasSameSizeAs(its);
            for (int i = 0; i < its.size(); i++) {
                Vector3D at = its.get(i).frame().position();
                var mirrored = new Vector3D(-at.getX(), at.getY(), at.getZ());
                assertThat(twins.get(i).frame().position().distance(mirrored)).isCloseTo(0, within(1e-6));
            }
        }
    }

    /** Nothing goes round in a screw by a step that does not say so, so that nobody is told to wind a twin as the first. */
    @ParameterizedTest
    @MethodSource("ids")
    void whatGoesRoundInAScrewIsToldSo(String id) {
        FormWork work = made(id, false);
        boolean screws = work.wires().stream()
                .flatMap(wire -> wire.program().bends().stream())
                .anyMatch(bend -> turns(bend.run()) >= 1);
        assertThat(!screws || work.steps().stream().anyMatch(FormStep::winds)).isTrue();
    }
}
