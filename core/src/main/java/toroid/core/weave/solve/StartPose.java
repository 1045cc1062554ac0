package toroid.core.weave.solve;

import java.util.Set;
import java.util.TreeSet;
import toroid.core.numeric.Refusal;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;

/** A pattern's start pose, checked to be what the pattern says. Lengths in units of the first class's ring radius. */
public final class StartPose {
    private static final double LEAST_GAP = 0.01;

    private StartPose() {}

    /**
     * @throws Refusal when its rings are not linked as it says, pass through one another, or its cells do not hang together
     */
    public static Pose of(WeavePattern pattern) {
        Pose pose = laid(pattern);
        double gap;
        try {
            gap = Contacts.smallest(pose, Neighbours.of(pose, 0.5), 1);
        } catch (IllegalStateException tooShort) {
            throw bad(
                    "lattice",
                    "The cell is so short that more than " + Neighbours.MOST_CELLS + " of it meet one ring.");
        }
        if (gap < LEAST_GAP) {
            throw bad("rings", "Two rings pass through each other, or all but do, at the start pose.");
        }
        Set<String> told = LinkPattern.told(pattern);
        Set<String> found = LinkPattern.found(pose);
        if (!told.equals(found)) {
            throw bad("links", "The rings are not linked as the file says: " + difference(told, found) + ".");
        }
        checkCaptives(pattern, pose);
        if (pattern.lattice().kind() != Lattice.Kind.FINITE
                && pattern.links().stream().allMatch(link -> link.i() == 0)) {
            throw bad("links", "No ring links a ring of the next cell: the cells would fall apart.");
        }
        return pose;
    }

    private static void checkCaptives(WeavePattern pattern, Pose pose) {
        for (int k = 0; k < pattern.rings().size(); k++) {
            WeavePattern.CellRing ring = pattern.rings().get(k);
            if (ring.isCaptive()
                    && Captives.piercing(ring, pose, k) < ring.round().size()) {
                throw bad("rings.round", ring.id() + " does not lie round all the rings it is said to lie round.");
            }
            boolean own = pattern.links().stream().anyMatch(link -> isOf(link, ring, pattern));
            if (ring.isCaptive() && own) {
                throw bad("rings.round", ring.id() + " is linked: a ring that lies loosely round others links none.");
            }
        }
    }

    private static boolean isOf(WeavePattern.Link link, WeavePattern.CellRing ring, WeavePattern pattern) {
        return pattern.rings().get(link.a()) == ring || pattern.rings().get(link.b()) == ring;
    }

    private static Pose laid(WeavePattern pattern) {
        Lattice lattice = pattern.lattice();
        return new Pose(
                lattice,
                pattern.rings().stream()
                        .map(ring -> new Circle(
                                ring.centre(),
                                ring.normal(),
                                pattern.classes().get(ring.sizeClass()).usualRatio()))
                        .toList(),
                lattice.pitch(),
                lattice.across(),
                lattice.turn());
    }

    private static String difference(Set<String> told, Set<String> found) {
        var missing = new TreeSet<>(told);
        missing.removeAll(found);
        var more = new TreeSet<>(found);
        more.removeAll(told);
        return (missing.isEmpty() ? "" : "told but not so " + missing)
                + (missing.isEmpty() || more.isEmpty() ? "" : "; ")
                + (more.isEmpty() ? "" : "so but not told " + more);
    }

    private static Refusal bad(String field, String message) {
        return Refusal.of("bad-weave", field, null, message, "Mend it in the file.");
    }
}
