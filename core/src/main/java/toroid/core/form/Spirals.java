package toroid.core.form;

import java.util.Map;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.FlatSpiral;
import toroid.core.bend.program.SpiralRun;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;

/** Flat spirals at a wire's end. The innermost turn is as tight as round-nose tips turn it. */
public final class Spirals {
    /** Centre-line radius of the innermost turn, in wire diameters. Common practice, our own figure. */
    private static final double INNERMOST = 0.75;

    private Spirals() {}

    /** A spiral of that many turns, its rows {@code spacing} apart. */
    public static FlatSpiral ofTurns(double wireMm, double turns, double spacingMm) {
        double inner = INNERMOST * wireMm;
        return new FlatSpiral(inner, inner + turns * spacingMm, spacingMm);
    }

    /** A spiral that wide outside. */
    public static FlatSpiral ofWidth(double wireMm, double widthMm, double spacingMm) {
        return new FlatSpiral(INNERMOST * wireMm, (widthMm - wireMm) / 2, spacingMm);
    }

    /** Outside width, mm. */
    public static double widthMm(FlatSpiral spiral, double wireMm) {
        return 2 * spiral.outerRadiusMm() + wireMm;
    }

    /** Curls the wire from here inward, the spiral's middle standing on the line of the stem. */
    public static void centred(WireMaker wire, FlatSpiral spiral, String part) {
        double r = 0.75 * wire.diameterMm();
        double rho = spiral.outerRadiusMm();
        double tip = Math.toDegrees(Math.atan2(Math.sqrt(rho * rho + 2 * r * rho), r));
        wire.step(FormStep.Kind.BEND, part).crisp(-tip);
        inward(wire, spiral, part);
    }

    /** Curls the wire from here inward, beside the stem. */
    public static void inward(WireMaker wire, FlatSpiral spiral, String part) {
        wire.step(FormStep.Kind.SPIRAL, part)
                .run(new SpiralRun(spiral, true, false))
                .end(EndState.FLUSH);
    }

    /**
     * Centre-line radius at the inner end of a close spiral that just goes round the ball on its end, which a quarter turn inward brings to
     * its middle: the ball's own middle stands {@code (R − q − b/2, −q)} from the spiral's, for the neck's radius q.
     *
     * @return mm, to 1e-6
     */
    public static double roundBallMm(double ballMm, double wireMm, double neckMm) {
        double touch = (ballMm + wireMm) / 2;
        return new BrentSolver(1e-6).solve(200, r -> nearest(r, ballMm, wireMm, neckMm) - touch, touch / 2, 4 * touch);
    }

    private static double nearest(double r, double ballMm, double wireMm, double neckMm) {
        var ball = new Vector3D(r - neckMm - ballMm / 2, -neckMm, 0);
        double nearest = Double.MAX_VALUE;
        for (double turn = 0; turn <= 1; turn += 1.0 / 180) {
            double angle = 2 * Math.PI * turn;
            double out = r + wireMm * turn;
            nearest = Math.min(nearest, ball.distance(new Vector3D(out * Math.cos(angle), out * Math.sin(angle), 0)));
        }
        return nearest;
    }

    /** Notes a spiral wider than the bead it is to lie on. */
    public static void checkAgainstBead(FormMaker maker, double widthMm, double beadMm) {
        if (beadMm > 0 && widthMm > beadMm) {
            maker.note(Note.care(NoteCode.SPIRAL_WIDER_THAN_BEAD, Map.of("widthMm", widthMm, "beadMm", beadMm)));
        }
    }
}
