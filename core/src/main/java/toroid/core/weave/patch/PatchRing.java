package toroid.core.weave.patch;

/**
 * One ring of a patch.
 *
 * @param ring which of the cell
 * @param i cells along
 * @param j cells across or round
 */
public record PatchRing(int ring, int i, int j) {}
