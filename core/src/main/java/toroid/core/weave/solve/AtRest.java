package toroid.core.weave.solve;

/**
 * Where rings that may move came to rest.
 *
 * @param rings as they lie
 * @param gap the smallest between any two
 * @param leftToGain how much more the last step promised; what it is short of the optimum by, at first order
 * @param steps taken
 * @param converged false when it stopped for another reason; its figures are then no answer
 */
public record AtRest<M extends Movable<M>>(M rings, double gap, double leftToGain, int steps, boolean converged) {}
