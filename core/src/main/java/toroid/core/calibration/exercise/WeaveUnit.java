package toroid.core.calibration.exercise;

import com.google.auto.service.AutoService;
import java.util.List;

/** One unit of a weave from memory: ring by ring, which of the rings it goes through. */
@AutoService(Exercise.class)
public final class WeaveUnit implements Exercise {
    private static final Criterion RING = Criterion.byEye("ring", "RECALLED", 1);
    private static final String WRONG = "WRONG_RINGS";

    @Override
    public ExerciseInfo info() {
        return new ExerciseInfo("weave-unit", 12, null, null, null);
    }

    @Override
    public List<Criterion> criteria() {
        return List.of(RING);
    }

    @Override
    public Verdict judge(List<Taken> taken) {
        return Judged.judge(taken, fault -> WRONG);
    }
}
