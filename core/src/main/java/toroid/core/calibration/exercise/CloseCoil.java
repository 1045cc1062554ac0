package toroid.core.calibration.exercise;

import com.google.auto.service.AutoService;
import java.util.List;

/**
 * Five coils wound without gaps, each measured along over {@value #WIRES} wires side by side: that many diameters at the least. What it is longer
 * by is gaps, and wire thicker than said: a hundredth of a millimetre of diameter is {@value #WIRES} of them here, so the wire is measured first.
 */
@AutoService(Exercise.class)
public final class CloseCoil implements Exercise {
    static final int WIRES = 20;

    /** Common practice: a close coil shows no light; a fiftieth of a millimetre a turn does not. */
    private static final Criterion ALONG = Criterion.mm("along", "LENGTH", WIRES * 0.02);

    @Override
    public ExerciseInfo info() {
        return new ExerciseInfo("close-coil", 5, null, 0.8, null);
    }

    @Override
    public List<Criterion> criteria() {
        return List.of(ALONG);
    }

    @Override
    public Double target(Criterion criterion, double wireMm, double sizeMm) {
        return WIRES * wireMm;
    }

    @Override
    public Verdict judge(List<Taken> taken) {
        return Series.judge(ALONG, taken);
    }
}
