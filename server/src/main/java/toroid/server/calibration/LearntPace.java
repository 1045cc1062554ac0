package toroid.server.calibration;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.form.Pace;
import toroid.server.piece.HandPace;

/** The pace timed copies of forms taught: of any form, for one pair of hands does them all. */
@Service
@Transactional(readOnly = true)
class LearntPace implements HandPace {
    /** Hands change; what they did long ago counts no longer. */
    private static final int NEWEST = 200;

    private final ReadingRepository repository;

    LearntPace(ReadingRepository repository) {
        this.repository = repository;
    }

    @Override
    public Pace pace() {
        List<Pace.Timing> timings =
                repository
                        .findByQuantityAndDeletedAtIsNullOrderByTakenAtDesc(Quantity.MINUTES, Limit.of(NEWEST))
                        .stream()
                        .map(Reading::data)
                        .filter(one -> one.planned() != null && Pace.Timing.isOne(one.value(), one.planned()))
                        .map(one -> new Pace.Timing(one.value(), one.planned()))
                        .toList();
        return Pace.of(timings);
    }
}
