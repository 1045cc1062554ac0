package toroid.core.calibration.exercise;

import java.util.List;

/**
 * One short exercise. To add one: a class of this package that implements this, marked {@code @AutoService(Exercise.class)}; nothing else in
 * core or server, and its words and drawing on the web ({@code exerciseWords.ts}, {@code ExercisePicture.tsx}).
 */
public interface Exercise {
    ExerciseInfo info();

    /** What is measured of each go, in the order it is measured; at least one. */
    List<Criterion> criteria();

    /**
     * What one should come out at, mm; what is judged by eye has 0, its best; null where nothing is aimed at but the twin.
     *
     * @param criterion of {@link #criteria}
     * @param wireMm the wire practised with, above 0
     * @param sizeMm what the maker aims at, above 0; without meaning where {@link ExerciseInfo#usualSizeMm} is null
     */
    default Double target(Criterion criterion, double wireMm, double sizeMm) {
        return criterion.judged() ? 0.0 : Double.valueOf(sizeMm);
    }

    /** What no session's figure can be told below: a caliper's digit, mm, or half a fault in all goes. */
    default double leastFigure() {
        return criteria().get(0).judged() ? 0.5 / info().goes() : 0.005;
    }

    /** @param taken of one session, in the order taken, at least one */
    Verdict judge(List<Taken> taken);
}
