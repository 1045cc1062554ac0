package toroid.core.ring;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * Where a weave drapes: the aspect ratios at which its play is more than {@link Tightness#TIGHT_BELOW} and less than
 * {@link Tightness#USUAL_BELOW}.
 *
 * @param from lower end
 * @param to upper end
 */
public record DrapeWindow(double from, double to) {
    private static final double MOST = 100;

    /**
     * In true aspect ratio (measured inner diameter ÷ measured wire).
     *
     * @param smallest the weave's AR_min
     */
    public static DrapeWindow of(double smallest) {
        return new DrapeWindow(
                Tightness.aspectRatioAt(Tightness.TIGHT_BELOW, smallest),
                Tightness.aspectRatioAt(Tightness.USUAL_BELOW, smallest));
    }

    /** Whether a ring of that true aspect ratio drapes. */
    public boolean holds(double aspectRatio) {
        return aspectRatio >= from && aspectRatio <= to;
    }

    /** The inner diameter in wire diameters in its middle. */
    public double middle() {
        return (from + to) / 2;
    }

    /**
     * On the nominal scale (mandrel ÷ wire name), as one ring's own springback and kerf make it: in proportion, so exact at that ring
     * and near it.
     *
     * @param nominal that ring's nominal aspect ratio, above 0
     * @param aspectRatio its true one, above 0
     */
    public DrapeWindow nominal(double nominal, double aspectRatio) {
        double share = Checks.within("nominalAspectRatio", nominal, 0.1, MOST, Unit.NONE, Remedy.GIVE_ROD_AND_WIRE)
                / Checks.within("aspectRatio", aspectRatio, 0.1, MOST, Unit.NONE, Remedy.GIVE_INSIDE_DIAMETER_AND_WIRE);
        return new DrapeWindow(from * share, to * share);
    }
}
