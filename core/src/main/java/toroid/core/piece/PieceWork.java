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
 * @param facingDegrees how far each part's face is turned against the front about the pull, 0 up to 180: its port's plane where it
 *     comes in. The front is the first part's, of an ear wire that of the lobe it goes through. Every contact turns it by a quarter, every part by its own twist
 */
public record PieceWork(
        List<Piece.Placed> placed,
        List<PartWork> parts,
        List<Hung> hung,
        List<Joint> joints,
        List<AssemblyStep> steps,
        List<PieceFault> faults,
        List<Double> facingDegrees) {
    public PieceWork {
        placed = List.copyOf(placed);
        parts = List.copyOf(parts);
        hung = List.copyOf(hung);
        joints = List.copyOf(joints);
        steps = List.copyOf(steps);
        faults = List.copyOf(faults);
        facingDegrees = List.copyOf(facingDegrees);
    }

    /**
     * From the first bearing point to the last of the row, pulled taut, mm: where two parts hang in each other their insides meet in one point,
     * so it is the sum of the parts' spans, whatever the wires' thickness. Exact; what hangs from the row besides adds nothing to it.
     */
    public double lengthMm() {
        return row().stream().mapToDouble(i -> parts.get(i).spanMm()).sum();
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

    /**
     * Parts of the row that hands make and that hang edge-on, by place: turned by more than 45° against the first of them, under an ear wire
     * against the lobe.
     */
    public List<Integer> edgeOn() {
        List<Integer> made =
                row().stream().filter(i -> parts.get(i).spec().isMade()).toList();
        boolean inTheEar = facingDegrees.get(0) > 0;
        double front = inTheEar || made.isEmpty() ? 0 : facingDegrees.get(made.get(0));
        return made.stream()
                .filter(i -> i > 0 || !inTheEar)
                .filter(i -> apart(facingDegrees.get(i), front) > EDGE_ON_DEGREES)
                .toList();
    }

    private static final double EDGE_ON_DEGREES = 45;

    /** Between two faces, which look the same from behind, degrees, 0 to 90. */
    private static double apart(double one, double other) {
        double turned = Math.abs(one - other) % 180;
        return Math.min(turned, 180 - turned);
    }

    /** The steps of its order that join something. */
    public List<AssemblyStep> joining() {
        return steps.stream().filter(step -> !step.joints().isEmpty()).toList();
    }

    public boolean canBeMade() {
        return joints.stream().noneMatch(joint -> joint.way() == Joint.Way.IMPOSSIBLE)
                && faults.stream().noneMatch(PieceFault::stops);
    }

    /** Which rings are opened and which may be closed beforehand, by place. */
    public boolean isOpened(int part) {
        return joints.stream()
                .anyMatch(joint -> joint.maker() == part
                        && (joint.way() == Joint.Way.OPENED || joint.way() == Joint.Way.SOLDERED_ROUND));
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
