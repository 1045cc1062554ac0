package toroid.core.form;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.Hammering;
import toroid.core.bend.program.Frame;
import toroid.core.numeric.Vectors;

/**
 * A stretch of wire hammered flat. Its width follows from its thickness by volume ({@link Hammering}). Thickness runs evenly from one end
 * of the stretch to the other, and within one diameter of a round neighbour the section eases over. Lengths mm.
 *
 * @param fromMm where it begins, from the first end of the piece as it is when hammered
 * @param toMm where it ends, beyond {@code fromMm}
 */
public record Flat(double fromMm, double toMm, Blow blow) {
    /**
     * How it is hammered.
     *
     * @param fromThickMm thickness where it begins, above zero up to the wire's diameter
     * @param toThickMm thickness where it ends
     * @param turn the width's direction, from the wire's normal about its tangent, radians
     * @param holeMm drilled through its middle; 0 for none
     * @param share of the thinning that goes into length, 0 to 0.6
     */
    public record Blow(double fromThickMm, double toThickMm, double turn, double holeMm, double share) {
        /** The wire a flat that long is made from, mm. */
        public double tookMm(double wireMm, double longMm) {
            return Hammering.tookMm(longMm, wireMm, fromThickMm, toThickMm, share);
        }

        Blow mirrored() {
            return new Blow(fromThickMm, toThickMm, -turn, holeMm, share);
        }
    }

    /** Half the width and half the thickness, mm, and which way the width lies. */
    public record Section(Vector3D across, double halfWideMm, double halfThickMm) {
        /** Square to the width and to the wire. */
        public Vector3D through(Frame frame) {
            return Vectors.cross(frame.tangent(), across);
        }

        /** How far the section reaches in a direction, at most, mm. */
        double reach(Frame frame, Vector3D direction) {
            return Math.hypot(
                    halfWideMm * Vectors.dot(across, direction), halfThickMm * Vectors.dot(through(frame), direction));
        }
    }

    /** Of the mirror image: the binormal changes sides. */
    Flat mirrored() {
        return new Flat(fromMm, toMm, blow.mirrored());
    }

    boolean covers(double alongMm) {
        return alongMm >= fromMm && alongMm <= toMm;
    }

    /** The section there; {@code frame} is the wire's. */
    Section at(double alongMm, double wireMm, double lengthMm, Frame frame) {
        double share = (alongMm - fromMm) / (toMm - fromMm);
        double flat = blow.fromThickMm() + share * (blow.toThickMm() - blow.fromThickMm());
        double eased = Math.min(ease(alongMm - fromMm, fromMm, wireMm), ease(toMm - alongMm, lengthMm - toMm, wireMm));
        double thick = wireMm + eased * (flat - wireMm);
        Vector3D across = Vectors.sum(Math.cos(blow.turn()), frame.normal(), Math.sin(blow.turn()), frame.binormal());
        return new Section(across, Hammering.widthMm(wireMm, thick, blow.share()) / 2, thick / 2);
    }

    /** 0 at a round neighbour to 1 a diameter from it; 1 at a cut end. */
    private static double ease(double fromEdge, double neighbourMm, double wireMm) {
        double share = Math.min(1, fromEdge / wireMm);
        return neighbourMm < 1e-6 ? 1 : share * share * (3 - 2 * share);
    }

    /** The middle of the hole, from the first end of the piece: half the stretch from its own cut end, mm. */
    double holeAtMm() {
        return (fromMm + toMm) / 2;
    }
}
