package toroid.server.calibration;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.calibration.CoilLosses;

/** What the good rings of each coil, counted, have taught. */
@Service
@Transactional(readOnly = true)
class CoilLearning {
    /** Coils of longer ago weigh nothing any more. */
    private static final int NEWEST = 500;

    private final ReadingRepository repository;

    CoilLearning(ReadingRepository repository) {
        this.repository = repository;
    }

    /** What this maker's coils lose. */
    CoilLosses losses() {
        List<CoilLosses.Reading> readings = new ArrayList<>(
                repository.findByQuantityAndDeletedAtIsNullOrderByTakenAtDesc(Quantity.YIELD, Limit.of(NEWEST)).stream()
                        .map(Reading::data)
                        .filter(one -> one.planned() != null && one.context().beyondTurns() != null)
                        .map(CoilLearning::reading)
                        .toList());
        Collections.reverse(readings);
        return CoilLosses.of(readings);
    }

    private static CoilLosses.Reading reading(ReadingData told) {
        Integer turns = told.context().turns();
        return new CoilLosses.Reading(
                told.value(),
                told.planned(),
                turns == null ? 1 : turns,
                told.context().beyondTurns());
    }
}
