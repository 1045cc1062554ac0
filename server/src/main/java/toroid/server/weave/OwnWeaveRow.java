package toroid.server.weave;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.UUID;
import org.springframework.stereotype.Component;
import toroid.server.store.RowCheck;

/** Weaves of a maker's own come from elsewhere: files that can be read. */
@Component
class OwnWeaveRow implements RowCheck {
    private final WeaveFiles files;

    OwnWeaveRow(WeaveFiles files) {
        this.files = files;
    }

    @Override
    public String table() {
        return "own_weave";
    }

    @Override
    public void check(JsonNode row) {
        files.demandOwn(
                row.path("text").asText(), UUID.fromString(row.path("id").asText()));
    }
}
