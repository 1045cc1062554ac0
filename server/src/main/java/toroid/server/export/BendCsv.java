package toroid.server.export;

import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import toroid.core.form.BendTable;
import toroid.core.form.FormWork;
import toroid.core.form.OutlineRow;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;

/** A bend table: feed, rotate, bend angle, inside radius; one row a bend, a last row for the last feed. RFC 4180, mm and degrees. */
final class BendCsv {
    static final String[] HEAD = {"feed_mm", "rotate_deg", "bend_deg", "inside_radius_mm"};

    private BendCsv() {}

    /** @throws Refusal when the form has several wires, or holds a coil or a spiral */
    static String of(FormWork work) {
        if (work.wires().size() != 1) {
            throw Refusal.of(
                            ServerCode.BEND_TABLE_OF_ONE_WIRE,
                            "form",
                            work.info().id())
                    .with("wires", work.wires().size());
        }
        var out = new StringBuilder();
        try (CSVPrinter csv =
                new CSVPrinter(out, CSVFormat.RFC4180.builder().setHeader(HEAD).get())) {
            for (OutlineRow row : BendTable.of(work.wires().get(0))) {
                csv.printRecord(
                        say(row.feedMm()), say(row.rotateDegrees()), say(row.bendDegrees()), say(row.insideRadiusMm()));
            }
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        return out.toString();
    }

    /** @throws Refusal naming the line that cannot be read; nothing is taken of it then */
    static List<OutlineRow> read(String text) {
        var rows = new ArrayList<OutlineRow>();
        var format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            for (CSVRecord record : parser) {
                rows.add(new OutlineRow(number(record, 0), number(record, 1), number(record, 2), number(record, 3)));
            }
        } catch (IOException | java.io.UncheckedIOException | IllegalStateException broken) {
            throw noTable();
        } catch (IllegalArgumentException headWithoutNames) {
            throw headWithoutNames instanceof Refusal refusal ? refusal : noTable();
        }
        return OutlineRow.read(rows);
    }

    private static Refusal noTable() {
        return Refusal.of(ServerCode.NO_TABLE, "file", null).with("columns", List.of(HEAD));
    }

    private static double number(CSVRecord record, int column) {
        String name = HEAD[column];
        if (!record.isMapped(name) || !record.isSet(name)) {
            throw unreadable(ServerCode.TABLE_LACKS_COLUMN, record, name).with("column", name);
        }
        try {
            return Double.parseDouble(record.get(name));
        } catch (NumberFormatException none) {
            throw unreadable(ServerCode.TABLE_NO_NUMBER, record, record.get(name));
        }
    }

    private static Refusal unreadable(ServerCode code, CSVRecord record, String value) {
        return Refusal.of(code, "file", value)
                .with("line", record.getRecordNumber())
                .with("columns", List.of(HEAD));
    }

    private static String say(double value) {
        return String.format(Locale.ROOT, "%.6f", value);
    }
}
