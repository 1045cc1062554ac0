package toroid.server.piece;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import toroid.core.piece.part.PartWork.Bought;
import toroid.server.stock.LotData;
import toroid.server.stock.Lots;
import toroid.server.store.Kept;

/** What is bought ready for a piece, against the lots there are of it. */
@Component
class BoughtStock {
    /** Sizes are one within so much of a millimetre, or of a tenth of them: as shops name them. */
    private static final double SAME_MM = 0.3;

    private static final double SAME_SHARE = 0.1;

    /** By which fact of which kind each is found, its first size; stones and pearls are beads of the shelf. */
    private static final Map<Bought.Kind, Fact> FOUND_BY = Map.of(
            Bought.Kind.BEAD, new Fact("beads", "along"),
            Bought.Kind.STONE, new Fact("beads", "along"),
            Bought.Kind.CHAIN, new Fact("chain", "pitch"),
            Bought.Kind.CORD, new Fact("cord", "diameter"),
            Bought.Kind.BEADING_WIRE, new Fact("beading-wire", "diameter"),
            Bought.Kind.CRIMP, new Fact("crimps", "outside"),
            Bought.Kind.FINDING, new Fact("findings", "length"));

    private record Fact(String kind, String id) {}

    private final Lots lots;

    BoughtStock(Lots lots) {
        this.lots = lots;
    }

    /** What so much of it costs at the dearest of its lots' prices; null where none of them has one. */
    Double cost(Bought bought, double amount) {
        OptionalDouble dearest = of(bought).stream()
                .filter(lot -> lot.unitPrice() != null)
                .mapToDouble(lot -> lot.kindKept().measure().worth(amount, lot.unitPrice()))
                .max();
        return dearest.isPresent() ? Double.valueOf(dearest.getAsDouble()) : null;
    }

    private List<LotData> of(Bought bought) {
        Fact by = FOUND_BY.get(bought.kind());
        double size = bought.sizesMm().get(0);
        return lots.all(by.kind()).stream()
                .map(Kept::data)
                .filter(lot -> lot.facts().get(by.id()) instanceof Double there
                        && Math.abs(there - size) <= Math.max(SAME_MM, SAME_SHARE * size))
                .filter(lot -> bought.kind() != Bought.Kind.FINDING
                        || bought.name().replace(' ', '-').equals(lot.facts().get("what")))
                .toList();
    }
}
