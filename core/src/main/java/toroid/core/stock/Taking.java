package toroid.core.stock;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Takes from lots what is needed in portions that are not split: lengths of wire, beads, a chain in one piece. The first lot that holds
 * all of a need gives it; where none does, each in turn gives the portions it holds, and what is then still missing is put on the last,
 * so that its ledger says how much has to be bought. What one need has taken is gone for the next.
 */
public final class Taking {
    /** A hundredth of a thousandth of a portion: sums of moves end in such crumbs. */
    private static final double CRUMB = 1e-5;

    private final Map<String, Held> lots = new LinkedHashMap<>();

    /**
     * A lot on the shelf.
     *
     * @param left in its unit; null when not known: it is taken to hold enough
     * @param longest of one portion, in its unit, where it comes in pieces of a length; null where it does not
     */
    public record Held(String lot, Double left, Double longest) {
        private long portions(double portion) {
            if (left == null) {
                return Long.MAX_VALUE;
            }
            double crumb = portion * CRUMB;
            if (longest == null || longest <= 0) {
                return (long) Math.floor((Math.max(0, left) + crumb) / portion);
            }
            return (long) (Math.floor((left + crumb) / longest) * Math.floor((longest + crumb) / portion));
        }

        private Held less(double amount) {
            return new Held(lot, left == null ? null : Double.valueOf(left - amount), longest);
        }
    }

    /**
     * @param portion how much each is, in the lots' unit; above 0
     * @param count how many of them, 1 up
     * @param shelf what serves, first what is to be used first
     * @return from which lots how much; nothing where nothing serves
     */
    public List<Draw> take(double portion, int count, List<Held> shelf) {
        if (shelf.isEmpty() || portion <= 0 || count <= 0) {
            return List.of();
        }
        List<Held> there =
                shelf.stream().map(one -> lots.getOrDefault(one.lot(), one)).toList();
        for (Held one : there) {
            if (one.portions(portion) >= count) {
                return List.of(drawn(one, portion * count));
            }
        }
        var draws = new ArrayList<Draw>();
        long rest = count;
        for (int i = 0; i < there.size() && rest > 0; i++) {
            boolean last = i == there.size() - 1;
            long some = last ? rest : Math.min(rest, there.get(i).portions(portion));
            if (some > 0) {
                draws.add(drawn(there.get(i), portion * some));
                rest -= some;
            }
        }
        return draws;
    }

    /**
     * The same, but only where they hold all of it together.
     *
     * @return nothing where they do not: then nothing is taken
     */
    public List<Draw> takeAll(double portion, int count, List<Held> shelf) {
        long there = shelf.stream()
                .map(one -> lots.getOrDefault(one.lot(), one))
                .mapToLong(one -> Math.min(count, one.left() == null ? 0 : one.portions(portion)))
                .sum();
        return there < count ? List.of() : take(portion, count, shelf);
    }

    private Draw drawn(Held from, double amount) {
        lots.put(from.lot(), from.less(amount));
        return new Draw(from.lot(), amount);
    }
}
