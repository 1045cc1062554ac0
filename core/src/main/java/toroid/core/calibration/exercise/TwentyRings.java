package toroid.core.calibration.exercise;

import com.google.auto.service.AutoService;
import java.util.List;

/** Twenty jump rings closed, each joint looked at against the light and felt with a fingertip ({@link Joint}). */
@AutoService(Exercise.class)
public final class TwentyRings implements Exercise {
    private static final Criterion JOINT = Criterion.byEye("joint", "JOINT", Joint.values().length - 1);

    @Override
    public ExerciseInfo info() {
        return new ExerciseInfo("twenty-rings", 20, null, null, null);
    }

    @Override
    public List<Criterion> criteria() {
        return List.of(JOINT);
    }

    @Override
    public Verdict judge(List<Taken> taken) {
        return Judged.judge(taken, fault -> Joint.values()[fault].name());
    }
}
