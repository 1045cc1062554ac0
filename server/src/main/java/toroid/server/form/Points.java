package toroid.server.form;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import toroid.core.bend.program.WirePoint;
import toroid.core.form.Flat;
import toroid.core.form.FormedWire;

/** Wires as points for drawing, rounded to a tenth of a micrometre. */
public final class Points {
    /** How far apart two points are at most, in wire diameters. */
    static final double LONGEST = 6;

    private Points() {}

    /** @param fineness how far a chord may stray, as a share of the wire's diameter */
    static List<WirePoint> of(FormedWire wire, double fineness) {
        return wire.sampled(fineness * wire.diameterMm(), LONGEST * wire.diameterMm());
    }

    /** Width's direction, half width, half thickness at each point; nothing when it is round all along. */
    static double[] sections(FormedWire wire, List<WirePoint> points) {
        return sections(
                wire.flats().isEmpty()
                        ? List.of()
                        : points.stream().map(wire::sectionAt).toList());
    }

    /** Five numbers for each section. */
    public static double[] sections(List<Flat.Section> all) {
        double[] sections = new double[5 * all.size()];
        for (int i = 0; i < all.size(); i++) {
            Flat.Section section = all.get(i);
            sections[5 * i] = rounded(section.across().getX());
            sections[5 * i + 1] = rounded(section.across().getY());
            sections[5 * i + 2] = rounded(section.across().getZ());
            sections[5 * i + 3] = rounded(section.halfWideMm());
            sections[5 * i + 4] = rounded(section.halfThickMm());
        }
        return sections;
    }

    static double[] flat(List<WirePoint> points) {
        return inRow(points.stream().map(point -> point.frame().position()).toList());
    }

    /** Three numbers for each place, one after another. */
    public static double[] inRow(List<Vector3D> places) {
        double[] flat = new double[places.size() * 3];
        for (int i = 0; i < places.size(); i++) {
            Vector3D p = places.get(i);
            flat[3 * i] = rounded(p.getX());
            flat[3 * i + 1] = rounded(p.getY());
            flat[3 * i + 2] = rounded(p.getZ());
        }
        return flat;
    }

    static double[] along(List<WirePoint> points) {
        return points.stream().mapToDouble(p -> rounded(p.alongMm())).toArray();
    }

    /** Its three numbers. */
    public static double[] of(Vector3D v) {
        return new double[] {rounded(v.getX()), rounded(v.getY()), rounded(v.getZ())};
    }

    /** To a tenth of a micrometre. */
    public static double rounded(double mm) {
        return Math.rint(mm * 1e4) / 1e4;
    }
}
