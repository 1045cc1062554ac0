package toroid.server.work;

import java.util.HashMap;
import java.util.Map;
import toroid.core.work.Operation;
import toroid.core.work.Plan;
import toroid.core.work.Progress;
import toroid.core.work.Rhythm;

/** Progress from when steps were numbered along the rhythm, told by operations. */
final class Numbered {
    private Numbered() {}

    static Progress progress(Plan plan, int place, Map<Integer, Integer> counts) {
        Rhythm rhythm = plan.rhythm();
        var byId = new HashMap<String, Integer>();
        counts.forEach((at, count) -> {
            if (at >= 0 && at < rhythm.places()) {
                Operation operation = plan.operations().get(rhythm.stepAt(at));
                int before = rhythm.copiesThrough(rhythm.groupAt(at)) * operation.times();
                byId.merge(operation.id(), before + count, Math::max);
            }
        });
        return Progress.before(plan, Math.max(0, Math.min(place, rhythm.places())))
                .counting(byId);
    }
}
