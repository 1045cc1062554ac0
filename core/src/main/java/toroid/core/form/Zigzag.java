package toroid.core.form;

import java.util.Map;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Roots;
import toroid.core.numeric.Unit;
import toroid.core.quantity.NoteCode;

/**
 * One wave of crimped wire: two flanks at ±θ to its run and two rounds of centre-line radius R.
 *
 * <p>Half a wave advances {@code p/2 = s cos θ + 2R sin θ} and rises {@code h = s sin θ + 2R (1 − cos θ)} with s the straight of
 * a flank; θ is the root of the second with s from the first. Exact geometry of arcs and straights.
 *
 * @param angle θ, radians
 * @param flankMm s
 * @param radiusMm R, to the wire's middle
 */
public record Zigzag(double angle, double flankMm, double radiusMm) {
    /** Toothed wheels take wire from this to the next, mm. Common practice. */
    private static final double WHEELS_FROM = 0.6;

    private static final double WHEELS_TO = 0.8;
    private static final double MEASURED = 0.03;

    /** From the parameters wave and height, on teeth as round as the wire is thick. */
    public static Zigzag of(FormMaker maker) {
        double p = maker.mm("wave");
        double h = maker.mm("height");
        double radius = maker.d();
        double steepest = Math.asin(Math.min(0.999, p / (4 * radius)));
        double highest = rise(steepest, p, radius);
        if (h > highest) {
            throw Refusal.outOfRange("height", h, 0.2 * maker.d(), highest, Unit.MM, Remedy.WAVE_TOO_SHORT_TO_RISE);
        }
        double angle = Roots.between(a -> rise(a, p, radius) - h, 0, steepest, 1e-12);
        return new Zigzag(angle, straight(angle, p, radius), radius);
    }

    private static double straight(double angle, double p, double radius) {
        return (p / 2 - 2 * radius * Math.sin(angle)) / Math.cos(angle);
    }

    private static double rise(double angle, double p, double radius) {
        return straight(angle, p, radius) * Math.sin(angle) + 2 * radius * (1 - Math.cos(angle));
    }

    /** Wire in one wave, mm. */
    public double waveWireMm() {
        return 2 * flankMm + 4 * radiusMm * angle;
    }

    /** Length of a wave against its wire, below 1. */
    public double shortening() {
        return 2 * (flankMm * Math.cos(angle) + 2 * radiusMm * Math.sin(angle)) / waveWireMm();
    }

    /** How far the wire's middle has risen that far along its run from a valley, mm; up to the middle of a flank. */
    public double riseFromValleyMm(double alongMm) {
        double round = radiusMm * Math.sin(angle);
        double x = Math.abs(alongMm);
        return x <= round
                ? radiusMm - Math.sqrt(radiusMm * radiusMm - x * x)
                : radiusMm * (1 - Math.cos(angle)) + (x - round) * Math.tan(angle);
    }

    /**
     * From the middle of the opening between two mirrored waves to the nearest middle line of the wire, mm: found along the wave.
     *
     * @param valleyMm from the middle line between the two to the wire's middle in a valley
     */
    public double nearestToAWaveMm(double valleyMm) {
        double half = flankMm * Math.cos(angle) + 2 * radiusMm * Math.sin(angle);
        double high = flankMm * Math.sin(angle) + 2 * radiusMm * (1 - Math.cos(angle));
        double nearest = Double.MAX_VALUE;
        for (int i = 0; i <= STATIONS; i++) {
            double x = half * i / STATIONS;
            double rise = x <= half / 2 ? riseFromValleyMm(x) : high - riseFromValleyMm(half - x);
            nearest = Math.min(nearest, Math.hypot(half - x, valleyMm + rise));
        }
        return nearest;
    }

    private static final int STATIONS = 400;

    /**
     * Room for turns bound in a valley, mm along the wave: the whole wave, or where its flanks are steep only the round of the valley, as turns
     * slide down flanks steeper than {@value #STEEP_DEGREES}° (our own figure: bright wire on bright wire holds to about half that by friction, the
     * turns beside it hold the rest).
     */
    public double holdsTurnsMm(double waveMm) {
        double steep = Math.toRadians(STEEP_DEGREES);
        return angle <= steep ? waveMm : Math.min(waveMm, 2 * radiusMm * Math.sin(steep));
    }

    private static final double STEEP_DEGREES = 60;

    /** Half the wire as a cut straight across the run shows it: {@code d/2 / cos} of its slope there, mm. */
    public double halfAcrossMm(double wireMm, double alongMm) {
        double slope = Math.min(angle, Math.asin(Math.min(1, Math.abs(alongMm) / radiusMm)));
        return wireMm / 2 / Math.cos(slope);
    }

    /** Runs that many waves from where the wire is, along its tangent. */
    public void run(WireMaker wire, int waves) {
        double degrees = Math.toDegrees(angle);
        double inside = 2 * radiusMm - wire.diameterMm();
        for (int i = 0; i < waves; i++) {
            wire.bend(inside, degrees).straight(flankMm).bend(inside, -degrees);
            wire.bend(inside, -degrees).straight(flankMm).bend(inside, degrees);
        }
    }

    /** Notes wire that the wheels do not take. */
    public static void checkWheels(FormMaker maker) {
        if (maker.d() < WHEELS_FROM - MEASURED || maker.d() > WHEELS_TO + MEASURED) {
            maker.care(NoteCode.WHEELS_TAKE, Map.of("wireMm", maker.d(), "fromMm", WHEELS_FROM, "toMm", WHEELS_TO));
        }
    }
}
