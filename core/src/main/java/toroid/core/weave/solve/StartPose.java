package toroid.core.weave.solve;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
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
            throw bad(RefusalCode.WEAVE_CELL_TOO_SHORT, "lattice").with("most", Neighbours.MOST_CELLS);
        }
        if (gap < LEAST_GAP) {
            throw bad(RefusalCode.WEAVE_RINGS_PASS_THROUGH, "rings");
        }
        Set<String> told = LinkPattern.told(pattern);
        Set<String> found = LinkPattern.found(pose);
        if (!told.equals(found)) {
            throw bad(RefusalCode.WEAVE_NOT_LINKED_SO, "links")
                    .with("toldNotSo", without(told, found))
                    .with("soNotTold", without(found, told));
        }
        checkCaptives(pattern, pose);
        if (pattern.lattice().kind() != Lattice.Kind.FINITE
                && pattern.links().stream().allMatch(link -> link.i() == 0)) {
            throw bad(RefusalCode.WEAVE_CELLS_FALL_APART, "links");
        }
        return pose;
    }

    private static void checkCaptives(WeavePattern pattern, Pose pose) {
        for (int k = 0; k < pattern.rings().size(); k++) {
            WeavePattern.CellRing ring = pattern.rings().get(k);
            if (ring.isCaptive()
                    && Captives.piercing(ring, pose, k) < ring.round().size()) {
                throw bad(RefusalCode.WEAVE_NOT_ROUND_ALL, "rings.round").with("ring", ring.id());
            }
            boolean own = pattern.links().stream().anyMatch(link -> isOf(link, ring, pattern));
            if (ring.isCaptive() && own) {
                throw bad(RefusalCode.WEAVE_ROUND_AND_LINKED, "rings.round").with("ring", ring.id());
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

    private static List<String> without(Set<String> some, Set<String> others) {
        var left = new TreeSet<>(some);
        left.removeAll(others);
        return List.copyOf(left);
    }

    private static Refusal bad(RefusalCode code, String field) {
        return Refusal.of(code, field, null);
    }
}
