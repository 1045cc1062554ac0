package toroid.server.export;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Base64;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.FormWork;
import toroid.core.form.FormedWire;
import toroid.core.form.TubeMesh;

/**
 * The formed wire as glTF 2.0, one file with its buffer inside: one mesh and node for each wire, in metres as the format asks.
 * Beads are left out.
 */
final class FormGltf {
    private static final int SIDES = 20;
    private static final double METRES = 0.001;
    private static final int FLOAT = 5126;
    private static final int UNSIGNED_INT = 5125;
    private static final int ARRAY_BUFFER = 34962;
    private static final int ELEMENT_BUFFER = 34963;

    private final ObjectNode root = new ObjectMapper().createObjectNode();
    private ByteBuffer bytes = ByteBuffer.allocate(1 << 16).order(ByteOrder.LITTLE_ENDIAN);

    private FormGltf() {}

    static String of(FormWork work) {
        return new FormGltf().written(work).toString();
    }

    private ObjectNode written(FormWork work) {
        root.putObject("asset").put("version", "2.0").put("generator", "Toroid");
        root.put("scene", 0);
        ArrayNode roots = root.putArray("scenes").addObject().putArray("nodes");
        ArrayNode nodes = root.putArray("nodes");
        ArrayNode meshes = root.putArray("meshes");
        ObjectNode metal = root.putArray("materials")
                .addObject()
                .put("name", work.request().metal().id());
        metal.putObject("pbrMetallicRoughness").put("metallicFactor", 1.0).put("roughnessFactor", 0.35);
        root.putArray("accessors");
        root.putArray("bufferViews");
        for (FormedWire wire : work.wires()) {
            roots.add(nodes.size());
            nodes.addObject().put("name", wire.name()).put("mesh", meshes.size());
            mesh(meshes.addObject().put("name", wire.name()), TubeMesh.of(wire, SIDES));
        }
        byte[] all = java.util.Arrays.copyOf(bytes.array(), bytes.position());
        root.putArray("buffers")
                .addObject()
                .put("byteLength", all.length)
                .put(
                        "uri",
                        "data:application/octet-stream;base64,"
                                + Base64.getEncoder().encodeToString(all));
        return root;
    }

    private void mesh(ObjectNode node, TubeMesh mesh) {
        int positions = view(
                ARRAY_BUFFER, mesh.corners().size() * 12, () -> mesh.corners().forEach(this::put));
        int corners = view(
                ELEMENT_BUFFER,
                mesh.triangles().size() * 12,
                () -> mesh.triangles()
                        .forEach(t -> bytes.putInt(t[0]).putInt(t[1]).putInt(t[2])));
        ArrayNode accessors = (ArrayNode) root.get("accessors");
        int first = accessors.size();
        ObjectNode position = accessors
                .addObject()
                .put("bufferView", positions)
                .put("componentType", FLOAT)
                .put("count", mesh.corners().size())
                .put("type", "VEC3");
        bounds(position, mesh);
        accessors
                .addObject()
                .put("bufferView", corners)
                .put("componentType", UNSIGNED_INT)
                .put("count", mesh.triangles().size() * 3)
                .put("type", "SCALAR");
        ObjectNode primitive = node.putArray("primitives").addObject();
        primitive.putObject("attributes").put("POSITION", first);
        primitive.put("indices", first + 1).put("material", 0);
    }

    private int view(int target, int length, Runnable writer) {
        if (bytes.remaining() < length) {
            ByteBuffer larger =
                    ByteBuffer.allocate(2 * (bytes.position() + length)).order(ByteOrder.LITTLE_ENDIAN);
            larger.put(bytes.array(), 0, bytes.position());
            bytes = larger;
        }
        int from = bytes.position();
        writer.run();
        ArrayNode views = (ArrayNode) root.get("bufferViews");
        views.addObject()
                .put("buffer", 0)
                .put("byteOffset", from)
                .put("byteLength", length)
                .put("target", target);
        return views.size() - 1;
    }

    private void put(Vector3D mm) {
        bytes.putFloat(metres(mm.getX())).putFloat(metres(mm.getY())).putFloat(metres(mm.getZ()));
    }

    private static float metres(double mm) {
        return (float) (mm * METRES);
    }

    private static void bounds(ObjectNode accessor, TubeMesh mesh) {
        float[] low = {Float.MAX_VALUE, Float.MAX_VALUE, Float.MAX_VALUE};
        float[] high = {-Float.MAX_VALUE, -Float.MAX_VALUE, -Float.MAX_VALUE};
        for (Vector3D corner : mesh.corners()) {
            double[] at = corner.toArray();
            for (int i = 0; i < 3; i++) {
                low[i] = Math.min(low[i], metres(at[i]));
                high[i] = Math.max(high[i], metres(at[i]));
            }
        }
        ArrayNode min = accessor.putArray("min");
        ArrayNode max = accessor.putArray("max");
        for (int i = 0; i < 3; i++) {
            min.add(low[i]);
            max.add(high[i]);
        }
    }
}
