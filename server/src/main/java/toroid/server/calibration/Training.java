package toroid.server.calibration;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.calibration.exercise.Criterion;
import toroid.core.calibration.exercise.Exercise;
import toroid.core.calibration.exercise.ExerciseInfo;
import toroid.core.calibration.exercise.Exercises;
import toroid.core.calibration.exercise.Season;
import toroid.core.calibration.exercise.Taken;
import toroid.core.calibration.exercise.Verdict;

/** What was practised, session by session, and what it says. */
@Service
@Transactional(readOnly = true)
public class Training {
    /** Of each exercise, what was practised longer ago is not looked at. */
    private static final int NEWEST = 1000;

    private final ReadingRepository repository;

    Training(ReadingRepository repository) {
        this.repository = repository;
    }

    /**
     * One reading of a session.
     *
     * @param version to take it away by
     * @param copy which of a pair, from 0
     */
    public record Practice(
            @NotNull UUID id,
            @NotNull int version,
            @NotNull String criterion,
            @NotNull double value,
            @NotNull int copy) {}

    /**
     * One session.
     *
     * @param wireMm what it was practised with; null where no wire is asked for
     * @param wantedMm what was aimed at; null where nothing was
     * @param weaveId what was recalled; null elsewhere
     * @param whole whether as many goes are done as the exercise has
     */
    public record PractiseSession(
            @NotNull UUID id,
            @NotNull Instant startedAt,
            Double wireMm,
            Double wantedMm,
            String weaveId,
            @NotNull List<Practice> taken,
            @NotNull Verdict verdict,
            @NotNull boolean whole) {}

    /**
     * One exercise and how it goes.
     *
     * @param sessions the oldest first
     */
    public record ExerciseView(
            @NotNull ExerciseInfo info,
            @NotNull List<Criterion> criteria,
            @NotNull Season season,
            @NotNull List<PractiseSession> sessions) {}

    public List<ExerciseView> all() {
        return Exercises.all().stream().map(this::view).toList();
    }

    /** @throws toroid.core.numeric.Refusal when there is none of that id */
    public ExerciseView of(String id) {
        return view(Exercises.byId(id));
    }

    private ExerciseView view(Exercise exercise) {
        List<PractiseSession> sessions = sessions(exercise);
        List<Double> figures = sessions.stream()
                .filter(PractiseSession::whole)
                .map(one -> one.verdict().figure())
                .toList();
        return new ExerciseView(
                exercise.info(), exercise.criteria(), Season.of(figures, exercise.leastFigure()), sessions);
    }

    private List<PractiseSession> sessions(Exercise exercise) {
        Map<UUID, List<Reading>> bySession = new LinkedHashMap<>();
        var readings = new ArrayList<>(repository.findByExerciseAndDeletedAtIsNullOrderByTakenAtDesc(
                exercise.info().id(), Limit.of(NEWEST)));
        Collections.reverse(readings);
        readings.forEach(one -> bySession
                .computeIfAbsent(one.data().sessionId(), id -> new ArrayList<>())
                .add(one));
        if (readings.size() == NEWEST) {
            bySession.remove(readings.get(0).data().sessionId()); // the oldest may be cut off
        }
        return bySession.entrySet().stream()
                .map(entry -> session(exercise, entry.getKey(), entry.getValue()))
                .toList();
    }

    private static PractiseSession session(Exercise exercise, UUID id, List<Reading> readings) {
        ReadingData first = readings.get(0).data();
        Verdict verdict = exercise.judge(readings.stream().map(Training::taken).toList());
        return new PractiseSession(
                id,
                first.takenAt(),
                first.context().wireMm(),
                exercise.info().usualSizeMm() == null ? null : first.planned(),
                first.context().practised().weaveId(),
                readings.stream().map(Training::told).toList(),
                verdict,
                verdict.done() >= exercise.info().goes());
    }

    private static Taken taken(Reading reading) {
        ReadingData data = reading.data();
        return new Taken(
                data.context().practised().criterion(),
                data.value(),
                data.planned() == null ? 0 : data.planned(),
                copy(data));
    }

    private static Practice told(Reading reading) {
        ReadingData data = reading.data();
        return new Practice(
                reading.id(), reading.version(), data.context().practised().criterion(), data.value(), copy(data));
    }

    private static int copy(ReadingData data) {
        return data.copy() == null ? 0 : data.copy();
    }
}
