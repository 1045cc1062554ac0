package toroid.core.weave.composition;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import toroid.core.quantity.Figure;
import toroid.core.ring.Ring;
import toroid.core.weave.assembly.Assembly;
import toroid.core.weave.assembly.PreClosed;
import toroid.core.weave.assembly.Way;

/**
 * What a composition takes.
 *
 * @param small its rings
 * @param hub the larger ring, closed, as small as may be
 * @param hubSize how that size came about
 * @param preClosed three numbers
 * @param assembly in which order
 */
public record CompositionWork(
        Composition composition, Ring small, Ring hub, HubRing hubSize, PreClosed preClosed, Assembly assembly) {
    private static final String ROLES =
            "Arms, larger rings, ties and bail counted ring by ring. How such pieces are put together: common practice, from memory.";

    /** @param hubWireMm wire of the larger rings */
    public static CompositionWork of(Composition composition, Ring small, double hubWireMm, Way way) {
        HubRing size = HubRing.smallest(small, composition.onHub(), hubWireMm);
        return new CompositionWork(
                composition,
                small,
                new Ring(hubWireMm, size.innerDiameterMm()),
                size,
                PreClosed.of(composition, way),
                Assembly.of(composition, way));
    }

    /** What is made after what. */
    public List<CompositionStage> stages() {
        return CompositionStage.of(composition, assembly.steps());
    }

    /** Each number with its why. */
    public List<Figure> figures(double density) {
        Composition.Plan plan = composition.plan();
        int hubs = composition.count(Composition.Role.HUB);
        int smalls = composition.size() - hubs;
        var figures = new ArrayList<Figure>();
        figures.add(Figure.exact(
                "hub-inside",
                hub.innerDiameterMm(),
                "mm",
                Figure.Basis.THEORY,
                "the smallest ring through " + composition.onHub() + " hole centres, small rings tilted",
                say(
                        "tilted %.0f°, swung %.0f°%s; upright they would need %.2f mm",
                        hubSize.tiltDegrees(),
                        hubSize.swingDegrees(),
                        hubSize.byTurns() ? ", neighbours by turns" : "",
                        hubSize.untiltedInnerMm()),
                "Rigid round rings, exact distances. Real rings hang a little outwards, so there is some more room."));
        figures.add(count("piece-rings", composition.size(), say("%d small + %d larger", smalls, hubs)));
        figures.add(count(
                "composition-arm",
                composition.perArm(),
                say(
                        "%d units × %d rings%s",
                        plan.units(),
                        composition.perUnit(),
                        composition.perArm() > plan.units() * composition.perUnit()
                                ? " + " + (composition.perArm() - plan.units() * composition.perUnit())
                                        + " to end as it began"
                                : "")));
        figures.add(count("composition-unit", composition.perUnit(), "one unit of the chain"));
        figures.add(count(
                "composition-ties",
                composition.count(Composition.Role.TIE) + composition.count(Composition.Role.BAIL),
                say(
                        "%d ties + %d bail",
                        composition.count(Composition.Role.TIE), composition.count(Composition.Role.BAIL))));
        figures.add(count(
                "piece-pre-closed",
                preClosed.inHand(),
                say("arms first, then the larger rings; at most %d loose rings in hand", preClosed.hold())));
        figures.add(count(
                "piece-opened",
                composition.size() - preClosed.inHand(),
                say("%d − %d", composition.size(), preClosed.inHand())));
        figures.add(count(
                "piece-pre-closed-most", preClosed.upperBound(), "the largest set of rings of which no two link"));
        double grams = smalls * small.massGrams(density) + hubs * hub.massGrams(density);
        figures.add(Figure.exact(
                "piece-mass",
                grams,
                "g",
                Figure.Basis.EXACT,
                "Σ n · 2π² (D/2)(d/2)² ρ",
                say("%d small, %d larger, ρ = %.2f g/cm³", smalls, hubs, density),
                "Pappus: a torus's volume is its section's area times the way of its middle."));
        return figures;
    }

    private static Figure count(String id, int value, String worked) {
        return Figure.exact(id, value, "", Figure.Basis.EXACT, "counted", worked, ROLES);
    }

    private static String say(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
