package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.quantity.Force;

class DrapedTest {
    private static final double NECK = 360;
    private static final double SPAN = NECK / Math.PI;

    /** How deep a thread of that length hangs between the sides of the neck, mm: the catenary. */
    private static double catenary(double lengthMm) {
        UnivariateFunction length = a -> 2 * a * Math.sinh(SPAN / (2 * a)) - lengthMm;
        double a = new BrentSolver(1e-12).solve(500, length, SPAN / 40, SPAN * 20);
        return a * (Math.cosh(SPAN / (2 * a)) - 1);
    }

    /** Small rings, and bought chain of the same length, hang as the catenary of what is before the neck: all but half the girth. */
    @ParameterizedTest
    @ValueSource(strings = {"120 * ring 0.6/4", "chain 4/0.6 links=120"})
    void aPlainChainHangsAsTheCatenary(String line) {
        Draped draped = Draped.of(PartsTest.solve(line), NECK);
        double deep = catenary(480 - NECK / 2);
        assertThat(draped.deepestMm()).isCloseTo(deep, within(0.01 * deep));
        // the pull at the ends of a catenary: its weight for each mm, times a and its depth
        double grams = PartsTest.solve(line).massG() * (480 - NECK / 2) / 480;
        assertThat(draped.pullN()).isGreaterThan(grams / 2 / 1000 * Force.STANDARD_GRAVITY);
    }

    /** What is drawn goes as deep as the row bears, and no deeper than its parts are wide. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "120 * ring 0.6/4",
                "chain 4/0.6 links=120",
                "finding clasp - cord 2 length=440",
                "strand 0.38 (70 * bead 6/1)"
            })
    void isDrawnAsDeepAsItHangs(String line) {
        var maker = PartsTest.parts();
        PieceWork work = PieceSolver.solve(PieceLine.read(line), maker);
        Draped draped = Draped.of(work, NECK);
        double drawn = Laid.draped(work, draped).depthMm(work, maker);
        assertThat(drawn).isBetween(draped.deepestMm() - 1, draped.deepestMm() + work.thickMm() + 3);
    }

    @Test
    void aPendantDrawsItDown() {
        Draped plain = Draped.of(PartsTest.solve("121 * ring 0.6/4"), NECK);
        Draped heavy =
                Draped.of(PartsTest.solve("60 * ring 0.6/4 - ring 0.6/4 [stone 30/1.2] - 60 * ring 0.6/4"), NECK);
        assertThat(heavy.deepestMm()).isGreaterThan(plain.deepestMm() + 3);
        assertThat(heavy.pullN()).isGreaterThan(plain.pullN());
        // never lower than two straight threads: F/2 on the slant, half the span across
        double front = 121 * 4 - NECK / 2;
        assertThat(heavy.deepestMm()).isLessThan(Math.sqrt(front * front - SPAN * SPAN) / 2 + 1);
    }

    @Test
    void onAMirroredNecklaceBothSidesHangAlike() {
        Draped draped =
                Draped.of(PartsTest.solve("mirror 12 * (bead-link - ring 0.8/4) - ring 1/6 [stone 20/1.2]"), 300);
        List<Draped.Stretch> all = draped.stretches();
        for (int i = 0; i < all.size() / 2; i++) {
            Vector3D one = all.get(i).to();
            Vector3D other = all.get(all.size() - 1 - i).from();
            assertThat(one.getX()).isCloseTo(-other.getX(), within(1e-4));
            assertThat(one.getY()).isCloseTo(other.getY(), within(1e-4));
        }
    }

    /** A hook at one end of a mirrored necklace draws nothing aside: its middle hangs in the middle, within half a part. */
    @Test
    void whatClosesItSlidesBehind() {
        PieceWork work = PartsTest.solve("mirror hook-curled - 20 * ring 1/6 - ring 1/8 [stone 25/1.2]");
        Draped draped = Draped.of(work, 220);
        Vector3D at = draped.stretches().stream()
                .filter(one -> one.part() == middle(work))
                .findFirst()
                .map(one -> one.from().add(one.to()).scalarMultiply(0.5))
                .orElseThrow();
        assertThat(at.getX()).isCloseTo(0, within(3.5));
    }

    private static int middle(PieceWork work) {
        return work.row().stream()
                .filter(i -> work.joints().stream()
                        .anyMatch(joint ->
                                joint.a() == i && work.placed().get(joint.b()).hanging() >= 0))
                .findFirst()
                .orElseThrow();
    }

    /** Its stretches go on where the one before ended, all round the neck and back. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "finding clasp - 20 * (bead-link - ring 0.8/4) - ring 1/6",
                "chain 4/0.6 links=50 - ring 1/6 [stone 20/1.2] - chain 4/0.6 links=50"
            })
    void itIsOneRow(String line) {
        PieceWork work = PartsTest.solve(line);
        Draped draped = Draped.of(work, 300);
        List<Draped.Stretch> all = draped.stretches();
        for (int i = 0; i + 1 < all.size(); i++) {
            assertThat(all.get(i).to().distance(all.get(i + 1).from())).isLessThan(0.01);
        }
        assertThat(all.get(all.size() - 1).to().distance(all.get(0).from())).isLessThan(0.01);
        // behind the neck parts are let go or drawn together by less than half a part
        Laid laid = Laid.draped(work, draped);
        for (Joint joint : work.joints()) {
            if (joint.b() > joint.a()) {
                Laid.Place one = laid.places().get(joint.a());
                Laid.Place next = laid.places().get(joint.b());
                double apart = one.of(joint.portA().centre())
                        .distance(next.of(joint.portB().centre()));
                double bearing = (joint.portA().insideMm() + joint.portB().insideMm()) / 2;
                assertThat(apart).isLessThan(bearing + 1.5);
            }
        }
    }

    /** Whatever is hung on whatever neck: its figures are numbers, no deeper than all of it hung straight down. */
    @ParameterizedTest
    @ValueSource(doubles = {120, 180, 250, 300, 360, 420})
    void everyStarterHangsOnEveryNeckOrNotAtAll(double girth) {
        int hung = 0;
        for (Starters.Starter starter : Starters.all()) {
            PieceWork work = PartsTest.solve(starter.line());
            Draped draped = Draped.of(work, girth);
            if (draped != null) {
                hung++;
                assertThat(draped.deepestMm()).as(starter.id()).isBetween(0.0, (work.lengthMm() - girth / 2) / 2 + 60);
                assertThat(draped.pullN()).as(starter.id()).isPositive().isFinite();
            }
        }
        assertThat(hung).isPositive();
    }

    @Test
    void whatIsAsCloseAsTheNeckDoesNotHang() {
        assertThat(Draped.of(PartsTest.solve("80 * ring 0.6/4"), NECK)).isNull();
        assertThat(Draped.of(PartsTest.solve("40 * ring 0.6/4 - hammered-bar long=150 - 40 * ring 0.6/4"), NECK))
                .isNull();
    }
}
