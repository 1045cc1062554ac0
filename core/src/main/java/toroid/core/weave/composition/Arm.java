package toroid.core.weave.composition;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.patch.Patch;
import toroid.core.weave.patch.PatchRing;
import toroid.core.weave.patch.PatchShape;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.solve.Pose;
import toroid.core.weave.solve.StartPose;

/**
 * A patch of a weave laid as an arm: along x away from the middle, z towards the maker, the row that is held at the origin with its rings
 * facing along y, so that a larger ring's wire can run through them. As long as the longest arm; the others are its first rows. Lengths
 * in ring radii.
 *
 * @param rings row after row
 * @param rows places of the rings of each row, side by side along y
 * @param links pairs of places
 * @param shortRows rows of the arms that are not longer
 */
public record Arm(List<Circle> rings, List<List<Integer>> rows, List<int[]> links, int shortRows) {
    /** Rings of the longest arm that can be solved together. */
    public static final int MOST_RINGS = 24;

    /** Rings of a chain this near along it, in ring radii, lie side by side: one row. */
    private static final double ONE_ROW = 0.05;

    /**
     * @param held the row the larger rings go through
     * @throws Refusal for what is neither a chain nor a sheet of one ring size, or of which that is not an arm
     */
    public static Arm of(WeavePattern weave, ArmShape shape, int held) {
        boolean sheet = shape instanceof ArmShape.Sheet;
        if (weave.lattice().kind() != (sheet ? Lattice.Kind.SHEET : Lattice.Kind.CHAIN)
                || weave.classes().size() != 1) {
            throw Refusal.of(
                            sheet ? RefusalCode.NO_ARMS_OF_SUCH_ROWS : RefusalCode.NO_ARMS_OF_SO_MANY_ROWS,
                            "weave",
                            weave.id())
                    .with("weave", weave.name());
        }
        Checks.within("held", held, 0, shape.rows() - 1.0, Unit.ROWS, Remedy.COUNT_FROM_THE_MIDDLE);
        Pose pose = StartPose.of(weave);
        List<Row> rows = sheet ? sheet(weave, (ArmShape.Sheet) shape) : chain(weave, pose, (ArmShape.Chain) shape);
        int count = rows.stream().mapToInt(row -> row.places().size()).sum();
        Checks.within("rings", count, 1, MOST_RINGS, Unit.RINGS_IN_AN_ARM, Remedy.TAKE_FEWER_ROWS_OR_SHORTER_ONES);
        return laid(rows, pose, shape.rows(), held, sheet);
    }

    /** Rings of a patch side by side. */
    private record Row(Patch patch, List<Integer> places) {}

    private static List<Row> sheet(WeavePattern weave, ArmShape.Sheet shape) {
        var counts = new ArrayList<>(shape.counts());
        counts.addAll(shape.longer());
        Patch patch = Patch.of(weave, new PatchShape.Rows(counts));
        return IntStream.range(0, counts.size())
                .mapToObj(row -> new Row(
                        patch,
                        IntStream.range(0, patch.size())
                                .filter(n -> patch.rowOf(n) == row)
                                .boxed()
                                .toList()))
                .toList();
    }

    private static List<Row> chain(WeavePattern weave, Pose pose, ArmShape.Chain shape) {
        int wanted = shape.rows() + shape.longerBy();
        Patch patch = Patch.of(weave, new PatchShape.Cells(wanted));
        List<Integer> along = IntStream.range(0, patch.size())
                .boxed()
                .sorted(Comparator.comparingDouble(
                        n -> placed(patch, pose, n).centre().getX()))
                .toList();
        var rows = new ArrayList<Row>();
        double last = Double.NEGATIVE_INFINITY;
        for (int n : along) {
            double x = placed(patch, pose, n).centre().getX();
            if (x > last + ONE_ROW) {
                rows.add(new Row(patch, new ArrayList<>()));
                last = x;
            }
            rows.get(rows.size() - 1).places().add(n);
        }
        return rows.subList(0, wanted);
    }

    private static Circle placed(Patch patch, Pose pose, int n) {
        PatchRing ring = patch.rings().get(n);
        return pose.image(ring.ring(), ring.i(), ring.j());
    }

    private static Arm laid(List<Row> rows, Pose pose, int shortRows, int held, boolean sheet) {
        Patch patch = rows.get(0).patch();
        var upright = new ArrayList<List<Circle>>();
        for (Row row : rows) {
            upright.add(row.places().stream()
                    .map(n -> sheet ? quarter(placed(patch, pose, n)) : placed(patch, pose, n))
                    .toList());
        }
        double turn = sheet ? 0 : -facing(upright.get(held));
        Vector3D middle = middle(upright, held);
        var rings = new ArrayList<Circle>();
        var place = new HashMap<Integer, Integer>();
        var laid = new ArrayList<List<Integer>>();
        for (int row = 0; row < rows.size(); row++) {
            var own = new HashMap<Integer, Circle>();
            for (int k = 0; k < upright.get(row).size(); k++) {
                own.put(rows.get(row).places().get(k), turned(upright.get(row).get(k), middle, turn));
            }
            var places = new ArrayList<Integer>();
            own.entrySet().stream()
                    .sorted(Comparator.comparingDouble(
                            one -> Math.rint(1e6 * one.getValue().centre().getY())))
                    .forEach(one -> {
                        place.put(one.getKey(), rings.size());
                        places.add(rings.size());
                        rings.add(one.getValue());
                    });
            laid.add(List.copyOf(places));
        }
        return new Arm(rings, laid, links(patch, place), shortRows);
    }

    private static List<int[]> links(Patch patch, HashMap<Integer, Integer> place) {
        var links = new ArrayList<int[]>();
        place.forEach((n, at) -> {
            for (int other : patch.neighbours(n)) {
                if (place.containsKey(other) && at < place.get(other)) {
                    links.add(new int[] {at, place.get(other)});
                }
            }
        });
        links.sort(Comparator.<int[]>comparingInt(link -> link[0]).thenComparingInt(link -> link[1]));
        return links;
    }

    /** A sheet's rows run along its x: a quarter turn lays them across the arm. */
    private static Circle quarter(Circle ring) {
        return new Circle(quarter(ring.centre()), quarter(ring.normal()), ring.radius());
    }

    private static Vector3D quarter(Vector3D v) {
        return new Vector3D(v.getY(), -v.getX(), v.getZ());
    }

    /** Which way about x the rings of a row face, on the whole: radians from y. */
    private static double facing(List<Circle> row) {
        Vector3D first = row.get(0).normal();
        Vector3D sum = Vector3D.ZERO;
        for (Circle ring : row) {
            double side = ring.normal().getY() * first.getY() + ring.normal().getZ() * first.getZ();
            sum = sum.add(side < 0 ? ring.normal().negate() : ring.normal());
        }
        return Math.atan2(sum.getZ(), sum.getY());
    }

    private static Vector3D middle(List<List<Circle>> rows, int held) {
        double x = rows.get(held).stream()
                .mapToDouble(ring -> ring.centre().getX())
                .average()
                .orElseThrow();
        double y = rows.stream()
                .flatMap(List::stream)
                .mapToDouble(ring -> ring.centre().getY())
                .average()
                .orElseThrow();
        return new Vector3D(
                x, rows.get(held).size() == 1 ? rows.get(held).get(0).centre().getY() : y, 0);
    }

    private static Circle turned(Circle ring, Vector3D middle, double angle) {
        return new Circle(aboutX(ring.centre().subtract(middle), angle), aboutX(ring.normal(), angle), ring.radius());
    }

    private static Vector3D aboutX(Vector3D v, double angle) {
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        return new Vector3D(v.getX(), cos * v.getY() - sin * v.getZ(), sin * v.getY() + cos * v.getZ());
    }

    /** The same arm turned about itself. */
    List<Circle> spun(double angle) {
        return rings.stream().map(ring -> turned(ring, Vector3D.ZERO, angle)).toList();
    }

    /** Rings of an arm that is not the longer one. */
    public int shortSize() {
        return rows.subList(0, shortRows).stream().mapToInt(List::size).sum();
    }
}
