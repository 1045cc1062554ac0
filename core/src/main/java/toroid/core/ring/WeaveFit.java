package toroid.core.ring;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;

/**
 * One weave judged for one ring: {@link Tightness} of the ring's true aspect ratio, the one judgement there is.
 *
 * @param weave which
 * @param fit how the ring sits in it; null while its smallest aspect ratio is not solved yet
 * @param betterMandrelMm the rod on the shelf whose ring drapes in it, nearest the middle of where it does, mm; null when the ring
 *     drapes already, no rod does, or it is not known yet
 */
public record WeaveFit(Known weave, Tightness fit, Double betterMandrelMm) {

    /**
     * What is known of a weave.
     *
     * @param smallest its AR_min, first size; null while it is not solved
     * @param usualLow lower end of the trade's habit, nominal; null where there is none
     * @param usualHigh upper end
     */
    public record Known(String id, String name, Double smallest, Double usualLow, Double usualHigh) {}

    /** A rod and the true aspect ratio of the ring it gives in this wire. */
    public record Rod(double mandrelMm, double aspectRatio) {}

    /**
     * Every weave for this ring.
     *
     * @param aspectRatio true: closed inner diameter ÷ wire
     * @param shelf what the maker's rods would give in this wire
     */
    public static List<WeaveFit> judge(double aspectRatio, Collection<Known> weaves, Collection<Rod> shelf) {
        return weaves.stream()
                .map(weave -> {
                    if (weave.smallest() == null) {
                        return new WeaveFit(weave, null, null);
                    }
                    var fit = Tightness.of(aspectRatio, weave.smallest());
                    return new WeaveFit(weave, fit, fit == Tightness.USUAL ? null : better(weave, shelf));
                })
                .toList();
    }

    private static Double better(Known weave, Collection<Rod> shelf) {
        double middle = DrapeWindow.of(weave.smallest()).middle();
        return shelf.stream()
                .filter(rod -> Tightness.of(rod.aspectRatio(), weave.smallest()) == Tightness.USUAL)
                .min(Comparator.comparingDouble(rod -> Math.abs(rod.aspectRatio() - middle)))
                .map(Rod::mandrelMm)
                .orElse(null);
    }
}
