package toroid.core.piece;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import toroid.core.ring.Ring;
import toroid.core.ring.Spare;

/**
 * What a piece takes.
 *
 * @param rings jump rings by size
 * @param cuts lengths of wire to cut, the same ones together
 */
public record PieceLists(List<Rings> rings, List<Lengths> cuts) {
    /**
     * @param preClosed of {@code count}, which may be closed beforehand
     * @param spare to make besides, for those that fail
     */
    public record Rings(Ring ring, boolean soldered, int count, int preClosed, int spare) {}

    /** @param form what it becomes */
    public record Lengths(String form, PartWork.Cut cut, int count) {}

    public PieceLists {
        rings = List.copyOf(rings);
        cuts = List.copyOf(cuts);
    }

    /** @param sparePercent of rings, as {@link Spare} takes it */
    public static PieceLists of(PieceWork work, double sparePercent) {
        Map<PartSpec.OfRing, int[]> rings = new LinkedHashMap<>();
        Map<Map.Entry<String, PartWork.Cut>, Integer> cuts = new LinkedHashMap<>();
        for (int i = 0; i < work.parts().size(); i++) {
            PartWork part = work.parts().get(i);
            if (part.spec() instanceof PartSpec.OfRing ring) {
                int[] counts = rings.computeIfAbsent(ring, any -> new int[2]);
                counts[0]++;
                counts[1] += work.isOpened(i) ? 0 : 1;
            }
            for (PartWork.Cut cut : part.cuts()) {
                cuts.merge(Map.entry(part.name(), cut), 1, Integer::sum);
            }
        }
        var ringList = new ArrayList<Rings>();
        rings.forEach((ring, counts) -> ringList.add(
                new Rings(ring.ring(), ring.soldered(), counts[0], counts[1], Spare.of(counts[0], sparePercent))));
        var lengths = new ArrayList<Lengths>();
        cuts.forEach((cut, count) -> lengths.add(new Lengths(cut.getKey(), cut.getValue(), count)));
        return new PieceLists(ringList, lengths);
    }
}
