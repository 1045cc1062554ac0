package toroid.server.backup;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.flywaydb.core.api.MigrationVersion;
import toroid.server.store.RowCheck;
import toroid.server.store.ServerCode;

/**
 * Lays the rows of an open JSON file ({@link OpenJson}) beside those that are there, on a connection whose owner commits all of it or
 * nothing. Read row by row, however large the file; tables stand in it in the order they point to each other.
 */
final class OpenJsonIn {
    private static final ObjectMapper JSON = new ObjectMapper();

    private final Connection connection;
    private final String schema;
    private final Map<String, RowCheck> checks;

    /** @param checks who tells what the rows of a table hold, by the table */
    OpenJsonIn(Connection connection, String schema, Map<String, RowCheck> checks) {
        this.connection = connection;
        this.schema = schema;
        this.checks = checks;
    }

    /** @throws NoBackup when it is no such file, is damaged, or is of tables of another version; what was laid by then is the owner's to roll back */
    List<RowsLaid> lay(InputStream file) throws SQLException, IOException {
        try (JsonParser in = new JsonFactory().setCodec(JSON).createParser(file)) {
            in.disable(JsonParser.Feature.AUTO_CLOSE_SOURCE);
            return lay(in);
        } catch (com.fasterxml.jackson.core.JacksonException broken) {
            throw new NoBackup(ServerCode.NO_WORKSHOP_JSON, "The file cannot be read as JSON.", broken);
        }
    }

    private List<RowsLaid> lay(JsonParser in) throws SQLException, IOException {
        demand(in.nextToken() == JsonToken.START_OBJECT);
        String format = null;
        while (in.nextToken() == JsonToken.FIELD_NAME) {
            String field = in.currentName();
            in.nextToken();
            switch (field) {
                case "format" -> format = in.getText();
                case "formatVersion" -> demand(in.currentToken().isNumeric() && in.getIntValue() == OpenJson.VERSION);
                case "tablesVersion" -> demandSame(in.getText());
                case "tables" -> {
                    demand(OpenJson.FORMAT.equals(format));
                    return tables(in);
                }
                default -> in.skipChildren();
            }
        }
        throw none();
    }

    private List<RowsLaid> tables(JsonParser in) throws SQLException, IOException {
        demand(in.currentToken() == JsonToken.START_OBJECT);
        Set<String> known = new HashSet<>(Tables.of(connection, schema));
        var laid = new ArrayList<RowsLaid>();
        while (in.nextToken() == JsonToken.FIELD_NAME) {
            String table = in.currentName();
            demand(known.remove(table) && in.nextToken() == JsonToken.START_ARRAY);
            var rows = new TableLaid(connection, schema, table, checks.get(table));
            while (in.nextToken() != JsonToken.END_ARRAY) {
                JsonNode row = in.readValueAsTree();
                demand(row instanceof ObjectNode);
                rows.lay((ObjectNode) row);
            }
            laid.add(rows.told());
        }
        // a file that breaks off within is told by the parser
        demand(in.currentToken() == JsonToken.END_OBJECT);
        return laid;
    }

    private void demandSame(String version) throws SQLException {
        String here = Tables.version(connection, schema);
        if (!MigrationVersion.fromVersion(here).equals(parsed(version))) {
            throw new NoBackup(
                    ServerCode.WORKSHOP_JSON_OF_OTHER_TABLES,
                    "The file is of tables of version " + version + ", and those here are of version " + here + ".");
        }
    }

    private static MigrationVersion parsed(String version) {
        if (!version.matches("\\d{1,6}(\\.\\d{1,6}){0,3}")) {
            throw none();
        }
        return MigrationVersion.fromVersion(version);
    }

    private static void demand(boolean is) {
        if (!is) {
            throw none();
        }
    }

    private static NoBackup none() {
        return new NoBackup(ServerCode.NO_WORKSHOP_JSON, "The file is no workshop as open JSON.");
    }
}
