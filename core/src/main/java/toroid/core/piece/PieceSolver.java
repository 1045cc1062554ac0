package toroid.core.piece;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import toroid.core.form.Port;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;

/** Works a piece out: its parts, how they join, which way they look. */
public final class PieceSolver {
    /** Room a hand needs to hang wires in, mm. Common practice: 0.2. */
    private static final double PLAY_MM = 0.2;

    private PieceSolver() {}

    /** @throws Refusal for a part that cannot be made, or from which the row cannot go on */
    public static PieceWork solve(Piece piece, Parts works) {
        List<Piece.Placed> placed = piece.parts();
        var parts = new ArrayList<PartWork>();
        var turned = new ArrayList<Boolean>();
        boolean round = piece.shape() == Piece.Shape.ROUND;
        for (int i = 0; i < placed.size(); i++) {
            Effort.check();
            PartWork work = works.of(placed.get(i).part());
            boolean ends = !round && (i == 0 || i == placed.size() - 1);
            if (!work.goesOn() && !ends) {
                throw Refusal.of(RefusalCode.PART_ENDS_A_ROW, "piece", work.name())
                        .with("form", work.name())
                        .with("place", i + 1);
            }
            parts.add(work);
            // a part with one port looks inward from either end
            turned.add(work.goesOn() ? placed.get(i).turned() : i == 0 && placed.size() > 1);
        }
        List<Joint> joints = Joining.of(parts, turned, round);
        return new PieceWork(parts, turned, joints, Assembly.of(parts, joints), faults(parts, joints), facing(parts));
    }

    /** Wires of thickness w side by side at the bearing pass when their sum is no more than the inside. */
    private static List<PieceFault> faults(List<PartWork> parts, List<Joint> joints) {
        Map<Integer, Map<Port, Double>> carried = new HashMap<>();
        for (Joint joint : joints) {
            carried.computeIfAbsent(joint.a(), any -> new HashMap<>())
                    .merge(joint.portA(), joint.portB().wireMm(), Double::sum);
            carried.computeIfAbsent(joint.b(), any -> new HashMap<>())
                    .merge(joint.portB(), joint.portA().wireMm(), Double::sum);
        }
        var faults = new ArrayList<PieceFault>();
        for (int i = 0; i < parts.size(); i++) {
            for (Map.Entry<Port, Double> one : carried.getOrDefault(i, Map.of()).entrySet()) {
                double have = one.getKey().insideMm();
                double need = one.getValue();
                if (need > have) {
                    faults.add(new PieceFault(PieceFault.Kind.DOES_NOT_GO_IN, i, need, have));
                } else if (need + PLAY_MM > have) {
                    faults.add(new PieceFault(PieceFault.Kind.TIGHT, i, need + PLAY_MM, have));
                }
            }
        }
        return faults;
    }

    /** Hung the other way round a part twists by the same hand: seen from its other end a screw is the same screw. */
    private static List<Double> facing(List<PartWork> parts) {
        var facing = new ArrayList<Double>();
        double at = 0;
        for (int i = 0; i < parts.size(); i++) {
            facing.add(at);
            double twist = parts.get(i).twistDegrees();
            at = folded(at + twist + QUARTER);
        }
        return facing;
    }

    private static final double QUARTER = 90;

    /** A face looks the same from behind. */
    private static double folded(double degrees) {
        double folded = ((degrees % 180) + 180) % 180;
        return folded > 180 - 1e-9 ? 0 : folded;
    }
}
