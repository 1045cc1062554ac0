package toroid.server.backup;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Savepoint;
import java.time.OffsetDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.TransientDataAccessException;
import toroid.core.numeric.Refusal;
import toroid.server.store.RefusalView;
import toroid.server.store.RowCheck;
import toroid.server.store.ServerCode;
import toroid.server.store.TheWorkshop;

/** Rows of one table, laid one after another beside those that are there; what the database or its keeper does not take is told and left out. */
final class TableLaid {
    private static final Logger LOG = LoggerFactory.getLogger(TableLaid.class);
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final int TOLD = 50;

    /** What belongs to a workshop itself: the other's are not taken. */
    private static final Set<String> ITS_OWN = Set.of("workshop", "preference");

    /** Worked out again where it is missing. */
    private static final String GLANCE = "glance";

    private static final String WORKSHOP = "workshop_id";
    private static final String CHANGED_AT = "updated_at";
    private static final String VERSION = "version";

    private static final String REFERS_TO_NOTHING = "23503";
    private static final String HELD_BY_ANOTHER = "23505";
    private static final String OF_THE_DATA = "2[23].*";

    private final Connection connection;
    private final String schema;
    private final String table;
    private final RowCheck check;
    private final Set<String> columns;
    private final Set<String> ofBytes;
    private final List<String> key;
    private final List<ObjectNode> waiting = new ArrayList<>();
    private final List<RowsLaid.RowRefused> refused = new ArrayList<>();
    private int added;
    private int changed;
    private int alike;
    private int left;
    private int refusedInAll;

    /** @param check null where the database alone says what a row may hold */
    TableLaid(Connection connection, String schema, String table, RowCheck check) throws SQLException {
        this.connection = connection;
        this.schema = schema;
        this.table = table;
        this.check = check;
        this.columns = Set.copyOf(Tables.columns(connection, schema, table));
        this.ofBytes = Tables.ofBytes(connection, schema, table);
        this.key = Tables.key(connection, schema, table);
    }

    /** Rows may point to others of their own table that stand after them: those are laid once all have been seen. */
    RowsLaid told() throws SQLException {
        int before = waiting.size() + 1;
        while (waiting.size() < before) {
            before = waiting.size();
            List<ObjectNode> again = List.copyOf(waiting);
            waiting.clear();
            for (ObjectNode row : again) {
                laidOrRefused(row);
            }
        }
        waiting.forEach(row -> refuse(row, RefusalView.of(ServerCode.ROW_REFERS_TO_NOTHING)));
        return new RowsLaid(table.replace('_', '-'), added, changed, alike, left, refused, refusedInAll);
    }

    /** @param row as {@link OpenJson} tells it */
    void lay(ObjectNode row) throws SQLException {
        if (columns.contains(WORKSHOP) && !ITS_OWN.contains(table)) {
            row.put(WORKSHOP, TheWorkshop.ONLY.toString());
        }
        laidOrRefused(row);
    }

    private void laidOrRefused(ObjectNode row) throws SQLException {
        Savepoint before = connection.setSavepoint();
        try {
            laid(row);
            connection.releaseSavepoint(before);
        } catch (Refusal refusal) {
            connection.rollback(before);
            refuse(row, RefusalView.of(refusal));
        } catch (SQLException refusal) {
            if (refusal.getSQLState() == null || !refusal.getSQLState().matches(OF_THE_DATA)) {
                throw refusal;
            }
            connection.rollback(before);
            if (refusal.getSQLState().equals(REFERS_TO_NOTHING)) {
                waiting.add(row);
            } else {
                refuse(row, RefusalView.of(codeOf(refusal.getSQLState())));
            }
        }
    }

    private static ServerCode codeOf(String state) {
        return state.equals(HELD_BY_ANOTHER) ? ServerCode.ROW_HELD_BY_ANOTHER : ServerCode.ROW_NOT_TAKEN;
    }

    private void refuse(ObjectNode row, RefusalView why) {
        refusedInAll++;
        if (refused.size() < TOLD) {
            String keys = key.stream().map(one -> row.path(one).asText("")).collect(Collectors.joining(" "));
            JsonNode named = row.path("name");
            refused.add(new RowsLaid.RowRefused(keys, named.isTextual() ? named.asText() : null, why));
        }
    }

    private void laid(ObjectNode row) throws SQLException {
        row.fieldNames().forEachRemaining(field -> {
            if (!columns.contains(field)) {
                throw Refusal.of(ServerCode.UNKNOWN_FIELD, field, null);
            }
        });
        for (String one : key) {
            if (!row.hasNonNull(one)) {
                throw Refusal.of(ServerCode.MISSING, one, null);
            }
        }
        ObjectNode here = here(row);
        if (here != null && without(here).equals(without(row))) {
            alike++;
        } else if (ITS_OWN.contains(table) || here != null && !isNewer(row, here)) {
            left++;
        } else {
            demandReadable(row);
            write(row, here);
        }
    }

    private void demandReadable(ObjectNode row) {
        if (check == null) {
            return;
        }
        try {
            check.check(row);
        } catch (Refusal | TransientDataAccessException told) {
            throw told;
        } catch (RuntimeException unreadable) {
            LOG.info("a row of {} brought in cannot be read: {}", table, unreadable.toString());
            throw Refusal.of(ServerCode.ROW_NOT_TAKEN, table, null);
        }
    }

    /** As it is told of what is there; null where it is not. */
    private ObjectNode here(ObjectNode row) throws SQLException {
        String same = key.stream().map(one -> "rows." + one + " = asked." + one).collect(Collectors.joining(" and "));
        String sql = "select row_to_json(rows)::text from " + named() + " rows, json_populate_record(null::" + named()
                + ", ?::json) asked where " + same;
        var keys = JSON.createObjectNode();
        key.forEach(one -> keys.set(one, row.get(one)));
        try (PreparedStatement asked = connection.prepareStatement(sql)) {
            asked.setString(1, keys.toString());
            try (ResultSet found = asked.executeQuery()) {
                return found.next() ? OpenJson.opened((ObjectNode) JSON.readTree(found.getString(1)), ofBytes) : null;
            }
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** What of a row is its own. */
    private static ObjectNode without(ObjectNode row) {
        ObjectNode own = row.deepCopy();
        own.remove(List.of(GLANCE, VERSION));
        return own;
    }

    private static boolean isNewer(ObjectNode row, ObjectNode here) {
        try {
            return here.hasNonNull(CHANGED_AT)
                    && OffsetDateTime.parse(row.path(CHANGED_AT).asText())
                            .isAfter(OffsetDateTime.parse(here.path(CHANGED_AT).asText()));
        } catch (DateTimeParseException none) {
            throw Refusal.of(
                    ServerCode.BAD_MOMENT, CHANGED_AT, row.path(CHANGED_AT).asText());
        }
    }

    private void write(ObjectNode row, ObjectNode here) throws SQLException {
        ObjectNode told = closed(row);
        if (columns.contains(GLANCE)) {
            told.putNull(GLANCE);
        }
        if (here != null && columns.contains(VERSION)) {
            told.put(VERSION, here.path(VERSION).asInt() + 1);
        }
        Set<String> given = new TreeSet<>();
        told.fieldNames().forEachRemaining(given::add);
        String from = "json_populate_record(null::" + named() + ", ?::json)";
        String sql = here == null ? inserted(given, from) : updated(given, from);
        try (PreparedStatement statement = connection.prepareStatement(sql)) {
            statement.setString(1, told.toString());
            statement.executeUpdate();
        }
        if (here == null) {
            added++;
        } else {
            changed++;
        }
    }

    private String inserted(Set<String> given, String from) {
        String names = given.stream().map(Tables::quoted).collect(Collectors.joining(", "));
        return "insert into " + named() + " (" + names + ") select " + names + " from " + from;
    }

    private String updated(Set<String> given, String from) {
        String set = given.stream()
                .filter(column -> !key.contains(column))
                .map(column -> Tables.quoted(column) + " = asked." + Tables.quoted(column))
                .collect(Collectors.joining(", "));
        String same = key.stream()
                .map(one -> "rows." + Tables.quoted(one) + " = asked." + Tables.quoted(one))
                .collect(Collectors.joining(" and "));
        return "update " + named() + " rows set " + set + " from " + from + " asked where " + same;
    }

    private String named() {
        return Tables.quoted(schema) + "." + Tables.quoted(table);
    }

    /** The other way round than {@link OpenJson#opened}: JSON kept as text, and bytes, as the database takes them. */
    private ObjectNode closed(ObjectNode row) {
        ObjectNode told = row.deepCopy();
        told.properties().forEach(field -> {
            if (ofBytes.contains(field.getKey()) && field.getValue().isTextual()) {
                field.setValue(told.textNode(
                        "\\x" + hex(field.getKey(), field.getValue().asText())));
            } else if (OpenJson.KEPT_AS_TEXT.contains(field.getKey())
                    && field.getValue().isContainerNode()) {
                field.setValue(told.textNode(field.getValue().toString()));
            }
        });
        return told;
    }

    private static String hex(String field, String base64) {
        try {
            return HexFormat.of().formatHex(Base64.getDecoder().decode(base64));
        } catch (IllegalArgumentException none) {
            throw Refusal.of(ServerCode.UNREADABLE_VALUE, field, null);
        }
    }
}
