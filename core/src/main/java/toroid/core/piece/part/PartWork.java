package toroid.core.piece.part;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Port;
import toroid.core.form.Solid;
import toroid.core.numeric.Vectors;
import toroid.core.ring.Ring;

/**
 * A part worked out: where it takes its neighbours and what is between.
 *
 * @param spec as it was asked for
 * @param name the trade's word for it
 * @param first the port its neighbour before it hangs in
 * @param last the port for its neighbour after it; the same for a ring; null for a part that only ends a row
 * @param middles further ports, for what hangs from it besides
 * @param pull the way a pull goes through it, from its first port to its last, or down to its middle where it hangs from one; unit vector
 * @param middle centre of its mass
 * @param spanMm from bearing point to bearing point, pulled; of a part that ends a row from its bearing point to its far end
 * @param massG of metal, beads and stones
 * @param thickMm how far it stands off what it lies on, about: two wires or its thickest bead
 * @param takes what it takes from the shelf
 * @param notes what there is to say of it by itself
 * @param bow which way and how far its middle is domed beyond the line between its bearing points, mm; zero for what is flat
 * @param givesMm how much shorter it is when it lies at rest: what a weave or a chain gives by itself; 0 for what is rigid
 */
public record PartWork(
        PartSpec spec,
        String name,
        Port first,
        Port last,
        List<Port> middles,
        Vector3D pull,
        Vector3D middle,
        double spanMm,
        double massG,
        double thickMm,
        Takes takes,
        List<PartNote> notes,
        Vector3D bow,
        double givesMm) {
    /**
     * What a part takes.
     *
     * @param cuts every wire that is cut for it
     * @param rings jump rings, itself or those it is woven of
     * @param bought what is bought ready
     * @param soldered joints in each heat as it is made, in turn; those of rings are told with them
     */
    public record Takes(List<Cut> cuts, List<Rings> rings, List<Bought> bought, List<Integer> soldered) {
        public static final Takes NOTHING = new Takes(List.of(), List.of(), List.of());

        public Takes {
            cuts = List.copyOf(cuts);
            rings = List.copyOf(rings);
            bought = List.copyOf(bought);
            soldered = List.copyOf(soldered);
        }

        public Takes(List<Cut> cuts, List<Rings> rings, List<Bought> bought) {
            this(cuts, rings, bought, List.of());
        }

        static Takes cuts(List<Cut> cuts) {
            return new Takes(cuts, List.of(), List.of());
        }

        static Takes rings(List<Rings> rings) {
            return new Takes(List.of(), rings, List.of());
        }

        static Takes bought(List<Bought> bought) {
            return new Takes(List.of(), List.of(), bought);
        }
    }

    /**
     * A length of wire.
     *
     * @param lengthMm to cut, with the tails the hand holds
     */
    public record Cut(String wire, double diameterMm, String metal, double lengthMm) {}

    /**
     * Jump rings of one size.
     *
     * @param turns wound round so often; 1 for a plain ring
     * @param hammeredMm thickness it is hammered flat to, mm; null for round wire
     * @param beadMm diameter of the bead threaded on it; null for none
     * @param preClosed of {@code count}, which are closed beforehand whatever they join; a single ring's are found with its joints
     */
    public record Rings(
            Ring ring, int turns, boolean soldered, Double hammeredMm, Double beadMm, int count, int preClosed) {
        static Rings round(Ring ring, int count, int preClosed) {
            return new Rings(ring, 1, false, null, null, count, preClosed);
        }
    }

    /**
     * Bought ready.
     *
     * @param sizesMm what it is asked for by, in turn: of a bead its length and its hole
     * @param amount how many; how long, mm, where it is sold by length
     */
    public record Bought(Kind kind, String name, List<Double> sizesMm, double amount) {
        /** What it is sold as. */
        public enum Kind {
            BEAD,
            STONE,
            CHAIN,
            CORD,
            BEADING_WIRE,
            CRIMP,
            FINDING;

            public boolean byLength() {
                return this == CHAIN || this == CORD || this == BEADING_WIRE;
            }
        }

        public Bought {
            sizesMm = List.copyOf(sizesMm);
        }

        /** The beads among what is on a form, the same ones together. */
        public static List<Bought> beads(List<Solid> solids) {
            Map<List<Double>, Integer> counts = new LinkedHashMap<>();
            solids.stream()
                    .filter(FormShape::isBead)
                    .forEach(solid -> counts.merge(
                            List.of(solid.lengthMm(), solid.diameterMm(), solid.holeMm()), 1, Integer::sum));
            return counts.entrySet().stream()
                    .map(one -> new Bought(Kind.BEAD, "bead", one.getKey(), one.getValue()))
                    .toList();
        }
    }

    public PartWork {
        middles = List.copyOf(middles);
        notes = List.copyOf(notes);
    }

    /** A rigid part, flat. */
    public PartWork(
            PartSpec spec,
            String name,
            Port first,
            Port last,
            List<Port> middles,
            Vector3D pull,
            Vector3D middle,
            double spanMm,
            double massG,
            double thickMm,
            Takes takes,
            List<PartNote> notes) {
        this(spec, name, first, last, middles, pull, middle, spanMm, massG, thickMm, takes, notes, Vector3D.ZERO, 0);
    }

    /** A part along x with one or two ports and nothing to say, as heavy on either side of its middle. */
    static PartWork plain(
            PartSpec spec,
            String name,
            Port first,
            Port last,
            double spanMm,
            double massG,
            double thickMm,
            Takes takes) {
        Vector3D middle = first == last ? first.centre() : Vector3D.PLUS_I.scalarMultiply(spanMm / 2);
        return new PartWork(
                spec, name, first, last, List.of(), Vector3D.PLUS_I, middle, spanMm, massG, thickMm, takes, List.of());
    }

    /** The same, and things hang from it on its way besides. */
    PartWork carrying(List<Port> along) {
        return new PartWork(
                spec, name, first, last, along, pull, middle, spanMm, massG, thickMm, takes, notes, bow, givesMm);
    }

    /** The same, with something to say of it. */
    PartWork saying(List<PartNote> said) {
        return new PartWork(
                spec, name, first, last, middles, pull, middle, spanMm, massG, thickMm, takes, said, bow, givesMm);
    }

    /** The same, so much shorter at rest than pulled. */
    PartWork giving(double mm) {
        return new PartWork(
                spec, name, first, last, middles, pull, middle, spanMm, massG, thickMm, takes, notes, bow, mm);
    }

    /** The same, domed. */
    PartWork bowed(Vector3D by) {
        return new PartWork(
                spec, name, first, last, middles, pull, middle, spanMm, massG, thickMm, takes, notes, by, givesMm);
    }

    /** The same, its mass elsewhere. */
    PartWork about(Vector3D centreOfMass) {
        return new PartWork(
                spec,
                name,
                first,
                last,
                middles,
                pull,
                centreOfMass,
                spanMm,
                massG,
                thickMm,
                takes,
                notes,
                bow,
                givesMm);
    }

    /** A part with one port that hangs from it that way, as heavy on either side of its middle. */
    static PartWork hanging(
            PartSpec spec,
            String name,
            Port port,
            Vector3D pull,
            double spanMm,
            double massG,
            double thickMm,
            Takes takes) {
        Vector3D middle = Vectors.sum(1, port.bearing(pull.negate()), spanMm / 2, pull);
        return new PartWork(spec, name, port, null, List.of(), pull, middle, spanMm, massG, thickMm, takes, List.of());
    }

    /** How far its middle is domed beyond the line between its bearing points, mm. */
    public double bowMm() {
        return bow.getNorm();
    }

    /** Inside diameter of the curve it is domed to, mm; 0 for what is flat. */
    public double domedMm() {
        return spec instanceof FormPart form && form.values().get(Domed.ID) instanceof Number mm ? mm.doubleValue() : 0;
    }

    /** A single ring opens once for all it holds. */
    public boolean isRing() {
        return spec instanceof RingPart;
    }

    /** Whether it bends to what it lies on, however long it is. */
    public boolean isSupple() {
        return spec.isSupple();
    }

    /** Whether something can hang from it as well. */
    public boolean goesOn() {
        return last != null;
    }

    /**
     * How far the plane of one port is turned against that of another, about the pull, degrees, 0 up to 180: 0 for a flat link, 90 for one
     * whose ends are square to each other. Exact.
     */
    public double twistDegrees(Port from, Port to) {
        if (from == to) {
            return 0;
        }
        Vector3D one = across(from.axis(), pull);
        Vector3D other = across(to.axis(), pull);
        if (one == null || other == null) {
            return 0; // a port square to the pull has no face along it
        }
        double turned =
                Math.toDegrees(Math.atan2(Vectors.dot(pull, Vectors.cross(one, other)), Vectors.dot(one, other)));
        double folded = turned % 180;
        return folded < -1e-9 ? folded + 180 : Math.abs(folded);
    }

    private static Vector3D across(Vector3D axis, Vector3D pull) {
        Vector3D across = axis.subtract(pull.scalarMultiply(Vectors.dot(axis, pull)));
        return across.getNorm() < 1e-3 ? null : across.normalize();
    }
}
