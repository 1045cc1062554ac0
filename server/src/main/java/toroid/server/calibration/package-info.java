/**
 * What was measured, and what is learnt from it: measurements, each spool's fitted springback, handling
 * tails, loops practised, the notebook.
 *
 * <p>In: readings taken at the bench. Out: the fitted yield as {@link toroid.server.wire.WireKnowledge}, so that the next
 * prediction rests on it. Left out: fitting, which is the core's.
 */
package toroid.server.calibration;
