/**
 * Doing it: runs of ring and form jobs, step by step, resumable at the very ring or piece; and the bench, what is in hand.
 *
 * <p>In: a job, then progress. Out: the frozen plan of a run with its steps, where it stands, the wire it used. Left out:
 * what was measured, which is the calibration package's.
 */
package toroid.server.bench;
