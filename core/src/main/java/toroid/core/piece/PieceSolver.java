package toroid.core.piece;

import java.util.ArrayList;
import java.util.List;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartWork;

/** Works a piece out: its parts, how they join, which way they look. */
public final class PieceSolver {
    private static final double QUARTER = 90;

    private PieceSolver() {}

    /** @throws Refusal for a part that cannot be made, or from which the row cannot go on */
    public static PieceWork solve(Piece piece, PartMaker works) {
        List<Piece.Placed> placed = piece.parts();
        boolean round = piece.shape() == Piece.Shape.ROUND;
        boolean[] goesOn = goesOn(placed, round);
        boolean[] carries = new boolean[placed.size()];
        placed.stream().filter(one -> one.hanging() >= 0).forEach(one -> carries[one.parent()] = true);
        var parts = new ArrayList<PartWork>();
        var hung = new ArrayList<Hung>();
        for (int i = 0; i < placed.size(); i++) {
            Effort.check();
            PartWork work = works.of(placed.get(i).part());
            // a part with one port looks inward from either end
            boolean first = i == 0 && !round;
            if (!work.goesOn() && goesOn[i] && !first) {
                throw Refusal.of(RefusalCode.PART_ENDS_A_ROW, "piece", work.name())
                        .with("form", work.name())
                        .with("place", i + 1);
            }
            parts.add(work);
            boolean turned = turned(work, placed.get(i), first && goesOn[0], i > 0 && !goesOn[i]);
            hung.add(Hung.of(work, turned, i == 0, goesOn[i], carries[i]));
        }
        List<Links> links = Links.of(placed, hung, round);
        List<Joint> joints = Joining.of(parts.size(), links, Torch.inPlace(parts, links, works.isSolderable()));
        Assembly.Before before = (part, port) -> MadeInPlace.before(parts.get(part), port, works);
        return new PieceWork(
                placed,
                parts,
                hung,
                joints,
                Assembly.of(parts, joints, before, ClaspEnd.of(placed, parts, hung, round)),
                Fitting.faults(parts, joints),
                facing(parts, hung, joints, inTheEar(parts, works) ? QUARTER : 0));
    }

    /** A hook's mouth is at the end of its row; a part with one port looks inward from either end. */
    private static boolean turned(PartWork work, Piece.Placed placed, boolean begins, boolean ends) {
        if (!work.goesOn()) {
            return begins;
        }
        boolean mouthFirst = work.first().opens() == Opening.MOUTH;
        boolean mouthLast = work.last().opens() == Opening.MOUTH;
        boolean atEnd = placed.depth() == 0 && mouthFirst != mouthLast && (begins || ends);
        return atEnd ? (begins ? mouthLast : mouthFirst) : placed.turned();
    }

    /** Which parts something follows in their own row. */
    private static boolean[] goesOn(List<Piece.Placed> placed, boolean round) {
        boolean[] goesOn = new boolean[placed.size()];
        int last = 0;
        for (int i = 0; i < placed.size(); i++) {
            Piece.Placed one = placed.get(i);
            last = one.depth() == 0 ? i : last;
            if (one.parent() >= 0 && one.hanging() < 0) {
                goesOn[one.parent()] = true;
            }
        }
        goesOn[last] |= round && last > 0;
        return goesOn;
    }

    /**
     * An ear wire goes through the lobe from its front to its back, so that whoever looks at the lobe sees it from its edge. What it is by itself,
     * a hoop or a form its wire grows out of, is looked at as it is.
     */
    private static boolean inTheEar(List<PartWork> parts, PartMaker works) {
        return parts.size() > 1 && parts.get(0).spec().isEarWire(works);
    }

    /** Hung the other way round a part twists by the same hand: seen from its other end a screw is the same screw. */
    private static List<Double> facing(List<PartWork> parts, List<Hung> hung, List<Joint> joints, double first) {
        var facing = new ArrayList<Double>();
        facing.add(first);
        for (int i = 1; i < parts.size(); i++) {
            Joint joint = joints.get(i - 1);
            PartWork parent = parts.get(joint.a());
            Port in = hung.get(joint.a()).in();
            boolean backwards = in == parent.last() && in != parent.first();
            double twist = backwards ? parent.twistDegrees(joint.portA(), in) : parent.twistDegrees(in, joint.portA());
            facing.add(folded(facing.get(joint.a()) + twist + QUARTER));
        }
        return facing;
    }

    /** A face looks the same from behind. */
    private static double folded(double degrees) {
        double folded = ((degrees % 180) + 180) % 180;
        return folded > 180 - 1e-9 ? 0 : folded;
    }
}
