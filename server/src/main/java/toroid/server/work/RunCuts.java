package toroid.server.work;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.numeric.Refusal;
import toroid.core.stock.Draw;
import toroid.core.stock.kind.WireLots;
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
     * Wire taken in a run that is open.
     *
     * @param part what several of were made of it at once, as the job's lengths name it; null where each length was taken by itself
     * @param mm of it, each time
     */
    public record Taken(String part, double mm, int times) {
        /** A plan frozen before the hand taught another tail has another length: it is another. */
        private static final double SAME_MM = 1e-6;

        private int of(String name, double lengthMm) {
            long pieces = part == null ? 1 : Math.max(1, Math.round(mm / lengthMm));
            boolean same = Math.abs(mm - pieces * lengthMm) < pieces * SAME_MM;
            return same && (part == null || part.equals(name)) ? (int) pieces * times : 0;
        }
    }

    /**
     * What a job's runs have cut.
     *
     * @param since when it was last made whole; null when never
     * @param inRun what was taken in the run that is open
     */
    public record SoFar(Instant since, List<Taken> inRun) {
        /** How often that length of that name; a wire of several lengths may be told more often than there are. */
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
            String part = operation.detail() instanceof PartsHandled handled ? handled.what() : null;
            for (Draw draw : done == 0 ? List.<Draw>of() : operation.draws()) {
                Lots.Brief lot = shelf.get(UUID.fromString(draw.lot()));
                if (lot != null && lot.kind().id().equals(WireLots.ID)) {
                    inRun.add(new Taken(part, draw.amount(), done));
                }
            }
        }
    }
}
