package toroid.core.weave.assembly;

import toroid.core.weave.patch.RingGraph;

/**
 * How many rings may be closed before use: three numbers. Closed rings cannot be linked to one another, so no order closes more than
 * the upper bound.
 *
 * @param upperBound no order closes more: the largest set of rings of which no two link
 * @param upperBoundExact whether that set exists; otherwise a bound from fractional matching
 * @param thisOrder in the order given here, by hands that hold any number of loose rings
 * @param inHand in that order, by hands that hold as many as {@code hold}
 * @param hold loose closed rings an open ring picks up at a time
 */
public record PreClosed(int upperBound, boolean upperBoundExact, int thisOrder, int inHand, int hold) {
    public static PreClosed of(RingGraph patch, Way way) {
        LargestUnlinked largest = LargestUnlinked.of(patch);
        return new PreClosed(
                largest.size(),
                largest.exact(),
                Assembly.of(patch, way.withoutLimit()).preClosed(),
                Assembly.of(patch, way).preClosed(),
                way.hold());
    }
}
