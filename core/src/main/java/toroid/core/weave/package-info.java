/**
 * What a ring is good for: the aspect-ratio windows weaves are customarily made in.
 *
 * <p>In: a ring's nominal aspect ratio. Out: which weaves it suits, and how it would be otherwise. The windows are common
 * practice, from memory, and provisional: they are habits, not solved geometry, and say so.
 */
package toroid.core.weave;
