package toroid.core.form;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;

/**
 * A place where a form takes a neighbour: the round inside of a loop, a hook, an eye. Two parts that hang in each other touch at their
 * bearing points ({@link #bearing}), so that a taut row measures the sum of what lies between bearing points, whatever the wires' thickness.
 *
 * @param part what it is called; a form's ports are called differently
 * @param wire which of the form's wires it is bent of
 * @param centre middle of its inside, mm, where the form lies
 * @param axis unit vector square to its plane
 * @param insideMm diameter of its inside, mm
 * @param wireMm thickness of what surrounds it, mm
 * @param carriesMm thickness of what of the form itself already hangs in it, mm; 0 for a port that is free
 */
public record Port(
        String part,
        String wire,
        Vector3D centre,
        Vector3D axis,
        double insideMm,
        double wireMm,
        double carriesMm,
        Opening opens) {
    /**
     * Where a neighbour bears that pulls that way, mm: on the inside, furthest along the pull within the port's plane; a pull square to the
     * plane bears at the middle.
     */
    public Vector3D bearing(Vector3D pull) {
        Vector3D within = pull.subtract(axis.scalarMultiply(Vectors.dot(pull, axis)));
        double length = within.getNorm();
        return length < SQUARE * pull.getNorm() ? centre : Vectors.sum(1, centre, insideMm / 2 / length, within);
    }

    Port at(Vector3D place, Vector3D square) {
        return new Port(part, wire, place, square, insideMm, wireMm, carriesMm, opens);
    }

    Port called(String name) {
        return new Port(name, wire, centre, axis, insideMm, wireMm, carriesMm, opens);
    }

    Port carrying(double thickMm) {
        return new Port(part, wire, centre, axis, insideMm, wireMm, thickMm, opens);
    }

    /** A pull whose share within the plane is less than this has no direction there. */
    private static final double SQUARE = 1e-6;
}
