package toroid.core.piece;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import toroid.core.form.Beads;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.piece.part.PartNote;
import toroid.core.piece.part.PartWork;

/** Whether all that hangs in a port goes through it, and what the parts say of themselves. */
final class Fitting {
    /** Room a hand needs to hang wires in, mm. Common practice: 0.2. */
    private static final double PLAY_MM = 0.2;

    /** What {@link Beads#holeNeededMm} adds to go through. */
    private static final double BEAD_PLAY = 1.05;

    /** What a hand leaves open at most where it closes a ring with care, mm; what is hardly thicker slips out. Our own. */
    private static final double GAP_MM = 0.2;

    private static final double THIN_MM = 0.35;

    private Fitting() {}

    static List<PieceFault> faults(List<PartWork> parts, List<Joint> joints) {
        Map<Integer, Map<Port, List<Double>>> carried = new HashMap<>();
        for (Joint joint : joints) {
            carry(carried, joint.a(), joint.portA(), joint.portB().wireMm());
            carry(carried, joint.b(), joint.portB(), joint.portA().wireMm());
        }
        var faults = new ArrayList<PieceFault>();
        for (int i = 0; i < parts.size(); i++) {
            for (PartNote note : parts.get(i).notes()) {
                faults.add(PieceFault.of(note, i));
            }
            for (Map.Entry<Port, List<Double>> one :
                    carried.getOrDefault(i, Map.of()).entrySet()) {
                double thinnest = one.getValue().stream()
                        .mapToDouble(Double::doubleValue)
                        .min()
                        .orElseThrow();
                if (one.getKey().opens() == Opening.SIDEWAYS && thinnest < THIN_MM) {
                    faults.add(new PieceFault(PieceFault.Kind.GAP, i, thinnest, GAP_MM));
                }
                double have = one.getKey().insideMm();
                double need = packedMm(one.getValue());
                if (need > have) {
                    faults.add(new PieceFault(PieceFault.Kind.DOES_NOT_GO_IN, i, need, have));
                } else if (need + PLAY_MM > have) {
                    faults.add(new PieceFault(PieceFault.Kind.TIGHT, i, need + PLAY_MM, have));
                }
            }
        }
        return faults;
    }

    private static void carry(Map<Integer, Map<Port, List<Double>>> carried, int part, Port port, double wireMm) {
        carried.computeIfAbsent(part, any -> new LinkedHashMap<>())
                .computeIfAbsent(port, any -> new ArrayList<>())
                .add(wireMm);
    }

    /**
     * The hole that wires of these thicknesses need, mm: two side by side their sum; more as circles packed in one ({@link
     * Beads#holeNeededMm}), each taken as thick as the thickest, so never too little.
     */
    static double packedMm(List<Double> wires) {
        double sum = wires.stream().mapToDouble(Double::doubleValue).sum();
        if (wires.size() < 3) {
            return sum;
        }
        double thickest = wires.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
        return Math.min(sum, Beads.holeNeededMm(wires.size(), thickest) / BEAD_PLAY);
    }
}
