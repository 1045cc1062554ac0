package toroid.core.form;

import java.util.Map;
import toroid.core.bend.program.FlatSpiral;
import toroid.core.bend.program.SpiralRun;
import toroid.core.quantity.Note;

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

    /** Notes a spiral wider than the bead it is to lie on. */
    public static void checkAgainstBead(FormMaker maker, double widthMm, double beadMm) {
        if (beadMm > 0 && widthMm > beadMm) {
            maker.note(Note.care("spiral-wider-than-bead", Map.of("widthMm", widthMm, "beadMm", beadMm)));
        }
    }
}
