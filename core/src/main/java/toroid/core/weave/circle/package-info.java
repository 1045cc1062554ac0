/**
 * Centre circles of rings in space: how near two come, at every local minimum, and whether they are linked.
 *
 * <p>In: circles, mm or any one unit. Out: distances in that unit, places, linking numbers. Exact up to rounding; the contact
 * search samples each circle {@link toroid.core.weave.circle.CircleDistance#SAMPLES} times and refines every minimum it
 * brackets. Left out: rings that are not round.
 */
package toroid.core.weave.circle;
