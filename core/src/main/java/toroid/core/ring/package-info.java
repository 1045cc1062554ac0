/**
 * Jump rings: geometry, winding, cutting, closing, strength, and the plan of the coils they are cut from.
 *
 * <p>In: diameters in mm, a yield estimate as an explicit argument, allowances of the hand. Out: rings, coils, figures that
 * explain themselves. Left out: rings that are not round, and wire that is not round.
 */
package toroid.core.ring;
