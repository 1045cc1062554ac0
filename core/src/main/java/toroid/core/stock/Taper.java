package toroid.core.stock;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;

/**
 * A tapered jaw: round, thinner at its tip, even between.
 *
 * @param tipMm diameter at the tip
 * @param backMm diameter at its other end
 * @param lengthMm between the two
 * @param marksMm the maker's own pen marks, from the tip, rising
 */
public record Taper(double tipMm, double backMm, double lengthMm, List<Double> marksMm) {
    /** A pen mark this near is the one meant, mm: as wide as a pen's line and a half. */
    private static final double AT_A_MARK_MM = 0.75;

    /**
     * A place on the jaw.
     *
     * @param fromTipMm along the jaw
     * @param mark which pen mark that is, from 1 at the tip; null where none is near
     * @param perMmOfSlip how much larger it bends for each millimetre further from the tip
     */
    public record JawPlace(double fromTipMm, Integer mark, double perMmOfSlip) {}

    public Taper {
        Checks.within("back", backMm, tipMm, 60, Unit.MM, Remedy.CHECK_WHICH_SIZE_IS_WHICH);
    }

    /** The diameter so far from its tip: {@code d = tip + (back − tip) · x / length}. Even taper, as jaws are turned; common practice. */
    public double diameterAt(double fromTipMm) {
        Checks.within("from-tip", fromTipMm, 0, lengthMm, Unit.MM, Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        return tipMm + (backMm - tipMm) * fromTipMm / lengthMm;
    }

    /** Where it has that diameter; empty where it has it nowhere. */
    public Optional<JawPlace> where(double diameterMm) {
        if (diameterMm < tipMm || diameterMm > backMm || backMm == tipMm) {
            return Optional.empty();
        }
        double slope = (backMm - tipMm) / lengthMm;
        double at = (diameterMm - tipMm) / slope;
        Integer mark = marksMm.stream()
                .filter(one -> Math.abs(one - at) <= AT_A_MARK_MM)
                .min(Comparator.comparingDouble(one -> Math.abs(one - at)))
                .map(one -> marksMm.indexOf(one) + 1)
                .orElse(null);
        return Optional.of(new JawPlace(at, mark, slope));
    }
}
