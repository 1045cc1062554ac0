/**
 * Plans: what the hands do, in what order, with targets, counts, cautions, what it takes from stock and what can be measured; and how far
 * that is done.
 *
 * <p>In: a ring worked out and its coils, a form's steps and wires, a weave's order. Out: a {@link toroid.core.work.Plan} of operations
 * that know what must come before them, lengths in mm, words as codes. A plan is the same for every kind of job: what differs stands in
 * the operation's {@link toroid.core.work.Detail}. Left out: minutes, which are learnt from what was done.
 */
package toroid.core.work;
