/**
 * Metals and tempers: density, modulus, yield strength, each with its source.
 *
 * <p>In: a metal's id and a temper. Out: constants in g/cm³ and MPa. Left out: prices, colours and solderability, which are
 * not constants of the metal alone. Handbook values of yield strength are a starting point: a maker's own measurements
 * replace them.
 */
package toroid.core.metal;
