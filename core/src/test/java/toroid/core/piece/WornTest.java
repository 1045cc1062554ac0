package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class WornTest {
    /** A regular polygon's corners: R = L / (2 sin(π/n)). Any geometry book. */
    @ParameterizedTest
    @ValueSource(ints = {3, 4, 6, 12, 60})
    void equalPartsCloseAsARegularPolygon(int sides) {
        double[] spans = new double[sides];
        Arrays.fill(spans, 7.5);
        assertThat(Worn.cornerRadiusMm(spans)).isCloseTo(7.5 / (2 * Math.sin(Math.PI / sides)), within(1e-9));
    }

    /** A 3-4-5 triangle stands in a circle of half its longest side (Thales). */
    @Test
    void aRightTriangleStandsOnItsLongestSide() {
        assertThat(Worn.cornerRadiusMm(new double[] {3, 4, 4.999999999})).isCloseTo(2.5, within(1e-4));
        assertThat(Worn.cornerRadiusMm(new double[] {3, 4, 7.1})).isZero();
        assertThat(Worn.cornerRadiusMm(new double[] {3, 4})).isZero();
    }

    /** L²/8ρ for a short part (7.5); 20 mm on a wrist of 165: √(26.26² + 100) − 26.26 = 1.84. By hand. */
    @Test
    void aStraightPartStandsOffAtItsEnds() {
        assertThat(Worn.standOffMm(20, 0, 26.26)).isCloseTo(1.84, within(0.005));
        assertThat(Worn.standOffMm(2, 0, 26.26)).isCloseTo(4 / (8 * 26.26), within(1e-4));
    }

    /** A part curved as the body lies on it; flatter it stands off at its ends, more curved in its middle: bow of an arc, {@code R − √(R² − L²/4)}. */
    @ParameterizedTest
    @ValueSource(doubles = {12, 18, 26, 40, 90})
    void whatIsCurvedAsTheBodyLiesOnIt(double radius) {
        double length = 20;
        double bow = radius - Math.sqrt(radius * radius - length * length / 4);
        assertThat(Worn.standOffMm(length, bow, radius)).isCloseTo(0, within(1e-9));
        assertThat(Worn.standOffMm(length, bow, radius - 1)).isPositive();
        assertThat(Worn.standOffMm(length, bow, radius + 1)).isPositive();
        assertThat(Worn.standOffMm(length, bow + 0.5, radius)).isCloseTo(0.5, within(1e-9));
    }

    /** Six bars of 26 round a wrist: domed to it they leave more than flat ones, and none of a third of the girth is too long. */
    @Test
    void domedBarsCloseOnMore() {
        // its holes are square to each other: two rings between keep all of them on their faces
        String bars = "6 * (hammered-bar long=26%s - 2 * ring 0.9/3)";
        Worn flat = Worn.of(PartsTest.solve(String.format(bars, "")), BodyPart.WRIST, 165);
        Worn domed = Worn.of(PartsTest.solve(String.format(bars, " domed=54")), BodyPart.WRIST, 165);
        assertThat(domed.insideGirthMm()).isGreaterThan(flat.insideGirthMm());
        assertThat(domed.standsOffMm().get(0)).isLessThan(flat.standsOffMm().get(0) / 2);
        String one = "ring 1/4 - hammered-bar long=66%s - 30 * ring 1/4";
        assertThat(Worn.of(PartsTest.solve(String.format(one, "")), BodyPart.WRIST, 165)
                        .tooLong())
                .containsExactly(1);
        assertThat(Worn.of(PartsTest.solve(String.format(one, " domed=54")), BodyPart.WRIST, 165)
                        .tooLong())
                .isEmpty();
    }

    /** A circle is an oval of ratio 1: C/2π. The ellipse of half axes 2 and 1 has a girth of 9.68845 (elliptic integral) and curves sharpest at 1/2. */
    @Test
    void anOvalCurvesMostAtItsEnds() {
        assertThat(Worn.sharpestRadiusMm(100, 1)).isCloseTo(100 / (2 * Math.PI), within(1e-9));
        assertThat(Worn.sharpestRadiusMm(9.688448, 2)).isCloseTo(0.5, within(1e-4));
    }

    /** Many short parts close on what they are long less π t: the usual C + ease + π t, from the other side. */
    @Test
    void shortPartsNeedTheUsualLength() {
        PieceWork chain = PartsTest.solve("90 * ring 0.5/2");
        var fit = new BodyFit(165, 12);
        Worn worn = Worn.of(chain, BodyPart.WRIST, 165);
        double usual = chain.lengthMm() - Math.PI * chain.thickMm();
        assertThat(worn.insideGirthMm()).isCloseTo(usual, within(0.002 * usual));
        assertThat(worn.easeMm() - 12).isCloseTo(fit.remainderMm(chain), within(0.5));
        assertThat(worn.tooLong()).isEmpty();
    }

    /** Long stiff parts close on less than short ones of the same length together; one longer than a third of the girth is told. */
    @Test
    void longPartsCloseOnLess() {
        PieceWork bars = PartsTest.solve("6 * (hammered-bar long=26 - ring 0.9/3)");
        PieceWork rings = PartsTest.solve("58 * ring 0.9/3");
        double perBars = Worn.of(bars, BodyPart.WRIST, 165).insideGirthMm() / bars.lengthMm();
        double perRings = Worn.of(rings, BodyPart.WRIST, 165).insideGirthMm() / rings.lengthMm();
        assertThat(perBars).isLessThan(perRings);
        PieceWork long1 = PartsTest.solve("ring 1/4 - hammered-bar long=70 - 30 * ring 1/4");
        assertThat(Worn.of(long1, BodyPart.WRIST, 165).tooLong()).containsExactly(1);
    }

    @ParameterizedTest
    @CsvSource({
        "s-hook - 30 * ring 1/5, HOOK",
        "30 * ring 1/5 - finding clasp, HOOK",
        "mirror hook-curled - 15 * ring 1/5, HOOK",
        "toggle:ring - 30 * ring 1/5 - toggle:bar, TOGGLE",
        "mirror finding toggle-bar - 15 * ring 1/5, TOGGLE",
        "30 * ring 1/5, NOTHING",
        "round 34 * ring 1/5, NOTHING",
        "round 60 * ring 1/5, OVER",
        "60 * ring 1/5, OVER",
        "s-hook - 20 * ring 1/5 - ring 6/30, TOO_THICK",
        "beaded-dangle bead=8 - 30 * ring 1/5 - ring 1/14, OVER",
        "ring 1/5 - toggle:bar, NOTHING"
    })
    void saysWhatClosesIt(String line, Closure closure) {
        assertThat(Worn.of(PartsTest.solve(line), BodyPart.WRIST, 165).closure())
                .isEqualTo(closure);
    }

    /** Bought chain and weaves bend to the wrist however long they are. */
    @Test
    void whatIsSuppleIsNeverTooLong() {
        Worn worn = Worn.of(PartsTest.solve("finding clasp - chain 3/0.6 links=60"), BodyPart.WRIST, 165);
        assertThat(worn.tooLong()).isEmpty();
        assertThat(worn.insideGirthMm()).isBetween(165.0, 189.0);
    }

    /** Closed on a table every part begins where the one before ends, and the last ends where the first begins. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "s-hook - 30 * ring 1.2/5.5",
                "hook-curled - ring 1/4 - 8 * (bead-link bead=6 - ring 1/4) - ring 1.2/6",
                "toggle:ring - strand 0.38 (24 * bead 6/1) - ring 1/4 - toggle:bar",
                "finding clasp - ring 0.8/3 - chain 3/0.6 links=40 - ring 0.8/3"
            })
    void liesClosedOnATable(String line) {
        PieceWork work = PartsTest.solve(line);
        Laid laid = Laid.round(work);
        double radius = Worn.cornerRadiusMm(work);
        for (int i : work.row()) {
            assertThat(laid.places().get(i).of(beginning(work, i)).getNorm())
                    .as("%s, part %d", line, i)
                    .isCloseTo(radius, within(0.02 * radius));
        }
        for (int i = 1; i < work.parts().size(); i++) {
            Joint joint = work.hangsBy(i);
            var gap = laid.places()
                    .get(i)
                    .of(joint.portB().centre())
                    .distance(laid.places().get(joint.a()).of(joint.portA().centre()));
            double most = (joint.portA().insideMm() + joint.portB().insideMm()) / 2;
            assertThat(gap).as("%s, joint %d", line, i).isLessThan(most + 0.05 * radius);
        }
    }

    private static org.hipparchus.geometry.euclidean.threed.Vector3D beginning(PieceWork work, int part) {
        Hung hung = work.hung().get(part);
        boolean ends = hung.turned() && work.parts().get(part).last() == null;
        return hung.in().bearing(ends ? hung.pull() : hung.pull().negate());
    }

    @Test
    void whatDoesNotCloseIsNotLaidRound() {
        assertThat(Laid.round(PartsTest.solve("ring 1/4 - ring 1/4"))).isNull();
    }
}
