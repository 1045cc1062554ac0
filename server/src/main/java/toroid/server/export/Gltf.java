package toroid.server.export;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Base64;
import java.util.HashMap;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.TubeMesh;

/** A glTF 2.0 file with its buffer inside, put together part by part. Lengths come in as mm and go out as metres, as the format asks. */
final class Gltf {
    private static final double METRES = 0.001;
    private static final int FLOAT = 5126;
    private static final int UNSIGNED_INT = 5125;
    private static final int ARRAY_BUFFER = 34962;
    private static final int ELEMENT_BUFFER = 34963;

    private final ObjectNode root = new ObjectMapper().createObjectNode();
    private ByteBuffer bytes = ByteBuffer.allocate(1 << 16).order(ByteOrder.LITTLE_ENDIAN);

    private final ArrayNode roots;
    private final ArrayNode nodes;
    private final ArrayNode meshes;
    private final ArrayNode materials;

    private final Map<String, Integer> numbers = new HashMap<>();

    Gltf() {
        root.putObject("asset").put("version", "2.0").put("generator", "Toroid");
        root.put("scene", 0);
        roots = root.putArray("scenes").addObject().putArray("nodes");
        nodes = root.putArray("nodes");
        meshes = root.putArray("meshes");
        materials = root.putArray("materials");
        root.putArray("accessors");
        root.putArray("bufferViews");
    }

    /** @return its number; one for each name */
    int metal(String name) {
        Integer known = numbers.get(name);
        if (known != null) {
            return known;
        }
        numbers.put(name, materials.size());
        ObjectNode metal = materials.addObject().put("name", name);
        metal.putObject("pbrMetallicRoughness").put("metallicFactor", 1.0).put("roughnessFactor", 0.35);
        return materials.size() - 1;
    }

    /** What is no metal. */
    int matt(String name) {
        int number = metal(name);
        ((ObjectNode) materials.get(number).get("pbrMetallicRoughness")).put("metallicFactor", 0.0);
        return number;
    }

    /**
     * Metal under a coat of a colour.
     *
     * @param hex #rrggbb
     * @return its number
     */
    int coated(String hex) {
        int metal = metal(hex);
        ArrayNode factor = ((ObjectNode) materials.get(metal).get("pbrMetallicRoughness")).putArray("baseColorFactor");
        for (int at = 1; at < hex.length(); at += 2) {
            factor.add(linear(Integer.parseInt(hex.substring(at, at + 2), 16) / 255.0));
        }
        factor.add(1.0);
        return metal;
    }

    /** sRGB to linear light (IEC 61966-2-1). */
    private static double linear(double s) {
        return s <= 0.04045 ? s / 12.92 : Math.pow((s + 0.055) / 1.055, 2.4);
    }

    /** A mesh where it lies. */
    void add(String name, TubeMesh mesh, int material) {
        node(name, mesh(name, mesh, material));
    }

    /** A node that shows a mesh; moved and turned by what is put into the answer. */
    ObjectNode node(String name, int mesh) {
        roots.add(nodes.size());
        return nodes.addObject().put("name", name).put("mesh", mesh);
    }

    /** A node turned and put in its place. */
    void placed(String name, int mesh, Vector3D atMm, Rotation turn) {
        ObjectNode node = node(name, mesh);
        ArrayNode at = node.putArray("translation");
        for (double mm : atMm.toArray()) {
            at.add(mm * METRES);
        }
        node.putArray("rotation")
                .add(-turn.getQ1())
                .add(-turn.getQ2())
                .add(-turn.getQ3())
                .add(turn.getQ0());
    }

    String written() {
        byte[] all = java.util.Arrays.copyOf(bytes.array(), bytes.position());
        root.putArray("buffers")
                .addObject()
                .put("byteLength", all.length)
                .put(
                        "uri",
                        "data:application/octet-stream;base64,"
                                + Base64.getEncoder().encodeToString(all));
        return root.toString();
    }

    /** @return its number */
    int mesh(String name, TubeMesh mesh, int material) {
        ObjectNode node = meshes.addObject().put("name", name);
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
        primitive.put("indices", first + 1).put("material", material);
        return meshes.size() - 1;
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
