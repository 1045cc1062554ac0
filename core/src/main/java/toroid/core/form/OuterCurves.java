package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.Bend;
import toroid.core.bend.program.WirePoint;
import toroid.core.numeric.Effort;

/**
 * Curves that may be hammered: wide enough to be no crisp corner, no loop that still opens or carries, and for the most part not nearer to
 * other wire or to a bead than a hammer's face leaves whole (common practice: outer curves, never crossings).
 */
final class OuterCurves {
    private static final Set<FormStep.Kind> CURVES =
            Set.of(FormStep.Kind.BEND, FormStep.Kind.FORM, FormStep.Kind.SPIRAL, FormStep.Kind.FOLD);

    /** Bends tighter than this inside, in wires, are corners. */
    private static final double CORNER = 1.5;

    /** Free of other wire by so much, in wires. */
    private static final double FREE = 0.5;

    /** Free of a bead by so much: it is struck all too easily. */
    private static final double BEAD_FREE_MM = 3;

    /** So much of a curve has to lie free; the rest is left alone. */
    private static final double LEAST_SHARE = 0.5;

    private static final double CLOSE = 1e-9;

    private final List<FormedWire> wires;
    private final List<Solid> solids;
    private final List<List<WirePoint>> points;
    private final NearPoints near;

    private OuterCurves(List<FormedWire> wires, List<Solid> solids) {
        this.wires = wires;
        this.solids = solids;
        points = wires.stream()
                .map(wire -> wire.program().sampled(0.02 * wire.diameterMm(), wire.diameterMm()))
                .toList();
        double thickest =
                wires.stream().mapToDouble(FormedWire::diameterMm).max().orElseThrow();
        near = new NearPoints(touch(thickest, thickest));
        for (int w = 0; w < wires.size(); w++) {
            near.add(w, points.get(w));
        }
    }

    /** Their steps' parts, each once, in the order they are formed. */
    static List<String> of(List<FormedWire> wires, List<Solid> solids, List<FormStep> steps) {
        var search = new OuterCurves(wires, solids);
        var curves = new ArrayList<String>();
        for (FormStep step : steps) {
            if (CURVES.contains(step.kind()) && !curves.contains(step.part()) && search.isFree(step)) {
                curves.add(step.part());
            }
        }
        return curves;
    }

    private boolean isFree(FormStep step) {
        for (int w = 0; w < wires.size(); w++) {
            if (wires.get(w).name().equals(step.wire())) {
                return !wires.get(w).follows() && isFree(w, step.id());
            }
        }
        return false;
    }

    private boolean isFree(int w, int step) {
        double d = wires.get(w).diameterMm();
        double from = 0;
        double curved = 0;
        double free = 0;
        for (Bend bend : wires.get(w).program().bends()) {
            double to = from + bend.run().lengthMm();
            double curvature = bend.run().flat().sharpestCurvature();
            if (bend.step() == step && curvature > CLOSE) {
                if (2 / curvature - d < CORNER * d) {
                    return false;
                }
                curved += to - from;
                free += (to - from) * freeShare(w, from, to);
            }
            from = to;
        }
        return free > 0 && free >= LEAST_SHARE * curved;
    }

    private double freeShare(int w, double from, double to) {
        double d = wires.get(w).diameterMm();
        int all = 0;
        int free = 0;
        for (WirePoint point : between(points.get(w), from - CLOSE, to + CLOSE)) {
            Effort.check();
            all++;
            free += clearOfBeads(point, d) && clearOfWire(w, point, d) ? 1 : 0;
        }
        return all == 0 ? 0 : (double) free / all;
    }

    /** Those along that stretch; they are in order. */
    private static List<WirePoint> between(List<WirePoint> points, double from, double to) {
        return points.subList(firstAt(points, from), firstAt(points, to));
    }

    private static int firstAt(List<WirePoint> points, double alongMm) {
        int low = 0;
        int high = points.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (points.get(middle).alongMm() < alongMm) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private boolean clearOfBeads(WirePoint point, double d) {
        return solids.stream().allMatch(solid -> solid.outsideMm(point.frame().position()) >= BEAD_FREE_MM + d / 2);
    }

    private boolean clearOfWire(int w, WirePoint point, double d) {
        Vector3D place = point.frame().position();
        return !near.any(place, other -> {
            double touch = touch(d, wires.get(other.wire()).diameterMm());
            boolean own = other.wire() == w && Math.abs(other.point().alongMm() - point.alongMm()) < Math.PI * touch;
            return !own && other.point().frame().position().distanceSq(place) < touch * touch;
        });
    }

    private static double touch(double d, double other) {
        return (d + other) / 2 + FREE * d;
    }
}
