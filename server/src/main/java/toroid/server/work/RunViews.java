package toroid.server.work;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * What is shown of a run beside its plan, kept as it stood when the run began, so that no wire measured anew and no later rule moves a
 * mark on the bench; of one begun before that was kept, from when it is first asked for.
 */
@Component
class RunViews {
    private final RunViewRepository repository;
    private final JobKinds kinds;
    private final WorkJson json;

    RunViews(RunViewRepository repository, JobKinds kinds, WorkJson json) {
        this.repository = repository;
        this.kinds = kinds;
        this.json = json;
    }

    /** Null where its kind shows no more than the plan. */
    Object of(Run run) {
        return of(run.id(), run, kinds.byId(run.kind()));
    }

    private <F> Object of(UUID id, Run run, JobKind<?, F> kind) {
        if (!kind.showsMore()) {
            return null;
        }
        return repository
                .findById(id)
                .<Object>map(view -> kind.shownToday(json.read(view.shown(), JsonNode.class)))
                .orElseGet(() -> {
                    Object shown = kind.shown(json.plan(run, kind).facts());
                    repository.keep(id, json.write(shown));
                    return shown;
                });
    }
}
