package toroid.core.quantity;

import java.util.List;

/**
 * What millimetre wire is called over the counter: a gauge number that is only near a gauge. Common practice; no published
 * source. 0.6 mm is called 22 although the nearest AWG is 23, 1.5 mm is called 14 although the nearest is 15.
 */
public record TradeName(double diameterMm, String calledGauge) {
    private static final List<TradeName> KNOWN = List.of(
            new TradeName(0.2, "32"),
            new TradeName(0.25, "30"),
            new TradeName(0.3, "28"),
            new TradeName(0.4, "26, sometimes 28"),
            new TradeName(0.5, "24"),
            new TradeName(0.6, "22"),
            new TradeName(0.7, "21"),
            new TradeName(0.8, "20"),
            new TradeName(0.9, "19"),
            new TradeName(1.0, "18"),
            new TradeName(1.2, "17"),
            new TradeName(1.3, "16"),
            new TradeName(1.5, "14"),
            new TradeName(2.0, "12"));

    /** Every name kept, thinnest first. */
    public static List<TradeName> all() {
        return KNOWN;
    }

    /**
     * The name a wire of this diameter goes by, or null when none is within {@code toleranceMm}.
     *
     * @param toleranceMm how far a measured wire may be from its nominal millimetres; drawn wire is usually within 0.03
     */
    public static TradeName of(Length diameter, double toleranceMm) {
        TradeName best = null;
        for (TradeName name : KNOWN) {
            double distance = Math.abs(name.diameterMm - diameter.inMillimetres());
            if (distance <= toleranceMm
                    && (best == null || distance < Math.abs(best.diameterMm - diameter.inMillimetres()))) {
                best = name;
            }
        }
        return best;
    }
}
