package toroid.core.bend.program;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Vectors;

/**
 * Whether wires touch without passing through themselves, one another or what stands in the way.
 *
 * <p>Round wire of diameter d, as chords of the centre line: two chords far apart along the wire (more than half a turn of the
 * tightest bend, {@code π d/2}) must be d apart. At a cut end the wire is a round bar with a flat face, and a middle line must lie d/2
 * outside of it. The chords stray from the centre line by less than
 * {@value #CHORD_SHARE} d, and a close coil of pitch d lies up to 3 % of d inside itself because its turns lean; both are
 * allowed for by {@link #TOUCH_SHARE}.
 */
public final class WireContact {
    /** Nearer than {@code d (1 − this)} is a fault. */
    public static final double TOUCH_SHARE = 0.045;

    /** How far a chord may stray from the centre line, as a share of d. */
    public static final double CHORD_SHARE = 0.01;

    /** Longer chords on straight runs would widen the cubes that all chords are sought in. */
    private static final double LONGEST_SHARE = 1.0;

    private WireContact() {}

    /** One wire as chords; made once, asked often. Not for sharing between threads. */
    public static final class Tube {
        private final List<WirePoint> points;
        private final double diameterMm;
        private final Chords chords;
        private ChordGrid grid;

        private Tube(List<WirePoint> points, double diameterMm) {
            this.points = List.copyOf(points);
            this.diameterMm = diameterMm;
            this.chords = new Chords(points);
        }

        /** Samples a wire closely enough for {@link WireContact}. */
        public static Tube of(BendProgram program, double diameterMm) {
            return new Tube(program.sampled(CHORD_SHARE * diameterMm, LONGEST_SHARE * diameterMm), diameterMm);
        }

        /** The chords by place, kept from one comparison to the next while the cubes are about as wide as asked. */
        private ChordGrid grid(double leastCellMm) {
            if (grid == null || grid.cellMm() < leastCellMm || grid.cellMm() > 2 * leastCellMm) {
                grid = new ChordGrid(chords, leastCellMm);
            }
            return grid;
        }

        public List<WirePoint> points() {
            return points;
        }

        public double diameterMm() {
            return diameterMm;
        }

        /** Whether the two ends meet face to face, as a closed link's do. */
        boolean butted() {
            Frame first = points.get(0).frame();
            Frame last = points.get(points.size() - 1).frame();
            return first.position().distance(last.position()) < diameterMm / 2
                    && Vectors.dot(first.tangent(), last.tangent()) > 0.9;
        }

        boolean nearEnd(double alongMm) {
            return Math.min(alongMm, chords.lengthMm() - alongMm) < diameterMm / 2;
        }

        /** How far a place is outside the wire's last stretch before its nearer end, a round bar with a flat face, mm. */
        double outsideEnd(double alongMm, Vector3D place) {
            boolean last = alongMm > chords.lengthMm() / 2;
            Frame end = points.get(last ? points.size() - 1 : 0).frame();
            Vector3D from = place.subtract(end.position());
            double ahead = Vectors.dot(from, end.tangent()) * (last ? 1 : -1);
            double aside = Math.sqrt(Math.max(0, from.getNormSq() - ahead * ahead)) - diameterMm / 2;
            return ahead <= 0 ? aside : Math.hypot(ahead, Math.max(0, aside));
        }

        boolean nearBothEnds(int i, int j) {
            return chords.along(i) < diameterMm && chords.lengthMm() - chords.along(j + 1) < diameterMm;
        }
    }

    /** The worst place where the wire passes through itself, or null. */
    public static Contact within(Tube tube) {
        return new Search(tube, tube, true).worst();
    }

    /** The worst place where two wires pass through each other, or null. */
    public static Contact between(Tube first, Tube second) {
        double touch = (first.diameterMm + second.diameterMm) / 2;
        return first.chords.boxesApart(second.chords) > touch ? null : new Search(first, second, false).worst();
    }

    /** One comparison of two wires, or of a wire with itself. */
    private static final class Search {
        private final Tube a;
        private final Tube b;
        private final boolean same;
        private final boolean butted;
        private final double reach;
        private final double skip;
        private final double[] shares = new double[2];
        private Contact worst;

        Search(Tube a, Tube b, boolean same) {
            this.a = a;
            this.b = b;
            this.same = same;
            butted = same && a.butted();
            double touch = (a.diameterMm + b.diameterMm) / 2;
            reach = touch * touch;
            double far = touch + (a.chords.longestMm() + b.chords.longestMm()) / 2;
            skip = far * far;
        }

        Contact worst() {
            ChordGrid grid = b.grid(Math.max(1e-3, Math.sqrt(skip)));
            for (int i = 0; i < a.chords.count(); i++) {
                int chord = i;
                Effort.check();
                grid.near(
                        a.chords.middle(i, 0),
                        a.chords.middle(i, 1),
                        a.chords.middle(i, 2),
                        same ? i + 1 : -1,
                        j -> compare(chord, j));
            }
            return worst;
        }

        private void compare(int i, int j) {
            if ((same && !farAlong(i, j)) || a.chords.middlesApart(i, b.chords, j) > skip) {
                return;
            }
            double square = a.chords.closest(i, b.chords, j, shares);
            if (square < reach) {
                judge(i, j, Math.sqrt(square));
            }
        }

        private boolean farAlong(int i, int j) {
            return a.chords.along(j) - a.chords.along(i + 1) > Math.PI / 2 * a.diameterMm
                    && !(butted && a.nearBothEnds(i, j));
        }

        private void judge(int i, int j, double distance) {
            double depth = (a.diameterMm + b.diameterMm) / 2 - distance;
            if (!isWorse(depth)) {
                return;
            }
            Vector3D onA = a.chords.place(i, shares[0]);
            Vector3D onB = b.chords.place(j, shares[1]);
            double first = a.chords.along(i, shares[0]);
            double second = b.chords.along(j, shares[1]);
            if (a.nearEnd(first)) {
                depth = Math.min(depth, b.diameterMm / 2 - a.outsideEnd(first, onB));
            }
            if (b.nearEnd(second)) {
                depth = Math.min(depth, a.diameterMm / 2 - b.outsideEnd(second, onA));
            }
            if (isWorse(depth)) {
                worst = new Contact(first, second, depth, Vectors.sum(0.5, onA, 0.5, onB));
            }
        }

        private boolean isWorse(double depth) {
            return depth > TOUCH_SHARE * Math.max(a.diameterMm, b.diameterMm)
                    && (worst == null || depth > worst.depthMm());
        }
    }
}
