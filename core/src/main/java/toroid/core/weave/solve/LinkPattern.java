package toroid.core.weave.solve;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import toroid.core.weave.circle.Linking;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;

/** Which rings of an endless weave are linked, each pair told once; from a pattern, or found from a pose. */
public final class LinkPattern {
    private LinkPattern() {}

    /** As the pattern says. */
    public static Set<String> told(WeavePattern pattern) {
        return told(pattern.lattice(), pattern.links());
    }

    static Set<String> told(Lattice lattice, List<WeavePattern.Link> links) {
        return links.stream()
                .map(link -> once(lattice, link.a(), link.b(), link.i(), link.j()))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /** As the rings lie: the linking number of every pair near enough. */
    public static Set<String> found(Pose pose) {
        var links = new TreeSet<String>();
        for (int[] pair : Neighbours.of(pose, 0).pairs()) {
            if (Linking.number(pose.rings().get(pair[0]), pose.image(pair[1], pair[2], pair[3])) != 0) {
                links.add(once(pose.lattice(), pair[0], pair[1], pair[2], pair[3]));
            }
        }
        return links;
    }

    /** The pair by its lower ring, cells counted from it; of a ring with its own image, the image ahead. */
    static String once(Lattice lattice, int a, int b, int i, int j) {
        boolean swap = a > b || (a == b && (i < 0 || (i == 0 && wrapped(lattice, j) < 0)));
        return swap ? name(lattice, b, a, -i, -j) : name(lattice, a, b, i, j);
    }

    private static String name(Lattice lattice, int a, int b, int i, int j) {
        return a + "-" + b + " " + i + "," + wrapped(lattice, j);
    }

    /** Round a tube, n cells on is the same cell. */
    private static int wrapped(Lattice lattice, int j) {
        int around = lattice.around();
        if (around == 0) {
            return j;
        }
        int to = Math.floorMod(j, around);
        return 2 * to > around ? to - around : to;
    }
}
