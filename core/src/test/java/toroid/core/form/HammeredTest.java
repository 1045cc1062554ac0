package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import toroid.core.bend.program.WirePoint;

/** Wire hammered flat: its width, which way it lies, its hole, and when it appears. */
class HammeredTest {
    private static FormWork bar() {
        return EveryForm.solve("hammered-bar", 2, Map.of("long", 25, "flat", 6, "thick", 0.8, "ring", 0.8));
    }

    private static Flat.Section sectionAt(FormedWire wire, double along) {
        return wire.sectionAt(new WirePoint(along, wire.program().at(along)));
    }

    /** Common practice: a flat of thickness t is at most {@code πd²/(4t)} wide. Area before and after is the same. */
    @Test
    void aFlatIsAsWideAsItsMetalAllows() {
        FormedWire wire = bar().wires().get(0);
        Flat.Section first = sectionAt(wire, 2);
        assertThat(2 * first.halfThickMm()).isCloseTo(0.8, within(1e-9));
        assertThat(4 * first.halfWideMm() * first.halfThickMm()).isCloseTo(Math.PI, within(1e-9));
        assertThat(sectionAt(wire, 12.5).halfWideMm()).isCloseTo(1, within(1e-12));
        assertThat(Flat.widthMm(2, 2)).isEqualTo(2);
    }

    @Test
    void theTwoFlatsLieSquareToEachOther() {
        FormedWire wire = bar().wires().get(0);
        Vector3D first = sectionAt(wire, 2).across();
        Vector3D second = sectionAt(wire, 23).across();
        assertThat(first.dotProduct(second)).isCloseTo(0, within(1e-12));
        Extent extent = Extent.of(bar());
        double width = Math.PI / 0.8;
        assertThat(extent.size().getY()).isCloseTo(width, within(1e-9));
        assertThat(extent.size().getZ()).isCloseTo(width, within(1e-9));
    }

    @Test
    void holesGoThroughTheFlatsFaces() {
        FormedWire wire = bar().wires().get(0);
        assertThat(wire.holes()).hasSize(2).allSatisfy(hole -> {
            assertThat(hole.diameterMm()).isCloseTo(1.0, within(1e-12));
            assertThat(hole.thickMm()).isCloseTo(0.8, within(1e-9));
        });
        Vector3D axis = wire.holes().get(0).axis();
        assertThat(axis.dotProduct(sectionAt(wire, 2).across())).isCloseTo(0, within(1e-12));
        assertThat(wire.holes().get(0).centre().getX()).isCloseTo(3, within(1e-12));
        // only the first shows its face to the paper
        FlatFace face = FlatFace.of(wire);
        assertThat(face.holes()).hasSize(1);
        assertThat(face.outlines()).hasSize(2);
        assertThat(face.outlines().get(0))
                .anySatisfy(corner -> assertThat(Math.abs(corner.getY())).isCloseTo(Math.PI / 1.6, within(1e-9)));
    }

    @Test
    void aPaddleThinsFromItsMiddleToItsEnd() {
        FormedWire wire = EveryForm.solve("paddle-dangle", 1.2, Map.of("thick", 0.4))
                .wires()
                .get(0);
        double before = 0;
        for (double along = 0; along <= 10; along += 0.5) {
            double thick = sectionAt(wire, along).halfThickMm();
            assertThat(thick).isGreaterThan(before);
            before = thick;
        }
        assertThat(2 * sectionAt(wire, 0).halfThickMm()).isCloseTo(0.4, within(1e-9));
    }

    @Test
    void flatsAppearWhenTheyAreHammered() {
        FormWork work = bar();
        long[] flats = new long[work.steps().size() + 1];
        for (int done = 0; done < flats.length; done++) {
            flats[done] = Forming.shapes(work, done, false).get(0).flats().size();
        }
        assertThat(flats[0]).isZero();
        assertThat(flats[flats.length - 1]).isEqualTo(2);
        for (int done = 1; done < flats.length; done++) {
            boolean hammers = work.steps().get(done - 1).kind() == FormStep.Kind.HAMMER;
            assertThat(flats[done] - flats[done - 1]).isEqualTo(hammers ? 1 : 0);
        }
    }

    /** A superellipse of order 4 fills {@code Γ(5/4)²/Γ(3/2)} = 0.9270 of its box (Lamé curve; any handbook). */
    @Test
    void theSkinIsAsFullAsItsSection() {
        FormedWire wire = EveryForm.solve("hammered-bar", 2, Map.of("long", 40, "flat", 20, "thick", 0.8, "ring", 0.8))
                .wires()
                .get(0);
        TubeMesh mesh = TubeMesh.of(wire, 96);
        double box = Math.PI * 2 * 2 / 4 * 40;
        assertThat(mesh.volumeMm3() / box).isBetween(0.91, 0.96);
        assertThat(mesh.corners().stream().mapToDouble(Vector3D::getY).max().orElseThrow())
                .isCloseTo(Math.PI / 1.6, within(0.02));
    }
}
