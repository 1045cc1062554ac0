/**
 * Weaves: rings linked in a pattern that repeats, solved from geometry for the maker's real ring.
 *
 * <p>In: a weave in the open format ({@link toroid.core.weave.pattern}), wire and inner diameters in mm as measured. Out: whether it
 * closes, its play, pitches, weight, poses; mm and g. Customary windows, in the weaves' files, are nominal
 * aspect ratios and common practice, kept beside the solved ones, never mixed with them.
 */
package toroid.core.weave;
