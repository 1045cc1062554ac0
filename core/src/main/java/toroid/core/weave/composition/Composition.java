package toroid.core.weave.composition;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.TreeSet;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.piece.Piece;
import toroid.core.weave.piece.PieceShape;
import toroid.core.weave.piece.RingGraph;

/**
 * A cross, star or medallion: arms of a chain weave, their innermost rings gathered on one or two larger rings, neighbouring arms tied
 * at their ends, one arm longer with a bail at its end (common practice). Ring for ring, with every link; made arm by arm, then the
 * larger rings, the ties, the bail.
 *
 * @see HubRing for how large the larger ring has to be
 */
public final class Composition implements RingGraph {
    /** What a ring is for. */
    public enum Role {
        /** In an arm. */
        ARM,
        /** A larger ring in the middle. */
        HUB,
        /** Between the ends of two neighbouring arms. */
        TIE,
        /** At the end of the longer arm. */
        BAIL
    }

    public static final int LEAST_ARMS = 3;
    public static final int MOST_ARMS = 12;
    private static final int MOST_UNITS = 60;
    private static final int MOST_HUBS = 2;

    /**
     * What is put together.
     *
     * @param arms 3 to 12
     * @param units of the chain in each arm
     * @param hubs larger rings, 1 or 2, each through every arm's innermost rings
     * @param tied whether a ring ties each two neighbouring arms at their outermost rings
     * @param longerBy units the first arm has more
     * @param bail whether a ring hangs from the first arm's end
     */
    public record Plan(int arms, int units, int hubs, boolean tied, int longerBy, boolean bail) {
        public Plan {
            Checks.within("arms", arms, LEAST_ARMS, MOST_ARMS, "arms", "Fewer than three make no middle.");
            Checks.within("units", units, 1, MOST_UNITS, "units", "Arms are short.");
            Checks.within("hubs", hubs, 1, MOST_HUBS, "larger rings", "One, or one before and one behind.");
            Checks.within("longerBy", longerBy, 0, MOST_UNITS, "units", "Zero for none.");
        }
    }

    private final Plan plan;
    private final List<Role> roles = new ArrayList<>();
    private final List<Integer> parts = new ArrayList<>();
    private final List<TreeSet<Integer>> links = new ArrayList<>();
    private final int perUnit;
    private final int perHub;
    private int[][] neighbours;

    /** @throws Refusal for what is no chain of one ring size */
    public Composition(WeavePattern chain, Plan plan) {
        if (chain.lattice().kind() != Lattice.Kind.CHAIN || chain.classes().size() != 1) {
            throw Refusal.of(
                    "no-chain",
                    "weave",
                    chain.id(),
                    chain.name() + " makes no arms.",
                    "Take a chain of one ring size.");
        }
        this.plan = plan;
        perUnit = chain.rings().size();
        var inner = new ArrayList<List<Integer>>();
        var outer = new ArrayList<List<Integer>>();
        for (int arm = 0; arm < plan.arms(); arm++) {
            arm(
                    Piece.of(chain, new PieceShape.Cells(plan.units() + (arm == 0 ? plan.longerBy() : 0))),
                    arm,
                    inner,
                    outer);
        }
        perHub = inner.stream().mapToInt(List::size).sum();
        for (int hub = 0; hub < plan.hubs(); hub++) {
            add(Role.HUB, plan.arms(), inner.stream().flatMap(List::stream).toList());
        }
        if (plan.tied()) {
            for (int arm = 0; arm < plan.arms(); arm++) {
                var held = new ArrayList<>(outer.get(arm));
                held.addAll(outer.get((arm + 1) % plan.arms()));
                add(Role.TIE, plan.arms() + 1, held);
            }
        }
        if (plan.bail()) {
            add(Role.BAIL, plan.arms() + 2, outer.get(0));
        }
        neighbours = links.stream()
                .map(each -> each.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }

    /** An arm's rings; its innermost and outermost are those of its first and last that take the same path. */
    private void arm(Piece piece, int arm, List<List<Integer>> inner, List<List<Integer>> outer) {
        int first = roles.size();
        for (int n = 0; n < piece.size(); n++) {
            roles.add(Role.ARM);
            parts.add(arm);
            var through = new TreeSet<Integer>();
            for (int other : piece.neighbours(n)) {
                through.add(first + other);
            }
            links.add(through);
        }
        inner.add(alike(piece, 0, first));
        outer.add(alike(piece, piece.size() - 1, first));
    }

    private static List<Integer> alike(Piece piece, int end, int first) {
        var alike = new ArrayList<Integer>();
        for (int n = 0; n < piece.size(); n++) {
            if (Arrays.equals(piece.neighbours(n), piece.neighbours(end))
                    && piece.rings().get(n).i() == piece.rings().get(end).i()) {
                alike.add(first + n);
            }
        }
        return alike;
    }

    private void add(Role role, int part, List<Integer> through) {
        int place = roles.size();
        roles.add(role);
        parts.add(part);
        links.add(new TreeSet<>(through));
        through.forEach(other -> links.get(other).add(place));
    }

    public Plan plan() {
        return plan;
    }

    public Role roleOf(int n) {
        return roles.get(n);
    }

    /** Rings of each role. */
    public int count(Role role) {
        return (int) roles.stream().filter(one -> one == role).count();
    }

    /** Rings of one unit of the chain: what one unit more takes. */
    public int perUnit() {
        return perUnit;
    }

    /** Rings of an arm that is not the longer one. */
    public int perArm() {
        return (int) parts.stream().filter(part -> part == plan.arms() - 1).count();
    }

    /** Rings a larger ring goes through. */
    public int onHub() {
        return perHub;
    }

    /**
     * Rings to look at first when a ring will not close: those that take up room in the same rings as it, most of them first; at most
     * {@code most}.
     */
    public List<Integer> beside(int n, int most) {
        var shared = new java.util.TreeMap<Integer, Integer>();
        for (int held : neighbours[n]) {
            for (int other : neighbours[held]) {
                if (other != n) {
                    shared.merge(other, 1, Integer::sum);
                }
            }
        }
        return shared.entrySet().stream()
                .sorted(java.util.Map.Entry.<Integer, Integer>comparingByValue().reversed())
                .limit(most)
                .map(java.util.Map.Entry::getKey)
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
