package toroid.server.form;

import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import toroid.core.form.FormWork;
import toroid.core.form.FormedWire;
import toroid.core.form.Forming;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;

/** A form's bends played one by one, as points for drawing; coarser the more there are, and refused where even that is too much. */
public final class FormingView {
    /** How far a chord may stray, as shares of the wire's diameter, the finest first. */
    private static final double[] FINENESS = {0.008, 0.03, 0.1};

    /** Of all the shapes together. */
    private static final double MOST_POINTS = 400_000;

    private FormingView() {}

    /**
     * The wires once a step is made, as points: held in the tool, and let go.
     *
     * @param held null where nothing springs
     * @param sections of the free wires, as of a form worked out; empty for one that is round all along
     */
    public record Shape(
            @NotNull int stepsDone,
            List<double[]> held,
            @NotNull List<double[]> free,
            @NotNull List<double[]> sections) {}

    /** Whether even coarsely drawn there are too many. */
    static boolean isTooMuch(FormWork work) {
        return fineness(work).isEmpty();
    }

    private static OptionalDouble fineness(FormWork work) {
        return Arrays.stream(FINENESS)
                .filter(one -> points(work, one) <= MOST_POINTS)
                .findFirst();
    }

    static List<Shape> of(FormWork work) {
        double fineness = fineness(work)
                .orElseThrow(() -> Refusal.of(
                        ServerCode.TOO_MANY_BENDS, "steps", work.steps().size()));
        var shapes = new ArrayList<Shape>();
        for (int done = 0; done <= work.steps().size(); done++) {
            shapes.add(shape(work, done, fineness));
        }
        return shapes;
    }

    /** How far a chord may stray where many forms are drawn, as a share of the wire's diameter. */
    private static final double ROUGH = 0.012;

    /** The same let go, roughly, as drawn beside the bench; none where even that is too much. */
    static List<Shape> rough(FormWork work) {
        if (points(work, ROUGH) > MOST_POINTS) {
            return List.of();
        }
        return IntStream.rangeClosed(0, work.steps().size())
                .mapToObj(done -> new Shape(done, null, points(Forming.shapes(work, done, false), ROUGH), List.of()))
                .toList();
    }

    private static double points(FormWork work, double fineness) {
        double once = work.wires().stream()
                .mapToDouble(wire ->
                        wire.program().pointsSampled(fineness * wire.diameterMm(), Points.LONGEST * wire.diameterMm()))
                .sum();
        return 2 * once * (work.steps().size() + 1);
    }

    private static Shape shape(FormWork work, int done, double fineness) {
        boolean springs = done > 0 && work.steps().get(done - 1).toolMm() != null;
        List<FormedWire> free = Forming.shapes(work, done, false);
        return new Shape(
                done,
                springs ? points(Forming.shapes(work, done, true), fineness) : null,
                points(free, fineness),
                free.stream()
                        .map(wire -> Points.sections(wire, Points.of(wire, fineness)))
                        .toList());
    }

    private static List<double[]> points(List<FormedWire> wires, double fineness) {
        return wires.stream()
                .map(wire -> Points.flat(Points.of(wire, fineness)))
                .toList();
    }
}
