package toroid.core.weave.composition;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.ring.Ring;
import toroid.core.weave.assembly.Way;
import toroid.core.weave.circle.Circle;

/**
 * A composition as part of something larger, about its middle in the plane of x and y, its first arm down. Lengths mm.
 *
 * @param small its rings
 * @param hub its larger rings, as it is laid about them
 * @param rings small and larger
 * @param preClosed of those, closed beforehand in the order it is put together in
 * @param steps rings laid down or put in one after another; the others come along with them
 * @param circles its rings
 * @param hubs places of the larger ones among them
 * @param top place of the ring it hangs by: its bail, or the middle of its highest arm's last row
 * @param ends of the other arms, from the highest down: the middle ring of each one's last row
 */
public record Medallion(
        Ring small,
        Ring hub,
        List<Integer> rings,
        List<Integer> preClosed,
        int steps,
        List<Circle> circles,
        List<Integer> hubs,
        int top,
        List<Integer> ends) {
    public Medallion {
        rings = List.copyOf(rings);
        preClosed = List.copyOf(preClosed);
        circles = List.copyOf(circles);
        hubs = List.copyOf(hubs);
        ends = List.copyOf(ends);
    }

    /**
     * What is asked for.
     *
     * @param hubInnerMm inside of the larger rings; null for the usual one
     */
    public record Asked(String weave, Ring small, Composition.Plan plan, double hubWireMm, Double hubInnerMm) {
        /** The same so many times as large. */
        public Asked scaled(double factor) {
            return new Asked(
                    weave,
                    scale(small, factor),
                    plan,
                    hubWireMm * factor,
                    hubInnerMm == null ? null : hubInnerMm * factor);
        }
    }

    /**
     * @throws Refusal when it does not go together in these rings, or not about the larger ring asked for
     */
    public static Medallion of(Composition composition, Asked asked) {
        CompositionWork work =
                SolvedStar.of(composition, asked.small(), asked.hubWireMm()).about(asked.hubInnerMm(), Way.USUAL);
        work.fit().demandRoom("about", work.hub().innerDiameterMm(), work.usualMm());
        if (work.fit() == CompositionWork.HubFit.UNSURE) {
            throw Refusal.of(RefusalCode.LARGER_RING_NOT_SOLVED, "about", asked.hubInnerMm());
        }
        int[] closed = new int[2];
        work.assembly().closedBefore().forEach(ring -> closed[composition.sizeClassOf(ring)]++);
        int hubs = composition.count(Composition.Role.HUB);
        return new Medallion(
                work.small(),
                new Ring(asked.hubWireMm(), work.laidAboutMm()),
                List.of(composition.size() - hubs, hubs),
                Arrays.stream(closed).boxed().toList(),
                work.assembly().steps().size(),
                work.rings(),
                of(composition, Composition.Role.HUB),
                top(composition),
                ends(composition, work.rings()));
    }

    private static List<Integer> of(Composition composition, Composition.Role role) {
        return IntStream.range(0, composition.size())
                .filter(n -> composition.roleOf(n) == role)
                .boxed()
                .toList();
    }

    private static int top(Composition composition) {
        List<Integer> bail = of(composition, Composition.Role.BAIL);
        return bail.isEmpty() ? end(composition, composition.plan().bailArm()) : bail.get(0);
    }

    private static List<Integer> ends(Composition composition, List<Circle> circles) {
        return IntStream.range(0, composition.plan().arms())
                .filter(arm -> arm != composition.plan().bailArm())
                .mapToObj(arm -> end(composition, arm))
                .sorted(Comparator.comparingDouble(
                        place -> -circles.get(place).centre().getY()))
                .toList();
    }

    private static int end(Composition composition, int arm) {
        List<Integer> own = of(composition, Composition.Role.ARM).stream()
                .filter(n -> composition.partOf(n) == arm)
                .toList();
        int row = own.stream().mapToInt(composition::rowOf).max().orElseThrow();
        List<Integer> last =
                own.stream().filter(n -> composition.rowOf(n) == row).toList();
        return last.get((last.size() - 1) / 2);
    }

    /** Whose wire a ring is of. */
    public Ring sizeOf(int place) {
        return hubs.contains(place) ? hub : small;
    }

    /** All its rings, by Pappus; g. */
    public double massG(double density) {
        return rings.get(0) * small.massGrams(density) + rings.get(1) * hub.massGrams(density);
    }

    /** How far it stands off what it lies flat on. */
    public double thickMm() {
        return extent(1) + extent(-1);
    }

    private double extent(int way) {
        return IntStream.range(0, circles.size())
                .mapToDouble(place -> {
                    Circle ring = circles.get(place);
                    double leans = ring.normal().getZ();
                    double reaches = ring.radius() * Math.sqrt(Math.max(0, 1 - leans * leans));
                    return way * ring.centre().getZ() + reaches + sizeOf(place).wireDiameterMm() / 2;
                })
                .max()
                .orElse(0);
    }

    /** One solved for {@code asked} in another size, in exactly the rings that are asked for. */
    public Medallion scaledTo(Asked asked) {
        double factor = asked.small().wireDiameterMm() / small.wireDiameterMm();
        double about = asked.hubInnerMm() == null ? hub.innerDiameterMm() * factor : asked.hubInnerMm();
        return new Medallion(
                asked.small(),
                new Ring(asked.hubWireMm(), about),
                rings,
                preClosed,
                steps,
                circles.stream()
                        .map(ring ->
                                new Circle(ring.centre().scalarMultiply(factor), ring.normal(), ring.radius() * factor))
                        .toList(),
                hubs,
                top,
                ends);
    }

    private static Ring scale(Ring ring, double factor) {
        return new Ring(ring.wireDiameterMm() * factor, ring.innerDiameterMm() * factor);
    }
}
