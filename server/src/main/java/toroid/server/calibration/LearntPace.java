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

    /** What was learnt, as long as no time is noted, taken out or brought back. */
    private record Learnt(ReadingRepository.Stamp stamp, Paces paces) {}

    private volatile Learnt learnt = new Learnt(null, Paces.STATED);

    @Override
    public Paces paces() {
        ReadingRepository.Stamp stamp = repository.stamp(Quantity.MINUTES).orElse(null);
        Learnt known = learnt;
        if (!Objects.equals(stamp, known.stamp())) {
            known = new Learnt(stamp, Paces.by(timings()));
            learnt = known;
        }
        return known.paces();
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
