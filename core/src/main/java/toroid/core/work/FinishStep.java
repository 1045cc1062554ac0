package toroid.core.work;

import toroid.core.piece.finish.FinishWork;

/**
 * A piece, or what there is of it, finished.
 *
 * @param work what is done, and to what
 */
public record FinishStep(FinishWork work) implements Detail {}
