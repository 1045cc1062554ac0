/**
 * Weaves solved from geometry: the thickest wire that fits, the longest and the shortest pitch, the poses between.
 *
 * <p>In: a pattern and its rings' radii. Out: poses with their pitch, their gaps and their verified links. Contact is exact
 * between circles ({@link toroid.core.weave.circle}); each step is a small quadratic programme over all near contacts. Left out:
 * friction, gravity, rings that give.
 */
package toroid.core.weave.solve;
