package toroid.server.metal;

import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.metal.MetalNames;
import toroid.core.numeric.Refusal;
import toroid.server.store.Edit;
import toroid.server.store.Kept;
import toroid.server.store.RefusalView;
import toroid.server.store.RowBecomes;
import toroid.server.store.ServerCode;

/** The price list from a table: a row is a day, a metal and what a gram costs. Looked at first, then all of it or nothing. */
@Service
@Transactional
class MetalPriceTable {
    private static final int MOST_ROWS = 5000;
    private static final int CELLS = 3;

    private final MetalPrices prices;

    MetalPriceTable(MetalPrices prices) {
        this.prices = prices;
    }

    /**
     * @param line of the file, from 1
     * @param price null where it is refused
     * @param before what the list says of that metal on that day; null for nothing
     */
    record ListRow(
            @NotNull long line,
            @NotNull RowBecomes becomes,
            MetalPriceData price,
            Double before,
            RefusalView refusal) {}

    /** @param refused rows that cannot be taken in: nothing is until all can be */
    record ListLook(
            @NotNull List<ListRow> rows,
            @NotNull int added,
            @NotNull int changed,
            @NotNull int alike,
            @NotNull int refused) {}

    private record Day(String metal, LocalDate day) {}

    /** @throws Refusal where it is no table */
    @Transactional(readOnly = true)
    public ListLook look(String text) {
        Map<Day, Kept<MetalPriceData>> kept = kept();
        var seen = new HashSet<Day>();
        var rows = new ArrayList<ListRow>();
        for (CSVRecord record : records(text)) {
            rows.add(row(record, kept, seen));
        }
        return new ListLook(
                rows,
                count(rows, RowBecomes.ADDED),
                count(rows, RowBecomes.CHANGED),
                count(rows, RowBecomes.ALIKE),
                count(rows, RowBecomes.REFUSED));
    }

    private static int count(List<ListRow> rows, RowBecomes what) {
        return (int) rows.stream().filter(row -> row.becomes() == what).count();
    }

    private Map<Day, Kept<MetalPriceData>> kept() {
        var kept = new HashMap<Day, Kept<MetalPriceData>>();
        prices.all()
                .forEach(one -> kept.put(new Day(one.data().metal(), one.data().day()), one));
        return kept;
    }

    private static List<CSVRecord> records(String text) {
        char between = text.contains(";") ? ';' : ',';
        var records = new ArrayList<CSVRecord>();
        try (var parser = CSVParser.parse(
                new StringReader(text),
                CSVFormat.RFC4180
                        .builder()
                        .setDelimiter(between)
                        .setIgnoreEmptyLines(true)
                        .setIgnoreSurroundingSpaces(true)
                        .get())) {
            for (CSVRecord record : parser) {
                boolean head = record.getRecordNumber() == 1 && day(record.get(0)) == null;
                if (!head) {
                    records.add(record);
                }
                if (records.size() > MOST_ROWS) {
                    throw Refusal.of(ServerCode.NO_STOCK_TABLE, "file", null);
                }
            }
        } catch (IOException | IllegalArgumentException | java.io.UncheckedIOException unreadable) {
            throw Refusal.of(ServerCode.NO_STOCK_TABLE, "file", null);
        }
        return records;
    }

    private static LocalDate day(String cell) {
        try {
            return LocalDate.parse(cell);
        } catch (DateTimeParseException none) {
            return null;
        }
    }

    private static ListRow row(CSVRecord record, Map<Day, Kept<MetalPriceData>> kept, HashSet<Day> seen) {
        try {
            MetalPriceData price = price(record);
            var day = new Day(price.metal(), price.day());
            if (!seen.add(day)) {
                throw Refusal.of(ServerCode.SAID_TWICE, "day", price.day());
            }
            Kept<MetalPriceData> before = kept.get(day);
            RowBecomes becomes = before == null
                    ? RowBecomes.ADDED
                    : before.data().perGram() == price.perGram() ? RowBecomes.ALIKE : RowBecomes.CHANGED;
            Double was = before == null ? null : Double.valueOf(before.data().perGram());
            return new ListRow(record.getRecordNumber(), becomes, price, was, null);
        } catch (Refusal refusal) {
            RefusalView why = RefusalView.of(refusal);
            return new ListRow(record.getRecordNumber(), RowBecomes.REFUSED, null, null, why);
        }
    }

    private static MetalPriceData price(CSVRecord record) {
        if (record.size() < CELLS) {
            throw Refusal.of(ServerCode.MISSING, "perGram", null);
        }
        LocalDate day = day(record.get(0));
        if (day == null) {
            throw Refusal.of(ServerCode.BAD_DAY, "day", record.get(0));
        }
        String metal = MetalNames.metalOrRefuse(record.get(1)).id();
        try {
            double perGram = Double.parseDouble(record.get(2).replace(',', '.'));
            return new MetalPriceData(metal, day, perGram, "").checked();
        } catch (NumberFormatException none) {
            throw Refusal.of(ServerCode.UNREADABLE_VALUE, "perGram", record.get(2));
        }
    }

    /**
     * Takes it in. Sent twice, it is taken in once: what is as the list says already stays as it is.
     *
     * @throws Refusal where a row is refused
     */
    public ListLook take(UUID id, String text) {
        ListLook look = look(text);
        if (look.refused() > 0) {
            throw Refusal.of(ServerCode.STOCK_TABLE_REFUSED, "file", null).with("rows", look.refused());
        }
        Map<Day, Kept<MetalPriceData>> kept = kept();
        for (ListRow row : look.rows()) {
            MetalPriceData price = row.price();
            Kept<MetalPriceData> before = kept.get(new Day(price.metal(), price.day()));
            if (row.becomes() == RowBecomes.ADDED) {
                prices.put(newId(id, row), new Edit<>(null, price));
            } else if (row.becomes() == RowBecomes.CHANGED) {
                prices.put(before.id(), new Edit<>(before.version(), price));
            }
        }
        return look;
    }

    private static UUID newId(UUID id, ListRow row) {
        return UUID.nameUUIDFromBytes((id + "/" + row.line()).getBytes(StandardCharsets.UTF_8));
    }
}
