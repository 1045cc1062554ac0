/**
 * Ring jobs, and the ring calculators as an HTTP API.
 *
 * <p>In: a ring in any convention, a job's content. Out: the whole sheet of a job (sizes with bands, figures that explain
 * themselves, coils, judgement, the shelf's rods), all from the core. Left out: doing it, which is the bench package's.
 */
package toroid.server.ring;
