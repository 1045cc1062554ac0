package toroid.server.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Component;
import toroid.core.stock.StraightLengths;
import toroid.core.stock.kind.WireLots;
import toroid.core.wire.Wire;
import toroid.server.stock.LotData;
import toroid.server.stock.Lots;
import toroid.server.store.Kept;

/** Wire on the shelf as strips: a spool, a coil and an offcut are one each, straight lengths are as many as are left. */
@Component
class WireShelf {
    /** Nobody lays out more rods of one lot at once. */
    private static final int MOST_LENGTHS = 60;

    private final Lots lots;

    WireShelf(Lots lots) {
        this.lots = lots;
    }

    /** Whether wire there is serves for a wire asked for: of that size, or where that is allowed of nearly it. */
    static boolean serves(double thereMm, double askedMm, boolean near) {
        return near ? Wire.standsFor(thereMm, askedMm) : Wire.isSame(thereMm, askedMm);
    }

    /** The shelf as it is now. */
    Strips now() {
        return new Strips(lots.all(WireLots.ID));
    }

    /** Lots of wire, to be asked for one wire after another. */
    record Strips(List<Kept<LotData>> lots) {
        /** Strips that serve for a wire, offcuts first. */
        List<CutLists.SpoolToCut> of(String metal, double diameterMm, boolean near) {
            var strips = new ArrayList<CutLists.SpoolToCut>();
            for (Kept<LotData> lot : lots) {
                var facts = lot.data().facts();
                if (facts.get(WireLots.METAL).equals(metal)
                        && serves((Double) facts.get(WireLots.DIAMETER), diameterMm, near)) {
                    strips.addAll(strips(lot));
                }
            }
            strips.sort(Comparator.comparing(strip -> !strip.offcut()));
            return strips;
        }

        /** Diameters of that metal that serve only were near sizes allowed, mm, rising. */
        List<Double> nearly(String metal, double diameterMm, boolean near) {
            return lots.stream()
                    .map(lot -> lot.data().facts())
                    .filter(facts -> facts.get(WireLots.METAL).equals(metal))
                    .map(facts -> (Double) facts.get(WireLots.DIAMETER))
                    .filter(there -> !serves(there, diameterMm, near) && serves(there, diameterMm, true))
                    .distinct()
                    .sorted()
                    .toList();
        }

        private static List<CutLists.SpoolToCut> strips(Kept<LotData> lot) {
            LotData data = lot.data();
            boolean offcut = data.facts().get(WireLots.COMES_AS).equals(WireLots.OFFCUT);
            boolean lengths = data.facts().get(WireLots.COMES_AS).equals(WireLots.LENGTHS);
            if (!lengths || data.left() == null) {
                return List.of(
                        new CutLists.SpoolToCut(lot.id().toString(), lot.id(), data.name(), data.left(), offcut));
            }
            double each = (Double) data.facts().get(WireLots.EACH);
            var strips = new ArrayList<CutLists.SpoolToCut>();
            for (int i = 1; i <= MOST_LENGTHS && StraightLengths.of(each, data.left(), i) > 0; i++) {
                double length = StraightLengths.of(each, data.left(), i);
                strips.add(new CutLists.SpoolToCut(
                        lot.id() + "/" + i, lot.id(), data.name() + ", length " + i, length, length < each));
            }
            return strips;
        }
    }
}
