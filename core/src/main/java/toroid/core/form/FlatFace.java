package toroid.core.form;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.WirePoint;
import toroid.core.numeric.Vectors;

/**
 * What hammering shows from a form's face: every hammered stretch as a closed outline in the xy plane, mm, and every hole whose
 * axis is not in that plane. For paper and jigs.
 *
 * @param outlines corners in order, z as on the wire's middle
 * @param holes seen from their face
 */
public record FlatFace(List<List<Vector3D>> outlines, List<FormedWire.Hole> holes) {
    private static final double SAGITTA_SHARE = 0.01;
    private static final double ALONG_SIGHT = 1e-6;
    private static final double FACING = 0.2;

    public static FlatFace of(FormedWire wire) {
        List<WirePoint> points = wire.sampled(SAGITTA_SHARE * wire.diameterMm(), 8 * wire.diameterMm());
        var outlines = wire.flats().stream()
                .map(flat -> outline(
                        wire,
                        points.stream()
                                .filter(point -> flat.covers(point.alongMm()))
                                .toList()))
                .filter(outline -> !outline.isEmpty())
                .toList();
        var holes = wire.holes().stream()
                .filter(hole -> Math.abs(hole.axis().getZ()) > FACING)
                .toList();
        return new FlatFace(outlines, holes);
    }

    private static List<Vector3D> outline(FormedWire wire, List<WirePoint> points) {
        var left = new ArrayList<Vector3D>();
        var right = new ArrayList<Vector3D>();
        for (WirePoint point : points) {
            Vector3D side = Vectors.cross(Vector3D.PLUS_K, point.frame().tangent());
            if (side.getNorm() < ALONG_SIGHT) {
                continue;
            }
            Vector3D n = side.normalize();
            double half = wire.sectionAt(point).reach(point.frame(), n);
            left.add(Vectors.sum(1, point.frame().position(), half, n));
            right.add(0, Vectors.sum(1, point.frame().position(), -half, n));
        }
        left.addAll(right);
        return left;
    }
}
