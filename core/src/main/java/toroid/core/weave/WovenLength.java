package toroid.core.weave;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.weave.assembly.Assembly;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.patch.Patch;
import toroid.core.weave.patch.PatchShape;
import toroid.core.weave.solve.Pose;

/**
 * A length or a sheet of weave as part of something larger: pulled taut, a sheet along its rows. Lengths mm.
 *
 * @param tautMm outside to outside
 * @param restMm outside to outside as it lies at rest, every gap as wide as can be
 * @param thickMm how far it stands off what it lies on: its lesser width
 * @param rings of each of its ring sizes
 * @param preClosed of those, closed beforehand in the order it is put together in
 * @param steps rings laid down or put in one after another; the others come along with them
 * @param circles its rings along x from the first bearing point on, about the x axis, a sheet's rows one below the other; none of a large one
 * @param ends of a sheet its first row's first and last ring; none of a length
 * @param below of a sheet the ring in the middle of its last row; null of a length
 * @param middle of all its rings, mm
 */
public record WovenLength(
        String name,
        double tautMm,
        double restMm,
        double thickMm,
        double massG,
        List<Integer> rings,
        List<Integer> preClosed,
        int steps,
        List<Circle> circles,
        List<Circle> ends,
        Circle below,
        Vector3D middle) {
    /** More rings than these are not drawn one by one as part of something. */
    private static final int MOST_DRAWN = 1500;

    public WovenLength {
        rings = List.copyOf(rings);
        preClosed = List.copyOf(preClosed);
        circles = List.copyOf(circles);
        ends = List.copyOf(ends);
    }

    /** How much shorter it lies at rest than pulled. */
    public double givesMm() {
        return Math.max(0, tautMm - restMm);
    }

    /** A length: it has no rows. */
    public static WovenLength length(
            String name,
            double tautMm,
            double restMm,
            double thickMm,
            double massG,
            List<Integer> rings,
            List<Integer> preClosed,
            int steps,
            List<Circle> circles) {
        var middle = new Vector3D(tautMm / 2, 0, 0);
        return new WovenLength(
                name, tautMm, restMm, thickMm, massG, rings, preClosed, steps, circles, List.of(), null, middle);
    }

    /**
     * @param work the same patch counted; its rings go in, so that it is as long as it is pulled
     * @param pose taut, mm
     */
    public static WovenLength of(Patch patch, Assembly assembly, PatchWork work, Pose pose, double wireMm) {
        int[] closed = new int[work.ringCount().size()];
        assembly.closedBefore().forEach(ring -> closed[patch.sizeClassOf(ring)]++);
        double thick = Math.min(work.taut().widthMm(), work.taut().heightMm());
        double rest = work.rest() == null ? work.taut().lengthMm() : work.rest().lengthMm();
        List<Integer> before = IntStream.of(closed).boxed().toList();
        String name = patch.pattern().name();
        if (!(patch.shape() instanceof PatchShape.Rows)) {
            List<Circle> circles = patch.rings().stream()
                    .map(ring -> pose.image(ring.ring(), ring.i(), ring.j()))
                    .toList();
            return length(
                    name,
                    work.taut().lengthMm(),
                    rest,
                    thick,
                    work.massG(),
                    work.ringCount(),
                    before,
                    assembly.steps().size(),
                    patch.size() > MOST_DRAWN ? List.of() : moved(circles, begins(circles, wireMm)));
        }
        List<Circle> all = below(patch, pose, wireMm);
        List<Circle> first = row(patch, all, 0);
        List<Circle> last = row(patch, all, patch.rowOf(patch.size() - 1));
        return new WovenLength(
                name,
                work.taut().lengthMm(),
                rest,
                thick,
                work.massG(),
                work.ringCount(),
                before,
                assembly.steps().size(),
                patch.size() > MOST_DRAWN ? List.of() : all,
                List.of(first.get(0), first.get(first.size() - 1)),
                last.get(last.size() / 2),
                middle(all));
    }

    private static Vector3D middle(List<Circle> circles) {
        Vector3D sum = circles.stream().map(Circle::centre).reduce(Vector3D.ZERO, Vector3D::add);
        return sum.scalarMultiply(1.0 / circles.size());
    }

    /** A row's rings from its first to its last. */
    private static List<Circle> row(Patch patch, List<Circle> all, int row) {
        return IntStream.range(0, patch.size())
                .filter(ring -> patch.rowOf(ring) == row)
                .mapToObj(all::get)
                .sorted(Comparator.comparingDouble(circle -> circle.centre().getX()))
                .toList();
    }

    /** A sheet's rings, its first row on top: turned about the way it is looked at, half round. */
    private static List<Circle> below(Patch patch, Pose pose, double wireMm) {
        List<Circle> turned = patch.rings().stream()
                .map(ring -> pose.image(ring.ring(), ring.i(), ring.j()))
                .map(circle -> new Circle(halfRound(circle.centre()), halfRound(circle.normal()), circle.radius()))
                .toList();
        Circle first = row(patch, turned, 0).get(0);
        var begins = new Vector3D(
                first.centre().getX() - first.radius() * across(first) + wireMm / 2,
                first.centre().getY(),
                middle(turned).getZ());
        return moved(turned, begins);
    }

    private static Vector3D halfRound(Vector3D of) {
        return new Vector3D(-of.getX(), -of.getY(), of.getZ());
    }

    private static List<Circle> moved(List<Circle> circles, Vector3D origin) {
        return circles.stream()
                .map(circle -> new Circle(circle.centre().subtract(origin), circle.normal(), circle.radius()))
                .toList();
    }

    /** The bearing point of the first ring, on the axis. */
    private static Vector3D begins(List<Circle> circles, double wireMm) {
        double first = circles.stream()
                .mapToDouble(circle -> circle.centre().getX() - circle.radius() * across(circle))
                .min()
                .orElse(0);
        Vector3D middle = middle(circles);
        return new Vector3D(first + wireMm / 2, middle.getY(), middle.getZ());
    }

    /** How much of its radius it reaches along x. */
    private static double across(Circle circle) {
        double square = circle.normal().getX();
        return Math.sqrt(Math.max(0, 1 - square * square));
    }
}
