package toroid.core.weave.composition;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.weave.patch.RingGraph;
import toroid.core.weave.pattern.WeavePattern;

/**
 * A cross, star or medallion: arms of a weave, one row of each held by one or two larger rings, neighbouring arms tied beside those, one
 * arm longer, a bail on a short arm opposite it (common practice). Ring for ring, with every link; made arm by arm, then the larger
 * rings, the bail, and last and tightest the ties.
 *
 * @see LargerRing for how large the larger ring has to be
 */
public final class Composition implements RingGraph {
    /** What a ring is for. */
    public enum Role {
        /** In an arm. */
        ARM,
        /** A larger ring in the middle. */
        HUB,
        /** At the end of a short arm, opposite the longer one. */
        BAIL,
        /** Between two neighbouring arms. */
        TIE
    }

    public static final int LEAST_ARMS = 3;
    public static final int MOST_ARMS = 12;
    private static final int MOST_HUBS = 2;

    /**
     * What is put together.
     *
     * @param arms 3 to 12
     * @param shape of an arm
     * @param held row of the arms that the larger rings go through, from the middle, the first is 0
     * @param hubs larger rings, 1 or 2, each through every arm's held row
     * @param ties of neighbouring arms; null for none
     * @param bail whether a ring hangs from an arm's end
     */
    public record Plan(int arms, ArmShape shape, int held, int hubs, Ties ties, boolean bail) {
        public Plan {
            Checks.within("arms", arms, LEAST_ARMS, MOST_ARMS, Unit.ARMS, Remedy.FEWER_THAN_THREE_MAKE_NO_MIDDLE);
            Checks.within("hubs", hubs, 1, MOST_HUBS, Unit.LARGER_RINGS, Remedy.ONE_OR_ONE_ON_EITHER_SIDE);
        }

        /** The arm the bail sits on: opposite the longer, which is the first; with an odd number the next to opposite. */
        public int bailArm() {
            return arms / 2;
        }
    }

    private final Plan plan;
    private final Sector sector;
    private final List<Role> roles = new ArrayList<>();
    private final List<Integer> parts = new ArrayList<>();
    private final List<Integer> rows = new ArrayList<>();
    private final List<TreeSet<Integer>> links = new ArrayList<>();
    private final int[] first;
    private int[][] neighbours;

    /** @throws Refusal for what makes no such arms */
    public Composition(WeavePattern weave, Plan plan) {
        this.plan = plan;
        Arm arm = Arm.of(weave, plan.shape(), plan.held());
        sector = Sector.of(plan.arms(), arm, plan.held(), plan.ties());
        first = new int[plan.arms()];
        for (int k = 0; k < plan.arms(); k++) {
            first[k] = roles.size();
            arm(arm, k);
        }
        for (int hub = 0; hub < plan.hubs(); hub++) {
            var through = new ArrayList<Integer>();
            for (int k = 0; k < plan.arms(); k++) {
                for (int ring : sector.held()) {
                    through.add(first[k] + ring);
                }
            }
            add(Role.HUB, plan.arms(), through);
        }
        if (plan.bail()) {
            add(Role.BAIL, plan.arms() + 1, bailed());
        }
        if (sector.isTied()) {
            for (int k = 0; k < plan.arms(); k++) {
                int from = first[k];
                int next = first[(k + 1) % plan.arms()];
                var through = new TreeSet<Integer>();
                sector.towards().forEach(ring -> through.add(from + ring));
                sector.back().forEach(ring -> through.add(next + ring));
                add(Role.TIE, plan.arms() + 2, through);
            }
        }
        neighbours = links.stream()
                .map(each -> each.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }

    private void arm(Arm arm, int k) {
        int size = k == 0 ? arm.rings().size() : arm.shortSize();
        for (int row = 0; row < arm.rows().size(); row++) {
            for (int ring : arm.rows().get(row)) {
                if (ring < size) {
                    roles.add(Role.ARM);
                    parts.add(k);
                    rows.add(row);
                    links.add(new TreeSet<>());
                }
            }
        }
        for (int[] link : arm.links()) {
            if (Math.max(link[0], link[1]) < size) {
                links.get(first[k] + link[0]).add(first[k] + link[1]);
                links.get(first[k] + link[1]).add(first[k] + link[0]);
            }
        }
    }

    /** The middle one or two of the bail's arm's last row. */
    private List<Integer> bailed() {
        List<Integer> row = sector.arm().rows().get(plan.shape().rows() - 1);
        int middle = (row.size() - 1) / 2;
        return row.subList(middle, row.size() - middle).stream()
                .map(ring -> first[plan.bailArm()] + ring)
                .toList();
    }

    private void add(Role role, int part, Iterable<Integer> through) {
        int place = roles.size();
        roles.add(role);
        parts.add(part);
        rows.add(0);
        var own = new TreeSet<Integer>();
        through.forEach(own::add);
        links.add(own);
        own.forEach(other -> links.get(other).add(place));
    }

    public Plan plan() {
        return plan;
    }

    Sector sector() {
        return sector;
    }

    /** The place of an arm's first ring. */
    int firstOf(int arm) {
        return first[arm];
    }

    public Role roleOf(int n) {
        return roles.get(n);
    }

    /** Which row of its arm, from the middle; 0 for what is in no arm. */
    public int rowOf(int n) {
        return rows.get(n);
    }

    /** Rings of each role. */
    public int count(Role role) {
        return (int) roles.stream().filter(one -> one == role).count();
    }

    /** Rings in each row of the longest arm, from the middle out. */
    public List<Integer> rowCounts() {
        return sector.arm().rows().stream().map(List::size).toList();
    }

    /** Rings of an arm that is not the longer one. */
    public int perArm() {
        return sector.arm().shortSize();
    }

    /** Rings the first arm has more. */
    public int longerBy() {
        return sector.arm().rings().size() - perArm();
    }

    /** Rings a larger ring goes through. */
    public int onHub() {
        return plan.arms() * sector.held().size();
    }

    /**
     * Rings to look at first when a ring will not close: those that take up room in the same rings as it, most of them first; at most
     * {@code most}.
     */
    public List<Integer> beside(int n, int most) {
        var shared = new TreeMap<Integer, Integer>();
        for (int held : neighbours[n]) {
            for (int other : neighbours[held]) {
                if (other != n) {
                    shared.merge(other, 1, Integer::sum);
                }
            }
        }
        return shared.entrySet().stream()
                .sorted(Map.Entry.<Integer, Integer>comparingByValue().reversed())
                .limit(most)
                .map(Map.Entry::getKey)
                .toList();
    }

    @Override
    public int size() {
        return roles.size();
    }

    @Override
    public int[] neighbours(int n) {
        return neighbours[n];
    }

    /** The larger rings are of a size of their own. */
    @Override
    public int sizeClassOf(int n) {
        return roles.get(n) == Role.HUB ? 1 : 0;
    }

    @Override
    public int partOf(int n) {
        return parts.get(n);
    }
}
