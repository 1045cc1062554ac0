/**
 * Bending round wire: moment, springback and its inverses, strain.
 *
 * <p>In: diameters in mm, stresses in MPa, always as arguments; a fitted yield comes in the same way as a handbook one.
 * Out: radii and diameters in mm. Left out: strain hardening, the residual stress of the spool, and any twist; what they
 * add is taken up by the fitted (effective) yield.
 */
package toroid.core.bend;
