package toroid.server.export;

import toroid.core.form.FormWork;
import toroid.core.form.TubeMesh;

/** The formed wire as binary STL: every wire a closed skin. Beads are left out. */
final class FormStl {
    private static final int SIDES = 20;

    private FormStl() {}

    static byte[] of(FormWork work) {
        return Stl.of(
                "wire form " + work.info().id(),
                work.wires().stream().map(wire -> TubeMesh.of(wire, SIDES)).toList());
    }
}
