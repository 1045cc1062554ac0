package toroid.core.piece;

import java.util.List;

/**
 * A piece worked out.
 *
 * @param parts in the row's order
 * @param turned which of them hang the other way round
 * @param joints between each and the next
 * @param steps the order it is put together in; without the joints that cannot be made
 * @param faults what does not fit
 * @param facingDegrees how far each part's face is turned against the first one's about the row, 0 up to 180: its first port's plane where it
 *     comes in. Every contact turns it by a quarter, every part by its own twist
 */
public record PieceWork(
        List<PartWork> parts,
        List<Boolean> turned,
        List<Joint> joints,
        List<AssemblyStep> steps,
        List<PieceFault> faults,
        List<Double> facingDegrees) {
    public PieceWork {
        parts = List.copyOf(parts);
        turned = List.copyOf(turned);
        joints = List.copyOf(joints);
        steps = List.copyOf(steps);
        faults = List.copyOf(faults);
        facingDegrees = List.copyOf(facingDegrees);
    }

    /**
     * From the first bearing point to the last, pulled taut, mm: where two parts hang in each other their insides meet in one point, so it is
     * the sum of the parts' spans, whatever the wires' thickness. Exact.
     */
    public double lengthMm() {
        return parts.stream().mapToDouble(PartWork::spanMm).sum();
    }

    /** Mass of its wires, g. */
    public double massG() {
        return parts.stream().mapToDouble(PartWork::massG).sum();
    }

    /** How far it stands off what it lies on, mm, about: its thickest part. */
    public double thickMm() {
        return parts.stream().mapToDouble(PartWork::thickMm).max().orElse(0);
    }

    public boolean canBeMade() {
        return joints.stream().noneMatch(joint -> joint.way() == Joint.Way.IMPOSSIBLE)
                && faults.stream().noneMatch(fault -> fault.kind() == PieceFault.Kind.DOES_NOT_GO_IN);
    }

    /** Which rings are opened and which may be closed beforehand, by place in the row. */
    public boolean isOpened(int part) {
        return joints.stream().anyMatch(joint -> joint.way() == Joint.Way.OPENED && joint.maker() == part);
    }
}
