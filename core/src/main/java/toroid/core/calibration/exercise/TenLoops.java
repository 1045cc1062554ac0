package toroid.core.calibration.exercise;

import com.google.auto.service.AutoService;
import java.util.List;
import toroid.core.calibration.Expected;

/** Ten wrapped loops on the same step of the jaw, each measured inside. */
@AutoService(Exercise.class)
public final class TenLoops implements Exercise {
    private static final Criterion INSIDE = Criterion.mm("inside", "LOOP_INSIDE", Expected.LOOP_MM);

    @Override
    public ExerciseInfo info() {
        return new ExerciseInfo("ten-loops", 10, "wrapped-loop", 0.8, 2.5);
    }

    @Override
    public List<Criterion> criteria() {
        return List.of(INSIDE);
    }

    @Override
    public Verdict judge(List<Taken> taken) {
        return Series.judge(INSIDE, taken);
    }
}
