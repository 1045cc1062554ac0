package toroid.core.weave;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;

/**
 * One weave judged for one ring.
 *
 * @param window the weave's customary window
 * @param fit where the ring's nominal aspect ratio lies
 * @param betterMandrelMm the rod on the shelf whose nominal AR is nearest the middle of the window and inside it, mm; null when
 *     the ring already suits or no rod does
 */
public record WeaveFit(CustomaryWindow window, CustomaryWindow.Fit fit, Double betterMandrelMm) {

    /**
     * Every weave for this wire and rod.
     *
     * @param wireDiameterMm as measured
     * @param mandrelDiameterMm the rod, or the rod that would give the ring
     * @param shelfMandrelsMm the maker's rods
     */
    public static List<WeaveFit> judge(
            double wireDiameterMm, double mandrelDiameterMm, Collection<Double> shelfMandrelsMm) {
        double nominal = mandrelDiameterMm / wireDiameterMm;
        return CustomaryWindow.all().stream()
                .map(window -> {
                    var fit = window.fit(nominal);
                    return new WeaveFit(
                            window,
                            fit,
                            fit == CustomaryWindow.Fit.USUAL ? null : better(window, wireDiameterMm, shelfMandrelsMm));
                })
                .toList();
    }

    private static Double better(CustomaryWindow window, double wireDiameterMm, Collection<Double> shelf) {
        double middle = (window.low() + window.high()) / 2;
        return shelf.stream()
                .filter(m -> window.fit(m / wireDiameterMm) == CustomaryWindow.Fit.USUAL)
                .min(Comparator.comparingDouble(m -> Math.abs(m / wireDiameterMm - middle)))
                .orElse(null);
    }
}
