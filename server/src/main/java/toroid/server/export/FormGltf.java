package toroid.server.export;

import toroid.core.form.FormWork;
import toroid.core.form.FormedWire;
import toroid.core.form.TubeMesh;

/** The formed wire as glTF 2.0: one mesh and node for each wire. Beads are left out. */
final class FormGltf {
    private FormGltf() {}

    static String of(FormWork work) {
        var gltf = new Gltf();
        int metal = gltf.metal(work.request().metal().id());
        int sides = TubeMesh.sidesFor(work.wires());
        for (FormedWire wire : work.wires()) {
            gltf.add(wire.name(), TubeMesh.of(wire, sides), metal);
        }
        return gltf.written();
    }
}
