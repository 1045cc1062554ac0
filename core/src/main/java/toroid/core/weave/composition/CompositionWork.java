package toroid.core.weave.composition;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.quantity.Figure;
import toroid.core.ring.Ring;
import toroid.core.ring.Tightness;
import toroid.core.weave.assembly.Assembly;
import toroid.core.weave.assembly.PreClosed;
import toroid.core.weave.circle.Circle;

/**
 * What a composition takes and how it lies.
 *
 * @param small its rings
 * @param hub the larger ring it is laid about: the maker's own, or the usual one
 * @param fit how a larger ring of that size goes in
 * @param smallestMm inside of the smallest larger ring that goes in
 * @param usualMm of the usual one: the smallest that leaves nine tenths of the play
 * @param largestMm of the largest; null for any size
 * @param laidAboutMm inside of the larger ring the rings are laid about: the one chosen, or the nearest that was solved
 * @param smallestRatio aspect ratio the small rings must have at least, the larger rings' wire in proportion
 * @param smallestByMm how much smaller the smallest may still be
 * @param largestByMm how much larger the largest may still be
 * @param shortByMm how far the wire is short of fitting in any of these, at most
 * @param rings every ring as it lies, mm
 * @param preClosed three numbers
 * @param assembly in which order
 */
public record CompositionWork(
        Composition composition,
        Ring small,
        Ring hub,
        HubFit fit,
        double smallestMm,
        double usualMm,
        Double largestMm,
        double laidAboutMm,
        double smallestRatio,
        double smallestByMm,
        double largestByMm,
        double shortByMm,
        List<Circle> rings,
        PreClosed preClosed,
        Assembly assembly) {
    private static final String ROLES =
            "Arms, larger rings, ties and bail counted ring by ring. How such patches are put together: common practice, from memory.";
    private static final String SOLVED =
            "Rigid round rings, exact distances, all arms lying alike. Arms that lie each another way may do with a little less room.";

    /** How a larger ring goes in. */
    public enum HubFit {
        /** Smaller than the smallest: it does not close. */
        TOO_SMALL,
        /** Within 2 % of the smallest or the largest: rings are neither round nor rigid to a hair. */
        ON_THE_EDGE,
        GOES_IN,
        /** Between the smallest and the largest, and yet no way to lay it was found: one has to be tried. */
        UNSURE,
        /** Larger than the largest: the ties do not reach. */
        TOO_LARGE;

        static HubFit of(double inner, double smallest, Double largest) {
            if (inner < smallest * (1 - Tightness.EDGE)) {
                return TOO_SMALL;
            }
            if (largest != null && inner > largest * (1 + Tightness.EDGE)) {
                return TOO_LARGE;
            }
            boolean low = inner < smallest * (1 + Tightness.EDGE);
            boolean high = largest != null && inner > largest * (1 - Tightness.EDGE);
            return low || high ? ON_THE_EDGE : GOES_IN;
        }

        /** @throws Refusal for a larger ring known not to go in */
        public void demandRoom(String field, double insideMm, double usualMm) {
            if (this == TOO_SMALL || this == TOO_LARGE) {
                throw Refusal.of(
                                this == TOO_SMALL
                                        ? RefusalCode.LARGER_RING_TOO_SMALL
                                        : RefusalCode.LARGER_RING_TOO_LARGE,
                                field,
                                insideMm)
                        .with("insideMm", insideMm)
                        .with("usualMm", usualMm);
            }
        }
    }

    /** Thickness of ring {@code n}'s wire, mm. */
    public double wireMm(int n) {
        return composition.sizeClassOf(n) == 0 ? small.wireDiameterMm() : hub.wireDiameterMm();
    }

    /** What is made after what. */
    public List<CompositionStage> stages() {
        return CompositionStage.of(composition, assembly.steps());
    }

    /** Rings of each colour and size; shape (2, 2): colour, then small and larger. */
    public int[][] counts(StarColours colours) {
        int[][] counts = new int[2][2];
        for (int n = 0; n < composition.size(); n++) {
            counts[colours.of(composition, n)][composition.sizeClassOf(n)]++;
        }
        return counts;
    }

    /** The trade's plain rule, beside what was solved. */
    public double plainRuleMm() {
        return PlainRule.innerMm(small, composition.onHub(), hub.wireDiameterMm());
    }

    /** Each number with its why. */
    public List<Figure> figures(double density) {
        var figures = new ArrayList<Figure>();
        sizes(figures);
        counted(figures);
        int hubs = composition.count(Composition.Role.HUB);
        int smalls = composition.size() - hubs;
        figures.add(Figure.exact(
                "patch-mass",
                smalls * small.massGrams(density) + hubs * hub.massGrams(density),
                "g",
                Figure.Basis.EXACT,
                "Σ n · 2π² (D/2)(d/2)² ρ",
                say("%d small, %d larger, ρ = %.2f g/cm³", smalls, hubs, density),
                "Pappus: a torus's volume is its section's area times the way of its middle."));
        return figures;
    }

    private void sizes(List<Figure> figures) {
        figures.add(solved(
                "hub-smallest",
                smallestMm - smallestByMm,
                smallestMm,
                smallestMm,
                "the smallest at which every gap is the wire at least",
                say("%d small rings on it; short by %.1g mm at most", composition.onHub(), shortByMm)));
        figures.add(solved(
                "hub-usual",
                usualMm,
                usualMm,
                usualMm,
                say("the smallest that leaves %.0f %% of the play there is", 100 * LargerRing.USUAL_SHARE),
                "play: how much thicker wire would still go in"));
        if (largestMm != null) {
            figures.add(solved(
                    "hub-largest",
                    largestMm,
                    largestMm,
                    largestMm + largestByMm,
                    "the largest at which the ties still reach",
                    "ties pulled taut"));
        }
        figures.add(Figure.exact(
                "hub-plain-rule",
                plainRuleMm(),
                "mm",
                Figure.Basis.PRACTICE,
                "o / sin(π/n) − D",
                say(
                        "%.2f / sin(180°/%d) − %.2f",
                        small.innerDiameterMm() + 2 * small.wireDiameterMm(),
                        composition.onHub(),
                        hub.wireDiameterMm()),
                "Small rings flat, edge to edge, in a circle: common practice. They stand and lean in truth."));
        figures.add(Figure.exact(
                "composition-ratio",
                smallestRatio,
                "",
                Figure.Basis.THEORY,
                "2R/t − 1, t the thickest wire that goes together so",
                say(
                        "yours %.2f, play %.0f %%",
                        small.aspectRatio(), 100 * Tightness.play(small.aspectRatio(), smallestRatio)),
                SOLVED));
    }

    private static Figure solved(String id, double low, double value, double high, String formula, String worked) {
        return new Figure(id, value, low, high, "mm", Figure.Basis.THEORY, formula, worked, SOLVED);
    }

    private void counted(List<Figure> figures) {
        Composition.Plan plan = composition.plan();
        int hubs = composition.count(Composition.Role.HUB);
        figures.add(
                count("patch-rings", composition.size(), say("%d small + %d larger", composition.size() - hubs, hubs)));
        figures.add(count(
                "composition-arm",
                composition.perArm(),
                "rows of "
                        + String.join(
                                "-",
                                composition.rowCounts().stream()
                                        .limit(plan.shape().rows())
                                        .map(String::valueOf)
                                        .toList())));
        if (composition.longerBy() > 0) {
            figures.add(count(
                    "composition-longer",
                    composition.longerBy(),
                    say("%d rows more on the first arm", plan.shape().longerBy())));
        }
        int bail = composition.count(Composition.Role.BAIL);
        int ties = composition.count(Composition.Role.TIE);
        figures.add(count("composition-ties", ties + bail, say("%d ties + %d bail", ties, bail)));
        figures.add(count(
                "patch-pre-closed",
                preClosed.inHand(),
                say("arms first, the ties last; at most %d loose rings in hand", preClosed.hold())));
        figures.add(count(
                "patch-opened",
                composition.size() - preClosed.inHand(),
                say("%d − %d", composition.size(), preClosed.inHand())));
        figures.add(count(
                "patch-pre-closed-most", preClosed.upperBound(), "the largest set of rings of which no two link"));
    }

    private static Figure count(String id, int value, String worked) {
        return Figure.exact(id, value, "", Figure.Basis.EXACT, "counted", worked, ROLES);
    }

    private static String say(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
