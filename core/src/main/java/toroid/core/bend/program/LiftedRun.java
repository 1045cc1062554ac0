package toroid.core.bend.program;

import java.util.List;
import java.util.stream.DoubleStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A straight or an arc that rises out of its plane and comes back, to pass over other wire or under it. Its height over the plane is a sum
 * of bumps {@code a cos²(π(s − c)/2L)}, s along the plane run; its length {@code ∫ √(1 + h′²) ds} by Simpson's rule, to 1e-8 of it. A bump
 * may begin in one run and end in the next: the run is laid by undoing the height and slope its start has.
 *
 * @param base in the plane: no torsion
 * @param bumps told from the run's own start
 * @param lengthMm along the wire
 */
public record LiftedRun(ScrewRun base, List<Bump> bumps, double lengthMm) implements Run {
    private static final int STEPS = 48;
    private static final int MOST_TRIES = 30;
    private static final double NEAR = 1e-11;

    /**
     * One rise.
     *
     * @param centreMm its top, along the plane run; may lie outside it
     * @param reachMm L: how far to either side of the top it reaches
     * @param heightMm a; negative below
     */
    public record Bump(double centreMm, double reachMm, double heightMm) {
        boolean isAt(double s) {
            return Math.abs(s - centreMm) < reachMm;
        }

        double height(double s) {
            double cos = Math.cos(Math.PI * (s - centreMm) / (2 * reachMm));
            return isAt(s) ? heightMm * cos * cos : 0;
        }

        double slope(double s) {
            return isAt(s) ? -heightMm * Math.PI / (2 * reachMm) * Math.sin(Math.PI * (s - centreMm) / reachMm) : 0;
        }

        /** The sharpest it bends, per mm: at its top and its feet. */
        double sharpest() {
            return Math.abs(heightMm) * Math.PI * Math.PI / (2 * reachMm * reachMm);
        }
    }

    /** The run with those rises. */
    public static LiftedRun of(ScrewRun base, List<Bump> bumps) {
        return new LiftedRun(base, List.copyOf(bumps), arc(bumps, base.lengthMm()));
    }

    private static double slope(List<Bump> bumps, double s) {
        double slope = 0;
        for (Bump bump : bumps) {
            slope += bump.slope(s);
        }
        return slope;
    }

    private double height(double s) {
        double height = 0;
        for (Bump bump : bumps) {
            height += bump.height(s);
        }
        return height;
    }

    /** Along the wire to a place of the plane run: piece by piece between the bumps' feet, where the curvature jumps. */
    private static double arc(List<Bump> bumps, double to) {
        double[] feet = bumps.stream()
                .flatMapToDouble(
                        bump -> DoubleStream.of(bump.centreMm() - bump.reachMm(), bump.centreMm() + bump.reachMm()))
                .filter(foot -> foot > 0 && foot < to)
                .sorted()
                .toArray();
        double more = 0;
        double from = 0;
        for (int k = 0; k <= feet.length; k++) {
            double end = k < feet.length ? feet[k] : to;
            more += risen(bumps, from, end);
            from = end;
        }
        return to + more;
    }

    /** {@code ∫ √(1 + h′²) − 1 ds}, by Simpson's rule. */
    private static double risen(List<Bump> bumps, double from, double end) {
        double middle = (from + end) / 2;
        if (end <= from || bumps.stream().noneMatch(bump -> bump.isAt(middle))) {
            return 0;
        }
        double step = (end - from) / STEPS;
        double sum = 0;
        for (int i = 0; i <= STEPS; i++) {
            int weight = i == 0 || i == STEPS ? 1 : i % 2 == 1 ? 4 : 2;
            sum += weight * (Math.hypot(1, slope(bumps, from + i * step)) - 1);
        }
        return sum * step / 3;
    }

    /** The place of the plane run so far along the wire: Newton's steps. */
    private double placeOf(double alongMm) {
        double s = alongMm * base.lengthMm() / Math.max(1e-12, lengthMm);
        for (int i = 0; i < MOST_TRIES; i++) {
            double off = arc(bumps, s) - alongMm;
            if (Math.abs(off) < NEAR * (1 + lengthMm)) {
                break;
            }
            s -= off / Math.hypot(1, slope(bumps, s));
        }
        return s;
    }

    /** The frame that lies in the plane where this one is lifted. */
    private static Frame lowered(Frame lifted, double height, double slope) {
        double stretch = Math.hypot(1, slope);
        Vector3D tangent = new Vector3D(1 / stretch, lifted.tangent(), -slope / stretch, lifted.binormal());
        Vector3D up = new Vector3D(1 / stretch, lifted.binormal(), slope / stretch, lifted.tangent());
        return Frame.at(lifted.position().add(-height, up), tangent, lifted.normal());
    }

    /** The frame that is lifted out of the plane from this one. */
    static Frame raised(Frame plane, double height, double slope) {
        return Frame.at(
                plane.position().add(height, plane.binormal()),
                plane.tangent().add(slope, plane.binormal()),
                plane.normal());
    }

    @Override
    public Frame at(Frame start, double alongMm) {
        double s = placeOf(alongMm);
        Frame plane = flatStart(start).advanced(s, base.curvature(), 0);
        return raised(plane, height(s), slope(bumps, s));
    }

    @Override
    public double sharpestCurvature() {
        double rise = bumps.stream().mapToDouble(Bump::sharpest).sum();
        return Math.hypot(base.curvature(), rise);
    }

    @Override
    public Run flat() {
        return base;
    }

    @Override
    public Frame flatStart(Frame start) {
        return lowered(start, height(0), slope(bumps, 0));
    }

    @Override
    public Run mirrored() {
        return new LiftedRun(base, turned(false), lengthMm);
    }

    @Override
    public Run reversed() {
        return new LiftedRun(base, turned(true), lengthMm);
    }

    /** Over becomes under, both in a mirror and told from the other end. */
    private List<Bump> turned(boolean fromEnd) {
        return bumps.stream()
                .map(bump -> new Bump(
                        fromEnd ? base.lengthMm() - bump.centreMm() : bump.centreMm(),
                        bump.reachMm(),
                        -bump.heightMm()))
                .toList();
    }

    @Override
    public Run scaled(double factor) {
        return new LiftedRun(
                (ScrewRun) base.scaled(factor),
                bumps.stream()
                        .map(bump ->
                                new Bump(factor * bump.centreMm(), factor * bump.reachMm(), factor * bump.heightMm()))
                        .toList(),
                factor * lengthMm);
    }
}
