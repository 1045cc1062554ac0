package toroid.core.piece;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import toroid.core.form.Port;
import toroid.core.piece.AssemblyStep.Act;
import toroid.core.piece.part.PartWork;

/**
 * The order a piece is put together in: every part made, rings that need not open closed, then joint by joint from the first end, the clasp last. An end is
 * formed round its neighbour only when the neighbour is made and closed where it hangs, and in the order its own steps come to it; a ring is
 * opened only when what it takes is there. An order is always found: of two rings that both open the later one takes the earlier, of two ends formed round each other the later
 * part's is formed last.
 */
final class Assembly {
    private Assembly() {}

    /** How many of its steps a part goes through before what hangs at that port has to be in it. */
    interface Before {
        int steps(int part, Port port);
    }

    /** @param clasp the place of what is joined last of all that can wait for it; {@link ClaspEnd#NONE} for none */
    static List<AssemblyStep> of(List<PartWork> parts, List<Joint> joints, Before before, int clasp) {
        Set<Integer> open = new HashSet<>();
        for (Joint joint : joints) {
            boolean opened = joint.way() == Joint.Way.OPENED || joint.way() == Joint.Way.SOLDERED_ROUND;
            if (opened && parts.get(joint.maker()).isRing()) {
                open.add(joint.maker());
            }
        }
        var steps = new ArrayList<AssemblyStep>();
        for (int i = 0; i < parts.size(); i++) {
            if (!parts.get(i).isRing()) {
                steps.add(new AssemblyStep(Act.MAKE, i, List.of()));
            } else if (!open.contains(i)) {
                steps.add(new AssemblyStep(Act.CLOSE_BEFORE, i, List.of()));
            }
        }
        Set<Integer> there = new HashSet<>();
        steps.forEach(step -> there.add(step.part()));
        List<AssemblyStep> waiting = acts(parts, joints, clasp);
        while (!waiting.isEmpty()) {
            AssemblyStep next = waiting.stream()
                    .filter(step -> canBegin(step, joints, there, waiting) && isNext(step, joints, waiting, before))
                    .findFirst()
                    .orElseThrow();
            waiting.remove(next);
            there.add(next.part());
            steps.add(next);
        }
        return steps;
    }

    /** What makes the joints, from the first end on, what holds the clasp at the end. */
    private static List<AssemblyStep> acts(List<PartWork> parts, List<Joint> joints, int clasp) {
        Set<Integer> done = new HashSet<>();
        var acts = new ArrayList<AssemblyStep>();
        for (int i = 0; i < joints.size(); i++) {
            if (!done.contains(i) && joints.get(i).way() != Joint.Way.IMPOSSIBLE) {
                List<Integer> made = together(parts, joints, i);
                done.addAll(made);
                acts.add(new AssemblyStep(act(joints.get(i)), joints.get(i).maker(), made));
            }
        }
        // the torch comes before whatever does not stand it
        acts.sort(Comparator.<AssemblyStep, Boolean>comparing(step -> step.act() != Act.SOLDER_ROUND)
                .thenComparing(step -> holds(step, joints, clasp)));
        return acts;
    }

    private static boolean holds(AssemblyStep step, List<Joint> joints, int part) {
        return step.joints().stream().map(joints::get).anyMatch(joint -> joint.a() == part || joint.b() == part);
    }

    /** All it hangs in is there, and the loops among them are closed: none of them is still to be formed round something. */
    private static boolean canBegin(
            AssemblyStep step, List<Joint> joints, Set<Integer> there, List<AssemblyStep> waiting) {
        for (int at : step.joints()) {
            Joint joint = joints.get(at);
            int other = joint.byB() ? joint.a() : joint.b();
            Port port = joint.byB() ? joint.portA() : joint.portB();
            boolean open = waiting.stream()
                    .filter(one -> one.act() == Act.FORM_ROUND && one.part() == other)
                    .anyMatch(one -> port(one, joints).equals(port));
            if (!there.contains(other) || open) {
                return false;
            }
        }
        return true;
    }

    /** Of one part the ends that are closed round something are so in the order its steps come to them. */
    private static boolean isNext(AssemblyStep step, List<Joint> joints, List<AssemblyStep> waiting, Before before) {
        return step.act() != Act.FORM_ROUND
                || waiting.stream()
                        .filter(other -> other.act() == Act.FORM_ROUND && other.part() == step.part())
                        .noneMatch(other -> before.steps(step.part(), port(other, joints))
                                < before.steps(step.part(), port(step, joints)));
    }

    /** The maker's port that is closed by it. */
    private static Port port(AssemblyStep step, List<Joint> joints) {
        return joints.get(step.joints().get(0)).makersPort();
    }

    /** A ring, or a loop, once open takes all it holds. */
    private static List<Integer> together(List<PartWork> parts, List<Joint> joints, int first) {
        Joint joint = joints.get(first);
        if (joint.way() == Joint.Way.HOOKED) {
            return List.of(first);
        }
        var made = new ArrayList<Integer>();
        for (int i = 0; i < joints.size(); i++) {
            Joint other = joints.get(i);
            boolean same = other.way() == joint.way() && other.maker() == joint.maker();
            if (same && (parts.get(joint.maker()).isRing() || other.makersPort().equals(joint.makersPort()))) {
                made.add(i);
            }
        }
        return made;
    }

    private static Act act(Joint joint) {
        return switch (joint.way()) {
            case HOOKED -> Act.HOOK;
            case OPENED -> Act.OPEN_AND_CLOSE;
            case CLOSED_ROUND -> Act.FORM_ROUND;
            case SOLDERED_ROUND -> Act.SOLDER_ROUND;
            case IMPOSSIBLE -> throw new IllegalArgumentException("no hand makes it");
        };
    }
}
