package db.migration;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.UUID;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;

/**
 * At which step a form's reading was taken, and what was planned of a cut or a finished length: both stand in the run's plan, as it was
 * kept while steps were numbered. A plan that cannot be read leaves its readings as they are.
 */
public class V10__What_was_planned_of_form_readings extends BaseJavaMigration {
    private static final double SAME_MM = 1e-9;

    private final ObjectMapper mapper = new ObjectMapper();

    /** A reading and the plan of its run. */
    private record Taken(String quantity, Double planned, Double inPieceMm, JsonNode plan) {}

    /** Where it was taken: a step of the plan, from 0, or none; and what was planned. */
    private record Found(int step, Double planned) {}

    @Override
    public void migrate(Context context) throws SQLException {
        String readings = "select r.id, r.quantity, r.planned, (r.context ->> 'inPieceMm')::double precision, run.plan"
                + " from reading r join run on run.id = r.run_id where run.kind = 'form'";
        String write = "update reading set operation = ?, planned = coalesce(planned, ?) where id = ?";
        try (Statement statement = context.getConnection().createStatement();
                ResultSet rows = statement.executeQuery(readings);
                PreparedStatement update = context.getConnection().prepareStatement(write)) {
            while (rows.next()) {
                Found found = find(new Taken(
                        rows.getString(2),
                        rows.getObject(3, Double.class),
                        rows.getObject(4, Double.class),
                        plan(rows.getString(5))));
                update.setString(1, found.step() < 0 ? null : "step-" + (found.step() + 1));
                update.setObject(2, found.planned(), java.sql.Types.DOUBLE);
                update.setObject(3, rows.getObject(1, UUID.class));
                update.addBatch();
            }
            update.executeBatch();
        }
    }

    private JsonNode plan(String text) {
        try {
            return mapper.readTree(text);
        } catch (JsonProcessingException unreadable) {
            return mapper.createObjectNode();
        }
    }

    private static Found find(Taken taken) {
        JsonNode wires = taken.plan().path("wires");
        return switch (taken.quantity()) {
            case "CUT_LENGTH" -> cut(taken, wires);
            case "LOOP_INSIDE" -> new Found(step(taken, "insideMm", "LOOP", "FORM"), null);
            case "WRAPS" -> new Found(step(taken, "turns", "WRAP"), null);
            case "FLAT_WIDE" -> new Found(step(taken, "", "HAMMER"), null);
            case "FINISHED" -> {
                JsonNode planned = taken.plan().path("finished").path("plannedMm");
                yield new Found(step(taken, "", "TRIM"), planned.isNumber() ? planned.asDouble() : null);
            }
            default -> new Found(step(taken, "", "TRIM"), null);
        };
    }

    private static Found cut(Taken taken, JsonNode wires) {
        for (JsonNode wire : wires) {
            if (same(wire.path("lengthInPieceMm"), taken.inPieceMm())) {
                JsonNode steps = taken.plan().path("steps");
                for (int i = 0; i < steps.size(); i++) {
                    if (steps.get(i).path("kind").asText().equals("CUT")
                            && steps.get(i).path("wire").equals(wire.path("name"))) {
                        return new Found(i, wire.path("lengthToCutMm").asDouble());
                    }
                }
            }
        }
        return new Found(-1, null);
    }

    /** The first step of those kinds; where a field is named, of those that plan what was planned. */
    private static int step(Taken taken, String field, String... kinds) {
        JsonNode steps = taken.plan().path("steps");
        for (int i = 0; i < steps.size(); i++) {
            String kind = steps.get(i).path("kind").asText();
            boolean ofKind = java.util.Arrays.asList(kinds).contains(kind);
            if (ofKind && (field.isEmpty() || same(steps.get(i).path(field), taken.planned()))) {
                return i;
            }
        }
        return -1;
    }

    private static boolean same(JsonNode number, Double value) {
        return value != null && number.isNumber() && Math.abs(number.asDouble() - value) < SAME_MM;
    }
}
