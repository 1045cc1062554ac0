package toroid.server.work;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.LongStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.numeric.Refusal;
import toroid.core.stock.Draw;
import toroid.core.stock.kind.WireLots;
import toroid.core.work.Detail;
import toroid.core.work.FormingStep;
import toroid.core.work.Operation;
import toroid.core.work.PartsHandled;
import toroid.core.work.Progress;
import toroid.server.stock.Lots;

/** What runs have cut of the wire their jobs take. */
@Service
@Transactional(readOnly = true)
public class RunCuts {
    private final RunRepository repository;
    private final JobKinds kinds;
    private final Lots lots;
    private final WorkJson json;

    RunCuts(RunRepository repository, JobKinds kinds, Lots lots, WorkJson json) {
        this.repository = repository;
        this.kinds = kinds;
        this.lots = lots;
        this.json = json;
    }

    /**
     * Wire an operation took in a run that is open, each time it was done.
     *
     * @param part what was made of it, as the job's lengths name it; null where each length was taken by itself
     * @param parts how many of that at once
     * @param mm of each wire or lot; lots that were too short gave it together
     */
    public record Taken(String part, int parts, List<Double> mm, int times) {
        /** A plan frozen before the hand taught another tail has another length: it is another. */
        private static final double SAME_MM = 1e-6;

        private int of(String name, double lengthMm) {
            if (part == null) {
                return times
                        * (int) whole(lengthMm).filter(pieces -> pieces == 1).count();
            }
            boolean inOne = whole(lengthMm).anyMatch(pieces -> pieces == parts);
            boolean together = whole(lengthMm).filter(pieces -> pieces < parts).sum() == parts;
            return part.equals(name) && (inOne || together) ? times * parts : 0;
        }

        /** How many such lengths each is, where it is a whole number of them. */
        private LongStream whole(double lengthMm) {
            return mm.stream()
                    .filter(one -> Math.abs(one - Math.max(1, Math.round(one / lengthMm)) * lengthMm) < parts * SAME_MM)
                    .mapToLong(one -> Math.round(one / lengthMm));
        }
    }

    /**
     * What a job's runs have cut.
     *
     * @param since when it was last made whole; null when never
     * @param inRun what was taken in the run that is open
     */
    public record SoFar(Instant since, List<Taken> inRun) {
        /** How often that length of that name. */
        public int of(String name, double lengthMm) {
            return inRun.stream().mapToInt(one -> one.of(name, lengthMm)).sum();
        }
    }

    /** Of that job; a plan that cannot be read has cut nothing. */
    public SoFar of(UUID job) {
        var inRun = new ArrayList<Taken>();
        Optional<Run> open = repository.findByJobIdAndFinishedAtIsNullAndDeletedAtIsNull(job);
        try {
            open.ifPresent(run -> add(run, kinds.byId(run.kind()), inRun));
        } catch (Refusal unreadable) {
            inRun.clear();
        }
        return new SoFar(repository.lastFinished(job), inRun);
    }

    private <C, F> void add(Run run, JobKind<C, F> kind, List<Taken> inRun) {
        Planned<F> planned = json.plan(run, kind);
        Progress progress = json.progress(kind, planned.work(), run.progress());
        Map<UUID, Lots.Brief> shelf = lots.briefs();
        for (Operation operation : planned.work().operations()) {
            int done = progress.doneOf(operation.id());
            List<Double> mm = operation.draws().stream()
                    .filter(draw -> isWire(shelf.get(UUID.fromString(draw.lot()))))
                    .map(Draw::amount)
                    .toList();
            if (done > 0 && !mm.isEmpty()) {
                inRun.add(taken(operation.detail(), mm, done));
            }
        }
    }

    private static Taken taken(Detail detail, List<Double> mm, int done) {
        if (detail instanceof FormingStep step && step.of() != null) {
            return new Taken(step.of().what(), step.of().parts(), mm, done);
        }
        return detail instanceof PartsHandled handled
                ? new Taken(handled.what(), handled.parts(), mm, done)
                : new Taken(null, 1, mm, done);
    }

    private static boolean isWire(Lots.Brief lot) {
        return lot != null && lot.kind().id().equals(WireLots.ID);
    }
}
