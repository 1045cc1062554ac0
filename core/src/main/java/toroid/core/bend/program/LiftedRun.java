package toroid.core.bend.program;

import java.util.List;
import java.util.stream.DoubleStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;

/**
 * A straight or an arc pushed aside, to pass over other wire or under it: by a sum of bumps {@code a cos²(π(s − c)/2L)}, s along the run
 * as it was bent, a in a direction of its own. Its length {@code ∫ |t + Σ a h′| ds} by Simpson's rule, to 1e-8 of it; {@code √(1 + h′²)}
 * where it is pushed square to its plane. A bump may begin in one run and end in the next: the run is laid by undoing what its start has.
 *
 * @param base as it was bent
 * @param bumps told from the run's own start and in its frame there
 * @param lengthMm along the wire
 */
public record LiftedRun(ScrewRun base, List<Bump> bumps, double lengthMm) implements Run {
    private static final int STEPS = 48;
    private static final int MOST_TRIES = 30;
    private static final double NEAR = 1e-11;

    /**
     * One rise.
     *
     * @param centreMm its top, along the run as bent; may lie outside it
     * @param reachMm L: how far to either side of the top it reaches
     * @param rise a, mm: along the tangent, the normal and the binormal of the run's start
     */
    public record Bump(double centreMm, double reachMm, Vector3D rise) {
        boolean isAt(double s) {
            return Math.abs(s - centreMm) < reachMm;
        }

        double height(double s) {
            double cos = Math.cos(Math.PI * (s - centreMm) / (2 * reachMm));
            return isAt(s) ? cos * cos : 0;
        }

        double slope(double s) {
            return isAt(s) ? -Math.PI / (2 * reachMm) * Math.sin(Math.PI * (s - centreMm) / reachMm) : 0;
        }

        /** The sharpest it bends, per mm: at its top and its feet. */
        double sharpest() {
            return rise.getNorm() * Math.PI * Math.PI / (2 * reachMm * reachMm);
        }

        boolean isSquare() {
            return Math.hypot(rise.getX(), rise.getY()) < 1e-9 * rise.getNorm();
        }
    }

    /** The run with those rises. */
    public static LiftedRun of(ScrewRun base, List<Bump> bumps) {
        return new LiftedRun(base, List.copyOf(bumps), arc(base, bumps, base.lengthMm()));
    }

    private static Vector3D slope(List<Bump> bumps, double s) {
        Vector3D slope = Vector3D.ZERO;
        for (Bump bump : bumps) {
            slope = Vectors.sum(1, slope, bump.slope(s), bump.rise());
        }
        return slope;
    }

    private static Vector3D height(List<Bump> bumps, double s) {
        Vector3D height = Vector3D.ZERO;
        for (Bump bump : bumps) {
            height = Vectors.sum(1, height, bump.height(s), bump.rise());
        }
        return height;
    }

    /** Whether all of it is pushed square to the plane it lies in. */
    private static boolean isSquare(ScrewRun base, List<Bump> bumps) {
        return base.torsion() == 0 && bumps.stream().allMatch(Bump::isSquare);
    }

    /** How much wire one millimetre of the bent run takes at s: {@code |t + h′|}. */
    private static double stretch(ScrewRun base, List<Bump> bumps, boolean square, double s) {
        Vector3D slope = slope(bumps, s);
        return square
                ? Math.hypot(1, slope.getNorm())
                : base.at(Frame.ORIGIN, s).tangent().add(slope).getNorm();
    }

    /** Along the wire to a place of the run as bent: piece by piece between the bumps' feet, where the curvature jumps. */
    private static double arc(ScrewRun base, List<Bump> bumps, double to) {
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
            more += risen(base, bumps, from, end);
            from = end;
        }
        return to + more;
    }

    /** {@code ∫ |t + h′| − 1 ds}, by Simpson's rule. */
    private static double risen(ScrewRun base, List<Bump> bumps, double from, double end) {
        double middle = (from + end) / 2;
        if (end <= from || bumps.stream().noneMatch(bump -> bump.isAt(middle))) {
            return 0;
        }
        double step = (end - from) / STEPS;
        boolean square = isSquare(base, bumps);
        double sum = 0;
        for (int i = 0; i <= STEPS; i++) {
            int weight = i == 0 || i == STEPS ? 1 : i % 2 == 1 ? 4 : 2;
            sum += weight * (stretch(base, bumps, square, from + i * step) - 1);
        }
        return sum * step / 3;
    }

    /** The place of the run as bent so far along the wire: Newton's steps. */
    private double placeOf(double alongMm) {
        double s = alongMm * base.lengthMm() / Math.max(1e-12, lengthMm);
        for (int i = 0; i < MOST_TRIES; i++) {
            double off = arc(base, bumps, s) - alongMm;
            if (Math.abs(off) < NEAR * (1 + lengthMm)) {
                break;
            }
            s -= off / stretch(base, bumps, isSquare(base, bumps), s);
        }
        return s;
    }

    /** The frame {@code plane} pushed aside; its normal turned along by no more than the wire turns. */
    private static Frame raised(Frame plane, Vector3D height, Vector3D slope) {
        Vector3D tangent = plane.tangent().add(slope).normalize();
        Vector3D both = plane.tangent().add(tangent);
        double tilt = Vectors.dot(plane.normal(), tangent) / (1 + Vectors.dot(plane.tangent(), tangent));
        return Frame.at(plane.position().add(height), tangent, plane.normal().subtract(tilt, both));
    }

    /** Where {@code frame}, s along the run it begins, comes to lie by bumps told in that very frame. */
    static Frame raised(Frame frame, List<Bump> bumps, double s) {
        return raised(frame, inWorld(frame, height(bumps, s)), inWorld(frame, slope(bumps, s)));
    }

    private static Vector3D inWorld(Frame start, Vector3D v) {
        return Vectors.sum(v.getX(), start.tangent(), v.getY(), start.normal(), v.getZ(), start.binormal());
    }

    @Override
    public Frame at(Frame start, double alongMm) {
        double s = placeOf(alongMm);
        Frame flat = flatStart(start);
        return raised(base.at(flat, s), inWorld(flat, height(bumps, s)), inWorld(flat, slope(bumps, s)));
    }

    @Override
    public double sharpestCurvature() {
        double rise = bumps.stream().mapToDouble(Bump::sharpest).sum();
        return isSquare(base, bumps) ? Math.hypot(base.curvature(), rise) : base.curvature() + rise;
    }

    @Override
    public Run flat() {
        return base;
    }

    @Override
    public Frame flatStart(Frame start) {
        return Frame.ORIGIN.carried(raised(Frame.ORIGIN, bumps, 0), start);
    }

    @Override
    public Run mirrored() {
        return new LiftedRun(
                (ScrewRun) base.mirrored(),
                bumps.stream()
                        .map(bump -> new Bump(
                                bump.centreMm(),
                                bump.reachMm(),
                                new Vector3D(
                                        bump.rise().getX(),
                                        bump.rise().getY(),
                                        -bump.rise().getZ())))
                        .toList(),
                lengthMm);
    }

    @Override
    public Run reversed() {
        Frame end = base.at(Frame.ORIGIN, base.lengthMm()).turnedBack();
        return new LiftedRun(
                base,
                bumps.stream()
                        .map(bump -> new Bump(
                                base.lengthMm() - bump.centreMm(),
                                bump.reachMm(),
                                new Vector3D(
                                        Vectors.dot(bump.rise(), end.tangent()),
                                        Vectors.dot(bump.rise(), end.normal()),
                                        Vectors.dot(bump.rise(), end.binormal()))))
                        .toList(),
                lengthMm);
    }

    @Override
    public Run scaled(double factor) {
        return new LiftedRun(
                (ScrewRun) base.scaled(factor),
                bumps.stream()
                        .map(bump -> new Bump(
                                factor * bump.centreMm(),
                                factor * bump.reachMm(),
                                bump.rise().scalarMultiply(factor)))
                        .toList(),
                factor * lengthMm);
    }
}
