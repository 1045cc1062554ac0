/**
 * The bench line: a maker's shorthand read into a ring and what is wanted of it.
 *
 * <p>In: one line of text. Out: sizes in mm, counts, metal, cut, and what each word was taken for. Left out: solving, which
 * the ring package does.
 */
package toroid.core.line;
