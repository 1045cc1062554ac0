package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.bend.program.WirePoint;
import toroid.core.numeric.Refusal;

/** A neighbour gets into every port that is closed for good, played bend by bend: over a straight end, or before there is a loop. */
class WhileMadeTest {
    private static final int TRIES = 12;

    /** Bent no further than this from where it leaves the port to its end, an end is straight enough to slide a ring along. */
    private static final double STRAIGHT_DEGREES = 15;

    /** Turned less than this the port is no loop yet: an open bend lets a ring by. */
    private static final double OPEN_DEGREES = 215;

    static Stream<String> ids() {
        return EveryForm.ids();
    }

    /** As the trade has it: a wrapped loop takes its neighbour before it is wrapped, a curl the wire ends in before it is curled. */
    @ParameterizedTest
    @CsvSource({
        "wrapped-loop, loop, THREAD",
        "bead-link, first loop, WRAP",
        "bead-link, second loop, WRAP",
        "square-frame, loop, WRAP",
        "teardrop-link, 'doubled tail, curled', LOOP",
        "balled-link, innermost turn, BEND",
        "link-hook, foot, LOOP",
        "midwire-loop, middle loop, LEAVE"
    })
    void itGoesInBefore(String id, String port, FormStep.Kind next) {
        FormWork work = EveryForm.usual(id);
        int before = WhileMade.before(work.steps(), port(work, port));
        assertThat(work.steps().get(before).kind()).isEqualTo(next);
    }

    private static Port port(FormWork work, String name) {
        return work.ports().stream()
                .filter(one -> one.part().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("ids")
    void anEndIsFreeOrThereIsNoLoopYet(String id) {
        open(EveryForm.usual(id));
        var chance = new Random(id.hashCode());
        for (int i = 0; i < TRIES; i++) {
            FormWork work;
            try {
                work = FormSolver.solve(Forms.byId(id), AnyForm.request(Forms.byId(id), chance));
            } catch (Refusal cannotBeMade) {
                continue;
            }
            open(work);
        }
    }

    private static void open(FormWork work) {
        for (Port port : work.ports()) {
            if (port.opens() == Opening.WHILE_MADE && port.carriesMm() == 0) {
                int before = WhileMade.before(work.steps(), port);
                assertThat(before).as(port.part()).isBetween(1, work.steps().size() - 1);
                letsIn(work, port, before);
            }
        }
    }

    /** The wire at the port is found where it lies in the finished form; what is bent on either side of it by then is added up. */
    private static void letsIn(FormWork work, Port port, int before) {
        FormedWire done = wire(work.wires(), port.wire());
        List<WirePoint> finished = done.program().sampled(0.02 * done.diameterMm(), done.diameterMm());
        double from = Double.MAX_VALUE;
        double to = -1;
        for (WirePoint point : finished) {
            if (isRound(point, port)) {
                from = Math.min(from, point.alongMm());
                to = Math.max(to, point.alongMm());
            }
        }
        assertThat(to).as("there is wire round %s", port.part()).isPositive();
        FormedWire then = wire(Forming.shapes(work, before, false), port.wire());
        List<WirePoint> points = then.program().sampled(0.02 * done.diameterMm(), done.diameterMm());
        double all = done.program().lengthMm();
        boolean free = turned(points, 0, from) < STRAIGHT_DEGREES || turned(points, to, all) < STRAIGHT_DEGREES;
        boolean open = turned(points, from, to) < OPEN_DEGREES;
        assertThat(free || open)
                .as("%s: %s of %s before step %d", work.request(), port.part(), port.wire(), before + 1)
                .isTrue();
    }

    private static boolean isRound(WirePoint point, Port port) {
        Vector3D off = point.frame().position().subtract(port.centre());
        double away = off.getNorm();
        double middle = (port.insideMm() + port.wireMm()) / 2;
        return Math.abs(away - middle) < 0.6 * port.wireMm();
    }

    private static FormedWire wire(List<FormedWire> wires, String name) {
        return wires.stream().filter(one -> one.name().equals(name)).findFirst().orElseThrow();
    }

    /** How far the wire is turned between two places, degrees. */
    private static double turned(List<WirePoint> points, double from, double to) {
        double sum = 0;
        for (int i = 1; i < points.size(); i++) {
            if (points.get(i - 1).alongMm() >= from && points.get(i).alongMm() <= to) {
                double cosine = points.get(i - 1)
                        .frame()
                        .tangent()
                        .dotProduct(points.get(i).frame().tangent());
                sum += Math.toDegrees(Math.acos(Math.min(1, cosine)));
            }
        }
        return sum;
    }
}
