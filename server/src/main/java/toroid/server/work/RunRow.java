package toroid.server.work;

import com.fasterxml.jackson.databind.JsonNode;
import org.springframework.stereotype.Component;
import toroid.core.work.Plan;
import toroid.server.store.RowCheck;

/** Runs come from elsewhere: their plan is one, and their progress is one of it. */
@Component
class RunRow implements RowCheck {
    private final JobKinds kinds;
    private final WorkJson json;

    RunRow(JobKinds kinds, WorkJson json) {
        this.kinds = kinds;
        this.json = json;
    }

    @Override
    public String table() {
        return "run";
    }

    @Override
    public void check(JsonNode row) {
        JobKind<?, ?> kind = kinds.byId(row.path("kind").asText());
        Plan plan = json.plan(
                        kind, row.path("plan_version").asInt(), row.path("plan").toString())
                .work();
        json.progress(kind, plan, row.path("progress").toString()).place(plan);
        json.drawn(row.path("drawn").toString());
    }
}
