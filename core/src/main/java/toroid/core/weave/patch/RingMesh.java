package toroid.core.weave.patch;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.form.TubeMesh;
import toroid.core.numeric.Effort;
import toroid.core.numeric.Vectors;
import toroid.core.weave.circle.Circle;

/**
 * A closed ring as a skin of triangles. Corners lie on the wire's surface, so the mesh is a little thin: with n corners round the wire
 * and m round the ring its surface lies within {@code (d/2)(1 − cos(π/n)) + (R + d/2)(1 − cos(π/m))} of the ring's. No length or mass is
 * taken from it.
 */
public final class RingMesh {
    private RingMesh() {}

    /**
     * @param wire thickness, in the circle's unit
     * @param sides corners round the wire, 3 up
     * @param steps corners round the ring, 3 up
     */
    public static TubeMesh of(Circle circle, double wire, int sides, int steps) {
        Effort.check();
        var corners = new ArrayList<Vector3D>(sides * steps);
        for (int s = 0; s < steps; s++) {
            Vector3D out =
                    circle.at(2 * Math.PI * s / steps).subtract(circle.centre()).scalarMultiply(1 / circle.radius());
            for (int k = 0; k < sides; k++) {
                double angle = 2 * Math.PI * k / sides;
                corners.add(Vectors.sum(
                        1,
                        circle.centre(),
                        circle.radius() + wire / 2 * Math.cos(angle),
                        out,
                        wire / 2 * Math.sin(angle),
                        circle.normal()));
            }
        }
        return new TubeMesh(corners, walls(sides, steps));
    }

    private static List<int[]> walls(int sides, int steps) {
        var triangles = new ArrayList<int[]>(2 * sides * steps);
        for (int s = 0; s < steps; s++) {
            int here = s * sides;
            int next = (s + 1) % steps * sides;
            for (int k = 0; k < sides; k++) {
                int up = (k + 1) % sides;
                triangles.add(new int[] {here + k, next + k, here + up});
                triangles.add(new int[] {here + up, next + k, next + up});
            }
        }
        return triangles;
    }
}
