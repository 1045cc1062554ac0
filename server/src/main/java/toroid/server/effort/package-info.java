/**
 * How long work is done: at most so much at once as leaves the bench a core, two seconds for whoever waits, longer only in the
 * background and only while somebody asks for it.
 *
 * <p>In: a piece of work. Out: its answer, or a number under which it is asked for again. Left out: what the work is.
 */
package toroid.server.effort;
