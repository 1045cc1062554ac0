package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.bend.program.BendProgram;
import toroid.core.bend.program.Frame;
import toroid.core.quantity.Note;

/** Outlines that turn out of their plane and meet themselves: eased past themselves, never stopped, and one curve from either end. */
class TurnedOutlineTest {
    private static FormWork solved(double d, List<OutlineRow> rows, String crossings) {
        return EveryForm.solve("outline", d, Map.of("bends", rows, "crossings", crossings, "symmetric", "no"));
    }

    /** Three to six bends of any size, every third on average after a turn of the wire. */
    private static List<OutlineRow> anyRows(Random random, double d) {
        var rows = new ArrayList<OutlineRow>();
        int bends = 3 + random.nextInt(4);
        for (int i = 0; i < bends; i++) {
            double turn = random.nextInt(3) == 0 ? 360 * random.nextDouble() - 180 : 0;
            rows.add(new OutlineRow(
                    d * (5 + 25 * random.nextDouble()),
                    turn,
                    30 + 150 * random.nextDouble(),
                    d * (1 + 5 * random.nextDouble())));
        }
        rows.add(new OutlineRow(d * 15, 0, 0, 0));
        return rows;
    }

    private static boolean crosses(FormWork work) {
        return work.notes().stream().anyMatch(note -> note.code().equals("crosses-itself"));
    }

    @ParameterizedTest
    @ValueSource(longs = {7, 11, 19})
    void noneOfAnySizeIsStopped(long seed) {
        var random = new Random(seed);
        int crossed = 0;
        for (int round = 0; round < 150; round++) {
            double d = 0.6 + random.nextDouble();
            List<OutlineRow> rows = anyRows(random, d);
            String rule = List.of("later wire over", "later wire under", "over and under in turn")
                    .get(round % 3);
            FormWork work = solved(d, rows, rule);
            assertThat(work.contacts()).as("%.2f wire, %s, %s", d, rows, rule).isEmpty();
            assertThat(work.notes()).noneMatch(note -> note.severity() == Note.Severity.STOP);
            if (crosses(work)) {
                crossed++;
                isOneCurve(work.wires().get(0).program());
            }
        }
        assertThat(crossed).isGreaterThan(30);
    }

    /** Its speed along itself is one, its frames are square, and told from its other end it is the same curve. */
    private static void isOneCurve(BendProgram program) {
        BendProgram back = program.reversed();
        double length = program.lengthMm();
        for (int k = 1; k < 40; k++) {
            double at = length * k / 40;
            Frame here = program.at(at);
            assertThat(back.at(length - at).position().distance(here.position()))
                    .isLessThan(1e-6);
            assertThat(here.tangent().dotProduct(here.normal())).isCloseTo(0, within(1e-9));
            double step = program.at(at + 1e-4)
                    .position()
                    .distance(program.at(at - 1e-4).position());
            assertThat(step).isCloseTo(2e-4, within(1e-7));
        }
    }

    /** A loop in a plane of its own, then the wire turned up: the later pass lies on the side told, a wire away, towards who laid it flat. */
    @ParameterizedTest
    @CsvSource({"later wire over, 1", "later wire under, -1"})
    void overIsTheSideThatFacedTheMaker(String rule, int side) {
        double turned = 50;
        FormWork work = solved(
                1,
                List.of(new OutlineRow(20, turned, 270, 5), new OutlineRow(20, 90, 60, 4), new OutlineRow(10, 0, 0, 0)),
                rule);
        assertThat(work.contacts()).isEmpty();
        Vector3D out = Frame.ORIGIN.rolled(Math.toRadians(turned)).binormal();
        BendProgram program = work.wires().get(0).program();
        double most = 0;
        for (int a = 0; a < 200; a++) {
            Vector3D first = program.at(20.0 * a / 200).position();
            for (int b = 0; b < 200; b++) {
                Vector3D second = program.at(46 + 20.0 * b / 200).position();
                Vector3D apart = second.subtract(first);
                double off = apart.dotProduct(out);
                if (Math.sqrt(apart.getNormSq() - off * off) < 0.1) {
                    most = off;
                }
            }
        }
        assertThat(most * side).isBetween(1.0, 1.1);
    }

    /** What it says of a crossing out of its plane names the side that over is. */
    @Test
    void theNoteTellsATurnedOne() {
        List<OutlineRow> loop = List.of(new OutlineRow(20, 0, 270, 5), new OutlineRow(20, 90, 60, 4));
        Map<String, Object> turned = note(solved(1, loop, "later wire over"));
        Map<String, Object> plane =
                note(solved(1, List.of(new OutlineRow(20, 0, 270, 5), new OutlineRow(20, 0, 0, 0)), "later wire over"));
        assertThat(turned).containsEntry("turned", true);
        assertThat(plane).containsEntry("turned", false);
    }

    private static Map<String, Object> note(FormWork work) {
        return work.notes().stream()
                .filter(note -> note.code().equals("crosses-itself"))
                .findFirst()
                .orElseThrow()
                .values();
    }
}
