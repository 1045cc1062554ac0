package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.form.Forms;
import toroid.core.form.Port;
import toroid.core.numeric.Refusal;
import toroid.core.piece.part.Body;
import toroid.core.piece.part.PartWork;

/** Parts bent over a rod when they are done. */
class DomedTest {
    private static PartWork part(String line) {
        return PartsTest.solve(line).parts().get(0);
    }

    /** An arc of length L and radius R has a chord of 2 R sin(L/2R) and a bow of R (1 − cos(L/2R)); any handbook. */
    @ParameterizedTest
    @ValueSource(doubles = {40, 54, 70, 140, 400})
    void itsSpanIsTheChordOfItsArc(double inside) {
        double flat = part("hammered-bar long=30").spanMm();
        PartWork domed = part("hammered-bar long=30 domed=" + inside);
        double radius = (inside + domed.first().wireMm()) / 2;
        // its loops tilt with the arc and are as wide as ever
        double reach = flat / 2 / radius;
        assertThat(domed.spanMm()).isCloseTo(2 * radius * Math.sin(reach), within(0.03 * flat * reach));
        assertThat(domed.bowMm()).isCloseTo(radius * (1 - Math.cos(reach)), within(1e-6));
        assertThat(domed.massG()).isEqualTo(part("hammered-bar long=30").massG());
    }

    static List<String> ids() {
        return Forms.all().stream()
                .filter(form -> !form.comesApart())
                .map(form -> form.info().id())
                .filter(DomedTest::hangs)
                .toList();
    }

    private static boolean hangs(String id) {
        try {
            part(id);
            return true;
        } catch (Refusal nothing) {
            return false;
        }
    }

    /** Every form of two ends: wires keep their length along the middle within a twentieth, its ports stay where its wire is. */
    @ParameterizedTest
    @MethodSource("ids")
    void everyFormFollowsTheRod(String id) {
        PartWork flat = part(id);
        if (!flat.goesOn() || flat.first() == flat.last()) {
            assertThatThrownBy(() -> part(id + " domed=60")).isInstanceOf(Refusal.class);
            return;
        }
        var chance = new Random(id.hashCode());
        double inside = Math.ceil(flat.spanMm() * (1 + 3 * chance.nextDouble()));
        PartWork domed = part(id + " domed=" + inside);
        assertThat(domed.spanMm()).isLessThan(flat.spanMm() + 1e-6);
        Body before = flat.spec().body(PartsTest.parts());
        Body after = domed.spec().body(PartsTest.parts());
        for (int i = 0; i < before.tubes().size(); i++) {
            double high = before.tubes().get(i).points().stream()
                    .mapToDouble(point -> Math.abs(point.subtract(flat.first().centre())
                            .dotProduct(flat.first().axis())))
                    .max()
                    .orElse(0);
            double share = 1 - 2 * high / inside;
            assertThat(length(after.tubes().get(i)) / length(before.tubes().get(i)))
                    .as(id)
                    .isBetween(share - 0.02, 2 - share + 0.02);
        }
        assertThat(nearest(after, domed.first())).as(id).isLessThan(nearest(before, flat.first()) + 0.3);
        assertThat(nearest(after, domed.last())).as(id).isLessThan(nearest(before, flat.last()) + 0.3);
    }

    private static double nearest(Body body, Port port) {
        return body.tubes().stream()
                .flatMap(tube -> tube.points().stream())
                .mapToDouble(port.centre()::distance)
                .min()
                .orElseThrow();
    }

    private static double length(Body.Tube tube) {
        double length = 0;
        for (int i = 1; i < tube.points().size(); i++) {
            length += Vector3D.distance(tube.points().get(i - 1), tube.points().get(i));
        }
        return length;
    }

    /** Laid out or closed, the outside of every domed part is to the front, whichever way round it hangs. */
    @Test
    void itsOutsideIsInFront() {
        PieceWork work =
                PartsTest.solve("s-hook - 5 * (ring 1/4 - hammered-bar long=30 domed=52 - ring 1/3.5) - ring 1.2/5");
        for (Laid laid : List.of(Laid.of(work, Laid.Way.ALONG), Laid.round(work))) {
            for (int i : work.row()) {
                Vector3D bow = work.parts().get(i).bow();
                assertThat(laid.places().get(i).turn().applyTo(bow).getZ())
                        .isCloseTo(bow.getNorm(), within(0.1 * bow.getNorm() + 1e-9));
            }
        }
    }

    @Test
    void itIsWrittenSetScaledAndTakenBack() {
        var bar =
                ((Piece.One) PieceLine.read("hammered-bar domed=54").elements().get(0)).part();
        assertThat(bar.written()).isEqualTo("hammered-bar domed=54");
        assertThat(bar.with("domed", 0.0).written()).isEqualTo("hammered-bar");
        assertThat(bar.scaled(2).written()).contains("domed=108");
        assertThatThrownBy(() -> part("hammered-bar long=30 domed=12")).isInstanceOf(Refusal.class);
    }
}
