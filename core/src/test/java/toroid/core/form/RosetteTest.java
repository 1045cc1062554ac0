package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import toroid.core.bend.program.WirePoint;

/** What a rosette hangs by is beyond its petals, whatever their number and size. */
class RosetteTest {
    @Test
    void itsLoopStandsOutsideItsPetals() {
        var chance = new Random(6);
        for (int i = 0; i < 40; i++) {
            int petals = 3 + chance.nextInt(12);
            double rod = 6 + 34 * chance.nextDouble();
            FormWork work = EveryForm.solve(
                    "rosette", 0.8, Map.of("petals", petals, "rod", rod, "end", "turned to a loop", "loop", 2.5));
            Port loop = work.ports().get(0);
            assertThat(furthestPetal(work, petals, rod))
                    .as("%d petals on %.1f", petals, rod)
                    .isLessThan(flat(loop.centre()).distance(middle(work, petals, rod)) - loop.insideMm() / 2);
        }
    }

    /** The coil without its neck and loop: as long as its turns and one to spare. */
    private static List<Vector3D> petals(FormWork work, int petals, double rod) {
        double coil = petals * Math.PI * (rod + 0.8);
        return work.wires().get(0).program().sampled(0.05, 1).stream()
                .filter(point -> point.alongMm() < coil)
                .map(WirePoint::frame)
                .map(frame -> flat(frame.position()))
                .toList();
    }

    private static Vector3D middle(FormWork work, int petals, double rod) {
        List<Vector3D> places = petals(work, petals, rod);
        return places.stream().reduce(Vector3D.ZERO, Vector3D::add).scalarMultiply(1.0 / places.size());
    }

    private static double furthestPetal(FormWork work, int petals, double rod) {
        Vector3D middle = middle(work, petals, rod);
        return petals(work, petals, rod).stream()
                .mapToDouble(middle::distance)
                .max()
                .orElseThrow();
    }

    private static Vector3D flat(Vector3D place) {
        return new Vector3D(place.getX(), place.getY(), 0);
    }
}
