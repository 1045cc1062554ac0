package toroid.core.weave;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.solve.Pose;

/**
 * A second way to the smallest aspect ratio, for cells of any size: every ring pushes every near one off, the nearest places hardest, and
 * the cell gives way. No contacts, no programme, no line search: forces weighted {@code exp(−p d)} over sampled places, steps by Adam (Kingma
 * and Ba 2015), and p raised until only the nearest places count. It stops a little short of the optimum.
 */
final class SoftForces {
    private static final double[] SHARPNESS = {15, 50, 150, 500, 1500};
    private static final double[] RATE = {0.02, 0.012, 0.005, 0.002, 0.0006};
    private static final int STEPS = 220;
    private static final int SAMPLES = 48;
    private static final double REACH = 0.9;
    private static final double MARGIN = 0.5;
    private static final int LOOKED_ROUND = 20;

    private final Pose start;
    private final List<int[]> images;
    private final List<List<int[]>> near = new ArrayList<>();
    private Pose now;
    private double[] first;
    private double[] second;
    private double least = 0.3;
    private int step;

    private SoftForces(Pose start, int cells) {
        this.start = start;
        this.images = images(start, cells);
    }

    /** Climbs from that pose, each ring first pushed off it by about {@code shake}. */
    static Pose climbed(Pose start, int cells, double shake, long seed) {
        var forces = new SoftForces(start, cells);
        forces.now = shaken(start, shake, new Random(seed));
        for (int stage = 0; stage < SHARPNESS.length; stage++) {
            forces.settle(SHARPNESS[stage], RATE[stage]);
        }
        return forces.now;
    }

    private static Pose shaken(Pose pose, double by, Random random) {
        return pose.withRings(pose.rings().stream()
                .map(ring -> tilted(ring, gaussian(random, by), gaussian(random, by)))
                .toList());
    }

    private static Vector3D gaussian(Random random, double by) {
        return new Vector3D(random.nextGaussian(), random.nextGaussian(), random.nextGaussian()).scalarMultiply(by);
    }

    private static Circle tilted(Circle ring, Vector3D move, Vector3D tilt) {
        double angle = tilt.getNorm();
        Vector3D normal = angle < 1e-15
                ? ring.normal()
                : new Rotation(tilt, angle, RotationConvention.VECTOR_OPERATOR).applyTo(ring.normal());
        return new Circle(ring.centre().add(move), normal.normalize(), ring.radius());
    }

    /** Every (ring, i, j) that may come near the cell. */
    private static List<int[]> images(Pose pose, int cells) {
        var all = new ArrayList<int[]>();
        boolean finite = pose.pitch() == 0;
        int around = pose.lattice().around();
        int along = finite ? 0 : cells;
        int from = around > 0 || !pose.lattice().isTwofold() ? 0 : -cells;
        int to = around > 0 ? around - 1 : -from;
        for (int i = -along; i <= along; i++) {
            for (int j = from; j <= to; j++) {
                for (int k = 0; k < pose.rings().size(); k++) {
                    all.add(new int[] {k, i, j});
                }
            }
        }
        return all;
    }

    private void settle(double sharpness, double rate) {
        first = new double[6 * start.rings().size() + 3];
        second = new double[first.length];
        step = 0;
        double[] push = new double[first.length];
        for (int i = 0; i < STEPS; i++) {
            if (i % LOOKED_ROUND == 0) {
                lookRound();
            }
            least = push(sharpness, least, push);
            give(push, rate * (1 - (double) i / STEPS));
        }
    }

    /** Which images may come near each ring before it is looked round again. */
    private void lookRound() {
        near.clear();
        for (int a = 0; a < now.rings().size(); a++) {
            Circle own = now.rings().get(a);
            int self = a;
            near.add(images.stream()
                    .filter(image -> image[0] != self || image[1] != 0 || image[2] != 0)
                    .filter(image -> {
                        Circle other = now.image(image[0], image[1], image[2]);
                        double reach = own.radius() + other.radius() + REACH + MARGIN;
                        return own.centre().distance(other.centre()) < reach;
                    })
                    .toList());
        }
    }

    /** The pushes on every number of the cell; answers the smallest sampled distance. */
    private double push(double sharpness, double before, double[] push) {
        Arrays.fill(push, 0);
        double least = Double.MAX_VALUE;
        double weight = 0;
        int lattice = push.length - 3;
        for (int a = 0; a < now.rings().size(); a++) {
            Circle own = now.rings().get(a);
            Vector3D helper = Math.abs(own.normal().getZ()) < 0.7 ? Vector3D.PLUS_K : Vector3D.PLUS_I;
            Vector3D u = Vectors.cross(own.normal(), helper).normalize();
            Vector3D v = Vectors.cross(own.normal(), u);
            for (int[] image : near.get(a)) {
                Circle other = now.image(image[0], image[1], image[2]);
                if (own.centre().distance(other.centre()) > own.radius() + other.radius() + REACH) {
                    continue;
                }
                for (int s = 0; s < SAMPLES; s++) {
                    double angle = 2 * Math.PI * (s + 0.5 * (step % 2)) / SAMPLES;
                    Vector3D arm = Vectors.sum(own.radius() * Math.cos(angle), u, own.radius() * Math.sin(angle), v);
                    Vector3D p = own.centre().add(arm);
                    Vector3D q = nearest(p, other);
                    double distance = p.distance(q);
                    least = Math.min(least, distance);
                    double w = Math.exp(Math.min(30, sharpness * (before - distance)));
                    if (w < 1e-8) {
                        continue;
                    }
                    weight += w;
                    Vector3D e = p.subtract(q).scalarMultiply(w / Math.max(1e-9, distance));
                    add(push, 6 * a, e);
                    add(push, 6 * a + 3, Vectors.cross(arm, e));
                    push[lattice] -=
                            e.getX() * image[1] + Vectors.dot(e, now.lattice().shared()) * image[2];
                    push[lattice + 1] -= e.getY() * image[2];
                    push[lattice + 2] -= Vectors.dot(e, Vectors.cross(Vector3D.PLUS_I, q)) * image[1];
                }
            }
        }
        for (int i = 0; i < push.length; i++) {
            push[i] /= Math.max(1e-300, weight);
        }
        return least;
    }

    private static void add(double[] push, int at, Vector3D by) {
        push[at] += by.getX();
        push[at + 1] += by.getY();
        push[at + 2] += by.getZ();
    }

    private static Vector3D nearest(Vector3D p, Circle c) {
        Vector3D off = p.subtract(c.centre());
        Vector3D flat = Vectors.sum(1, off, -Vectors.dot(off, c.normal()), c.normal());
        double norm = flat.getNorm();
        Vector3D way = norm < 1e-12 ? c.normal().orthogonal() : flat.scalarMultiply(1 / norm);
        return c.centre().add(way.scalarMultiply(c.radius()));
    }

    /** One step of Adam. */
    private void give(double[] push, double rate) {
        step++;
        double[] move = new double[push.length];
        for (int i = 0; i < push.length; i++) {
            first[i] = 0.9 * first[i] + 0.1 * push[i];
            second[i] = 0.99 * second[i] + 0.01 * push[i] * push[i];
            double mean = first[i] / (1 - Math.pow(0.9, step));
            double square = second[i] / (1 - Math.pow(0.99, step));
            move[i] = rate * mean / (Math.sqrt(square) + 1e-4);
        }
        var rings = new ArrayList<Circle>();
        for (int k = 0; k < now.rings().size(); k++) {
            rings.add(tilted(
                    now.rings().get(k),
                    new Vector3D(move[6 * k], move[6 * k + 1], move[6 * k + 2]),
                    new Vector3D(move[6 * k + 3], move[6 * k + 4], move[6 * k + 5])));
        }
        int lattice = push.length - 3;
        now = new Pose(
                start.lattice(),
                rings,
                start.pitch() == 0 ? 0 : Math.max(0.2, now.pitch() + move[lattice]),
                start.across() == 0 ? 0 : Math.max(0.2, now.across() + move[lattice + 1]),
                start.lattice().turnFree() ? now.turn() + move[lattice + 2] : start.turn());
    }
}
