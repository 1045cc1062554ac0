package toroid.server.export;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.TubeMesh;

/** Closed skins as binary STL, mm. */
final class Stl {
    private static final int HEADER = 80;
    private static final int TRIANGLE = 50;

    private Stl() {}

    /**
     * @param triangles how many there are in all
     * @param meshes taken one after another, so that they need not all be there at once
     */
    static byte[] of(String title, int triangles, Stream<TubeMesh> meshes) {
        ByteBuffer out = ByteBuffer.allocate(HEADER + 4 + TRIANGLE * triangles).order(ByteOrder.LITTLE_ENDIAN);
        out.put((title + " in millimetres").getBytes(StandardCharsets.US_ASCII));
        out.position(HEADER);
        out.putInt(triangles);
        meshes.forEach(mesh -> {
            for (int[] t : mesh.triangles()) {
                triangle(
                        out,
                        mesh.corners().get(t[0]),
                        mesh.corners().get(t[1]),
                        mesh.corners().get(t[2]));
            }
        });
        return out.array();
    }

    private static void triangle(ByteBuffer out, Vector3D a, Vector3D b, Vector3D c) {
        Vector3D across = b.subtract(a).crossProduct(c.subtract(a));
        put(out, across.getNorm() < 1e-15 ? Vector3D.ZERO : across.normalize());
        put(out, a);
        put(out, b);
        put(out, c);
        out.putShort((short) 0);
    }

    private static void put(ByteBuffer out, Vector3D v) {
        out.putFloat((float) v.getX()).putFloat((float) v.getY()).putFloat((float) v.getZ());
    }
}
