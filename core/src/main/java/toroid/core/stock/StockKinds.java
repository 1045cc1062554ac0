package toroid.core.stock;

import java.util.List;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.stock.kind.Baths;
import toroid.core.stock.kind.BeadingWire;
import toroid.core.stock.kind.Beads;
import toroid.core.stock.kind.Chain;
import toroid.core.stock.kind.Coilers;
import toroid.core.stock.kind.Consumables;
import toroid.core.stock.kind.Cord;
import toroid.core.stock.kind.Crimps;
import toroid.core.stock.kind.Findings;
import toroid.core.stock.kind.Formers;
import toroid.core.stock.kind.Jigs;
import toroid.core.stock.kind.Punches;
import toroid.core.stock.kind.Rings;
import toroid.core.stock.kind.Solder;
import toroid.core.stock.kind.TaperedJaws;
import toroid.core.stock.kind.Torches;
import toroid.core.stock.kind.WireLots;

/** Every kind of stock and tool, in the order a shelf shows them. */
public final class StockKinds {
    private static final List<StockKind> ALL = List.of(
            new WireLots(),
            new Rings(),
            new Beads(),
            new Findings(),
            new Chain(),
            new Cord(),
            new BeadingWire(),
            new Crimps(),
            new Solder(),
            new Consumables(),
            new TaperedJaws(),
            new Punches(),
            new Formers(),
            new Coilers(),
            new Jigs(),
            new Torches(),
            new Baths());

    private StockKinds() {}

    public static List<StockKind> all() {
        return ALL;
    }

    /** @throws Refusal when there is none of that name */
    public static StockKind byId(String id) {
        return ALL.stream()
                .filter(kind -> kind.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.of(RefusalCode.UNKNOWN_STOCK_KIND, "kind", id)
                        .with("options", ALL.stream().map(StockKind::id).toList()));
    }
}
