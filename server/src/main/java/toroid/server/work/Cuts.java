package toroid.server.work;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import toroid.server.preference.Preferences;
import toroid.server.ring.RingJobData;
import toroid.server.store.Edit;
import toroid.server.store.Kept;

/** What a job needs cut first, laid out as jobs of its own: it and they are kept together, or nothing is. */
@Service
class Cuts {
    private final Jobs jobs;
    private final RingKind rings;
    private final Preferences preferences;
    private final TransactionTemplate transaction;

    Cuts(Jobs jobs, RingKind rings, Preferences preferences, TransactionTemplate transaction) {
        this.jobs = jobs;
        this.rings = rings;
        this.preferences = preferences;
        this.transaction = transaction;
    }

    /** The job as kept, and what is cut for it. */
    record Laid(Kept<JobData> job, List<Kept<JobData>> cuts) {}

    /**
     * Worked out before anything is written. What was laid out for it before and still is what it takes stays as it is, so that asking
     * twice lays nothing out twice.
     */
    <C> Laid lay(JobKind<C, ?> kind, UUID id, Edit<C> edit) {
        kind.check(edit.data());
        List<RingJobData> wanted = kind.cuts(edit.data(), preferences.current().data());
        return transaction.execute(status -> {
            Kept<JobData> job = jobs.put(kind, id, edit);
            var before = new ArrayList<>(jobs.childrenOf(id, rings));
            var laid = new ArrayList<Kept<JobData>>();
            for (RingJobData one : wanted) {
                Kept<JobData> same = before.stream()
                        .filter(kept -> isFor((RingJobData) kept.data().content(), one))
                        .findFirst()
                        .orElse(null);
                before.remove(same);
                laid.add(same == null ? jobs.child(rings, id, one) : same);
            }
            return new Laid(job, laid);
        });
    }

    /** However the maker goes about cutting them. */
    private static boolean isFor(RingJobData kept, RingJobData wanted) {
        return kept.metal().equals(wanted.metal())
                && kept.wireDiameterMm() == wanted.wireDiameterMm()
                && kept.convention() == wanted.convention()
                && kept.aimValue() == wanted.aimValue()
                && kept.ringCount() == wanted.ringCount();
    }
}
