/**
 * Wire forms: loops, links, findings, each a bend program or several that make one form.
 *
 * <p>In: wire (mm, metal, temper, yield), a form's parameters (mm, degrees, counts, choices), the maker's schools. Out: for each
 * wire its program, length in the piece, length to cut and offcut (mm, apart), marks (mm from the cut end), steps in the order
 * hands do them, judgements as codes. A form is one class in {@code catalogue}, found by itself. Left out: the spring of the
 * assembled form as a whole, and how deep a hammer works.
 */
package toroid.core.form;
