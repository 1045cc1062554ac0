package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import toroid.core.bend.Hammering;
import toroid.core.bend.program.WirePoint;
import toroid.core.calibration.Lengthening;
import toroid.core.numeric.Refusal;

/** Wire hammered flat: its width, which way it lies, its hole, and when it appears. */
class HammeredTest {
    /** How wide 2 mm hammered to 0.8 comes out at 15 % into length: {@code (π·0.4^0.15 − 0.16π)/0.8 + 0.8}, by hand. */
    private static final double WIDE = 0.8 + (Math.PI * Math.pow(0.4, 0.15) - 0.16 * Math.PI) / 0.8;

    private static FormWork bar() {
        return bar(15);
    }

    private static FormWork bar(double lengthens) {
        return EveryForm.solve(
                "hammered-bar", 2, Map.of("long", 25, "flat", 6, "thick", 0.8, "ring", 0.8, "lengthens", lengthens));
    }

    private static Flat.Section sectionAt(FormedWire wire, double along) {
        return wire.sectionAt(new WirePoint(along, wire.program().at(along)));
    }

    @Test
    void aFlatIsAsWideAsItsMetalAllows() {
        FormedWire wire = bar().wires().get(0);
        Flat.Section first = sectionAt(wire, 2);
        assertThat(2 * first.halfThickMm()).isCloseTo(0.8, within(1e-9));
        assertThat(2 * first.halfWideMm()).isCloseTo(WIDE, within(1e-9));
        assertThat(sectionAt(wire, 12.5).halfWideMm()).isCloseTo(1, within(1e-12));
        // where nothing goes into length, a little over the rectangle's πd²/(4t): its edges are round
        assertThat(2 * sectionAt(bar(0).wires().get(0), 2).halfWideMm()).isBetween(Math.PI / 0.8, 1.06 * Math.PI / 0.8);
    }

    /** The bar is as long as told; the wire for it is what its flats were before they grew, and the marks stand there. */
    @Test
    void flatsGrowOutOfTheWireTheyTook() {
        FormWork work = bar();
        FormedWire wire = work.wires().get(0);
        double took = 6 * Math.pow(0.4, 0.15);
        assertThat(wire.program().lengthMm()).isCloseTo(25, within(1e-9));
        assertThat(wire.inPiece().inMillimetres()).isCloseTo(13 + 2 * took, within(1e-9));
        assertThat(Marks.of(wire))
                .extracting(Marks.Mark::atMm)
                .satisfiesExactly(
                        first -> assertThat(first).isCloseTo(took, within(1e-9)),
                        second -> assertThat(second).isCloseTo(took + 13, within(1e-9)));
        assertThat(Forming.shapes(work, 0, false).get(0).program().lengthMm()).isCloseTo(13 + 2 * took, within(1e-9));
        assertThat(work.steps().stream().mapToDouble(FormStep::lengthMm).sum()).isCloseTo(13 + 2 * took, within(1e-9));
        assertThat(bar(0).wires().get(0).inPiece().inMillimetres()).isCloseTo(25, within(1e-9));
        assertThat(wire.slack().lowMm()).isLessThan(13 + 2 * took);
        assertThat(wire.slack().highMm()).isBetween(13 + 2 * took, 25.0);
    }

    /** Taken up of the metal the flat holds; the taper by Gauss–Legendre of its own sections. */
    @Property
    void aFlatHoldsTheMetalItTook(
            @ForAll @DoubleRange(min = 0.5, max = 3) double d,
            @ForAll @DoubleRange(min = 0.2, max = 0.98) double thin,
            @ForAll @DoubleRange(min = 0, max = 0.6) double share) {
        var sections = new GaussIntegratorFactory().legendre(40, 0, 10);
        double volume = sections.integrate(s -> {
            double thick = d * (thin + (1 - thin) * s / 10);
            return Hammering.sectionMm2(Hammering.widthMm(d, thick, share), thick);
        });
        double took = Hammering.tookMm(10, d, thin * d, d, share);
        assertThat(took * Math.PI * d * d / 4).isCloseTo(volume, withinPercentage(0.01));
        assertThat(took).isBetween(10 * thin, 10 + 1e-9);
        assertThat(Hammering.widthMm(d, thin * d, share)).isGreaterThanOrEqualTo(d);
        double wide = Hammering.widthMm(d, thin * d, share);
        if (thin < 0.9) {
            assertThat(Hammering.shareOf(d, wide, thin * d)).isCloseTo(share, within(1e-9));
            assertThat(Hammering.widthMm(d, Hammering.thicknessForMm(d, wide, share), share))
                    .isCloseTo(wide, within(1e-6));
        }
    }

    /** Measured flats of a hand whose share is known: one moves the plan, more bring it there; a width no metal gives is refused. */
    @Test
    void measuredFlatsTeach() {
        Lengthening none = Lengthening.of(List.of());
        assertThat(none.percent()).isCloseTo(15, within(1e-9));
        assertThat(none.halfWidth()).isCloseTo(12, within(1e-9));
        var one = new Lengthening.Reading(2, Hammering.widthMm(2, 0.8, 0.3), 0.8);
        assertThat(one.percent()).isCloseTo(30, within(1e-9));
        assertThat(Lengthening.of(List.of(one)).percent()).isBetween(22.0, 28.0);
        assertThat(Lengthening.of(List.of(one)).halfWidth()).isBetween(9.0, 11.0);
        Lengthening ten = Lengthening.of(Collections.nCopies(10, one));
        assertThat(ten.percent()).isBetween(28.5, 30.0);
        assertThat(ten.halfWidth()).isBetween(8.0, 8.5);
        assertThatThrownBy(() -> Hammering.shareOf(2, 4.5, 0.8)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Hammering.shareOf(2, 3.6, Double.NaN)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Hammering.shareOf(2, 2.02, 1.95)).isInstanceOf(Refusal.class);
    }

    /** Ten flats narrow the plan's own band, and say so; a choice away from what they say stays inside it. */
    @Test
    void measuredFlatsNarrowTheBand() {
        var one = new Lengthening.Reading(2, Hammering.widthMm(2, 0.8, 0.3), 0.8);
        Lengthening ten = Lengthening.of(Collections.nCopies(10, one));
        FormWork untaught = bar(30);
        for (double chosen : new double[] {30, 15}) {
            Map<String, Object> values = Map.of("long", 25, "flat", 6, "thick", 0.8, "ring", 0.8, "lengthens", chosen);
            FormWork taught = FormSolver.solve(
                    Forms.byId("hammered-bar"),
                    EveryForm.request(2, values).knowing(Map.of(Flats.LENGTHENS, ten.learnt())));
            var wide = wide(taught);
            assertThat(wide.low()).isLessThanOrEqualTo(wide.value());
            assertThat(wide.high()).isGreaterThanOrEqualTo(wide.value());
            assertThat(wide.low())
                    .isCloseTo(Hammering.widthMm(2, 0.8, (ten.percent() + ten.halfWidth()) / 100), within(1e-9));
            assertThat(wide.source()).contains("10 measured flats");
        }
        FormWork same = FormSolver.solve(
                Forms.byId("hammered-bar"), untaught.request().knowing(Map.of(Flats.LENGTHENS, ten.learnt())));
        assertThat(wide(same).high() - wide(same).low())
                .isLessThan(0.9 * (wide(untaught).high() - wide(untaught).low()));
        assertThat(same.wires().get(0).slack().highMm())
                .isLessThan(untaught.wires().get(0).slack().highMm());
        assertThat(wide(untaught).source()).doesNotContain("learnt from");
    }

    private static toroid.core.quantity.Figure wide(FormWork work) {
        return work.own().stream()
                .filter(figure -> figure.id().equals("flat-wide"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theTwoFlatsLieSquareToEachOther() {
        FormedWire wire = bar().wires().get(0);
        Vector3D first = sectionAt(wire, 2).across();
        Vector3D second = sectionAt(wire, 23).across();
        assertThat(first.dotProduct(second)).isCloseTo(0, within(1e-12));
        Extent extent = Extent.of(bar());
        double width = WIDE;
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
                .anySatisfy(corner -> assertThat(Math.abs(corner.getY())).isCloseTo(WIDE / 2, within(1e-9)));
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
        // the picture holds the metal the wire had: a superellipse's and a stadium's fullness differ by a few
        // hundredths
        assertThat(mesh.volumeMm3() / (Math.PI * wire.inPiece().inMillimetres()))
                .isBetween(0.97, 1.03);
        assertThat(mesh.corners().stream().mapToDouble(Vector3D::getY).max().orElseThrow())
                .isCloseTo(WIDE / 2, within(0.02));
    }
}
