package toroid.server.piece;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import toroid.core.piece.PieceDraws;
import toroid.core.piece.PieceLists;
import toroid.core.piece.PieceWork;
import toroid.core.stock.kind.WireLots;
import toroid.server.metal.MetalPrices;
import toroid.server.stock.LotData;
import toroid.server.stock.Lots;
import toroid.server.store.Kept;

/** What a piece takes against what is on the shelf. */
@Component
public class PieceStock {
    private final Lots lots;
    private final MetalPrices metals;

    PieceStock(Lots lots, MetalPrices metals) {
        this.lots = lots;
        this.metals = metals;
    }

    /** The shelf as it lies now, for so many of a piece. */
    public PieceSupply supply(int batch) {
        return new PieceSupply(lots.all(), metals.today(), batch);
    }

    /**
     * Every wire a piece takes: how much, whether it is there, what it costs; none of what only rings are of that lie ready.
     *
     * @param supply that has been taken from
     */
    static List<PieceAnswer.NeedView> wires(PieceLists lists, String metal, PieceSupply supply) {
        return lists.wires(metal).stream().map(need -> against(need, supply)).toList();
    }

    /** All that so many of a piece take, taken. */
    PieceSupply taken(PieceWork work, boolean pair, PieceLists lists, String metal, int batch) {
        PieceSupply supply = supply(batch);
        new PieceDraws(work, metal, pair ? 2 : 1, supply).takeAll();
        supply.wound(metal, lists.rings());
        return supply;
    }

    /** Wires of that metal on the shelf, mm; of all metals where there are few of it. */
    List<Double> wiresMm(String metal) {
        List<LotData> shelf = lots.all(WireLots.ID).stream().map(Kept::data).toList();
        List<Double> own =
                wires(shelf.stream().filter(lot -> metal.equals(lot.facts().get(WireLots.METAL))));
        return own.size() < FEW ? wires(shelf.stream()) : own;
    }

    private static List<Double> wires(Stream<LotData> wires) {
        return wires.map(lot -> (Double) lot.facts().get(WireLots.DIAMETER))
                .distinct()
                .sorted()
                .toList();
    }

    /** A shelf of fewer wires of a metal tells little. */
    private static final int FEW = 3;

    private static PieceAnswer.NeedView against(PieceLists.WireNeed need, PieceSupply supply) {
        List<LotData> own =
                supply.wires(need.metal(), need.diameterMm()).map(Kept::data).toList();
        boolean unknown = own.stream().anyMatch(lot -> lot.left() == null);
        double there = own.stream()
                .filter(lot -> lot.left() != null)
                .mapToDouble(LotData::left)
                .sum();
        PieceSupply.Tally taken = supply.of(need);
        Double lacks = unknown ? null : Double.valueOf(Math.max(0, taken.amount() - there));
        return new PieceAnswer.NeedView(
                need.metal(), need.diameterMm(), taken.amount(), own.size(), lacks, taken.cost());
    }

    /** Of all of them; null where one is not known. */
    static Double cost(List<PieceAnswer.NeedView> wires) {
        return wires.stream().anyMatch(wire -> wire.cost() == null)
                ? null
                : Double.valueOf(
                        wires.stream().mapToDouble(PieceAnswer.NeedView::cost).sum());
    }
}
