package toroid.core.weave.composition;

/**
 * How neighbouring arms are tied to each other: a ring between each two, outside the larger ring. The last to go in, and the tightest.
 *
 * @param row which row of the arms it goes through, from the middle; that which is held is beside the larger ring
 * @param all through every ring of that row of both arms; otherwise through the one nearest the other arm
 */
public record Ties(int row, boolean all) {}
