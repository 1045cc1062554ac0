package toroid.core.weave.solve;

import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;

/**
 * A weave solved for the maker's rings: does it close, how tight, how long.
 *
 * <p>All figures are of rigid round rings of round wire with closed, seamless joints. The gaps are exact between centre circles;
 * what a solve is short of its optimum by is told with it. A solve that did not come to rest, or whose links are no longer the
 * pattern's, gives no figure.
 */
public final class WeaveSolver {
    /** What a gain in gap or pitch has to be to count, in units of the first class's ring radius. */
    private static final double TOLERANCE = 1e-10;

    private static final double TIGHTEST_TOLERANCE = 1e-11;

    private WeaveSolver() {}

    /**
     * The thickest wire for rings of these sizes.
     *
     * @param pattern the weave
     * @param ratios each class's ring radius (middle of the wire) against the first's, the first 1
     * @throws Refusal when the pattern is not what it says, or a ratio is out of range
     */
    public static Closest closest(WeavePattern pattern, double[] ratios) {
        return widest(pattern, ratios, null);
    }

    /**
     * As {@link #closest}, among the poses that lie evenly about a chain's axis ({@link HalfTurn}).
     *
     * @return null for what has none
     */
    public static Closest straight(WeavePattern pattern, double[] ratios) {
        HalfTurn even = HalfTurn.of(StartPose.of(pattern));
        return even == null ? null : widest(pattern, ratios, even);
    }

    private static Closest widest(WeavePattern pattern, double[] ratios, HalfTurn even) {
        Pose start = StartPose.of(pattern);
        double[] radii = new double[pattern.rings().size()];
        for (int k = 0; k < radii.length; k++) {
            radii[k] = Checks.within(
                    "ringRadiusRatio",
                    ratios[pattern.rings().get(k).sizeClass()],
                    0.05,
                    20,
                    Unit.NONE,
                    Remedy.TAKE_RINGS_NEARER_IN_SIZE);
        }
        Pose resized = Resized.to(start, radii);
        Solved solved = Shaken.tightest(even == null ? resized : even.half(resized), TIGHTEST_TOLERANCE);
        Pose pose = even == null ? solved.pose() : even.whole(solved.pose());
        double gap = fine(pose);
        boolean same = isSame(pattern, pose);
        return new Closest(
                pose,
                gap,
                Math.max(solved.leftToGain(), solved.gap() - gap),
                same,
                solved.converged() && same && Double.isFinite(gap));
    }

    private static boolean isSame(WeavePattern pattern, Pose pose) {
        return LinkPattern.found(pose).equals(LinkPattern.told(pattern)) && Captives.held(pattern, pose);
    }

    static double fine(Pose pose) {
        double unit = pose.rings().get(0).radius();
        return Contacts.smallestFine(pose, Neighbours.of(pose, 1.2 * unit), 2 * unit);
    }

    /**
     * The longest or shortest cell at a wire's thickness.
     *
     * @param pattern the weave
     * @param closest its widest pose
     * @param wire thickness in the pose's unit, not above {@link Closest#gap()}
     * @param direction which pitch
     * @param longest or shortest
     * @return null when it did not come to rest or its links changed
     */
    public static Pulled pulled(
            WeavePattern pattern, Closest closest, double wire, Direction direction, boolean longest) {
        Checks.within("wire", wire, 1e-4, closest.gap() + 1e-9, Unit.NONE, Remedy.THIS_WIRE_DOES_NOT_FIT);
        PitchSolve.Of of = direction == Direction.ALONG ? PitchSolve.Of.ALONG : PitchSolve.Of.ACROSS;
        Solved solved = Shaken.pulled(closest.pose(), closest.gap(), wire, of, longest, TOLERANCE);
        if (!solved.converged() || !isSame(pattern, solved.pose())) {
            return null;
        }
        return new Pulled(
                solved.pose(),
                PitchSolve.pitch(solved.pose(), of),
                Math.max(0, wire - fine(solved.pose())),
                solved.leftToGain());
    }

    /** Which of a weave's pitches. */
    public enum Direction {
        ALONG,
        ACROSS
    }

    /** Whether there is a second pitch of its own. */
    public static boolean hasAcross(WeavePattern pattern) {
        return pattern.lattice().kind() == Lattice.Kind.SHEET
                && pattern.lattice().across() > 0;
    }

    /**
     * The pose in which the thickest wire fits.
     *
     * @param pose with the first class's ring radius as unit
     * @param gap that wire's thickness
     * @param residual what the last step still promised; what the gap is short of its optimum by, at first order
     * @param linksVerified whether the rings are linked as the pattern says
     * @param solved whether all of this may be relied on
     */
    public record Closest(Pose pose, double gap, double residual, boolean linksVerified, boolean solved) {
        /** The smallest aspect ratio of the first class's rings: {@code 2R/t − 1}. */
        public double aspectRatioMin() {
            return 2 * pose.rings().get(0).radius() / gap - 1;
        }
    }

    /**
     * A cell as long or as short as it comes.
     *
     * @param pose the rings
     * @param pitch of the cell, in the pose's unit
     * @param penetration how far the wire is short of fitting, at most; zero up
     * @param residual what the last step still promised
     */
    public record Pulled(Pose pose, double pitch, double penetration, double residual) {}
}
