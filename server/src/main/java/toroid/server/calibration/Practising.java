package toroid.server.calibration;

import toroid.core.calibration.exercise.Criterion;
import toroid.core.calibration.exercise.Exercise;
import toroid.core.calibration.exercise.ExerciseInfo;
import toroid.core.calibration.exercise.Exercises;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.wire.Wire;
import toroid.server.calibration.ReadingContext.Practised;
import toroid.server.store.ServerCode;
import toroid.server.store.Words;

/** A reading of an exercise: what it was of and what was aimed at is the exercise's to say. */
final class Practising {
    static final double LEAST_AIM_MM = 0.5;
    static final double MOST_AIM_MM = 50;

    private Practising() {}

    private static final Practised LOOPS = new Practised("ten-loops", "inside", null);

    /** What an earlier page kept of a session said no exercise: there was one. */
    static boolean isOne(ReadingData said) {
        return said.context() != null
                && (said.context().practised() != null
                        || said.sessionId() != null && said.quantity() == Quantity.LOOP_INSIDE);
    }

    /** With the form that is practised and what it should come out at. */
    static ReadingData filled(ReadingData said) {
        Practised practised =
                said.context().practised() == null ? LOOPS : said.context().practised();
        Exercise exercise = Exercises.byId(practised.exercise());
        Criterion criterion = Exercises.criterion(exercise, practised.criterion());
        ExerciseInfo info = exercise.info();
        Double wire = said.context().wireMm();
        if (info.usualWireMm() != null) {
            Wire.checkDiameter(demanded("context.wireMm", wire));
        }
        Double aim = aimed(info, said.planned());
        return said.with(
                null, target(exercise, criterion, wire, aim), ReadingContext.practice(practised, wire, info.formId()));
    }

    /** What one comes out at at best, mm; null where nothing is aimed at but the twin. */
    static Double target(Exercise exercise, Criterion criterion, Double wireMm, Double aimMm) {
        return exercise.target(criterion, wireMm == null ? 0 : wireMm, aimMm == null ? 0 : aimMm);
    }

    private static Double aimed(ExerciseInfo info, Double said) {
        if (info.usualSizeMm() == null) {
            return null;
        }
        Checks.within(
                "planned",
                demanded("planned", said),
                LEAST_AIM_MM,
                MOST_AIM_MM,
                Unit.MM,
                Remedy.CHECK_THE_SIZE_AND_ITS_UNIT);
        return said;
    }

    /** @throws Refusal where it is none of what its exercise measures */
    static void check(ReadingData data) {
        Practised practised = data.context().practised();
        Criterion criterion = Exercises.criterion(Exercises.byId(practised.exercise()), practised.criterion());
        demanded("sessionId", data.sessionId());
        if (!criterion.quantity().equals(data.quantity().name())) {
            throw Refusal.of(ServerCode.NOT_MEASURED_HERE, "quantity", data.quantity());
        }
        if (practised.weaveId() != null) {
            Words.checkName(practised.weaveId());
        }
        criterion.check(data.value());
    }

    private static <T> T demanded(String field, T value) {
        if (value == null) {
            throw Refusal.of(ServerCode.MISSING, field, null);
        }
        return value;
    }
}
