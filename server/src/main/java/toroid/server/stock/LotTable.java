package toroid.server.stock;

import java.io.IOException;
import java.io.StringReader;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.stock.Fact;
import toroid.core.stock.LotCode;
import toroid.core.stock.Measure;
import toroid.core.stock.StockKind;
import toroid.core.stock.StockKinds;
import toroid.server.store.CsvCells;
import toroid.server.store.Kept;
import toroid.server.store.ServerCode;

/**
 * Lots as a table (RFC 4180): a row a lot; what every lot has, then what the kinds in it are told by, one column for each fact. Lengths
 * left are in metres, facts in the core's own units. A cell that a spreadsheet would take for a formula begins with an apostrophe, which
 * is taken off again.
 */
final class LotTable {
    private static final List<String> COMMON = List.of(
            "code",
            "kind",
            "name",
            "left",
            "counted in",
            "unit price",
            "bought on",
            "use by",
            "tare g",
            "low mark",
            "place",
            "note");
    private static final int MOST_ROWS = 5000;

    private LotTable() {}

    /**
     * A row as read.
     *
     * @param line as a spreadsheet counts rows, the head is 1
     * @param lot the one it tells of; null for a new one
     * @param data null where it is refused
     */
    record Row(long line, String kind, String name, UUID lot, LotData data, Refusal refusal) {}

    static String write(List<Kept<LotData>> lots) {
        var facts = new LinkedHashSet<String>();
        StockKinds.all().stream()
                .filter(kind -> lots.stream().anyMatch(lot -> lot.data().kind().equals(kind.id())))
                .forEach(kind -> kind.facts().forEach(fact -> facts.add(fact.id())));
        var head = new ArrayList<>(COMMON);
        // a fact that is called as a column all lots have is told apart
        facts.forEach(fact -> head.add(column(fact)));
        var out = new StringBuilder();
        try (CSVPrinter csv = new CSVPrinter(
                out,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader(head.toArray(String[]::new))
                        .get())) {
            for (Kept<LotData> lot : lots) {
                csv.printRecord(cells(lot, facts));
            }
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        return out.toString();
    }

    private static String column(String fact) {
        return COMMON.contains(fact) ? "its " + fact : fact;
    }

    private static List<String> cells(Kept<LotData> lot, Iterable<String> facts) {
        LotData data = lot.data();
        StockKind kind = data.kindKept();
        double per = kind.measure().pricedBy();
        var cells = new ArrayList<String>();
        cells.add(LotCode.of(lot.id()));
        cells.add(data.kind());
        cells.add(CsvCells.harmless(data.name()));
        cells.add(number(data.left(), per));
        cells.add(unit(kind.measure()));
        cells.add(number(data.unitPrice(), 1));
        cells.add(data.boughtOn() == null ? "" : data.boughtOn().toString());
        cells.add(data.useBy() == null ? "" : data.useBy().toString());
        cells.add(number(data.tareG(), 1));
        cells.add(number(data.lowMark(), per));
        cells.add(CsvCells.harmless(data.place()));
        cells.add(CsvCells.harmless(data.note()));
        for (String id : facts) {
            String written = kind.facts().stream()
                    .filter(fact -> fact.id().equals(id))
                    .findFirst()
                    .map(fact -> fact.written(data.facts().get(id)))
                    .orElse("");
            cells.add(CsvCells.harmless(written));
        }
        return cells;
    }

    private static String unit(Measure measure) {
        return switch (measure) {
            case LENGTH -> "m";
            case MASS -> "g";
            case PIECES -> "pieces";
        };
    }

    private static String number(Double value, double per) {
        return value == null
                ? ""
                : new java.math.BigDecimal(value / per)
                        .round(new java.math.MathContext(12))
                        .stripTrailingZeros()
                        .toPlainString();
    }

    /**
     * Every row of it, those that are refused with why.
     *
     * @param kept what is on the shelf, by the code on its label
     * @throws Refusal where it is no table, or a column is not known
     */
    static List<Row> read(String text, Map<String, Kept<LotData>> kept) {
        var format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setDuplicateHeaderMode(DuplicateHeaderMode.DISALLOW)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        try (CSVParser parser = CSVParser.parse(new StringReader(plain), format)) {
            checkHead(parser.getHeaderNames());
            var rows = new ArrayList<Row>();
            for (CSVRecord record : parser) {
                Checks.within("file", rows.size() + 1, 1, MOST_ROWS, Unit.ROWS, Remedy.LEAVE_SOME_OUT);
                rows.add(row(record, parser.getHeaderNames(), kept));
            }
            return rows;
        } catch (IOException | java.io.UncheckedIOException | IllegalStateException broken) {
            throw Refusal.of(ServerCode.NO_STOCK_TABLE, "file", null);
        } catch (IllegalArgumentException headTwice) {
            if (headTwice instanceof Refusal refusal) {
                throw refusal;
            }
            throw Refusal.of(ServerCode.NO_STOCK_TABLE, "file", null);
        }
    }

    private static void checkHead(List<String> head) {
        for (String needed : List.of("kind", "name")) {
            if (!head.contains(needed)) {
                throw Refusal.of(ServerCode.STOCK_TABLE_LACKS_COLUMN, "file", needed);
            }
        }
        for (String column : head) {
            boolean known = COMMON.contains(column)
                    || StockKinds.all().stream()
                            .flatMap(kind -> kind.facts().stream())
                            .anyMatch(fact -> column(fact.id()).equals(column));
            if (!known) {
                throw Refusal.of(ServerCode.STOCK_TABLE_UNKNOWN_COLUMN, "file", column);
            }
        }
    }

    private static Row row(CSVRecord record, List<String> head, Map<String, Kept<LotData>> kept) {
        long line = record.getRecordNumber() + 1;
        String kind = cell(record, "kind");
        String name = cell(record, "name");
        try {
            String code = cell(record, "code");
            Kept<LotData> lot = code.isEmpty()
                    ? null
                    : LotCode.read(code)
                            .map(kept::get)
                            .orElseThrow(() -> Refusal.of(ServerCode.UNKNOWN_LOT_CODE, "code", code));
            return new Row(line, kind, name, lot == null ? null : lot.id(), data(record, head, lot), null);
        } catch (Refusal refusal) {
            return new Row(line, kind, name, null, null, refusal);
        }
    }

    /** A column that is not in the file leaves what is kept as it is. */
    private static LotData data(CSVRecord record, List<String> head, Kept<LotData> lot) {
        StockKind kind = StockKinds.byId(cell(record, "kind"));
        LotData was = lot == null ? null : lot.data();
        if (was != null && !was.kind().equals(kind.id())) {
            throw Refusal.of(ServerCode.LOT_OF_OTHER_KIND, "kind", kind.id()).with("kept", was.kind());
        }
        String unit = cell(record, "counted in");
        if (!unit.isEmpty() && !unit.equals(unit(kind.measure()))) {
            throw Refusal.of(ServerCode.UNREADABLE_VALUE, "counted in", unit);
        }
        double per = kind.measure().pricedBy();
        return new LotData(
                        kind.id(),
                        cell(record, "name"),
                        facts(record, head, kind, was),
                        number(record, "left", per, was == null ? null : was.left()),
                        number(record, "unit price", 1, was == null ? null : was.unitPrice()),
                        day(record, "bought on", was == null ? null : was.boughtOn()),
                        day(record, "use by", was == null ? null : was.useBy()),
                        number(record, "tare g", 1, was == null ? null : was.tareG()),
                        number(record, "low mark", per, was == null ? null : was.lowMark()),
                        record.isMapped("place") ? cell(record, "place") : was == null ? "" : was.place(),
                        record.isMapped("note") ? cell(record, "note") : was == null ? "" : was.note())
                .checked();
    }

    private static Map<String, Object> facts(CSVRecord record, List<String> head, StockKind kind, LotData was) {
        var facts = new TreeMap<String, Object>(was == null ? kind.blank().values() : was.facts());
        for (Fact fact : kind.facts()) {
            if (record.isMapped(column(fact.id()))) {
                facts.put(fact.id(), cell(record, column(fact.id())));
            }
        }
        for (String column : head) {
            boolean own =
                    kind.facts().stream().anyMatch(fact -> column(fact.id()).equals(column));
            if (!COMMON.contains(column) && !own && !cell(record, column).isEmpty()) {
                facts.put(column, cell(record, column));
            }
        }
        return facts;
    }

    private static String cell(CSVRecord record, String column) {
        return record.isMapped(column) && record.isSet(column) ? CsvCells.asTyped(record.get(column)) : "";
    }

    private static Double number(CSVRecord record, String column, double per, Double was) {
        if (!record.isMapped(column)) {
            return was;
        }
        String cell = cell(record, column).replace(',', '.');
        if (cell.isEmpty()) {
            return null;
        }
        // what was written out is the very amount that is kept, though a file has fewer digits
        if (cell.equals(number(was, per))) {
            return was;
        }
        try {
            return per * Double.parseDouble(cell);
        } catch (NumberFormatException none) {
            throw Refusal.of(ServerCode.UNREADABLE_VALUE, column, cell);
        }
    }

    private static LocalDate day(CSVRecord record, String column, LocalDate was) {
        if (!record.isMapped(column)) {
            return was;
        }
        String cell = cell(record, column);
        try {
            return cell.isEmpty() ? null : LocalDate.parse(cell);
        } catch (DateTimeParseException none) {
            throw Refusal.of(ServerCode.BAD_DAY, column, cell.toLowerCase(Locale.ROOT));
        }
    }
}
