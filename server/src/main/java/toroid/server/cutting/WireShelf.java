package toroid.server.cutting;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
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

    /** A last length shorter than this is none, mm. */
    private static final double NOTHING_MM = 1;

    private final Lots lots;

    WireShelf(Lots lots) {
        this.lots = lots;
    }

    /** The shelf as it is now. */
    Strips now() {
        return new Strips(lots.all(WireLots.ID));
    }

    /** Lots of wire, to be asked for one wire after another. */
    record Strips(List<Kept<LotData>> lots) {
        /** Strips that stand for a wire, offcuts first. */
        List<CutLists.SpoolToCut> of(String metal, double diameterMm) {
            var strips = new ArrayList<CutLists.SpoolToCut>();
            for (Kept<LotData> lot : lots) {
                var facts = lot.data().facts();
                if (facts.get(WireLots.METAL).equals(metal)
                        && Wire.standsFor((Double) facts.get(WireLots.DIAMETER), diameterMm)) {
                    strips.addAll(strips(lot));
                }
            }
            strips.sort(java.util.Comparator.comparing(strip -> !strip.offcut()));
            return strips;
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
            double left = data.left();
            for (int i = 1; left >= NOTHING_MM && i <= MOST_LENGTHS; i++) {
                double length = Math.min(each, left);
                // what is less than a whole length was cut off before
                strips.add(new CutLists.SpoolToCut(
                        lot.id() + "/" + i, lot.id(), data.name() + ", length " + i, length, length < each));
                left -= length;
            }
            return strips;
        }
    }
}
