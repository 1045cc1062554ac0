package toroid.core.piece;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.piece.AssemblyStep.Act;
import toroid.core.piece.part.FormPart;
import toroid.core.piece.part.PartSpec;
import toroid.core.piece.part.PartWork;
import toroid.core.piece.part.RingPart;
import toroid.core.ring.Ring;

/**
 * Every row and every round piece of up to five parts of seven kinds, and thousands of six and seven: which joints can be made, with how few rings opened, against all ways
 * there are; and the order played as hands would: nothing closed opens again but what opens sideways, nothing is hung in what is not there.
 */
class JoiningTest {
    private static final int MOST = 5;

    /** Rows of six and of seven parts, by chance. */
    private static final int LONGER = 4000;

    private static final int LONGEST = 7;

    /** Ring, soldered ring, plain link, wrapped link, plain and wrapped, hook with a loop, soldered frame. */
    private static final List<PartWork> KINDS = List.of(
            ring(false),
            ring(true),
            link(Opening.SIDEWAYS, Opening.SIDEWAYS),
            link(Opening.WHILE_MADE, Opening.WHILE_MADE),
            link(Opening.SIDEWAYS, Opening.WHILE_MADE),
            link(Opening.MOUTH, Opening.SIDEWAYS),
            link(Opening.NEVER, Opening.NEVER));

    private static PartWork ring(boolean soldered) {
        Port port = port("ring", soldered ? Opening.NEVER : Opening.SIDEWAYS);
        return work(RingPart.of(new Ring(1, 5), soldered), port, port, 5);
    }

    private static PartWork link(Opening first, Opening last) {
        var spec = new FormPart(first + " to " + last, null, null, Map.of());
        return work(spec, port("first", first), port("last", last), 9);
    }

    private static PartWork work(PartSpec spec, Port first, Port last, double span) {
        return new PartWork(
                spec,
                "part",
                first,
                last,
                List.of(),
                Vector3D.PLUS_I,
                Vector3D.ZERO,
                span,
                0.1,
                2,
                PartWork.Takes.NOTHING,
                List.of());
    }

    private static Port port(String name, Opening opens) {
        return new Port(name, "wire", Vector3D.ZERO, Vector3D.PLUS_K, 5, 1, 0, opens);
    }

    private interface Look {
        void at(List<PartWork> parts, boolean round);
    }

    private static void everyRow(int most, Look look) {
        for (int n = 2; n <= most; n++) {
            for (int row = 0; row < Math.pow(KINDS.size(), n); row++) {
                int rest = row;
                var parts = new ArrayList<PartWork>();
                for (int i = 0; i < n; i++) {
                    parts.add(KINDS.get(rest % KINDS.size()));
                    rest /= KINDS.size();
                }
                both(parts, look);
            }
        }
        var chance = new Random(7);
        for (int i = 0; i < LONGER; i++) {
            int n = most + 1 + i % (LONGEST - MOST);
            both(chance.ints(n, 0, KINDS.size()).mapToObj(KINDS::get).toList(), look);
        }
    }

    private static void both(List<PartWork> parts, Look look) {
        look.at(parts, false);
        if (parts.size() > 2) {
            look.at(parts, true);
        }
    }

    private static List<Joint> joined(List<PartWork> parts, boolean round) {
        int[] parents = IntStream.range(-1, parts.size() - 1).toArray();
        return joined(parts, parents, round);
    }

    /** @param parents what each hangs in; the row goes on from the part before, all else hangs besides */
    private static List<Joint> joined(List<PartWork> parts, int[] parents, boolean round) {
        var placed = new ArrayList<Piece.Placed>();
        int[] hung = new int[parts.size()];
        for (int i = 0; i < parts.size(); i++) {
            boolean next = parents[i] == i - 1;
            int hanging = next ? -1 : hung[parents[i]]++;
            int depth = next ? 0 : 1;
            placed.add(new Piece.Placed(parts.get(i).spec(), false, parents[i], hanging, depth, i));
        }
        List<Hung> hangs = parts.stream()
                .map(part -> Hung.of(part, false, false, true, false))
                .toList();
        return Joining.of(parts.size(), Links.of(placed, hangs, round));
    }

    private interface TreeLook {
        void at(List<PartWork> parts, List<Joint> joints);
    }

    /** Pieces with branches: up to seven parts, each hung in any part before it. */
    private static void manyTrees(TreeLook look) {
        var chance = new Random(11);
        for (int i = 0; i < 3 * LONGER; i++) {
            int n = 2 + chance.nextInt(LONGEST - 1);
            List<PartWork> parts =
                    chance.ints(n, 0, KINDS.size()).mapToObj(KINDS::get).toList();
            int[] parents = new int[n];
            for (int part = 0; part < n; part++) {
                parents[part] = part == 0 ? -1 : chance.nextInt(part);
            }
            look.at(parts, joined(parts, parents, false));
        }
    }

    @Test
    void whatHangsBesidesIsJoinedAndOrderedAsWell() {
        manyTrees((parts, joints) -> {
            inAnyOrderOfSteps(parts, joints);
            holds(joints.size() == parts.size() - 1, parts);
            holds(used(parts, joints) == fewest(parts, possible(joints)), parts);
        });
    }

    /** A joint cannot be made exactly where neither side opens, hooks or is closed in place. */
    @Test
    void namesExactlyTheJointsThatCannotBeMade() {
        everyRow(MOST, (parts, round) -> {
            for (Joint joint : joined(parts, round)) {
                boolean never =
                        joint.portA().opens() == Opening.NEVER && joint.portB().opens() == Opening.NEVER;
                holds((joint.way() == Joint.Way.IMPOSSIBLE) == never, parts);
                holds(never || joint.makersPort().opens() != Opening.NEVER, parts);
            }
        });
    }

    /** Of all sets of sides that make every joint that can be made, none does with fewer rings and loops opened or ends formed round. */
    @Test
    void opensAsLittleAsCanBe() {
        everyRow(MOST - 1, (parts, round) -> {
            List<Joint> joints = joined(parts, round);
            holds(used(parts, joints) == fewest(parts, possible(joints)), parts);
        });
    }

    private static List<Joint> possible(List<Joint> joints) {
        return joints.stream()
                .filter(joint -> joint.way() != Joint.Way.IMPOSSIBLE)
                .toList();
    }

    /** Rings and loops opened and ends formed round. */
    private static int used(List<PartWork> parts, List<Joint> joints) {
        Set<List<Object>> used = new HashSet<>();
        possible(joints).stream()
                .filter(joint -> joint.way() != Joint.Way.HOOKED)
                .forEach(joint -> used.add(side(parts, joint.maker(), joint.makersPort())));
        return used.size();
    }

    private static void holds(boolean so, List<PartWork> parts) {
        if (!so) {
            throw new AssertionError(parts.stream()
                    .map(part -> part.first().opens() + "/" + part.last().opens())
                    .toList()
                    .toString());
        }
    }

    private static List<Object> side(List<PartWork> parts, int part, Port port) {
        return List.of(part, parts.get(part).isRing() ? "ring" : port.part());
    }

    private static int fewest(List<PartWork> parts, List<Joint> joints) {
        var sides = new ArrayList<List<Object>>();
        int[] ones = new int[joints.size()];
        int[] others = new int[joints.size()];
        for (int i = 0; i < joints.size(); i++) {
            Joint joint = joints.get(i);
            ones[i] = bit(parts, joint.a(), joint.portA(), sides);
            others[i] = bit(parts, joint.b(), joint.portB(), sides);
        }
        int best = Integer.MAX_VALUE;
        for (int set = 0; set < 1 << sides.size(); set++) {
            boolean all = true;
            for (int i = 0; all && i < ones.length; i++) {
                all = ones[i] == HOOKS || others[i] == HOOKS || (set & (ones[i] | others[i])) != 0;
            }
            best = all ? Math.min(best, Integer.bitCount(set)) : best;
        }
        return best;
    }

    private static final int HOOKS = -1;

    /** The bit that side has in a set of sides; none for one that never opens. */
    private static int bit(List<PartWork> parts, int part, Port port, List<List<Object>> sides) {
        if (port.opens() == Opening.MOUTH) {
            return HOOKS;
        }
        if (port.opens() == Opening.NEVER) {
            return 0;
        }
        List<Object> side = side(parts, part, port);
        if (!sides.contains(side)) {
            sides.add(side);
        }
        return 1 << sides.indexOf(side);
    }

    @Test
    void theOrderCanBeFollowedByHands() {
        everyRow(MOST, (parts, round) -> {
            List<Joint> joints = joined(parts, round);
            inAnyOrderOfSteps(parts, joints);
        });
    }

    /** Whichever of a part's ends its steps come to first: it is closed round its neighbour first. */
    private static void inAnyOrderOfSteps(List<PartWork> parts, List<Joint> joints) {
        for (int clasp : new int[] {ClaspEnd.NONE, 0, parts.size() - 1}) {
            inAnyOrderOfSteps(parts, joints, clasp);
        }
    }

    /** @param clasp what is joined last, if it can be */
    private static void inAnyOrderOfSteps(List<PartWork> parts, List<Joint> joints, int clasp) {
        for (boolean fromLast : new boolean[] {false, true}) {
            Assembly.Before before = (part, port) -> port.equals(parts.get(part).last()) == fromLast ? 1 : 2;
            List<AssemblyStep> steps = Assembly.of(parts, joints, before, clasp);
            play(parts, joints, steps);
            int[] reached = new int[parts.size()];
            for (AssemblyStep step : steps) {
                if (step.act() == Act.FORM_ROUND) {
                    Port port = joints.get(step.joints().get(0)).makersPort();
                    holds(reached[step.part()] <= before.steps(step.part(), port), parts);
                    reached[step.part()] = before.steps(step.part(), port);
                }
            }
        }
    }

    private static void play(List<PartWork> parts, List<Joint> joints, List<AssemblyStep> steps) {
        Set<Integer> there = new HashSet<>();
        Set<Integer> made = new HashSet<>();
        Set<List<Object>> formed = new HashSet<>();
        Set<List<Object>> toForm = new HashSet<>();
        for (Joint joint : joints) {
            if (joint.way() == Joint.Way.CLOSED_ROUND) {
                toForm.add(side(parts, joint.maker(), joint.makersPort()));
            }
        }
        for (AssemblyStep step : steps) {
            boolean ring = parts.get(step.part()).isRing();
            if (step.act() == Act.MAKE || step.act() == Act.CLOSE_BEFORE) {
                holds(there.add(step.part()) && ring == (step.act() == Act.CLOSE_BEFORE), parts);
                continue;
            }
            // a ring comes open, once; nothing closed opens again
            holds(ring ? there.add(step.part()) : there.contains(step.part()), parts);
            for (int at : step.joints()) {
                Joint joint = joints.get(at);
                int other = joint.byB() ? joint.a() : joint.b();
                List<Object> hangsIn = side(parts, other, joint.byB() ? joint.portA() : joint.portB());
                boolean closed = !toForm.contains(hangsIn) || formed.contains(hangsIn);
                holds(joint.maker() == step.part() && there.contains(other) && closed && made.add(at), parts);
            }
            if (step.act() == Act.FORM_ROUND) {
                holds(
                        formed.add(side(
                                parts,
                                step.part(),
                                joints.get(step.joints().get(0)).makersPort())),
                        parts);
            }
        }
        long can = joints.stream()
                .filter(joint -> joint.way() != Joint.Way.IMPOSSIBLE)
                .count();
        holds(made.size() == can, parts);
    }
}
