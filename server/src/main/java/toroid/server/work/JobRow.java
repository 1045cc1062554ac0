package toroid.server.work;

import com.fasterxml.jackson.databind.JsonNode;
import org.springframework.stereotype.Component;
import toroid.server.store.JobContent;
import toroid.server.store.RowCheck;

/** Jobs come from elsewhere: of a kind there is, their content as one that is typed here. */
@Component
class JobRow implements RowCheck {
    private final JobKinds kinds;
    private final WorkJson json;

    JobRow(JobKinds kinds, WorkJson json) {
        this.kinds = kinds;
        this.json = json;
    }

    @Override
    public String table() {
        return "job";
    }

    @Override
    public void check(JsonNode row) {
        JobKind<?, ?> kind = kinds.byId(row.path("kind").asText());
        Object content = json.content(
                kind, row.path("content_version").asInt(), row.path("content").toString());
        ((JobContent) content).check();
    }
}
