package toroid.core.piece;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import toroid.core.piece.finish.Withstands;
import toroid.core.piece.part.PartWork;
import toroid.core.piece.part.RingPart;

/**
 * What may be soldered where it is. A ring that was to be soldered beforehand and finds no neighbour that opens is closed round its neighbours and soldered
 * there, if none of them has anything that burns, cracks or springs: beads, stones, cord, beading wire, bought findings and chain. With easy solder, since what
 * it hangs in may be soldered already; away from its neighbours, one by one. Common practice.
 */
final class Torch {
    private Torch() {}

    /** Places of rings that may be soldered in place. */
    static Set<Integer> inPlace(List<PartWork> parts, List<Links> links, boolean solderable) {
        Set<Integer> rings = new HashSet<>();
        if (!solderable) {
            return rings;
        }
        IntStream.range(0, parts.size())
                .filter(i -> parts.get(i).spec() instanceof RingPart ring && ring.soldered())
                .forEach(rings::add);
        for (Links link : links) {
            if (!Withstands.torch(parts.get(link.a())) || !Withstands.torch(parts.get(link.b()))) {
                rings.remove(link.a());
                rings.remove(link.b());
            }
        }
        return rings;
    }
}
