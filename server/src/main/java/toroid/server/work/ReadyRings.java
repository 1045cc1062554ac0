package toroid.server.work;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import toroid.core.piece.PieceLists;
import toroid.core.piece.Supply;
import toroid.core.ring.Ring;
import toroid.core.stock.Draw;
import toroid.core.weave.CutList;
import toroid.server.weave.LaidPatch;

/**
 * The rings of a weave that lie ready on the shelf: of each size and colour all of them, or they are wound. What is coloured, and no metal,
 * is not looked for: the shelf does not know it.
 */
final class ReadyRings {
    private final Map<String, List<List<Draw>>> ready = new HashMap<>();

    private ReadyRings() {}

    static ReadyRings of(List<LaidPatch.Row> rows, Supply shelf) {
        var rings = new ReadyRings();
        for (LaidPatch.Row row : rows) {
            if (!row.colour().startsWith("#")) {
                var ring = new Ring(row.wireMm(), row.innerMm());
                var size = PieceLists.Rings.plain(ring, row.rings(), row.preClosed());
                List<Draw> all = shelf.rings(row.colour(), size, row.rings());
                if (!all.isEmpty()) {
                    rings.ready.put(key(row.colour(), row.wireMm(), row.innerMm()), Draw.parted(all, row.preClosed()));
                }
            }
        }
        return rings;
    }

    private static String key(String colour, double wireMm, double innerMm) {
        return colour + " " + wireMm + " " + innerMm;
    }

    boolean has(String colour, CutList.Rings rings) {
        return ready.containsKey(key(colour, rings.wireMm(), rings.innerMm()));
    }

    /** Those closed beforehand. */
    List<Draw> closed() {
        return part(0);
    }

    /** Those that come open. */
    List<Draw> open() {
        return part(1);
    }

    private List<Draw> part(int which) {
        var draws = new ArrayList<Draw>();
        ready.values().forEach(parted -> draws.addAll(parted.get(which)));
        return draws;
    }
}
