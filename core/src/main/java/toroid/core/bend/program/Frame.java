package toroid.core.bend.program;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;

/**
 * Where the wire is and which way it goes: a right-handed frame on the centre line.
 *
 * @param position mm
 * @param tangent unit vector along the wire
 * @param normal unit vector the wire bends towards; square to {@code tangent}
 */
public record Frame(Vector3D position, Vector3D tangent, Vector3D normal) {
    /** At the origin, along x, bending towards y. */
    public static final Frame ORIGIN = new Frame(Vector3D.ZERO, Vector3D.PLUS_I, Vector3D.PLUS_J);

    private static final double NO_TURN = 1e-12;

    /**
     * A frame along {@code tangent} whose normal is {@code towards} made square to it. Neither need be of unit length.
     * Every step along the wire goes through here: rounding would otherwise grow from bend to bend.
     */
    public static Frame at(Vector3D position, Vector3D tangent, Vector3D towards) {
        Vector3D t = tangent.normalize();
        return new Frame(position, t, square(towards, t).normalize());
    }

    public Vector3D binormal() {
        return Vectors.cross(tangent, normal);
    }

    /** The same place, the plane of bending turned about the wire; radians, right-handed about the tangent. */
    public Frame rolled(double radians) {
        if (radians == 0) {
            return this;
        }
        return at(position, tangent, combine(Math.cos(radians), normal, Math.sin(radians), binormal()));
    }

    /** The same place, looking back along the wire. */
    public Frame turnedBack() {
        return new Frame(position, tangent.negate(), normal);
    }

    /**
     * Further along a wire of constant curvature and torsion: a screw motion about the Darboux vector {@code τ t + κ b}. Exact.
     *
     * @param lengthMm along the wire
     * @param curvature κ, per mm, towards the normal
     * @param torsion τ, per mm, positive for a right-handed helix
     */
    public Frame advanced(double lengthMm, double curvature, double torsion) {
        double turn = Math.hypot(curvature, torsion);
        if (turn * Math.abs(lengthMm) < NO_TURN) {
            return new Frame(combine(1, position, lengthMm, tangent), tangent, normal);
        }
        Vector3D axis = combine(torsion / turn, tangent, curvature / turn, binormal());
        double angle = turn * lengthMm;
        double along = torsion / turn;
        Vector3D across = combine(1, tangent, -along, axis);
        Vector3D side = Vectors.cross(axis, tangent);
        Vector3D moved = Vectors.sum(
                1,
                position,
                along * lengthMm,
                axis,
                Math.sin(angle) / turn,
                across,
                (1 - Math.cos(angle)) / turn,
                side);
        return at(moved, turned(tangent, axis, angle), turned(normal, axis, angle));
    }

    /** Carried along with a body that moves so that {@code from} comes to lie on {@code to}. */
    public Frame moved(Frame from, Frame to) {
        return carried(from, to);
    }

    /** This frame's place in {@code outer}, when it is given in coordinates along {@code from}'s axes. */
    Frame carried(Frame from, Frame outer) {
        return at(
                outer.position.add(carry(position.subtract(from.position), from, outer)),
                carry(tangent, from, outer),
                carry(normal, from, outer));
    }

    private static Vector3D carry(Vector3D v, Frame from, Frame outer) {
        return Vectors.sum(
                Vectors.dot(v, from.tangent), outer.tangent,
                Vectors.dot(v, from.normal), outer.normal,
                Vectors.dot(v, from.binormal()), outer.binormal());
    }

    private static Vector3D turned(Vector3D v, Vector3D axis, double angle) {
        double cos = Math.cos(angle);
        return Vectors.sum(cos, v, Math.sin(angle), Vectors.cross(axis, v), (1 - cos) * Vectors.dot(axis, v), axis);
    }

    static Vector3D square(Vector3D v, Vector3D unit) {
        return combine(1, v, -Vectors.dot(v, unit), unit);
    }

    static Vector3D combine(double a, Vector3D u, double b, Vector3D v) {
        return Vectors.sum(a, u, b, v);
    }
}
