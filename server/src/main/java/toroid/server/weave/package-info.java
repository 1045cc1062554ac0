/**
 * Weaves: the shipped catalogue read from files, solved for the maker's rings, the answers kept so that no one waits twice.
 *
 * <p>In: rings in mm, per size. Out: the core's answers and poses, mm. Kept: solved answers for 1 mm wire, by the weave's own text
 * and its aspect ratios; they can be thrown away at any time.
 */
package toroid.server.weave;
