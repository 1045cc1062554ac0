package toroid.server.backup;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.OutputStream;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Set;

/**
 * The whole workshop as JSON that other programs read: a row an object, by the names of the tables' columns; lengths mm, masses g, moments
 * ISO 8601, what is JSON itself as JSON (as text where it cannot be read), pictures as Base64. What was taken away is in it, with when ({@code deleted_at}). Its schema is
 * {@code docs/workshop.schema.json}. {@link OpenJsonIn} reads it again.
 */
final class OpenJson {
    static final String FORMAT = "toroid-workshop";
    static final int VERSION = 1;

    private static final ObjectMapper JSON = new ObjectMapper();
    /** Columns that hold JSON to the letter as it was written, so as text. */
    static final Set<String> KEPT_AS_TEXT = Set.of("plan", "progress", "drawn", "glance", "shown");

    private static final String BYTES = "\\x";
    private static final int FETCHED = 200;

    private OpenJson() {}

    /**
     * @param connection of its own: nothing else is done with it meanwhile
     * @throws NoBackup when the database holds no workshop
     */
    static void write(Connection connection, String schema, OutputStream to, Instant now)
            throws SQLException, IOException {
        Backup.asOfOneMoment(connection, () -> {
            String version = Tables.version(connection, schema);
            if (version == null) {
                throw new NoBackup("There is no workshop in this database yet. Start Toroid once first.");
            }
            try (JsonGenerator out = new JsonFactory().setCodec(JSON).createGenerator(to)) {
                out.disable(JsonGenerator.Feature.AUTO_CLOSE_TARGET);
                out.useDefaultPrettyPrinter();
                out.writeStartObject();
                out.writeStringField("format", FORMAT);
                out.writeNumberField("formatVersion", VERSION);
                out.writeStringField("tablesVersion", version);
                out.writeStringField("madeAt", now.toString());
                out.writeObjectFieldStart("tables");
                for (String table : Tables.of(connection, schema)) {
                    out.writeArrayFieldStart(table);
                    rows(connection, schema, table, out);
                    out.writeEndArray();
                }
                out.writeEndObject();
                out.writeEndObject();
            }
            return null;
        });
    }

    private static void rows(Connection connection, String schema, String table, JsonGenerator out)
            throws SQLException, IOException {
        Set<String> ofBytes = Tables.ofBytes(connection, schema, table);
        try (Statement statement = connection.createStatement()) {
            statement.setFetchSize(FETCHED);
            try (ResultSet rows = statement.executeQuery(Tables.json(connection, schema, table))) {
                while (rows.next()) {
                    out.writeTree(opened((ObjectNode) JSON.readTree(rows.getString(1)), ofBytes));
                }
            }
        }
    }

    /** What is kept as text and is JSON, or bytes, told as what it is. */
    static ObjectNode opened(ObjectNode row, Set<String> ofBytes) {
        row.properties().forEach(field -> {
            String text = field.getValue().textValue();
            if (text != null && KEPT_AS_TEXT.contains(field.getKey())) {
                field.setValue(read(text, field.getValue()));
            } else if (text != null && ofBytes.contains(field.getKey())) {
                byte[] bytes = HexFormat.of().parseHex(text.substring(BYTES.length()));
                field.setValue(row.textNode(Base64.getEncoder().encodeToString(bytes)));
            }
        });
        return row;
    }

    private static JsonNode read(String text, JsonNode otherwise) {
        try {
            JsonNode read = JSON.readTree(text);
            return read.isContainerNode() ? read : otherwise;
        } catch (JsonProcessingException words) {
            return otherwise; // of an earlier time, or damaged: told as it stands
        }
    }
}
