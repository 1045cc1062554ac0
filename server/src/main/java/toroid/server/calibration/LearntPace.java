package toroid.server.calibration;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.form.Paces;
import toroid.server.piece.HandPace;

/** The pace timed work taught, work by work. */
@Service
@Transactional(readOnly = true)
class LearntPace implements HandPace {
    /** Hands change; what they did long ago counts no longer. */
    private static final int NEWEST = 500;

    private final ReadingRepository repository;

    LearntPace(ReadingRepository repository) {
        this.repository = repository;
    }

    @Override
    public Paces paces() {
        return Paces.by(timings());
    }

    /** The oldest first. */
    List<Paces.Timing> timings() {
        List<Paces.Timing> timings = new ArrayList<>(
                repository
                        .findByQuantityAndDeletedAtIsNullOrderByTakenAtDesc(Quantity.MINUTES, Limit.of(NEWEST))
                        .stream()
                        .map(one -> one.data().timing())
                        .filter(Objects::nonNull)
                        .toList());
        Collections.reverse(timings);
        return timings;
    }
}
