package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * Stiff links hinged end to end, hung by both ends from two places of one height.
 *
 * <p>With H the pull sideways, the same all along, and V what is still carried where a link of weight W begins, its direction below the level
 * is {@code tan θ = (V − W (1 − c)) / H}, c the place of its weight as a share of its length: its own moments about its first end. V falls by W
 * from link to link. H and the first V are those at which the ends meet their places. Exact for links without friction whose weight lies on
 * the line between their ends; the limit of many small links is the catenary. Derived by us.
 *
 * @param fallRadians of each link below the level, on its way from the first place to the second; negative where it rises
 * @param sideways H, in the unit of the weights
 * @param carried V at the first place, in the unit of the weights
 */
record Sag(List<Double> fallRadians, double sideways, double carried) {
    /**
     * A link.
     *
     * @param weight of it and all that hangs from it, in any unit, 0 up
     * @param share where that lies, of its length from its first end
     */
    record Link(double lengthMm, double weight, double share) {}

    Sag {
        fallRadians = List.copyOf(fallRadians);
    }

    /** H is looked for between the whole weight divided and multiplied by this. */
    private static final double LEAST = 1e-6;

    private static final double MOST = 1e6;

    private static final int STEPS = 500;

    /** @return null where they do not hang: no longer than the span, or one of them longer, or all without weight */
    static Sag of(List<Link> links, double spanMm) {
        double weight = links.stream().mapToDouble(Link::weight).sum();
        double length = links.stream().mapToDouble(Link::lengthMm).sum();
        if (weight <= 0 || length <= spanMm) {
            return null;
        }
        UnivariateFunction beyond = log -> across(hung(links, weight, weight * Math.exp(log))) - spanMm;
        double low = Math.log(LEAST);
        double high = Math.log(MOST);
        if (beyond.value(low) >= 0 || beyond.value(high) <= 0) {
            return null;
        }
        double log = new BracketingNthOrderBrentSolver(1e-13, 1e-13, 5).solve(STEPS, beyond, low, high);
        Hanging found = hung(links, weight, weight * Math.exp(log));
        return new Sag(found.falls(), found.sideways(), found.carried());
    }

    private record Hanging(List<Link> links, List<Double> falls, double sideways, double carried) {}

    /** Level from end to end for that H: what falls rises again. */
    private static Hanging hung(List<Link> links, double weight, double sideways) {
        UnivariateFunction drop = carried -> {
            double down = 0;
            double left = carried;
            for (Link link : links) {
                down += link.lengthMm() * Math.sin(fall(link, left, sideways));
                left -= link.weight();
            }
            return down;
        };
        double carried = new BracketingNthOrderBrentSolver(1e-14, 1e-15 * weight, 5).solve(STEPS, drop, 0, weight);
        var falls = new ArrayList<Double>();
        double left = carried;
        for (Link link : links) {
            falls.add(fall(link, left, sideways));
            left -= link.weight();
        }
        return new Hanging(links, falls, sideways, carried);
    }

    private static double fall(Link link, double carried, double sideways) {
        return Math.atan((carried - link.weight() * (1 - link.share())) / sideways);
    }

    private static double across(Hanging hanging) {
        double across = 0;
        for (int i = 0; i < hanging.links().size(); i++) {
            across +=
                    hanging.links().get(i).lengthMm() * Math.cos(hanging.falls().get(i));
        }
        return across;
    }
}
