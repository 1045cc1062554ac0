/**
 * Lengths, masses, forces and stresses, the size systems makers name them in, and the parsing of what a maker types.
 *
 * <p>In: text in either tongue or bare numbers with their unit in the factory's name. Out: immutable quantities. This is
 * the only home of unit conversion. Left out: areas and volumes, which live only inside formulas.
 */
package toroid.core.quantity;
