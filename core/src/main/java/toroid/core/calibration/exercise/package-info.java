/**
 * Short exercises at the bench, and what the pattern of a session's readings says to do better.
 *
 * <p>In: readings of one session, in the order taken, mm or judged by eye. Out: a {@link toroid.core.calibration.exercise.Verdict} each, and of many
 * sessions a {@link toroid.core.calibration.exercise.Season}. Left out: words; a place says them of what was found.
 */
package toroid.core.calibration.exercise;
