package toroid.server.export;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import toroid.server.store.CsvCells;

/**
 * Things of one kind as a table: a row each, a column for each value any of them has, called by the way to it ({@code patch.units}). Lists of
 * plain values stand in one cell, one after another; words that a spreadsheet would take for a formula are made harmless.
 */
final class FlatTable {
    /** The first column, also of no rows. */
    private static final String ID = "id";

    private static final String WITHIN = ".";
    private static final String BETWEEN = "; ";

    private final List<Map<String, String>> rows = new ArrayList<>();

    void add(JsonNode row) {
        var cells = new LinkedHashMap<String, String>();
        flatten(row, "", cells);
        rows.add(cells);
    }

    private static void flatten(JsonNode node, String path, Map<String, String> cells) {
        if (node.isObject()) {
            node.properties()
                    .forEach(one -> flatten(
                            one.getValue(), path.isEmpty() ? one.getKey() : path + WITHIN + one.getKey(), cells));
        } else if (node.isArray()) {
            list(node, path, cells);
        } else {
            cells.put(path, node.isNull() ? "" : told(node));
        }
    }

    private static void list(JsonNode list, String path, Map<String, String> cells) {
        var plain = new ArrayList<String>();
        for (int i = 0; i < list.size(); i++) {
            if (list.get(i).isValueNode()) {
                plain.add(list.get(i).asText());
            } else {
                flatten(list.get(i), path + WITHIN + (i + 1), cells);
            }
        }
        if (!plain.isEmpty()) {
            cells.put(path, CsvCells.harmless(String.join(BETWEEN, plain)));
        }
    }

    private static String told(JsonNode value) {
        return value.isTextual() ? CsvCells.harmless(value.asText()) : value.asText();
    }

    /** With a head, RFC 4180. */
    String csv() {
        Set<String> columns = new LinkedHashSet<>();
        columns.add(ID);
        rows.forEach(row -> columns.addAll(row.keySet()));
        var text = new StringBuilder();
        try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            csv.printRecord(columns);
            for (Map<String, String> row : rows) {
                csv.printRecord(
                        columns.stream().map(one -> row.getOrDefault(one, "")).toList());
            }
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
        return text.toString();
    }
}
