/**
 * Weaves as they are written down: which rings a cell has, how it repeats, which ring passes through which.
 *
 * <p>In: the open weave format (docs/weave-format.md), lengths in units of the first class's ring radius. Out: records the solver
 * takes. Left out: rings that are not round, weaves whose rings change size along the patch.
 */
package toroid.core.weave.pattern;
