package toroid.core.weave.composition;

import java.util.Comparator;
import java.util.Iterator;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.ring.Ring;
import toroid.core.weave.assembly.Assembly;
import toroid.core.weave.assembly.PreClosed;
import toroid.core.weave.assembly.Way;
import toroid.core.weave.circle.Circle;

/** A composition solved for the maker's rings; laid about any larger ring from here, without solving it anew. */
public final class SolvedStar {
    /** Solved to so much, in small rings' radii; and in mm. */
    private static final double SAME = 1e-6;

    private static final double SAME_MM = 1e-4;

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
        Checks.within("hubWireMm", hubWireMm, 0.1, 20, Unit.MM, Remedy.TAKE_WIRE_OF_ANOTHER_SIZE);
        if (hubWireMm >= small.innerDiameterMm()) {
            throw Refusal.tooLarge(RefusalCode.HUB_TOO_THICK, "hubWireMm", hubWireMm, small.innerDiameterMm(), Unit.MM)
                    .with("hubWireMm", hubWireMm)
                    .with("insideMm", small.innerDiameterMm());
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
                : Checks.within("hubInnerMm", ownHubMm, 0.5, 500, Unit.MM, Remedy.GIVE_THE_LARGER_RINGS_INSIDE);
        Laid lies = laid(chosen);
        boolean asChosen = Math.abs(inner(lies.star()) - chosen) < SAME_MM;
        var fit = CompositionWork.HubFit.of(chosen, smallest, largest);
        return new CompositionWork(
                composition,
                small,
                new Ring(hubWireMm, chosen),
                fit == CompositionWork.HubFit.GOES_IN && !asChosen ? CompositionWork.HubFit.UNSURE : fit,
                smallest,
                usual,
                largest,
                inner(lies.star()),
                2 / sizes.widest() - 1,
                2 * sizes.smallestBy() * unit(),
                2 * sizes.largestBy() * unit(),
                sizes.shortBy() * unit(),
                lies.rings(),
                PreClosed.of(composition, way),
                Assembly.of(composition, way));
    }

    /** A star with every ring of the whole, mm. */
    private record Laid(Star star, List<Circle> rings) {}

    /**
     * The whole about the larger ring chosen, led there from each star that was solved, the nearest first, as the smallest may lie another
     * way than the largest. Where none goes in there, or no way was found, about the nearest that was solved.
     *
     * @throws Refusal when a bail goes into none of them
     */
    private Laid laid(double chosenMm) {
        double wished = (chosenMm + hubWireMm) / 2 / unit();
        List<Star> solved = Stream.of(sizes.usual(), sizes.smallest(), sizes.largest())
                .filter(Objects::nonNull)
                .sorted(Comparator.comparingDouble(star -> Math.abs(star.hubs().radius() - wished)))
                .toList();
        double most = sizes.largest() == null
                ? Double.POSITIVE_INFINITY
                : sizes.largest().hubs().radius();
        boolean within = wished > sizes.smallest().hubs().radius() - SAME && wished < most + SAME;
        Refusal noBail = null;
        for (Iterator<Star> all = (within ? ledTo(wished, solved) : solved.stream()).iterator(); all.hasNext(); ) {
            Star star = all.next();
            try {
                return new Laid(star, whole(star));
            } catch (Refusal refused) {
                noBail = refused;
            }
        }
        throw noBail;
    }

    /** Each led to that radius where it goes in there, one when it is asked for; then the solved ones as they are. */
    private Stream<Star> ledTo(double wished, List<Star> solved) {
        Stream<Star> led = solved.stream()
                .map(from -> Math.abs(wished - from.hubs().radius()) < SAME
                        ? from
                        : LargerRing.at(from, wished).rings())
                .filter(star -> star.smallest(2) >= wireThere() - SAME
                        && composition.sector().holds(star));
        return Stream.concat(led, solved.stream());
    }

    private double wireThere() {
        return small.wireDiameterMm() / unit();
    }

    private List<Circle> whole(Star star) {
        return WholeStar.of(composition, star, wireThere()).stream()
                .map(ring -> new Circle(ring.centre().scalarMultiply(unit()), ring.normal(), ring.radius() * unit()))
                .toList();
    }
}
