package toroid.server.stock;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.numeric.Refusal;
import toroid.core.stock.LotCode;
import toroid.server.store.Edit;
import toroid.server.store.Kept;
import toroid.server.store.RefusalView;
import toroid.server.store.RowBecomes;
import toroid.server.store.ServerCode;

/** Takes tables in: looked at first, then all of it or nothing. */
@Service
@Transactional
class TableIn {
    private final Lots lots;

    TableIn(Lots lots) {
        this.lots = lots;
    }

    /** What it would change. @throws Refusal where it is no table of stock */
    @Transactional(readOnly = true)
    TableView look(String text) {
        Map<String, Kept<LotData>> kept = kept();
        return view(text, LotTable.read(text, kept), byId(kept));
    }

    /**
     * Takes it in. Sent twice under one id, it is taken in once.
     *
     * @param seal of the look that was agreed to
     * @throws Refusal where a row is refused, or the shelf is otherwise than it was looked at
     */
    TableView take(UUID id, String text, String seal) {
        Map<String, Kept<LotData>> kept = kept();
        Map<UUID, Kept<LotData>> byId = byId(kept);
        List<LotTable.Row> rows = LotTable.read(text, kept);
        TableView view = view(text, rows, byId);
        if (rows.stream().anyMatch(row -> row.lot() == null && byId.containsKey(newId(id, row)))) {
            return view;
        }
        if (view.refused() > 0) {
            throw Refusal.of(ServerCode.STOCK_TABLE_REFUSED, "file", null).with("rows", view.refused());
        }
        if (!view.seal().equals(seal)) {
            throw Refusal.of(ServerCode.STOCK_CHANGED_MEANWHILE, "seal", null);
        }
        for (LotTable.Row row : rows) {
            Kept<LotData> lot = row.lot() == null ? null : byId.get(row.lot());
            lots.put(
                    lot == null ? newId(id, row) : lot.id(),
                    new Edit<>(lot == null ? null : lot.version(), row.data()));
        }
        return view;
    }

    private static UUID newId(UUID id, LotTable.Row row) {
        return UUID.nameUUIDFromBytes((id + "/" + row.line()).getBytes(StandardCharsets.UTF_8));
    }

    private Map<String, Kept<LotData>> kept() {
        var kept = new HashMap<String, Kept<LotData>>();
        lots.all().forEach(lot -> kept.put(LotCode.of(lot.id()), lot));
        return kept;
    }

    private static Map<UUID, Kept<LotData>> byId(Map<String, Kept<LotData>> kept) {
        var byId = new HashMap<UUID, Kept<LotData>>();
        kept.values().forEach(lot -> byId.put(lot.id(), lot));
        return byId;
    }

    private static TableView view(String text, List<LotTable.Row> rows, Map<UUID, Kept<LotData>> byId) {
        var seen = new HashSet<UUID>();
        var told = new ArrayList<TableView.TableRow>();
        var versions = new TreeSet<String>();
        for (LotTable.Row row : rows) {
            Kept<LotData> lot = row.lot() == null ? null : byId.get(row.lot());
            boolean twice = lot != null && !seen.add(lot.id());
            Refusal refusal = twice ? Refusal.of(ServerCode.SAID_TWICE, "code", LotCode.of(lot.id())) : row.refusal();
            told.add(refusal != null ? refused(row, refusal) : row(row, lot));
            if (lot != null) {
                versions.add(lot.id() + " " + lot.version());
            }
        }
        String seal = UUID.nameUUIDFromBytes((text + versions).getBytes(StandardCharsets.UTF_8))
                .toString();
        return new TableView(
                told,
                count(told, RowBecomes.ADDED),
                count(told, RowBecomes.CHANGED),
                count(told, RowBecomes.ALIKE),
                count(told, RowBecomes.REFUSED),
                seal);
    }

    private static int count(List<TableView.TableRow> rows, RowBecomes what) {
        return (int) rows.stream().filter(row -> row.becomes() == what).count();
    }

    private static TableView.TableRow refused(LotTable.Row row, Refusal refusal) {
        return new TableView.TableRow(
                row.line(), RowBecomes.REFUSED, row.lot(), row.kind(), row.name(), List.of(), RefusalView.of(refusal));
    }

    private static TableView.TableRow row(LotTable.Row row, Kept<LotData> lot) {
        LotData data = row.data();
        List<TableView.CellChange> changes = lot == null ? List.of() : changes(lot.data(), data);
        RowBecomes becomes = lot == null ? RowBecomes.ADDED : changes.isEmpty() ? RowBecomes.ALIKE : RowBecomes.CHANGED;
        return new TableView.TableRow(row.line(), becomes, row.lot(), data.kind(), data.name(), changes, null);
    }

    private static List<TableView.CellChange> changes(LotData before, LotData after) {
        Map<String, Object> was = told(before);
        Map<String, Object> is = told(after);
        var columns = new TreeSet<>(was.keySet());
        columns.addAll(is.keySet());
        return columns.stream()
                .filter(column -> !Objects.equals(was.get(column), is.get(column)))
                .map(column -> new TableView.CellChange(column, said(was.get(column)), said(is.get(column))))
                .toList();
    }

    private static String said(Object value) {
        return value == null ? "" : String.valueOf(value);
    }

    private static Map<String, Object> told(LotData data) {
        double per = data.kindKept().measure().pricedBy();
        var told = new TreeMap<String, Object>(data.facts());
        told.put("name", data.name());
        told.put("left", data.left() == null ? null : data.left() / per);
        told.put("unit price", data.unitPrice());
        told.put("bought on", data.boughtOn());
        told.put("use by", data.useBy());
        told.put("tare g", data.tareG());
        told.put("low mark", data.lowMark() == null ? null : data.lowMark() / per);
        told.put("place", data.place());
        told.put("note", data.note());
        return told;
    }
}
