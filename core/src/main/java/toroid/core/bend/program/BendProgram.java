package toroid.core.bend.program;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.function.ToDoubleFunction;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Vectors;

/**
 * A bent wire: where it starts and what follows. The centre line is continuous in place and direction.
 *
 * @param start the frame of the first end
 * @param bends in order along the wire
 */
public record BendProgram(Frame start, List<Bend> bends) {
    /** Points closer than this along the wire are not told apart, mm. */
    private static final double FINEST_MM = 1e-6;

    public BendProgram {
        bends = List.copyOf(bends);
    }

    /** How long the bent wire is along its middle: the sum of the runs, mm. */
    public double lengthMm() {
        return bends.stream().mapToDouble(bend -> bend.run().lengthMm()).sum();
    }

    /** Developed length: the straight wire it is made from, mm. Shorter than {@link #lengthMm()} where it is hammered. */
    public double wireMm() {
        return bends.stream().mapToDouble(bend -> bend.run().wireMm()).sum();
    }

    /** The straight wire one forming step puts in, mm. */
    public double wireOfStepMm(int step) {
        return bends.stream()
                .filter(bend -> bend.step() == step)
                .mapToDouble(bend -> bend.run().wireMm())
                .sum();
    }

    /** Where each bend begins on the straight wire, mm; one more entry for the end. */
    public double[] beginningsOnWireMm() {
        return beginnings(Run::wireMm);
    }

    /** How far along the wire each bend begins, mm; one more entry for the end. */
    public double[] beginningsMm() {
        return beginnings(Run::lengthMm);
    }

    private double[] beginnings(ToDoubleFunction<Run> length) {
        double[] along = new double[bends.size() + 1];
        for (int i = 0; i < bends.size(); i++) {
            along[i + 1] = along[i] + length.applyAsDouble(bends.get(i).run());
        }
        return along;
    }

    /** Where a place on the bent wire was on the straight one, mm. */
    public double onWireMm(double alongMm) {
        return place(alongMm, Run::lengthMm, Run::wireMm);
    }

    /** Where a place on the straight wire is on the bent one, mm: {@link #onWireMm} the other way round. */
    public double alongMm(double onWireMm) {
        return place(onWireMm, Run::wireMm, Run::lengthMm);
    }

    /** A place told in one measure of the runs, told in the other. */
    private double place(double at, ToDoubleFunction<Run> told, ToDoubleFunction<Run> wanted) {
        double before = 0;
        double there = 0;
        for (Bend bend : bends) {
            double length = told.applyAsDouble(bend.run());
            if (at <= before + length) {
                double share = length > 0 ? (at - before) / length : 0;
                return there + share * wanted.applyAsDouble(bend.run());
            }
            before += length;
            there += wanted.applyAsDouble(bend.run());
        }
        return there;
    }

    /** A place along {@code other}, which has the same bends at other lengths, told along this wire, mm: in step within each bend. */
    double alongOf(BendProgram other, double alongMm) {
        double before = 0;
        double there = 0;
        for (int i = 0; i < bends.size(); i++) {
            double length = other.bends.get(i).run().lengthMm();
            double own = bends.get(i).run().lengthMm();
            if (alongMm <= before + length || i == bends.size() - 1) {
                return there + (length > 0 ? (alongMm - before) / length : 0) * own;
            }
            before += length;
            there += own;
        }
        return there;
    }

    /** Whether all of it lies in one plane: straights and arcs that turn to either side only. */
    public boolean isPlane() {
        return bends.stream()
                .allMatch(bend -> Math.abs(Math.sin(bend.roll())) < FINEST_MM
                        && bend.run() instanceof ScrewRun run
                        && Math.abs(run.torsion()) < FINEST_MM);
    }

    /** The frame each bend begins in, rolled; one more entry for the end. */
    public List<Frame> frames() {
        var frames = new ArrayList<Frame>(bends.size() + 1);
        Frame frame = start;
        for (Bend bend : bends) {
            frame = frame.rolled(bend.roll());
            frames.add(frame);
            frame = bend.run().at(frame, bend.run().lengthMm());
        }
        frames.add(frame);
        return frames;
    }

    public Frame end() {
        List<Frame> frames = frames();
        return frames.get(frames.size() - 1);
    }

    /** The frame {@code alongMm} from the first end; held to the ends outside. */
    public Frame at(double alongMm) {
        Frame frame = start;
        double left = Math.max(0, alongMm);
        for (Bend bend : bends) {
            frame = frame.rolled(bend.roll());
            double length = bend.run().lengthMm();
            if (left <= length) {
                return bend.run().at(frame, left);
            }
            left -= length;
            frame = bend.run().at(frame, length);
        }
        return frame;
    }

    /**
     * Points on the centre line, the ends of every run among them.
     *
     * @param sagittaMm how far a chord may stray from the wire
     * @param longestMm how far apart two points are at most
     */
    public List<WirePoint> sampled(double sagittaMm, double longestMm) {
        var points = new ArrayList<WirePoint>();
        Frame frame = start;
        double before = 0;
        points.add(new WirePoint(0, start));
        for (Bend bend : bends) {
            frame = frame.rolled(bend.roll());
            Effort.check();
            Run run = bend.run();
            double length = run.lengthMm();
            int count = chords(run, sagittaMm, longestMm);
            if (count > 0) {
                for (int i = 1; i <= count; i++) {
                    double along = length * i / count;
                    points.add(new WirePoint(before + along, run.at(frame, along)));
                }
                before += length;
            }
            frame = run.at(frame, length);
        }
        return points;
    }

    /** How many points {@link #sampled} would give, without making them; as a double, since it may be more than an int holds. */
    public double pointsSampled(double sagittaMm, double longestMm) {
        return 1
                + bends.stream()
                        .mapToDouble(bend -> chords(bend.run(), sagittaMm, longestMm))
                        .sum();
    }

    private static int chords(Run run, double sagittaMm, double longestMm) {
        double length = run.lengthMm();
        return length > FINEST_MM ? (int) Math.ceil(length / Math.min(longestMm, run.chordMm(sagittaMm)) - 1e-9) : 0;
    }

    /** The mirror image in the xy plane: the other hand. */
    public BendProgram mirrored() {
        return new BendProgram(
                new Frame(flip(start.position()), flip(start.tangent()), flip(start.normal())),
                bends.stream()
                        .map(bend -> new Bend(-bend.roll(), bend.run().mirrored(), bend.step()))
                        .toList());
    }

    private static Vector3D flip(Vector3D v) {
        return new Vector3D(v.getX(), v.getY(), -v.getZ());
    }

    /** The same wire, told from its other end. */
    public BendProgram reversed() {
        var turned = new ArrayList<Bend>(bends.size());
        double roll = 0;
        for (int i = bends.size() - 1; i >= 0; i--) {
            Bend bend = bends.get(i);
            turned.add(new Bend(roll, bend.run().reversed(), bend.step()));
            roll = bend.roll();
        }
        return new BendProgram(end().turnedBack(), turned);
    }

    /** This wire told backwards, then {@code onward}, which leaves from the same place the other way. */
    public BendProgram joined(BendProgram onward) {
        BendProgram back = reversed();
        Frame middle = back.end();
        Frame next = onward.start();
        if (middle.position().distance(next.position()) > 1e-6
                || middle.tangent().distance(next.tangent()) > 1e-6) {
            throw new IllegalArgumentException("the two halves do not leave from one place in opposite directions");
        }
        double roll =
                Math.atan2(Vectors.dot(next.normal(), middle.binormal()), Vectors.dot(next.normal(), middle.normal()));
        // the first bend's own roll was dropped by telling it backwards; it comes back as part of the turn between the
        // halves
        var all = new ArrayList<>(back.bends());
        for (int i = 0; i < onward.bends().size(); i++) {
            Bend bend = onward.bends().get(i);
            all.add(i == 0 ? new Bend(bend.roll() + roll, bend.run(), bend.step()) : bend);
        }
        return new BendProgram(back.start(), all);
    }

    /** Everything {@code factor} times as large. */
    public BendProgram scaled(double factor) {
        return new BendProgram(
                new Frame(start.position().scalarMultiply(factor), start.tangent(), start.normal()),
                bends.stream().map(bend -> bend.with(bend.run().scaled(factor))).toList());
    }

    /** Moved and turned as a whole, so that it starts in {@code frame}. */
    public BendProgram startingAt(Frame frame) {
        return new BendProgram(frame, bends);
    }

    /**
     * The wire while it is being formed: what is not made yet is straight, and what crosses lies in its plane until all is made.
     *
     * @param made whether a forming step is done
     */
    public BendProgram formed(IntPredicate made) {
        boolean whole = bends.stream().allMatch(bend -> made.test(bend.step()));
        var now = new ArrayList<Bend>(bends.size());
        for (Bend bend : bends) {
            now.add(
                    made.test(bend.step())
                            ? whole ? bend : bend.with(bend.run().flat())
                            : new Bend(bend.roll(), bend.run().straightened(), bend.step()));
        }
        return new BendProgram(whole ? start : flatStart(), Collections.unmodifiableList(now));
    }

    /** Where it begins in its plane, where its first run is lifted there. */
    private Frame flatStart() {
        if (bends.isEmpty()) {
            return start;
        }
        Bend first = bends.get(0);
        return first.run().flatStart(start.rolled(first.roll())).rolled(-first.roll());
    }

    /** The smallest radius the wire's middle is bent to, mm; infinite when it is straight. */
    public double sharpestRadiusMm() {
        return 1
                / bends.stream()
                        .mapToDouble(b -> b.run().sharpestCurvature())
                        .max()
                        .orElse(0);
    }
}
