package toroid.server.export;

import java.util.List;
import toroid.core.form.FormWork;
import toroid.core.form.TubeMesh;

/** The formed wire as binary STL: every wire a closed skin. Beads are left out. */
final class FormStl {
    private FormStl() {}

    static byte[] of(FormWork work) {
        int sides = TubeMesh.sidesFor(work.wires());
        List<TubeMesh> skins =
                work.wires().stream().map(wire -> TubeMesh.of(wire, sides)).toList();
        int triangles = skins.stream().mapToInt(skin -> skin.triangles().size()).sum();
        return Stl.of("wire form " + work.info().id(), triangles, skins.stream());
    }
}
