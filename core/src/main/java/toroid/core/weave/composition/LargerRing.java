package toroid.core.weave.composition;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Unit;
import toroid.core.ring.Ring;
import toroid.core.weave.solve.AtRest;
import toroid.core.weave.solve.PitchSolve;
import toroid.core.weave.solve.Tightest;

/**
 * How large a star's larger rings may be: every ring rigid and round, every distance exact, all arms lying alike; the small rings tilt and
 * lean as they like. Solved as weaves are ({@link Tightest}, {@link PitchSolve}) from several starts ({@link StarStart}). A star whose
 * arms lie each another way may be smaller still.
 */
final class LargerRing {
    private static final int STARTS = 5;
    private static final int PULLED = 3;
    private static final double ROUGH = 1e-4;
    private static final double FINE = 1e-8;
    private static final double SIZE = 1e-7;

    /** The usual larger ring is the smallest that leaves this share of the play there is. */
    static final double USUAL_SHARE = 0.9;

    /** Larger than this many times the usual or the roomiest is told as any size. */
    private static final double ANY = 3;

    private static final int GOES_ON = 1;

    /** As near its end as this a creeping size is told, with what it is short of it. */
    private static final double NEAR_SHARE = 0.05;

    private static final double LED = 0.2;
    private static final int MOST_ROUNDS = 200;

    private final Sector sector;
    private final double wire;

    private LargerRing(Sector sector, double wire) {
        this.sector = sector;
        this.wire = wire;
    }

    /**
     * What was found, in small rings' radii.
     *
     * @param widest the thickest small wire with which it goes together, against the small rings' radius
     * @param smallest with the larger ring as small as may be
     * @param smallestBy how much smaller its radius may still be, at the rate it shrank last
     * @param usual as small as leaves nine tenths of the play
     * @param largest as large as may be; null for any size
     * @param largestBy how much larger its radius may still be
     * @param shortBy how far the wire is short of fitting in any of them, at most
     */
    record Sizes(
            double widest,
            Star smallest,
            double smallestBy,
            Star usual,
            Star largest,
            double largestBy,
            double shortBy) {}

    /**
     * @param small the small rings
     * @param hubWireMm of the larger rings
     * @throws Refusal when it does not go together in these rings, or no way to lay it was found
     */
    static Sizes of(Sector sector, int hubs, Ring small, double hubWireMm) {
        return new LargerRing(sector, 2 * small.wireDiameterMm() / small.meanDiameterMm())
                .sizes(StarStart.of(sector, hubs, hubWireMm / small.wireDiameterMm(), STARTS), small);
    }

    private Sizes sizes(List<Star> starts, Ring small) {
        var rough = new ArrayList<AtRest<Star>>();
        for (Star start : starts) {
            Effort.at(rough.size(), starts.size() + 2 * PULLED);
            AtRest<Star> rest = Tightest.of(start, ROUGH);
            if (sector.holds(rest.rings())) {
                rough.add(rest);
            }
        }
        if (rough.isEmpty()) {
            throw Refusal.of(RefusalCode.NO_WAY, "arms", sector.arms());
        }
        rough.sort(Comparator.comparingDouble(rest -> -rest.gap()));
        AtRest<Star> widest = Tightest.of(rough.get(0).rings(), FINE);
        if (widest.gap() < wire) {
            double ratio = 2 / widest.gap() - 1;
            throw Refusal.tooSmall(
                            RefusalCode.STAR_TOO_TIGHT,
                            "innerDiameterMm",
                            small.innerDiameterMm(),
                            ratio * small.wireDiameterMm(),
                            Unit.MM)
                    .with("insideMm", small.innerDiameterMm())
                    .with("wireMm", small.wireDiameterMm())
                    .with("ratio", ratio);
        }
        return pulled(rough, widest.rings(), widest.gap());
    }

    private Sizes pulled(List<AtRest<Star>> rough, Star widest, double gap) {
        var from = new ArrayList<>(List.of(widest));
        rough.subList(1, rough.size()).stream()
                .filter(rest -> rest.gap() > wire)
                .limit(PULLED - 1L)
                .forEach(rest -> from.add(rest.rings()));
        AtRest<Star> smallest = null;
        for (Star one : from) {
            AtRest<Star> small = sized(one, wire, false, Double.POSITIVE_INFINITY);
            if (small != null && (smallest == null || radius(small) < radius(smallest))) {
                smallest = small;
            }
        }
        AtRest<Star> usual = sized(widest, wire + USUAL_SHARE * (gap - wire), false, Double.POSITIVE_INFINITY);
        double end = ANY * Math.max(widest.hubs().radius(), usual == null ? 0 : radius(usual));
        AtRest<Star> largest = sized(widest, wire, true, end);
        if (smallest == null || largest == null || usual == null) {
            throw Refusal.of(RefusalCode.LARGER_RING_NOT_SOLVED, "arms", sector.arms());
        }
        if (radius(usual) < radius(smallest)) {
            usual = smallest;
        }
        boolean any = radius(largest) >= end;
        double least = Math.min(smallest.gap(), Math.min(usual.gap(), largest.gap()));
        return new Sizes(
                gap,
                smallest.rings(),
                Math.max(0, smallest.leftToGain()),
                usual.rings(),
                any ? null : largest.rings(),
                any ? 0 : Math.max(0, largest.leftToGain()),
                Math.max(0, wire - least));
    }

    private static double radius(AtRest<Star> rest) {
        return rest.rings().hubs().radius();
    }

    /** Creeping along a flat ridge it is sent on a few times; null where it is still far from its end then, or its links changed. */
    private AtRest<Star> sized(Star from, double wireThere, boolean largest, double end) {
        AtRest<Star> rest = PitchSolve.of(from, wireThere, from.radiusColumn(), largest, end, SIZE);
        for (int more = 0; more < GOES_ON && !rest.converged(); more++) {
            rest = PitchSolve.of(rest.rings(), wireThere, from.radiusColumn(), largest, end, SIZE);
        }
        boolean near = rest.converged() || rest.leftToGain() < NEAR_SHARE * radius(rest);
        return near && sector.holds(rest.rings()) ? rest : null;
    }

    /** The same star about a larger ring of that radius, its rings as far from touching as they come; led there a little at a time. */
    static AtRest<Star> at(Star from, double radius) {
        Star now = from.withHubs(from.hubs().with(from.hubs().radius(), Star.Held.RADIUS));
        for (int round = 0; round < MOST_ROUNDS; round++) {
            double left = radius - now.hubs().radius();
            double most = LED * Math.min(1, now.smallest(2));
            boolean last = Math.abs(left) <= most;
            double next = last ? radius : now.hubs().radius() + Math.signum(left) * most;
            AtRest<Star> rest = Tightest.of(now.withHubs(now.hubs().with(next, Star.Held.RADIUS)), last ? FINE : ROUGH);
            now = rest.rings();
            if (last) {
                return rest;
            }
        }
        return new AtRest<>(now, now.smallest(2), Double.NaN, MOST_ROUNDS, false);
    }
}
