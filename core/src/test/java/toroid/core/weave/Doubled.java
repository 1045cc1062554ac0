package toroid.core.weave;

import java.util.ArrayList;
import java.util.List;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;

/** The same chain with two cells told as one; for chains without a turn from cell to cell. */
final class Doubled {
    private Doubled() {}

    static WeavePattern of(WeavePattern single) {
        Lattice lattice = single.lattice();
        int k = single.rings().size();
        var rings = new ArrayList<>(single.rings());
        for (WeavePattern.CellRing ring : single.rings()) {
            rings.add(new WeavePattern.CellRing(
                    ring.id() + "'",
                    ring.sizeClass(),
                    ring.centre().add(new org.hipparchus.geometry.euclidean.threed.Vector3D(lattice.pitch(), 0, 0)),
                    ring.normal(),
                    ring.joins()));
        }
        var links = new ArrayList<WeavePattern.Link>();
        for (WeavePattern.Link link : single.links()) {
            for (int half = 0; half < 2; half++) {
                int to = half + link.i();
                links.add(new WeavePattern.Link(
                        link.a() + half * k, link.b() + Math.floorMod(to, 2) * k, Math.floorDiv(to, 2), 0));
            }
        }
        return new WeavePattern(
                single.id(),
                single.name(),
                single.unit(),
                new Lattice(lattice.kind(), 2 * lattice.pitch(), 0, false, 0, lattice.shared(), 0, 0),
                single.classes(),
                rings,
                links,
                new WeavePattern.Assembly(
                        java.util.stream.IntStream.range(0, rings.size())
                                .boxed()
                                .toList(),
                        List.of()),
                single.usual(),
                single.sources());
    }
}
