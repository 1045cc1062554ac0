package toroid.server.calibration;

import java.util.List;
import org.springframework.stereotype.Component;
import toroid.core.calibration.SpringbackFit;
import toroid.core.calibration.SpringbackReading;
import toroid.core.metal.FlowPrior;
import toroid.server.store.Recent;
import toroid.server.wire.SpoolData;

/** What a spool's coils say: worked out once for the same readings, since every ring on the bench asks. */
@Component
class Fits {
    private static final int SPOOLS = 200;

    private final Recent<Asked, SpringbackFit> recent = new Recent<>(SPOOLS);

    private record Asked(List<SpringbackReading> readings, double modulusMpa, FlowPrior prior) {}

    /** @param readings one or more, of that spool */
    SpringbackFit of(SpoolData spool, List<SpringbackReading> readings) {
        var asked = new Asked(
                List.copyOf(readings),
                spool.metalKept().youngsModulus().inMegapascals(),
                spool.metalKept().flow(spool.temper()));
        return recent.get(asked, () -> SpringbackFit.of(asked.readings(), asked.modulusMpa(), asked.prior()));
    }
}
