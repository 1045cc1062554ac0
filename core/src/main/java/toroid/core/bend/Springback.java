package toroid.core.bend;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Roots;
import toroid.core.numeric.Unit;

/**
 * Wire wound tight on a round mandrel and let go, and the two inverse questions.
 *
 * <p>Held at {@code κ₀ = 2/(M + d)} the wire carries the moment {@link BendingMoment}; let go it unloads elastically, so that
 * {@code κ = κ₀ − M(κ₀)/(E I)} and {@code ID = 2/κ − d}. Standard theory of springback (Gardiner 1957 gives the sheet version). Monotonic: a bigger mandrel gives a bigger ring, a stronger metal springs more.
 */
public final class Springback {
    /** Mandrels worked with, mm. */
    public static final double SMALLEST_MANDREL_MM = 0.2;

    public static final double LARGEST_MANDREL_MM = 200;

    /** The largest ring worked with, mm. */
    public static final double LARGEST_SPRUNG_MM = 250;

    private static final double TOLERANCE_MM = 1e-10;

    private Springback() {}

    /** The range of mandrel diameters worked with. @throws Refusal outside it */
    public static double checkMandrel(double mandrelDiameterMm) {
        return Checks.within(
                "mandrelDiameterMm",
                mandrelDiameterMm,
                SMALLEST_MANDREL_MM,
                LARGEST_MANDREL_MM,
                Unit.MM,
                Remedy.CHOOSE_ANOTHER_ROD);
    }

    /** True when the wire only flexes round this mandrel and comes back straight: {@code ε_y/κ₀ ≥ d/2}. */
    public static boolean onlyFlexes(BarInBending bar, double mandrelDiameterMm) {
        double curvature = woundCurvature(bar, mandrelDiameterMm);
        return bar.yieldStrain() / curvature >= bar.wireRadiusMm();
    }

    /** The largest mandrel on which the wire still takes a set, mm: {@code M = d/ε_y − d}. */
    public static double largestSettingMandrelMm(BarInBending bar) {
        double d = 2 * bar.wireRadiusMm();
        return d / bar.yieldStrain() - d;
    }

    /**
     * Inner diameter of the sprung coil, mm.
     *
     * @throws Refusal {@code too-springy} when the wire only flexes on this mandrel
     */
    public static double innerDiameterMm(BarInBending bar, double mandrelDiameterMm) {
        checkMandrel(mandrelDiameterMm);
        if (onlyFlexes(bar, mandrelDiameterMm)) {
            throw tooSpringy(RefusalCode.TOO_SPRINGY, bar, mandrelDiameterMm);
        }
        return springs(bar, mandrelDiameterMm);
    }

    /**
     * @param sprungMm what the coil springs open to
     * @throws Refusal {@code hardly-takes-a-set} when it is larger: the wire hardly takes a set on this mandrel, with the largest mandrel that
     *     leaves a ring
     */
    public static double checkSet(BarInBending bar, double mandrelDiameterMm, double sprungMm) {
        if (sprungMm > LARGEST_SPRUNG_MM) {
            throw tooSpringy(RefusalCode.HARDLY_TAKES_A_SET, bar, mandrelDiameterMm)
                    .with("sprungMm", sprungMm);
        }
        return sprungMm;
    }

    private static Refusal tooSpringy(RefusalCode code, BarInBending bar, double mandrelDiameterMm) {
        double mostMm = mandrelForMm(bar, LARGEST_SPRUNG_MM);
        return Refusal.tooLarge(code, "mandrelDiameterMm", mandrelDiameterMm, mostMm, Unit.MM)
                .with("rodMm", mandrelDiameterMm)
                .with("rodBelowMm", Math.floor(mostMm * 10) / 10);
    }

    /**
     * The mandrel that gives this inner diameter, mm.
     *
     * @throws Refusal {@code mandrel-too-small} or {@code mandrel-too-large} when it would be out of the range of mandrels
     */
    public static double mandrelForMm(BarInBending bar, double innerDiameterMm) {
        double smallest = SMALLEST_MANDREL_MM;
        double largest = Math.min(largestSettingMandrelMm(bar) * (1 - 1e-9), innerDiameterMm);
        if (largest <= smallest || springs(bar, smallest) > innerDiameterMm) {
            throw Refusal.tooSmall(
                            RefusalCode.MANDREL_TOO_SMALL,
                            "innerDiameterMm",
                            innerDiameterMm,
                            springs(bar, smallest),
                            Unit.MM)
                    .with("smallestRodMm", smallest)
                    .with("insideMm", innerDiameterMm);
        }
        if (largest > LARGEST_MANDREL_MM && springs(bar, LARGEST_MANDREL_MM) < innerDiameterMm) {
            throw Refusal.tooLarge(
                            RefusalCode.MANDREL_TOO_LARGE,
                            "innerDiameterMm",
                            innerDiameterMm,
                            springs(bar, LARGEST_MANDREL_MM),
                            Unit.MM)
                    .with("largestRodMm", LARGEST_MANDREL_MM);
        }
        return Roots.between(m -> springs(bar, m) - innerDiameterMm, smallest, largest, TOLERANCE_MM);
    }

    private static double woundCurvature(BarInBending bar, double mandrelDiameterMm) {
        return 2 / (mandrelDiameterMm + 2 * bar.wireRadiusMm());
    }

    static double springs(BarInBending bar, double mandrelDiameterMm) {
        double wound = woundCurvature(bar, mandrelDiameterMm);
        double unloading = BendingMoment.newtonMillimetres(bar, wound)
                / (bar.modulusMpa() * BendingMoment.secondMoment(bar.wireRadiusMm()));
        double sprung = wound - unloading;
        return sprung <= 0 ? Double.MAX_VALUE : 2 / sprung - 2 * bar.wireRadiusMm();
    }
}
