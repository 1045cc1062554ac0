package toroid.core.weave.composition;

import java.util.List;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.ring.Ring;
import toroid.core.weave.assembly.Assembly;
import toroid.core.weave.assembly.PreClosed;
import toroid.core.weave.assembly.Way;
import toroid.core.weave.circle.Circle;

/** A composition solved for the maker's rings; laid about any larger ring from here, without solving it anew. */
public final class SolvedStar {
    private static final double SAME = 1e-9;

    private final Composition composition;
    private final Ring small;
    private final double hubWireMm;
    private final LargerRing.Sizes sizes;

    private SolvedStar(Composition composition, Ring small, double hubWireMm, LargerRing.Sizes sizes) {
        this.composition = composition;
        this.small = small;
        this.hubWireMm = hubWireMm;
        this.sizes = sizes;
    }

    /**
     * @param hubWireMm wire of the larger rings
     * @throws Refusal when it does not go together in these rings, or the larger ring's wire does not go through them
     */
    public static SolvedStar of(Composition composition, Ring small, double hubWireMm) {
        Checks.within("hubWireMm", hubWireMm, 0.1, 20, "mm", "Take wire of another size.");
        if (hubWireMm >= small.innerDiameterMm()) {
            throw Refusal.tooLarge(
                    "hub-too-thick",
                    "hubWireMm",
                    hubWireMm,
                    small.innerDiameterMm(),
                    "mm",
                    "The larger ring's wire of %.2f mm does not go through rings of %.2f mm."
                            .formatted(hubWireMm, small.innerDiameterMm()),
                    "Take thinner wire or larger rings.");
        }
        return new SolvedStar(
                composition,
                small,
                hubWireMm,
                LargerRing.of(composition.sector(), composition.plan().hubs(), small, hubWireMm));
    }

    private double unit() {
        return small.meanDiameterMm() / 2;
    }

    private double inner(Star star) {
        return 2 * star.hubs().radius() * unit() - hubWireMm;
    }

    /** @param ownHubMm inside of the larger ring the maker has; null for the usual one */
    public CompositionWork about(Double ownHubMm, Way way) {
        double usual = inner(sizes.usual());
        double smallest = inner(sizes.smallest());
        Double largest = sizes.largest() == null ? null : inner(sizes.largest());
        double chosen = ownHubMm == null
                ? usual
                : Checks.within("hubInnerMm", ownHubMm, 0.5, 500, "mm", "Give the larger ring's inside.");
        return new CompositionWork(
                composition,
                small,
                new Ring(hubWireMm, chosen),
                CompositionWork.HubFit.of(chosen, smallest, largest),
                smallest,
                usual,
                largest,
                2 / sizes.widest() - 1,
                2 * sizes.smallestBy() * unit(),
                2 * sizes.largestBy() * unit(),
                sizes.shortBy() * unit(),
                laid(chosen),
                PreClosed.of(composition, way),
                Assembly.of(composition, way));
    }

    /** About the larger ring chosen; about the nearest that goes in, where that one does not. */
    private List<Circle> laid(double chosenMm) {
        double wire = small.wireDiameterMm() / unit();
        double least = sizes.smallest().hubs().radius();
        double most = sizes.largest() == null
                ? Double.POSITIVE_INFINITY
                : sizes.largest().hubs().radius();
        double wished = (chosenMm + hubWireMm) / 2 / unit();
        Star star = sizes.usual();
        if (wished <= least) {
            star = sizes.smallest();
        } else if (wished >= most) {
            star = sizes.largest();
        } else if (Math.abs(wished - star.hubs().radius()) > SAME) {
            Star led = LargerRing.at(star, wished).rings();
            star = led.smallest(2) >= wire && composition.sector().holds(led) ? led : star;
        }
        return WholeStar.of(composition, star, wire).stream()
                .map(ring -> new Circle(ring.centre().scalarMultiply(unit()), ring.normal(), ring.radius() * unit()))
                .toList();
    }
}
