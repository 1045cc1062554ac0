package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.Port;
import toroid.core.numeric.Vectors;
import toroid.core.piece.part.PartWork;
import toroid.core.quantity.Force;

/**
 * A piece hung by its first part: every part turns until its own weight, and that of all that hangs from it, is below the point it bears on.
 *
 * <p>Each part is rigid and bears on what it hangs in at one point without friction; what hangs from it pulls straight down at its own bearing
 * point. It rests where {@code m (c − p) + Σ Mⱼ (pⱼ − p)} points straight down, p the bearing points for that very direction: found by repeating.
 * Exact for parts that do not push each other; which way their faces look is as counted, so friction and parts that lie against each other are
 * left out. Bright metal rests within some 10 to 20° of it (from memory: friction 0.2 to 0.4).
 *
 * @param down straight down, in each part's own coordinates, unit vectors
 * @param carriesG weight of each part and of all that hangs from it
 * @param tiltDegrees how far each part hangs from the way a pull goes through it
 */
public record Hanging(List<Vector3D> down, List<Double> carriesG, List<Double> tiltDegrees) {
    /** About so much in each ear is a lot, g. Common practice. */
    public static final double HEAVY_IN_AN_EAR_G = 10;

    private static final int MOST_TURNS = 500;
    private static final double STILL = 1e-12;

    /** Each step goes half the way: two bearing points that chase each other settle. */
    private static final double SHARE = 0.5;

    /** A joint is held against its load times this, for swinging and snagging. Our own. */
    private static final double SWINGING = 3;

    /** What each part's joint has to hold, N: three times the weight it carries. */
    public List<Double> loadsN() {
        return carriesG.stream()
                .map(grams -> SWINGING * Force.STANDARD_GRAVITY * grams / 1000)
                .toList();
    }

    public Hanging {
        down = List.copyOf(down);
        carriesG = List.copyOf(carriesG);
        tiltDegrees = List.copyOf(tiltDegrees);
    }

    public static Hanging of(PieceWork work) {
        int n = work.parts().size();
        double[] carries = carriesG(work);
        var down = new ArrayList<Vector3D>();
        var all = new ArrayList<Double>();
        for (int i = 0; i < n; i++) {
            Vector3D rests = rests(work, i, carries);
            down.add(rests);
            all.add(carries[i]);
        }
        return of(work, down, all);
    }

    /** @param down which way is down for each part, in its own coordinates */
    static Hanging of(PieceWork work, List<Vector3D> down, List<Double> carries) {
        List<Double> tilt = IntStream.range(0, down.size())
                .mapToObj(i -> Math.toDegrees(Vector3D.angle(work.hung().get(i).pull(), down.get(i))))
                .toList();
        return new Hanging(down, carries, tilt);
    }

    /** Weight of each part and of all that hangs from it, the rest of its row included. */
    static double[] carriesG(PieceWork work) {
        double[] carries = new double[work.parts().size()];
        for (int i = carries.length - 1; i >= 0; i--) {
            carries[i] += work.parts().get(i).massG();
            if (i > 0) {
                carries[work.hangsBy(i).a()] += carries[i];
            }
        }
        return carries;
    }

    /** A weight at a port, or at a place of the part itself. */
    private record Load(Port port, Vector3D place, double massG) {
        Vector3D at(Vector3D down) {
            return port == null ? place : port.bearing(down);
        }
    }

    private static Vector3D rests(PieceWork work, int i, double[] carries) {
        Hung hung = work.hung().get(i);
        return isHeldStraight(work, i) ? hung.pull() : rests(hung.in(), hung.pull(), loads(work, i, carries));
    }

    /** The first of a row with its only loop towards the row is held at its far end and pulled straight. */
    static boolean isHeldStraight(PieceWork work, int i) {
        return work.hung().get(i).turned() && work.parts().get(i).last() == null;
    }

    /**
     * Σ of what a part carries times how far each of it is from its bearing, in its own coordinates, g·mm: free of all else it points straight down.
     *
     * @param down which way is down, in its own coordinates
     */
    static Vector3D moment(PieceWork work, int i, double[] carries, Vector3D down) {
        return moment(work.hung().get(i).in(), loads(work, i, carries), down);
    }

    private static List<Load> loads(PieceWork work, int i, double[] carries) {
        PartWork part = work.parts().get(i);
        var loads = new ArrayList<Load>();
        loads.add(new Load(null, part.middle(), part.massG()));
        for (Joint joint : work.joints()) {
            if (joint.a() == i && joint.b() > i) {
                loads.add(new Load(joint.portA(), null, carries[joint.b()]));
            }
        }
        return loads;
    }

    private static Vector3D moment(Port in, List<Load> loads, Vector3D down) {
        Vector3D bears = in.bearing(down.negate());
        Vector3D moment = Vector3D.ZERO;
        for (Load load : loads) {
            moment = Vectors.sum(1, moment, load.massG(), load.at(down).subtract(bears));
        }
        return moment;
    }

    private static Vector3D rests(Port in, Vector3D pull, List<Load> loads) {
        Vector3D down = pull;
        for (int turn = 0; turn < MOST_TURNS; turn++) {
            Vector3D moment = moment(in, loads, down);
            if (moment.getNorm() < STILL) {
                return down; // balanced whichever way: as it is
            }
            Vector3D next = Vectors.sum(1 - SHARE, down, SHARE, moment.normalize());
            if (next.getNorm() < STILL) {
                return moment.normalize(); // on its head it does not stay
            }
            Vector3D turned = next.normalize();
            if (turned.distance(down) < STILL) {
                return turned;
            }
            down = turned;
        }
        return down;
    }
}
