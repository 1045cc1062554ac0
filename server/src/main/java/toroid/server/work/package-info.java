/**
 * Jobs and their runs: what is planned, begun, in hand and done, whatever it is made of.
 *
 * <p>In: a job's content, of its {@link toroid.server.work.JobKind}; what the maker has done. Out: plans as the core makes them, frozen
 * when a run begins; the bench at a glance; wire taken off its lots. A new kind of job is one class. Left out: what was measured, which
 * is calibration's.
 */
package toroid.server.work;
