package toroid.server.backup;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.DirectedAcyclicGraph;

/** The tables of a schema, each after those it points to, and how their rows are told in an order of their own. */
final class Tables {
    /** What the migrations keep for themselves. */
    static final String HISTORY = "flyway_schema_history";

    /** What is worked out again where it is missing. */
    private static final String SOLVED = "solved_weave";

    /** Who tried the door of late: of a few minutes, and nobody's to take along. */
    private static final String TRIES = "door_try";

    private Tables() {}

    static List<String> of(Connection connection, String schema) throws SQLException {
        var graph = new DirectedAcyclicGraph<String, DefaultEdge>(DefaultEdge.class);
        for (String table : strings(
                connection,
                "select table_name from information_schema.tables where table_schema = ? and table_type = 'BASE TABLE'"
                        + " and table_name not in ('" + HISTORY + "', '" + SOLVED + "', '" + TRIES
                        + "') order by table_name",
                schema)) {
            graph.addVertex(table);
        }
        for (String edge : strings(
                connection,
                "select distinct t.relname || ' ' || f.relname from pg_constraint c join pg_class t on t.oid = c.conrelid"
                        + " join pg_class f on f.oid = c.confrelid join pg_namespace n on n.oid = t.relnamespace"
                        + " where c.contype = 'f' and n.nspname = ? and t.oid <> f.oid order by 1",
                schema)) {
            String[] ends = edge.split(" ");
            if (graph.containsVertex(ends[0]) && graph.containsVertex(ends[1])) {
                graph.addEdge(ends[1], ends[0]);
            }
        }
        var order = new ArrayList<String>();
        graph.iterator().forEachRemaining(order::add);
        return order;
    }

    /** Its rows as CSV with a head, by its key. */
    static String out(Connection connection, String schema, String table) throws SQLException {
        return "copy (select * from " + ordered(connection, schema, table) + ") to stdout (format csv, header)";
    }

    /** Each of its rows as one JSON object, by its key. */
    static String json(Connection connection, String schema, String table) throws SQLException {
        return "select row_to_json(rows)::text from (select * from " + ordered(connection, schema, table) + ") rows";
    }

    /** The columns of that table that hold bytes: their text begins with {@code \\x}, as a note may too. */
    static Set<String> ofBytes(Connection connection, String schema, String table) throws SQLException {
        return Set.copyOf(strings(
                connection,
                "select column_name from information_schema.columns where table_schema = ? and data_type = 'bytea'"
                        + " and table_name = '" + table.replace("'", "''") + "'",
                schema));
    }

    static List<String> columns(Connection connection, String schema, String table) throws SQLException {
        return strings(
                connection,
                "select column_name from information_schema.columns where table_schema = ? and table_name = '"
                        + table.replace("'", "''") + "' order by ordinal_position",
                schema);
    }

    /** The columns of its primary key, in their order in the table. */
    static List<String> key(Connection connection, String schema, String table) throws SQLException {
        return strings(
                connection,
                "select a.attname from pg_index i join pg_class t on t.oid = i.indrelid"
                        + " join pg_namespace n on n.oid = t.relnamespace"
                        + " join pg_attribute a on a.attrelid = t.oid and a.attnum = any(i.indkey)"
                        + " where i.indisprimary and n.nspname = ? and t.relname = '" + table.replace("'", "''")
                        + "' order by a.attnum",
                schema);
    }

    /** What follows "from": the table, by its key. */
    private static String ordered(Connection connection, String schema, String table) throws SQLException {
        List<String> key = key(connection, schema, table);
        String columns = String.join(", ", key.stream().map(Tables::quoted).toList());
        return quoted(schema) + "." + quoted(table) + (columns.isEmpty() ? "" : " order by " + columns);
    }

    /** Rows in, by the head of their CSV. */
    static String in(String schema, String table, List<String> columns) {
        return "copy " + quoted(schema) + "." + quoted(table) + " ("
                + String.join(", ", columns.stream().map(Tables::quoted).toList())
                + ") from stdin (format csv, header)";
    }

    static String quoted(String name) {
        return '"' + name.replace("\"", "\"\"") + '"';
    }

    private static List<String> strings(Connection connection, String sql, String value) throws SQLException {
        try (PreparedStatement statement = connection.prepareStatement(sql)) {
            statement.setString(1, value);
            try (ResultSet rows = statement.executeQuery()) {
                var found = new ArrayList<String>();
                while (rows.next()) {
                    found.add(rows.getString(1));
                }
                return found;
            }
        }
    }

    /** The version its migrations brought it to; null where there are none. */
    static String version(Connection connection, String schema) throws SQLException {
        List<String> there = strings(
                connection,
                "select table_name from information_schema.tables where table_name = '" + HISTORY
                        + "' and table_schema = ?",
                schema);
        if (there.isEmpty()) {
            return null;
        }
        List<String> versions = strings(
                connection,
                "select version from " + quoted(schema) + "." + HISTORY
                        + " where success and version is not null and ? <> '' order by installed_rank desc limit 1",
                schema);
        return versions.isEmpty() ? null : versions.get(0);
    }

    /** How many rows that table has. */
    static long rows(Connection connection, String schema, String table) throws SQLException {
        String count = "select count(*)::text from " + quoted(schema) + "." + quoted(table) + " where ? <> ''";
        return Long.parseLong(strings(connection, count, schema).get(0));
    }

    /** Whether nothing of a maker's own is in it: no row but the workshop itself. */
    static boolean isEmpty(Connection connection, String schema) throws SQLException {
        for (String table : of(connection, schema)) {
            if (table.equals("workshop")) {
                continue;
            }
            String any = "select '' from " + quoted(schema) + "." + quoted(table) + " where ? <> '' limit 1";
            if (!strings(connection, any, schema).isEmpty()) {
                return false;
            }
        }
        return true;
    }
}
