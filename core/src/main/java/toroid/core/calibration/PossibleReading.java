package toroid.core.calibration;

import toroid.core.bend.BarInBending;
import toroid.core.bend.Springback;
import toroid.core.metal.FlowCurve;
import toroid.core.metal.Metal;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * Whether any wire of a metal, in any temper, can have sprung to what was measured: from half the softest handbook temper's strength to
 * half as much again as the hardest's ({@link Metal#possibleStrengthsMpa}), and {@value #SLACK_MM} mm of caliper either way. What lies outside is a slip:
 * another rod, another metal, or the outside taken for the inside.
 */
public final class PossibleReading {
    /** A caliper held badly, mm; common practice. */
    static final double SLACK_MM = 0.15;

    /** How near to a possible outside an impossible inside must be to be taken for it, mm. */
    private static final double SAME_MM = 0.3;

    private PossibleReading() {}

    /** The inner diameters that can be, mm. */
    public record Range(double fromMm, double toMm) {
        boolean holds(double mm) {
            return mm >= fromMm && mm <= toMm;
        }
    }

    public static Range of(double wireDiameterMm, double mandrelDiameterMm, Metal metal) {
        double[] strengths = metal.possibleStrengthsMpa();
        double modulus = metal.youngsModulus().inMegapascals();
        double most = mandrelDiameterMm * SpringbackReading.MOST_OPENING;
        var hardest = BarInBending.ofWire(wireDiameterMm, modulus, FlowCurve.perfectlyPlastic(strengths[1]));
        double least = mandrelDiameterMm;
        var softest = BarInBending.ofWire(wireDiameterMm, modulus, FlowCurve.perfectlyPlastic(strengths[0]));
        if (!Springback.onlyFlexes(softest, mandrelDiameterMm)) {
            least = Math.min(most, Springback.innerDiameterMm(softest, mandrelDiameterMm));
        }
        if (!Springback.onlyFlexes(hardest, mandrelDiameterMm)) {
            most = Math.min(most, Springback.innerDiameterMm(hardest, mandrelDiameterMm));
        }
        return new Range(least - SLACK_MM, most + SLACK_MM);
    }

    /** @throws Refusal when no such wire of that metal can be */
    public static void check(SpringbackReading reading, Metal metal) {
        double d = reading.wireDiameterMm();
        Range range = of(d, reading.mandrelDiameterMm(), metal);
        if (range.holds(reading.sprungInnerMm())) {
            return;
        }
        double asOutside = reading.sprungInnerMm() - 2 * d;
        boolean outside = asOutside >= range.fromMm - SAME_MM && asOutside <= range.toMm + SAME_MM;
        throw Refusal.outOfRange(
                        "valueMm",
                        reading.sprungInnerMm(),
                        range.fromMm,
                        range.toMm,
                        Unit.MM,
                        outside ? Remedy.IT_LOOKS_LIKE_THE_OUTSIDE : Remedy.CHECK_ROD_METAL_AND_SIDE)
                .with("metal", metal.name());
    }
}
