package toroid.core.form;

import java.util.function.DoubleUnaryOperator;
import toroid.core.bend.program.CoilSize;
import toroid.core.bend.program.Frame;
import toroid.core.numeric.Vectors;

/**
 * Binding wire wrapped round several parallel wires: it follows their hull, half-turn arcs joined by straights.
 *
 * <p>One wrap of wire f round k wires of diameter b lying side by side takes {@code π (b + f) + 2 (k − 1) b}; round a bundle of
 * three {@code π (b + f) + 3 b} (perimeter of the hull of k circles, offset by f/2; exact for a wrap that does not climb). Wraps
 * lie f apart and lean by that much.
 *
 * @param corners arcs in one wrap: 2 for wires side by side (1 wire too), 3 for a bundle of three
 * @param straightMm the straight between two arcs
 * @param radiusMm {@code (b + f)/2}
 */
public record HullWrap(int corners, double straightMm, double radiusMm) {
    public static HullWrap sideBySide(int wires, double baseMm, double bindingMm) {
        return new HullWrap(2, (wires - 1) * baseMm, (baseMm + bindingMm) / 2);
    }

    public static HullWrap bundleOfThree(double baseMm, double bindingMm) {
        return new HullWrap(3, baseMm, (baseMm + bindingMm) / 2);
    }

    /** Length of one wrap, not climbing, mm. */
    public double perimeterMm() {
        return 2 * Math.PI * radiusMm + corners * straightMm;
    }

    /**
     * Wraps on from where the wire is: at the end of a straight, the hull's corner towards the normal, climbing along the
     * binormal.
     */
    public void wrap(WireMaker wire, int wraps, double pitchMm, boolean rightHanded) {
        double lean = Math.asin(Math.min(0.9, pitchMm / perimeterMm()));
        double pitch = 2 * Math.PI * radiusMm * Math.tan(lean);
        for (int i = 0; i < wraps * corners; i++) {
            wire.coil(new CoilSize(radiusMm, pitch, 1.0 / corners, rightHanded));
            wire.straight(straightMm / Math.cos(lean));
        }
    }

    /** Where wraps begin, when they have still to climb to the middle of what they bind. */
    public interface Beginning {
        /**
         * At the end of a straight, the corner towards the normal, the climb along the binormal.
         *
         * @param climbMm from the middle, below zero
         * @param apartMm how far apart the two bound wires' middles are there
         */
        Frame at(double climbMm, double apartMm);
    }

    /**
     * Wraps two wires whose middles draw apart or together along the climb, half a wrap at a time, carried there from where the
     * wire is. Evenly about the middle.
     *
     * @param apartMm how far apart the two middles are, by how far from the middle the binding has climbed
     */
    public static void over(
            WireMaker wire,
            Beginning beginning,
            double radiusMm,
            DoubleUnaryOperator apartMm,
            int wraps,
            double pitchMm) {
        double mean = 2 * Math.PI * radiusMm + 2 * apartMm.applyAsDouble(wraps * pitchMm / 4);
        double lean = Math.asin(Math.min(0.9, pitchMm / mean));
        double half = wraps * pitchMm / 2;
        for (int round = 0; round < CENTRING_ROUNDS; round++) {
            half = Math.min(2 * wraps * pitchMm, climbed(radiusMm, apartMm, wraps, lean, half) / 2);
        }
        Frame start = beginning.at(-half, apartMm.applyAsDouble(-half));
        wire.carry(Frame.at(
                start.position(),
                Vectors.sum(Math.cos(lean), start.tangent(), Math.sin(lean), start.binormal()),
                start.normal()));
        double at = -half;
        for (int i = 0; i < 2 * wraps; i++) {
            double corner = Math.PI * radiusMm * Math.tan(lean);
            double straight = straight(apartMm, at, corner, lean);
            wire.coil(new CoilSize(radiusMm, 2 * corner, 0.5, true));
            wire.straight(straight / Math.cos(lean));
            at += corner + straight * Math.tan(lean);
        }
    }

    private static final int CENTRING_ROUNDS = 6;

    /** From one corner to the next, across: the corners' middles lie on the wires' middles. */
    private static double straight(DoubleUnaryOperator apartMm, double at, double corner, double lean) {
        double here = apartMm.applyAsDouble(at);
        double next = apartMm.applyAsDouble(at + corner + here * Math.tan(lean));
        return (here + next) / 2;
    }

    private static double climbed(double radiusMm, DoubleUnaryOperator apartMm, int wraps, double lean, double half) {
        double at = -half;
        for (int i = 0; i < 2 * wraps; i++) {
            double corner = Math.PI * radiusMm * Math.tan(lean);
            at += corner + straight(apartMm, at, corner, lean) * Math.tan(lean);
        }
        return at + half;
    }
}
