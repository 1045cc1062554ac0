package toroid.core.form.catalogue;

import com.google.auto.service.AutoService;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.BendProgram;
import toroid.core.bend.program.FlatSpiral;
import toroid.core.bend.program.Frame;
import toroid.core.bend.program.SpiralRun;
import toroid.core.bend.program.WirePoint;
import toroid.core.form.EndState;
import toroid.core.form.Family;
import toroid.core.form.Form;
import toroid.core.form.FormInfo;
import toroid.core.form.FormMaker;
import toroid.core.form.FormStep.Kind;
import toroid.core.form.Opening;
import toroid.core.form.Parameter;
import toroid.core.form.WireMaker;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Roots;
import toroid.core.numeric.Unit;
import toroid.core.numeric.Vectors;

/**
 * A link from a length balled at both ends: curled from the inner ball outward as an open spiral, then closer until the outer ball touches
 * the turn before, and soldered there (common practice). Where it touches is found on the drawn curve to a hundredth of the wire.
 */
@AutoService(Form.class)
public final class BalledLink implements Form {
    @Override
    public FormInfo info() {
        return new FormInfo(
                "balled-link",
                Family.FRAMES,
                "balled spiral link",
                "balled at both ends, curled and soldered shut",
                1.2);
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.length(
                        "inside",
                        "innermost turn, inside",
                        d -> 4 * d,
                        d -> 3 * d,
                        d -> 30 * d,
                        "The next link goes through here."),
                Parameter.length(
                        "turns", "turns", d -> 1.6, d -> 1.2, d -> 5, "Before it closes; one and a half is usual."),
                Parameter.length(
                        "gap",
                        "between the turns",
                        d -> 1.5 * d,
                        d -> 0.3 * d,
                        d -> 8 * d,
                        "Room for the next link's wire."),
                Parameter.length("ball", "balls", d -> 2 * d, d -> 1.2 * d, d -> 3 * d, "A larger ball drops off."));
    }

    @Override
    public List<String> alsoCalled() {
        return List.of("balled link", "curled link", "spiral link", "ball ended link");
    }

    /** How sharply the end is brought in: a share of the outer turn's radius. */
    private static final double CLOSER = 0.6;

    private static final double MOST_DEGREES = 200;

    @Override
    public void make(FormMaker m) {
        double d = m.d();
        double least = (m.mm("ball") - d) / 2;
        if (m.mm("gap") < least) {
            throw Refusal.outOfRange("gap", m.mm("gap"), least, 8 * d, Unit.MM, Remedy.BALL_LIES_ON_THE_TURN_BEFORE);
        }
        double spacing = d + m.mm("gap");
        double inner = (m.mm("inside") + d) / 2;
        var spiral = new FlatSpiral(inner, inner + m.mm("turns") * spacing, spacing);
        WireMaker wire = m.wire("link", new Frame(Vector3D.ZERO, Vector3D.PLUS_I, Vector3D.PLUS_J));
        Frame own = spiral.at(0);
        var pole = new Vector3D(
                -Vectors.dot(own.position(), own.tangent()), -Vectors.dot(own.position(), own.normal()), 0);
        wire.port("innermost turn", pole, Vector3D.PLUS_K, m.mm("inside"), Opening.WHILE_MADE);
        wire.firstBall(m.mm("ball"))
                .step(Kind.SPIRAL, "from the inner ball outward")
                .run(SpiralRun.of(spiral));
        double radius = CLOSER * spiral.outerRadiusMm();
        Frame from = wire.here();
        BendProgram soFar = wire.program();
        double touches = touches(m, from, soFar, radius);
        wire.step(Kind.BEND, "outer end, until its ball touches").bend(2 * radius - d, Math.toDegrees(touches));
        wire.ballBefore(m.mm("ball"), "from the inner ball outward");
        m.done(wire, 0, EndState.BALLED);
        m.does(Kind.SOLDER, "outer ball, where it touches");
    }

    /** How far the end is brought in, radians. */
    private static double touches(FormMaker m, Frame from, BendProgram soFar, double radius) {
        double touch = (m.mm("ball") + m.d()) / 2;
        List<WirePoint> points = soFar.sampled(0.002 * m.d(), 0.1 * m.d());
        double own = soFar.lengthMm() - Math.PI * radius;
        double most = Math.toRadians(MOST_DEGREES);
        double step = Math.toRadians(2);
        double at = step;
        while (at < most && apart(m, from, radius, at, points, own) > touch) {
            at += step;
        }
        if (at >= most) {
            throw Refusal.outOfRange(
                    "gap", m.mm("gap"), 0.3 * m.d(), 8 * m.d(), Unit.MM, Remedy.OUTER_END_NEVER_TOUCHES);
        }
        return Roots.between(angle -> apart(m, from, radius, angle, points, own) - touch, at - step, at, 1e-6);
    }

    /** From the ball's middle to the turns before it. */
    private static double apart(
            FormMaker m, Frame from, double radius, double angle, List<WirePoint> points, double ownMm) {
        Frame end = from.advanced(radius * angle, 1 / radius, 0);
        var ball = Vectors.sum(1, end.position(), m.mm("ball") / 2, end.tangent());
        double nearest = Double.MAX_VALUE;
        for (WirePoint point : points) {
            if (point.alongMm() < ownMm) {
                nearest = Math.min(nearest, point.frame().position().distance(ball));
            }
        }
        return nearest;
    }
}
