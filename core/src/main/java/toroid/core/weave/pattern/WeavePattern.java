package toroid.core.weave.pattern;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A weave: a cell of rings, how it repeats, and which ring links which.
 *
 * @param id stable name
 * @param name in the trade's words
 * @param unit what one cell is called
 * @param lattice how it repeats
 * @param classes ring sizes it mixes, the first the one its lengths are measured in
 * @param rings of one cell, at the start pose
 * @param links every pair linked, told once
 * @param assembly how it is begun, gone on with and ended
 * @param usual the nominal aspect ratios it is usually made in; null where the trade has none
 * @param sources where its topology and its usual window are from
 */
public record WeavePattern(
        String id,
        String name,
        String unit,
        Lattice lattice,
        List<RingClass> classes,
        List<CellRing> rings,
        List<Link> links,
        Assembly assembly,
        Window usual,
        List<String> sources) {
    public WeavePattern {
        classes = List.copyOf(classes);
        rings = List.copyOf(rings);
        links = List.copyOf(links);
        sources = List.copyOf(sources);
    }

    /**
     * A ring size.
     *
     * @param id its name in the file
     * @param name in words
     * @param usualRatio its ring radius against the first class's, as usually made
     */
    public record RingClass(String id, String name, double usualRatio) {}

    /**
     * One ring of the cell.
     *
     * @param id its name in the file
     * @param sizeClass index into the classes
     * @param centre in units of the first class's ring radius
     * @param normal unit vector
     * @param joins whether it only joins others: at an end it is there only where all those are
     * @param round rings it lies loosely round where these link, linking none of them: a captive; none for other rings. A captive is
     *     there only where all those are
     */
    public record CellRing(
            String id, int sizeClass, Vector3D centre, Vector3D normal, boolean joins, List<Place> round) {
        public CellRing {
            round = List.copyOf(round);
        }

        /** A ring held by its links. */
        public CellRing(String id, int sizeClass, Vector3D centre, Vector3D normal, boolean joins) {
            this(id, sizeClass, centre, normal, joins, List.of());
        }

        public boolean isCaptive() {
            return !round.isEmpty();
        }
    }

    /** Ring {@code ring} of the cell {@code (i, j)} away. */
    public record Place(int ring, int i, int j) {}

    /**
     * How a patch is put together.
     *
     * @param order every ring of a cell once, as hands come to them
     * @param end rings of one cell more that a chain or tube ends with, so that it ends as it began; none where a cell does
     */
    public record Assembly(List<Integer> order, List<Integer> end) {
        public Assembly {
            order = List.copyOf(order);
            end = List.copyOf(end);
        }
    }

    /** Ring {@code a} of a cell passes through ring {@code b} of the cell {@code (i, j)} away. */
    public record Link(int a, int b, int i, int j) {}

    /** Nominal aspect ratios (mandrel ÷ wire). */
    public record Window(double low, double high) {}
}
