package toroid.core.weave.solve;

/**
 * Where a solve came to rest.
 *
 * @param pose the rings
 * @param gap the smallest distance between two centre circles
 * @param leftToGain how much more the last step promised; what it is short of the optimum by, at first order
 * @param steps taken
 * @param converged false when it stopped for another reason; its figures are then no answer
 */
record Solved(Pose pose, double gap, double leftToGain, int steps, boolean converged) {
    static Solved of(AtRest<PoseMove> rest) {
        return new Solved(rest.rings().pose(), rest.gap(), rest.leftToGain(), rest.steps(), rest.converged());
    }
}
