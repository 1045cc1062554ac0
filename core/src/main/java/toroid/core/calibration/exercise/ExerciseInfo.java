package toroid.core.calibration.exercise;

/**
 * What an exercise is.
 *
 * @param id stable, such as {@code ten-loops}
 * @param goes how often it is done in one session; of a pair, at how many places both are measured
 * @param formId the form that is made; null where it is none
 * @param usualWireMm what to practise with, mm; null where no wire is asked for
 * @param usualSizeMm what to aim at, mm; null where the wire decides it, or nothing is aimed at
 */
public record ExerciseInfo(String id, int goes, String formId, Double usualWireMm, Double usualSizeMm) {}
