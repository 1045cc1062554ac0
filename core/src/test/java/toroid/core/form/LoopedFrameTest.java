package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import toroid.core.bend.program.WirePoint;

/** A frame closed loop in loop: the loops do hang in one another, and its rails carry the beads they are said to. */
class LoopedFrameTest {
    private static FormWork frame(Map<String, Object> values) {
        return EveryForm.solve("looped-frame", 1.2, values);
    }

    /** Going round the first loop one passes once, and only once, through the second's hole: they are linked. */
    @Property(tries = 60)
    void theLoopsHangInOneAnother(
            @ForAll @DoubleRange(min = 1.5, max = 8) double loop,
            @ForAll @DoubleRange(min = 30, max = 80) double high) {
        FormWork work = frame(Map.of("loop", loop, "high", high, "wide", 40, "rails", "left open"));
        assertThat(work.contacts()).isEmpty();
        List<WirePoint> first = points(work, "first loop, square to the frame");
        List<WirePoint> second = points(work, "second loop, in the frame");
        Vector3D middle = second.stream()
                .map(point -> point.frame().position())
                .reduce(Vector3D.ZERO, Vector3D::add)
                .scalarMultiply(1.0 / second.size());
        double hole = second.stream()
                .mapToDouble(point -> point.frame().position().distance(middle))
                .min()
                .orElseThrow();
        int through = 0;
        for (int i = 1; i < first.size(); i++) {
            Vector3D a = first.get(i - 1).frame().position();
            Vector3D b = first.get(i).frame().position();
            if (a.getZ() * b.getZ() < 0 && a.distance(middle) < hole) {
                through++;
            }
        }
        assertThat(through).isEqualTo(1);
    }

    private static List<WirePoint> points(FormWork work, String part) {
        List<Integer> steps = work.steps().stream()
                .filter(step -> step.part().equals(part) && step.kind() == FormStep.Kind.LOOP)
                .map(FormStep::id)
                .toList();
        FormedWire wire = work.wires().get(0);
        double at = 0;
        for (var bend : wire.program().bends()) {
            double end = at + bend.run().lengthMm();
            if (steps.contains(bend.step())) {
                double from = at;
                return wire.program().sampled(0.001, 0.02).stream()
                        .filter(point -> point.alongMm() >= from && point.alongMm() <= end)
                        .toList();
            }
            at = end;
        }
        throw new AssertionError("no bend of " + part);
    }

    /** Wider or higher by a length, it takes that length twice more. */
    @Test
    void itGrowsByItsSides() {
        double usual = EveryForm.inPieceMm(frame(Map.of("rails", "left open")), "frame");
        assertThat(EveryForm.inPieceMm(frame(Map.of("rails", "left open", "wide", 19)), "frame"))
                .isCloseTo(usual + 10, within(1e-9));
        assertThat(EveryForm.inPieceMm(frame(Map.of("rails", "left open", "high", 29)), "frame"))
                .isCloseTo(usual + 14, within(1e-9));
    }

    /** Beads: so many on each crossing, none in another, in a rail, or in a wrap; the weaving wire as long as its wraps and its crossings. */
    @Property(tries = 80)
    void rowsOfBeadsLieBetweenTheRails(
            @ForAll @DoubleRange(min = 1.5, max = 5) double bead,
            @ForAll @IntRange(min = 1, max = 4) int each,
            @ForAll @IntRange(min = 1, max = 4) int wraps,
            @ForAll @DoubleRange(min = 0.2, max = 0.6) double fine,
            @ForAll @IntRange(min = 2, max = 5) int rows) {
        double wide = each * bead + 2 * fine + 0.5;
        double pitch = Math.max(1.05 * fine, 1.01 * bead / (wraps + 0.5));
        double high = rows * (wraps + 0.5) * pitch + 20;
        FormWork work = frame(Map.of(
                "wide",
                Math.max(10, wide),
                "high",
                high,
                "across",
                "carry beads",
                "bead",
                bead,
                "hole",
                0.8,
                "each",
                each,
                "wraps",
                wraps,
                "fine",
                fine,
                "rows",
                rows));
        assertThat(work.contacts()).isEmpty();
        List<Solid> beads = work.solids();
        assertThat(beads).hasSize((rows - 1) * each);
        for (int i = 0; i < beads.size(); i++) {
            for (int k = 0; k < i; k++) {
                assertThat(beads.get(i).centre().distance(beads.get(k).centre()))
                        .isGreaterThan(bead - 1e-9);
            }
        }
        double turn = Math.hypot(2 * Math.PI * (1.2 + fine) / 2 * 1.005, pitch);
        double crossing = Math.hypot(Math.max(10, wide) + 1.2, (1.2 + fine) * 1.005);
        double least = rows * (wraps + 0.5) * turn + (rows - 1) * crossing;
        assertThat(EveryForm.inPieceMm(work, "weaving")).isBetween(least, 1.03 * least + rows * 1.5 + 8 * fine);
    }

    @Test
    void whatDoesNotGoBetweenIsRefusedWithWhatDoes() {
        assertThatThrownBy(() -> frame(Map.of("across", "carry beads", "bead", 6, "each", 3)))
                .hasMessageContaining("2");
        assertThatThrownBy(() -> frame(Map.of("across", "carry beads", "rows", 30)))
                .hasMessageContaining("rows");
    }

    @Test
    void oneWireCarriesSoManyBeads() {
        Map<String, Object> many =
                Map.of("between", 80, "across", "carry beads", "bead", 2, "each", 30, "rows", 60, "fine", 0.3);
        assertThatThrownBy(() -> EveryForm.solve("rail-wraps", 1.2, many))
                .hasMessageContaining("weave-it-in-several-lengths");
    }

    /** The frame is closed before it is woven across, and the beads of a row go on before its wraps. */
    @Test
    void closedThenWoven() {
        List<FormStep> steps = frame(Map.of("across", "carry beads")).steps();
        int closed = index(steps, FormStep.Kind.THREAD);
        assertThat(steps.get(closed).part()).contains("opened sideways");
        assertThat(closed).isLessThan(index(steps, FormStep.Kind.BIND));
        for (int i = closed + 1; i < steps.size(); i++) {
            if (steps.get(i).kind() == FormStep.Kind.THREAD) {
                assertThat(steps.get(i + 1).kind()).isEqualTo(FormStep.Kind.BIND);
            }
        }
    }

    private static int index(List<FormStep> steps, FormStep.Kind kind) {
        return steps.stream().map(FormStep::kind).toList().indexOf(kind);
    }
}
