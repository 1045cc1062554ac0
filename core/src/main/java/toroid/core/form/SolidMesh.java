package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Vectors;

/**
 * The skin of what stands with the wire, without its hole, for other programs to look at. Its corners lie on the skin, so that it is a little
 * small: no size or mass is ever taken from it.
 */
public final class SolidMesh {
    private static final int AROUND = 24;
    private static final int ALONG = 12;

    private SolidMesh() {}

    /** Closed: a stretched ball, or flat faces with a wall between. */
    public static TubeMesh of(Solid solid) {
        Vector3D one = solid.axis().orthogonal();
        Vector3D other = Vectors.cross(solid.axis(), one);
        var corners = new ArrayList<Vector3D>();
        var triangles = new ArrayList<int[]>();
        int rings = solid.hasFlatFaces() ? 2 : ALONG - 1;
        for (int i = 0; i < rings; i++) {
            // from the far face, or the far pole, along the axis
            double angle = Math.PI * (i + 1) / ALONG;
            double along = solid.hasFlatFaces() ? i - 0.5 : -Math.cos(angle) / 2;
            double share = solid.hasFlatFaces() ? 1 : Math.sin(angle);
            Vector3D middle = Vectors.sum(1, solid.centre(), along * solid.lengthMm(), solid.axis());
            for (int k = 0; k < AROUND; k++) {
                double turn = 2 * Math.PI * k / AROUND;
                double r = share * solid.diameterMm() / 2;
                corners.add(Vectors.sum(1, middle, r * Math.cos(turn), one, r * Math.sin(turn), other));
            }
        }
        for (int i = 0; i + 1 < rings; i++) {
            TubeMesh.wall(triangles, i * AROUND, (i + 1) * AROUND, AROUND);
        }
        ends(solid, corners, triangles, rings);
        return new TubeMesh(corners, triangles);
    }

    private static void ends(Solid solid, List<Vector3D> corners, List<int[]> triangles, int rings) {
        double half = solid.lengthMm() / 2;
        TubeMesh.cap(corners, triangles, Vectors.sum(1, solid.centre(), -half, solid.axis()), 0, AROUND, false);
        TubeMesh.cap(
                corners,
                triangles,
                Vectors.sum(1, solid.centre(), half, solid.axis()),
                (rings - 1) * AROUND,
                AROUND,
                true);
    }
}
