package toroid.server.work;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.numeric.Refusal;
import toroid.core.stock.Draw;
import toroid.core.stock.kind.WireLots;
import toroid.core.work.Operation;
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
     * What a job's runs have cut.
     *
     * @param since when it was last made whole; null when never
     * @param inRun how often each length was taken in the run that is open, by mm
     */
    public record SoFar(Instant since, Map<Double, Integer> inRun) {
        /** A plan frozen before the hand taught another tail has another length: it is another. */
        private static final double SAME_MM = 1e-6;

        /** How often that length. */
        public int of(double lengthMm) {
            return inRun.entrySet().stream()
                    .filter(one -> Math.abs(one.getKey() - lengthMm) < SAME_MM)
                    .mapToInt(Map.Entry::getValue)
                    .sum();
        }
    }

    /** Of that job; a plan that cannot be read has cut nothing. */
    public SoFar of(UUID job) {
        var inRun = new TreeMap<Double, Integer>();
        Optional<Run> open = repository.findByJobIdAndFinishedAtIsNullAndDeletedAtIsNull(job);
        try {
            open.ifPresent(run -> add(run, kinds.byId(run.kind()), inRun));
        } catch (Refusal unreadable) {
            inRun.clear();
        }
        return new SoFar(repository.lastFinished(job), inRun);
    }

    private <C, F> void add(Run run, JobKind<C, F> kind, Map<Double, Integer> inRun) {
        Planned<F> planned = json.plan(run, kind);
        Progress progress = json.progress(kind, planned.work(), run.progress());
        Map<UUID, Lots.Brief> shelf = lots.briefs();
        for (Operation operation : planned.work().operations()) {
            int done = progress.doneOf(operation.id());
            for (Draw draw : done == 0 ? List.<Draw>of() : operation.draws()) {
                Lots.Brief lot = shelf.get(UUID.fromString(draw.lot()));
                if (lot != null && lot.kind().id().equals(WireLots.ID)) {
                    inRun.merge(draw.amount(), done, Integer::sum);
                }
            }
        }
    }
}
