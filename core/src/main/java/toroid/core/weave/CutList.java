package toroid.core.weave;

import java.util.ArrayList;
import java.util.List;

/**
 * The rings that have to be cut for something made of rings: exact counts, spare left out. Each size of each colour is a coil or several
 * of its own.
 *
 * @param rings in order of colour, then of size; none of which there are none
 */
public record CutList(List<Rings> rings) {
    /**
     * Rings alike.
     *
     * @param size place among the sizes
     * @param colour place in the palette
     * @param wireMm diameter of their wire, mm
     * @param innerMm inner diameter closed, mm
     * @param count how many
     */
    public record Rings(int size, int colour, double wireMm, double innerMm, int count) {}

    /** A size of ring: its wire and its inner diameter closed, mm. */
    public record Size(double wireMm, double innerMm) {}

    public CutList {
        rings = List.copyOf(rings);
    }

    /**
     * @param sizes of the rings, by their place
     * @param counts rings of each colour, of each size within it
     */
    public static CutList of(List<Size> sizes, List<List<Integer>> counts) {
        var rings = new ArrayList<Rings>();
        for (int colour = 0; colour < counts.size(); colour++) {
            for (int size = 0; size < sizes.size(); size++) {
                int count = counts.get(colour).get(size);
                if (count > 0) {
                    Size of = sizes.get(size);
                    rings.add(new Rings(size, colour, of.wireMm(), of.innerMm(), count));
                }
            }
        }
        return new CutList(rings);
    }
}
