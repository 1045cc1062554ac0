/**
 * The bench line: a maker's shorthand read into a ring or a form and what is wanted of it.
 *
 * <p>In: one line of text. Out: sizes in mm, counts, metal, cut, and what each word was taken for. Left out: solving, which
 * the ring and form packages do.
 */
package toroid.core.line;
