package toroid.core.piece;

import java.util.List;
import java.util.stream.IntStream;
import toroid.core.piece.part.PartWork;

/**
 * A piece worked out.
 *
 * @param placed its parts as laid out
 * @param parts the same, worked out
 * @param hung how each hangs
 * @param joints between each and what it hangs in, in the order of the parts; last the one that closes a round piece
 * @param steps the order it is put together in; without the joints that cannot be made
 * @param faults what does not fit
 * @param facingDegrees how far each part's face is turned against the first one's about the pull, 0 up to 180: its port's plane where it
 *     comes in. Every contact turns it by a quarter, every part by its own twist
 * @param reachMm how far down from the first bearing point each part begins, pulled taut
 */
public record PieceWork(
        List<Piece.Placed> placed,
        List<PartWork> parts,
        List<Hung> hung,
        List<Joint> joints,
        List<AssemblyStep> steps,
        List<PieceFault> faults,
        List<Double> facingDegrees,
        List<Double> reachMm) {
    public PieceWork {
        placed = List.copyOf(placed);
        parts = List.copyOf(parts);
        hung = List.copyOf(hung);
        joints = List.copyOf(joints);
        steps = List.copyOf(steps);
        faults = List.copyOf(faults);
        facingDegrees = List.copyOf(facingDegrees);
        reachMm = List.copyOf(reachMm);
    }

    /**
     * From the first bearing point to the last of the row, pulled taut, mm: where two parts hang in each other their insides meet in one point,
     * so it is the sum of the parts' spans, whatever the wires' thickness. Exact; what hangs from the row besides adds nothing to it.
     */
    public double lengthMm() {
        return row().stream().mapToDouble(i -> parts.get(i).spanMm()).sum();
    }

    /** From the first bearing point down to the far end of what reaches furthest, mm: how far earrings hang. */
    public double deepestMm() {
        return IntStream.range(0, parts.size())
                .mapToDouble(i -> reachMm.get(i) + parts.get(i).spanMm())
                .max()
                .orElse(0);
    }

    /** Its metal, beads and stones, g. */
    public double massG() {
        return parts.stream().mapToDouble(PartWork::massG).sum();
    }

    /** How far its row stands off what it lies on, mm, about: the row's thickest part. */
    public double thickMm() {
        return row().stream().mapToDouble(i -> parts.get(i).thickMm()).max().orElse(0);
    }

    /** Places of the parts of the row itself, from its first end on. */
    public List<Integer> row() {
        return IntStream.range(0, parts.size())
                .filter(i -> placed.get(i).depth() == 0)
                .boxed()
                .toList();
    }

    public boolean canBeMade() {
        return joints.stream().noneMatch(joint -> joint.way() == Joint.Way.IMPOSSIBLE)
                && faults.stream().noneMatch(PieceFault::stops);
    }

    /** Which rings are opened and which may be closed beforehand, by place. */
    public boolean isOpened(int part) {
        return joints.stream().anyMatch(joint -> joint.way() == Joint.Way.OPENED && joint.maker() == part);
    }

    /** Whether it hangs the other way round. */
    public boolean isTurned(int part) {
        return hung.get(part).turned();
    }

    /** The joint a part hangs by; null for the first. */
    public Joint hangsBy(int part) {
        return part == 0 ? null : joints.get(part - 1);
    }
}
