package toroid.core.weave.pattern;

import com.fasterxml.jackson.databind.JsonNode;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.RefusalCode;

/** How a weave repeats, read from its file. */
final class LatticeJson {
    private LatticeJson() {}

    static Lattice read(JsonNode node) {
        String kind = WeaveJson.word(node, "kind");
        return switch (kind) {
            case "finite" -> new Lattice(Lattice.Kind.FINITE, 0, 0, false, 0, Vector3D.ZERO, 0, 0);
            case "chain" ->
                new Lattice(
                        Lattice.Kind.CHAIN,
                        WeaveJson.number(node, "pitch", 1e-3, WeaveJson.MOST_LENGTH),
                        Math.toRadians(node.path("turnDegrees").asDouble(0)),
                        node.path("turnFree").asBoolean(false),
                        0,
                        Vector3D.ZERO,
                        0,
                        0);
            case "sheet" -> {
                boolean shared = node.has("second");
                yield new Lattice(
                        Lattice.Kind.SHEET,
                        WeaveJson.number(node, "pitch", 1e-3, WeaveJson.MOST_LENGTH),
                        0,
                        false,
                        shared ? 0 : WeaveJson.number(node, "across", 1e-3, WeaveJson.MOST_LENGTH),
                        shared
                                ? new Vector3D(
                                        node.get("second").path(0).asDouble(),
                                        node.get("second").path(1).asDouble(),
                                        0)
                                : Vector3D.ZERO,
                        0,
                        0);
            }
            case "tube" -> {
                int around = (int) WeaveJson.number(node, "around", 2, 60);
                yield new Lattice(
                        Lattice.Kind.TUBE,
                        WeaveJson.number(node, "pitch", 1e-3, WeaveJson.MOST_LENGTH),
                        0,
                        false,
                        0,
                        Vector3D.ZERO,
                        2 * Math.PI / around,
                        around);
            }
            default -> throw WeaveJson.wrong(RefusalCode.WEAVE_KIND, "lattice.kind", kind);
        };
    }
}
