/**
 * Round wire: what it is made of, what its thickness is called, what a length of it weighs.
 *
 * <p>In: a diameter in mm as measured, a metal. Out: masses in grams, lengths in mm, names with their error. Left out: wire
 * that is not round.
 */
package toroid.core.wire;
