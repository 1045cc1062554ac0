/**
 * The ground floor: argument checks that answer in a maker's terms, and root finding with a cap.
 *
 * <p>In: bare doubles in whatever unit the caller names. Out: the same doubles checked, or a {@link
 * toroid.core.numeric.Refusal} that says what was wrong, in which unit, what is allowed and the way out. Left out:
 * general numerics, which come from Hipparchus.
 */
package toroid.core.numeric;
