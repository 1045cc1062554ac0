package toroid.core.piece;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import toroid.core.form.Form;
import toroid.core.form.Forms;
import toroid.core.form.Parameter;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;
import toroid.core.piece.part.FormPart;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartSpec;
import toroid.core.piece.part.RingPart;
import toroid.core.ring.Ring;

/** What would make joints possible that are not: every change is tried, and told only when the piece can be made then, or more of it. */
public final class Mending {
    /** What is changed. */
    public enum Change {
        /** A soldered ring left open. */
        OPEN_RING,
        /** A loop made plain, which opens. */
        PLAIN_LOOP,
        /** A jump ring put between the two. */
        RING_BETWEEN
    }

    /**
     * A change, and what it comes to.
     *
     * @param joint which of the joints it makes possible
     * @param line the changed piece
     * @param stillImpossible joints that cannot be made after it
     * @param lengthMm of the changed piece
     */
    public record Mend(Change change, int joint, String line, int stillImpossible, double lengthMm) {}

    /** A ring put between hangs as freely as this, inside over wire. Common practice. */
    private static final double RATIO = 4;

    private Mending() {}

    /** The changes that leave the fewest joints impossible first; of these the least change first. */
    public static List<Mend> of(Piece piece, PieceWork work, PartMaker parts) {
        long before = impossible(work);
        Set<String> tried = new LinkedHashSet<>();
        var mends = new ArrayList<Mend>();
        for (int at = 0; at < work.joints().size(); at++) {
            Joint joint = work.joints().get(at);
            if (joint.way() == Joint.Way.IMPOSSIBLE) {
                int number = at;
                changes(piece, work, joint)
                        .forEach((change, changed) -> changed.forEach(one -> {
                            Mend mend = tried.add(PieceLine.write(one)) ? mend(change, number, one, parts) : null;
                            if (mend != null && mend.stillImpossible() < before) {
                                mends.add(mend);
                            }
                        }));
            }
        }
        mends.sort(Comparator.comparingInt(Mend::stillImpossible).thenComparing(Mend::change));
        return mends;
    }

    private static long impossible(PieceWork work) {
        return work.joints().stream()
                .filter(joint -> joint.way() == Joint.Way.IMPOSSIBLE)
                .count();
    }

    private static Mend mend(Change change, int joint, Piece changed, PartMaker parts) {
        Effort.check();
        try {
            PieceWork work = PieceSolver.solve(changed, parts);
            if (work.faults().stream().anyMatch(PieceFault::stops)) {
                return null;
            }
            return new Mend(change, joint, PieceLine.write(changed), (int) impossible(work), work.lengthMm());
        } catch (Refusal refused) {
            return null; // a change that makes no piece mends nothing
        }
    }

    private static Map<Change, List<Piece>> changes(Piece piece, PieceWork work, Joint joint) {
        Map<Change, List<Piece>> changes = new TreeMap<>();
        for (int side : new int[] {joint.b(), joint.a()}) {
            PartSpec spec = work.placed().get(side).part();
            int written = work.placed().get(side).written();
            if (spec instanceof RingPart ring && ring.soldered()) {
                add(changes, Change.OPEN_RING, replaced(piece, written, spec, ring.unsoldered()));
            }
            if (spec instanceof FormPart form) {
                plainLoops(form)
                        .forEach(plain -> add(changes, Change.PLAIN_LOOP, replaced(piece, written, spec, plain)));
            }
        }
        add(changes, Change.RING_BETWEEN, between(piece, work, joint));
        return changes;
    }

    private static void add(Map<Change, List<Piece>> changes, Change change, Piece piece) {
        if (piece != null) {
            changes.computeIfAbsent(change, any -> new ArrayList<>()).add(piece);
        }
    }

    /** The form with one of its choices, or all of them, made plain. */
    private static List<FormPart> plainLoops(FormPart part) {
        Form form = Forms.byId(part.formId());
        var changed = new ArrayList<FormPart>();
        Map<String, Object> all = new TreeMap<>(part.values());
        for (Parameter parameter : form.parameters()) {
            boolean opens = parameter.kind() == Parameter.Kind.CHOICE
                    && parameter.choices().contains("plain")
                    && !"plain".equals(part.values().get(parameter.id()));
            if (opens) {
                Map<String, Object> one = new TreeMap<>(part.values());
                one.put(parameter.id(), "plain");
                all.put(parameter.id(), "plain");
                changed.add(new FormPart(part.formId(), part.half(), part.wireMm(), one));
            }
        }
        if (changed.size() > 1) {
            changed.add(new FormPart(part.formId(), part.half(), part.wireMm(), all));
        }
        return changed;
    }

    /** Wherever it is written: all copies of a repeat are one part as written. */
    private static Piece replaced(Piece piece, int written, PartSpec from, PartSpec to) {
        return piece.rewritten((one, number) ->
                number == written && one.part().equals(from) ? List.of(new Piece.One(to, one.hanging())) : null);
    }

    /** A ring of the thinner wire of the two, behind the first of them where it goes on in its row, before what hangs from it otherwise. */
    private static Piece between(Piece piece, PieceWork work, Joint joint) {
        if (joint.b() < joint.a()) {
            return null; // the joint that closes a round piece: a ring at its end does it
        }
        double wire = Math.min(
                Math.min(joint.portA().wireMm(), joint.portB().wireMm()),
                Math.min(joint.portA().insideMm(), joint.portB().insideMm()) / 2);
        double inside = Math.max(
                RATIO * wire, 1.2 * (joint.portA().wireMm() + joint.portB().wireMm()));
        var ring = new Piece.One(RingPart.of(new Ring(hundredths(wire), hundredths(inside)), false));
        int written = work.placed().get(joint.b()).written();
        return piece.rewritten((one, number) -> number == written ? List.of(ring, one) : null);
    }

    private static double hundredths(double mm) {
        return Math.rint(100 * mm) / 100;
    }
}
