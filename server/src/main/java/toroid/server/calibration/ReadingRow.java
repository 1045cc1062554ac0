package toroid.server.calibration;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import org.springframework.stereotype.Component;
import toroid.core.numeric.Refusal;
import toroid.server.store.RowCheck;
import toroid.server.store.ServerCode;

/** Measurements come from elsewhere: as one that is typed here, since all that is learnt rests on them. */
@Component
class ReadingRow implements RowCheck {
    /** Columns that are called otherwise. */
    private static final Map<String, String> FIELDS = Map.of(
            "run_id", "runId",
            "lot_id", "lotId",
            "session_id", "sessionId",
            "taken_at", "takenAt",
            "operation", "operation",
            "quantity", "quantity",
            "value", "value",
            "planned", "planned",
            "context", "context",
            "note", "note");

    private final ObjectMapper mapper;

    ReadingRow(ObjectMapper mapper) {
        this.mapper = mapper;
    }

    @Override
    public String table() {
        return "reading";
    }

    @Override
    public void check(JsonNode row) {
        ObjectNode told = mapper.createObjectNode();
        FIELDS.forEach((column, field) -> told.set(field, row.path(column).isMissingNode() ? null : row.get(column)));
        told.set("copy", row.get("copy"));
        told.set("lost", row.get("lost"));
        ReadingData data = mapper.convertValue(told, ReadingData.class);
        if (data.context() == null || data.takenAt() == null || data.note() == null || data.quantity() == null) {
            throw Refusal.of(ServerCode.MISSING, "reading", null);
        }
        data.check();
    }
}
