package toroid.core.bend.program;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;

/** Bends a wire run by run. Lengths mm, angles radians. Not for sharing between threads. */
public final class ProgramBuilder {
    private final Frame start;
    private final List<Bend> bends = new ArrayList<>();
    private Frame frame;
    private double roll;
    private double lengthMm;
    private int step;

    public ProgramBuilder(Frame start) {
        this.start = start;
        this.frame = start;
    }

    /** What follows is made by that forming step. */
    public ProgramBuilder step(int number) {
        step = number;
        return this;
    }

    /** Where the wire is now. */
    public Frame here() {
        return frame;
    }

    public double lengthMm() {
        return lengthMm;
    }

    public BendProgram build() {
        return new BendProgram(start, bends);
    }

    /** Turns the plane of bending about the wire, right-handed along it. */
    public ProgramBuilder roll(double radians) {
        roll += radians;
        frame = frame.rolled(radians);
        return this;
    }

    /** Turns the plane of bending so that the wire bends towards {@code direction}. */
    public ProgramBuilder towards(Vector3D direction) {
        Vector3D wanted = Frame.square(direction, frame.tangent());
        if (wanted.getNorm() < 1e-9) {
            return this;
        }
        return roll(Math.atan2(Vectors.dot(wanted, frame.binormal()), Vectors.dot(wanted, frame.normal())));
    }

    public ProgramBuilder run(Run run) {
        if (run.lengthMm() > 0) {
            bends.add(new Bend(roll, run, step));
            roll = 0;
            frame = run.at(frame, run.lengthMm());
            lengthMm += run.lengthMm();
        }
        return this;
    }

    public ProgramBuilder straight(double lengthOfRunMm) {
        return run(ScrewRun.straight(lengthOfRunMm));
    }

    /** An arc towards the normal; a negative angle bends away from it. */
    public ProgramBuilder arc(double centrelineRadiusMm, double radians) {
        if (radians < 0) {
            return roll(Math.PI).arc(centrelineRadiusMm, -radians).roll(Math.PI);
        }
        return run(ScrewRun.arc(centrelineRadiusMm, radians));
    }

    /**
     * To a place and a direction by two arcs that meet smoothly (a biarc; the standard construction with equal tangent
     * lengths); where those would be sharper than a hand bends the wire, by two arcs as sharp as that, or the least sharper there is room for,
     * and a straight between.
     *
     * @param sharpestMm centre-line radius
     */
    public ProgramBuilder to(Vector3D place, Vector3D direction, double sharpestMm) {
        Frame from = frame;
        double biarc = biarcRadius(place, direction);
        for (double radius = sharpestMm; radius > Math.max(biarc, sharpestMm / 3); radius *= SHARPER) {
            Way way = Way.rounded(from, place, direction, radius);
            if (way != null) {
                arcThrough(way.afterFirst(from).subtract(frame.position()));
                arcThrough(way.beforeSecond(place).subtract(frame.position()));
                arcThrough(place.subtract(frame.position()));
                return this;
            }
        }
        return to(place, direction);
    }

    /** Where there is no room, arcs so much sharper are tried. */
    private static final double SHARPER = 0.9;

    /** The sharper of the two arcs of a biarc. */
    private double biarcRadius(Vector3D place, Vector3D direction) {
        return new ProgramBuilder(frame).to(place, direction).build().sharpestRadiusMm();
    }

    private ProgramBuilder to(Vector3D place, Vector3D direction) {
        Vector3D t1 = direction.normalize();
        Vector3D chord = place.subtract(frame.position());
        Vector3D sum = frame.tangent().add(t1);
        double ahead = Vectors.dot(chord, sum);
        double open = 2 * (1 - Vectors.dot(frame.tangent(), t1));
        double square = chord.getNormSq();
        double tangentLength = open < 1e-12
                ? square / Math.max(1e-12, 2 * ahead)
                : (-ahead + Math.sqrt(ahead * ahead + open * square)) / open;
        Vector3D meet = Vectors.sum(
                0.5, frame.position(), 0.5 * tangentLength, frame.tangent(), 0.5, place, -0.5 * tangentLength, t1);
        Vector3D half = meet.subtract(frame.position());
        arcThrough(half);
        arcThrough(place.subtract(frame.position()));
        return this;
    }

    /** One arc from here, along the tangent, to the end of that chord. */
    private void arcThrough(Vector3D chord) {
        double ahead = Vectors.dot(chord, frame.tangent());
        double aside = Frame.square(chord, frame.tangent()).getNorm();
        if (chord.getNorm() < 1e-9) {
            return;
        }
        double turn = 2 * Math.atan2(aside, ahead);
        if (turn < 1e-9) {
            straight(chord.getNorm());
            return;
        }
        towards(chord);
        run(ScrewRun.arc(chord.getNorm() / (2 * Math.sin(turn / 2)), turn));
    }

    /**
     * Wraps round an axis: leads over by a biarc to the nearest fitting place on the coil, then coils.
     *
     * @param coil radius, pitch, turns and hand
     * @param axis where the coil begins: position on the axis, tangent the way it advances, normal towards its first point
     * @param sharpestMm how sharp the lead may be, as in {@link #to}
     */
    public ProgramBuilder wrap(CoilSize coil, Frame axis, double sharpestMm) {
        Vector3D first = Vectors.sum(1, axis.position(), coil.radiusMm(), axis.normal());
        double h = coil.pitchMm() / (2 * Math.PI);
        Vector3D round = axis.binormal().scalarMultiply(coil.rightHanded() ? 1 : -1);
        to(first, Vectors.sum(coil.radiusMm(), round, h, axis.tangent()), sharpestMm);
        return towards(axis.position().subtract(first)).coil(coil);
    }

    /** Coils on from here: the axis lies towards the normal. */
    public ProgramBuilder coil(CoilSize coil) {
        return run(ScrewRun.helix(coil.radiusMm(), coil.pitchMm(), coil.turns(), coil.rightHanded()));
    }
}
