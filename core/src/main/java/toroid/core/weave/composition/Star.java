package toroid.core.weave.composition;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.circle.CircleDistance;
import toroid.core.weave.solve.GapList;
import toroid.core.weave.solve.Movable;
import toroid.core.weave.solve.RingMotion;

/**
 * Rings of one sector of a star, which {@code arms} turns about z repeat, and larger rings about z that every sector shares. The rings
 * of the sector move as they like, all sectors alike; the larger rings keep about z, at heights and with one radius that may change.
 * Gaps are between the middles of the wire, each divided by the mean of both wires' thickness in small wires: the thickest small wire
 * that fits, the larger rings' wire in the same proportion to it.
 */
final class Star implements Movable<Star> {
    /** How near two circles have to come to be looked at, in ring radii. */
    private static final double NEAR = 1.2;

    private static final double TOUCHING = 1e-12;

    private final int arms;
    private final List<Circle> rings;
    private final int free;
    private final Hubs hubs;
    private final List<int[]> pairs;

    /**
     * The larger rings.
     *
     * @param radius of their middle
     * @param heights along z, one for each
     * @param thickness of their wire against the small rings'
     * @param held what of them may not move
     */
    record Hubs(double radius, double[] heights, double thickness, Held held) {

        Circle circle(int hub) {
            return new Circle(new Vector3D(0, 0, heights[hub]), Vector3D.PLUS_K, radius);
        }

        int count() {
            return heights.length;
        }

        Hubs with(double other, Held now) {
            return new Hubs(other, heights, thickness, now);
        }
    }

    /** What of the larger rings may not move. */
    enum Held {
        NOTHING,
        RADIUS,
        ALL
    }

    /**
     * @param arms sectors; 1 for rings that nothing repeats
     * @param rings of a sector, in units of their radius
     * @param free how many of them, from the first on, may move
     */
    Star(int arms, List<Circle> rings, int free, Hubs hubs) {
        this(arms, rings, free, hubs, null);
    }

    private Star(int arms, List<Circle> rings, int free, Hubs hubs, List<int[]> known) {
        this.arms = arms;
        this.rings = List.copyOf(rings);
        this.free = free;
        this.hubs = hubs;
        this.pairs = known == null ? near() : known;
    }

    int arms() {
        return arms;
    }

    List<Circle> rings() {
        return rings;
    }

    Hubs hubs() {
        return hubs;
    }

    Star withHubs(Hubs others) {
        return new Star(arms, rings, free, others);
    }

    /** Ring {@code n} of the sector that many sectors on, anticlockwise seen from the front. */
    Circle image(int n, int sector) {
        Circle own = rings.get(n);
        return sector == 0 ? own : new Circle(turned(own.centre(), sector), turned(own.normal(), sector), own.radius());
    }

    private List<Circle> turned(int sector) {
        return IntStream.range(0, rings.size())
                .mapToObj(ring -> image(ring, sector))
                .toList();
    }

    private Vector3D turned(Vector3D v, int sector) {
        double angle = 2 * Math.PI * sector / arms;
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        return new Vector3D(cos * v.getX() - sin * v.getY(), sin * v.getX() + cos * v.getY(), v.getZ());
    }

    private List<int[]> near() {
        var found = new ArrayList<int[]>();
        double most = 2 + NEAR;
        for (int sector = -(arms - 1) / 2; sector <= arms / 2; sector++) {
            List<Circle> there = sector == 0 ? rings : turned(sector);
            for (int a = 0; a < free; a++) {
                for (int b = a; b < rings.size(); b++) {
                    boolean once = a < b || (sector > 0 && sector <= arms / 2);
                    double reach = rings.get(a).radius() + rings.get(b).radius() - 2 + most;
                    if (once && rings.get(a).centre().distanceSq(there.get(b).centre()) < reach * reach) {
                        found.add(new int[] {a, b, sector});
                    }
                }
            }
        }
        return found;
    }

    /** Every two rings near each other: a, b, sectors from one to the other. */
    List<int[]> pairs() {
        return pairs;
    }

    @Override
    public double unit() {
        return rings.get(0).radius();
    }

    @Override
    public int columns() {
        return heightColumn() + (hubs.held() == Held.ALL ? 0 : hubs.count());
    }

    /** Of the larger rings' radius, where it is not given. */
    int radiusColumn() {
        return RingMotion.PER_RING * free;
    }

    private int heightColumn() {
        return radiusColumn() + (hubs.held() == Held.NOTHING ? 1 : 0);
    }

    @Override
    public double size(int column) {
        return hubs.radius();
    }

    private double hubShare() {
        return (1 + hubs.thickness()) / 2;
    }

    @Override
    public double smallest(double reach) {
        return smallest(reach, Double.NEGATIVE_INFINITY);
    }

    /**
     * The smallest gap, or, as soon as it is known to be no larger than {@code than}, one that is not: for a search that only asks whether this
     * is roomier.
     */
    double smallest(double reach, double than) {
        double least = Double.POSITIVE_INFINITY;
        for (int at = 0; at < pairs.size() && least > than; at++) {
            int[] pair = pairs.get(at);
            least = Math.min(
                    least,
                    CircleDistance.smallest(rings.get(pair[0]), image(pair[1], pair[2]), Math.min(reach, least)));
        }
        for (int hub = 0; hub < hubs.count() && least > than; hub++) {
            for (Circle ring : rings) {
                least = Math.min(
                        least,
                        CircleDistance.smallest(ring, hubs.circle(hub), hubShare() * Math.min(reach, least))
                                / hubShare());
            }
            for (int other = 0; other < hub; other++) {
                least = Math.min(least, apart(hub, other) / hubs.thickness());
            }
        }
        return least;
    }

    private double apart(int hub, int other) {
        return Math.abs(hubs.heights()[hub] - hubs.heights()[other]);
    }

    @Override
    public Gaps gaps(double reach) {
        var found = new GapList();
        for (int[] pair : pairs) {
            Circle b = image(pair[1], pair[2]);
            CircleDistance.minima(rings.get(pair[0]), b, reach, (distance, onA, onB) -> {
                if (distance > TOUCHING) {
                    Vector3D n = onA.subtract(onB).normalize();
                    double[] row = new double[columns()];
                    push(row, pair[0], n, onA.subtract(rings.get(pair[0]).centre()));
                    push(row, pair[1], turned(n, -pair[2]).negate(), turned(onB.subtract(b.centre()), -pair[2]));
                    found.add(distance, row);
                }
            });
        }
        for (int hub = 0; hub < hubs.count(); hub++) {
            hubGaps(hub, reach, found);
        }
        return found;
    }

    private void hubGaps(int hub, double reach, GapList found) {
        for (int n = 0; n < rings.size(); n++) {
            int ring = n;
            CircleDistance.minima(rings.get(n), hubs.circle(hub), hubShare() * reach, (distance, onRing, onHub) -> {
                if (distance > TOUCHING) {
                    Vector3D way = onRing.subtract(onHub).normalize().scalarMultiply(1 / hubShare());
                    double[] row = new double[columns()];
                    push(row, ring, way, onRing.subtract(rings.get(ring).centre()));
                    if (hubs.held() == Held.NOTHING) {
                        row[radiusColumn()] -= (way.getX() * onHub.getX() + way.getY() * onHub.getY()) / hubs.radius();
                    }
                    if (hubs.held() != Held.ALL) {
                        row[heightColumn() + hub] -= way.getZ();
                    }
                    found.add(distance / hubShare(), row);
                }
            });
        }
        for (int other = 0; other < hub; other++) {
            if (hubs.held() != Held.ALL && apart(hub, other) / hubs.thickness() <= reach) {
                double[] row = new double[columns()];
                double side = Math.signum(hubs.heights()[hub] - hubs.heights()[other]) / hubs.thickness();
                row[heightColumn() + hub] = side;
                row[heightColumn() + other] = -side;
                found.add(apart(hub, other) / hubs.thickness(), row);
            }
        }
    }

    private void push(double[] row, int ring, Vector3D n, Vector3D arm) {
        if (ring < free) {
            RingMotion.push(row, ring, rings.get(ring), n, arm);
        }
    }

    @Override
    public Star stepped(double[] by, double scale) {
        var moved = new ArrayList<>(rings);
        for (int n = 0; n < free; n++) {
            moved.set(n, RingMotion.moved(rings.get(n), by, n, scale));
        }
        double[] heights = hubs.heights().clone();
        for (int hub = 0; hub < heights.length && hubs.held() != Held.ALL; hub++) {
            heights[hub] += scale * by[heightColumn() + hub];
        }
        double radius = hubs.radius() + (hubs.held() == Held.NOTHING ? scale * by[radiusColumn()] : 0);
        return new Star(arms, moved, free, new Hubs(radius, heights, hubs.thickness(), hubs.held()), pairs);
    }

    @Override
    public Star settled() {
        return new Star(arms, rings, free, hubs);
    }

    @Override
    public double furthest(double[] by) {
        double most = 0;
        for (int n = 0; n < free; n++) {
            most = Math.max(most, RingMotion.furthest(by, n, rings.get(n)));
        }
        double hub = hubs.held() == Held.NOTHING ? Math.abs(by[radiusColumn()]) : 0;
        double height = 0;
        for (int k = 0; k < hubs.count() && hubs.held() != Held.ALL; k++) {
            height = Math.max(height, Math.abs(by[heightColumn() + k]));
        }
        return Math.max(most, hub + height);
    }

    @Override
    public Star beyond(Star before, double share) {
        var further = new ArrayList<>(rings);
        for (int n = 0; n < free; n++) {
            further.set(n, RingMotion.beyond(before.rings.get(n), rings.get(n), share));
        }
        double[] heights = hubs.heights().clone();
        for (int hub = 0; hub < heights.length; hub++) {
            heights[hub] += share * (heights[hub] - before.hubs.heights()[hub]);
        }
        double radius = hubs.radius() + share * (hubs.radius() - before.hubs.radius());
        return new Star(arms, further, free, new Hubs(radius, heights, hubs.thickness(), hubs.held()));
    }

    @Override
    public double furthestFrom(Star other) {
        double most = Math.abs(hubs.radius() - other.hubs.radius());
        for (int n = 0; n < free; n++) {
            most = Math.max(most, RingMotion.apart(rings.get(n), other.rings.get(n)));
        }
        for (int hub = 0; hub < hubs.count(); hub++) {
            most = Math.max(most, Math.abs(hubs.heights()[hub] - other.hubs.heights()[hub]));
        }
        return most;
    }
}
