package toroid.core.weave.piece;

/**
 * One ring of a piece.
 *
 * @param ring which of the cell
 * @param i cells along
 * @param j cells across or round
 */
public record PieceRing(int ring, int i, int j) {}
