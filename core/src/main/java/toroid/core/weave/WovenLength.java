package toroid.core.weave;

import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.weave.assembly.Assembly;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.patch.Patch;
import toroid.core.weave.solve.Pose;

/**
 * A length of weave as part of something larger, pulled taut. Lengths mm.
 *
 * @param tautMm outside to outside
 * @param thickMm how far it stands off what it lies on: its lesser width
 * @param rings of each of its ring sizes
 * @param preClosed of those, closed beforehand in the order it is put together in
 * @param circles its rings along x from the first bearing point on, about the x axis; none of a large one
 */
public record WovenLength(
        String name,
        double tautMm,
        double thickMm,
        double massG,
        List<Integer> rings,
        List<Integer> preClosed,
        List<Circle> circles) {
    /** More rings than these are not drawn one by one as part of something. */
    private static final int MOST_DRAWN = 400;

    public WovenLength {
        rings = List.copyOf(rings);
        preClosed = List.copyOf(preClosed);
        circles = List.copyOf(circles);
    }

    /**
     * @param work the same patch counted; its rings go in, so that it is as long as it is pulled
     * @param pose taut, mm
     */
    public static WovenLength of(Patch patch, Assembly assembly, PatchWork work, Pose pose, double wireMm) {
        int[] closed = new int[work.ringCount().size()];
        assembly.closedBefore().forEach(ring -> closed[patch.sizeClassOf(ring)]++);
        return new WovenLength(
                patch.pattern().name(),
                work.taut().lengthMm(),
                Math.min(work.taut().widthMm(), work.taut().heightMm()),
                work.massG(),
                work.ringCount(),
                IntStream.of(closed).boxed().toList(),
                patch.size() > MOST_DRAWN ? List.of() : lying(patch, pose, wireMm));
    }

    private static List<Circle> lying(Patch patch, Pose pose, double wireMm) {
        List<Circle> circles = patch.rings().stream()
                .map(ring -> pose.image(ring.ring(), ring.i(), ring.j()))
                .toList();
        double first = circles.stream()
                .mapToDouble(circle -> circle.centre().getX() - circle.radius() * across(circle))
                .min()
                .orElse(0);
        Vector3D sum = circles.stream().map(Circle::centre).reduce(Vector3D.ZERO, Vector3D::add);
        var middle = new Vector3D(first + wireMm / 2, sum.getY() / circles.size(), sum.getZ() / circles.size());
        return circles.stream()
                .map(circle -> new Circle(circle.centre().subtract(middle), circle.normal(), circle.radius()))
                .toList();
    }

    /** How much of its radius it reaches along x. */
    private static double across(Circle circle) {
        double square = circle.normal().getX();
        return Math.sqrt(Math.max(0, 1 - square * square));
    }
}
