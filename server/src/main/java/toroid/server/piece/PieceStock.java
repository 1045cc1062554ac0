package toroid.server.piece;

import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import toroid.core.piece.PieceLists;
import toroid.server.store.Kept;
import toroid.server.wire.SpoolData;
import toroid.server.wire.Spools;

/** What a piece takes against what is on the shelf. */
@Component
class PieceStock {
    /** A spool is that wire within so much of a millimetre: as a caliper tells two wires apart. */
    private static final double SAME_MM = 0.02;

    private final Spools spools;

    PieceStock(Spools spools) {
        this.spools = spools;
    }

    List<PieceAnswer.NeedView> of(PieceLists lists, String metal) {
        List<SpoolData> shelf = spools.all().stream().map(Kept::data).toList();
        return lists.wires(metal).stream().map(need -> against(need, shelf)).toList();
    }

    /** Wires of that metal on the shelf, mm; of all metals where there are few of it. */
    List<Double> wiresMm(String metal) {
        List<SpoolData> shelf = spools.all().stream().map(Kept::data).toList();
        List<Double> own = wires(shelf.stream().filter(spool -> spool.metal().equals(metal)));
        return own.size() < FEW ? wires(shelf.stream()) : own;
    }

    private static List<Double> wires(Stream<SpoolData> spools) {
        return spools.map(SpoolData::wireDiameterMm).distinct().sorted().toList();
    }

    /** A shelf of fewer wires of a metal tells little. */
    private static final int FEW = 3;

    private static PieceAnswer.NeedView against(PieceLists.WireNeed need, List<SpoolData> shelf) {
        List<SpoolData> own = shelf.stream()
                .filter(spool -> spool.metal().equals(need.metal()))
                .filter(spool -> Math.abs(spool.wireDiameterMm() - need.diameterMm()) <= SAME_MM)
                .toList();
        boolean unknown = own.stream().anyMatch(spool -> spool.lengthLeftMm() == null);
        double there = own.stream()
                .filter(spool -> spool.lengthLeftMm() != null)
                .mapToDouble(SpoolData::lengthLeftMm)
                .sum();
        Double lacks = unknown ? null : Double.valueOf(Math.max(0, need.lengthMm() - there));
        OptionalDouble dearest = own.stream()
                .map(SpoolData::pricePerMetre)
                .filter(Objects::nonNull)
                .mapToDouble(Double::doubleValue)
                .max();
        Double cost = dearest.isPresent() ? Double.valueOf(dearest.getAsDouble() * need.lengthMm() / 1000) : null;
        return new PieceAnswer.NeedView(need.metal(), need.diameterMm(), need.lengthMm(), own.size(), lacks, cost);
    }

    /** Of all of them; null where one is not known. */
    static Double cost(List<PieceAnswer.NeedView> wires) {
        return wires.stream().anyMatch(wire -> wire.cost() == null)
                ? null
                : Double.valueOf(
                        wires.stream().mapToDouble(PieceAnswer.NeedView::cost).sum());
    }
}
