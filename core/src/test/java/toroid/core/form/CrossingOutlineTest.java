package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.hipparchus.analysis.integration.RombergIntegrator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.bend.program.Frame;
import toroid.core.bend.program.LiftedRun;
import toroid.core.bend.program.LiftedRun.Bump;
import toroid.core.bend.program.ScrewRun;
import toroid.core.bend.program.WirePoint;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.Note;

/** Outlines that cross themselves: lifted over or under, as told, without a fault; their length by quadrature. */
class CrossingOutlineTest {
    private static FormWork solved(double d, List<OutlineRow> rows, String crossings, boolean symmetric) {
        return EveryForm.solve(
                "outline",
                d,
                Map.of(
                        "bends", rows,
                        "crossings", crossings,
                        "symmetric", symmetric ? "about a middle mark" : "no"));
    }

    /** A loop in a straight: once across itself, at a right angle for three quarters of a turn. */
    private static List<OutlineRow> loop(double degrees, double radius) {
        return List.of(new OutlineRow(20, 0, degrees, radius), new OutlineRow(20, 0, 0, 0));
    }

    private static Note crossing(FormWork work) {
        return work.notes().stream()
                .filter(note -> note.code().equals("crosses-itself"))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "270, 5, later wire over",
        "300, 6, later wire under",
        "240, 8, later wire over",
        "315, 4, later wire under"
    })
    void aLoopIsLiftedWhereItCrosses(double degrees, double radius, String rule) {
        FormWork work = solved(1, loop(degrees, radius), rule, false);
        assertThat(work.contacts()).isEmpty();
        assertThat(crossing(work).values()).containsEntry("places", 1);
        // the later pass is on top where it is told to be
        FormedWire wire = work.wires().get(0);
        double length = wire.program().lengthMm();
        double first = Double.NaN;
        double second = Double.NaN;
        double nearest = Double.MAX_VALUE;
        List<WirePoint> points = wire.program().sampled(0.01, 0.1);
        for (WirePoint a : points) {
            for (WirePoint b : points) {
                double flat = Math.hypot(
                        a.frame().position().getX() - b.frame().position().getX(),
                        a.frame().position().getY() - b.frame().position().getY());
                if (b.alongMm() - a.alongMm() > 5 && flat < nearest) {
                    nearest = flat;
                    first = a.frame().position().getZ();
                    second = b.frame().position().getZ();
                }
            }
        }
        assertThat(length).isPositive();
        assertThat(Math.abs(second - first)).isBetween(1.0, 1.1);
        assertThat(second > first).isEqualTo(rule.endsWith("over"));
    }

    /** Four crossings of a five-pointed star's lines taken in turn; every point of it, at random sizes, lies free. */
    @ParameterizedTest
    @ValueSource(longs = {3, 5, 8, 13})
    void starsOfAnySizeLieFree(long seed) {
        var random = new Random(seed);
        for (int round = 0; round < 6; round++) {
            double d = 0.6 + random.nextDouble();
            double side = d * (30 + 30 * random.nextDouble());
            double radius = d * (0.5 + random.nextDouble());
            var rows = new ArrayList<OutlineRow>();
            for (int corner = 0; corner < 4; corner++) {
                rows.add(new OutlineRow(side, 0, 144, radius));
            }
            rows.add(new OutlineRow(0.9 * side, 0, 0, 0));
            for (String rule : List.of("later wire over", "over and under in turn")) {
                FormWork work = solved(d, rows, rule, false);
                assertThat(work.contacts())
                        .as("%.2f wire, %.1f side, %s", d, side, rule)
                        .isEmpty();
                assertThat((int) crossing(work).values().get("places")).isBetween(3, 5);
            }
        }
    }

    /** Two sides about a middle mark whose tails cross below: the mark stays the middle, both ends are there, nothing lies in anything. */
    @Test
    void bothSidesMayCrossEachOther() {
        List<OutlineRow> leaf =
                List.of(new OutlineRow(0, 0, 60, 1), new OutlineRow(8, 0, 75, 12), new OutlineRow(16, 0, 0, 0));
        FormWork work = solved(1, leaf, "later wire over", true);
        assertThat(work.contacts()).isEmpty();
        assertThat(crossing(work).values()).containsEntry("places", 1);
        FormedWire wire = work.wires().get(0);
        assertThat(wire.middleMm()).isCloseTo(wire.program().lengthMm() / 2, within(1e-6));
        assertThat(wire.program().at(wire.middleMm()).position().getNorm()).isLessThan(1e-6);
    }

    /** Every bend is marked, crossed or not, and gripped at its mark. */
    @Test
    void bendsAreMarkedThoughLifted() {
        FormWork work = solved(
                1,
                List.of(
                        new OutlineRow(30, 0, 144, 1),
                        new OutlineRow(40, 0, 144, 1),
                        new OutlineRow(40, 0, 144, 1),
                        new OutlineRow(30, 0, 0, 0)),
                "over and under in turn",
                false);
        List<Marks.Mark> marks = Marks.of(work.wires().get(0));
        assertThat(marks.stream().filter(mark -> mark.kind() == Marks.Kind.BEND))
                .hasSize(3);
        assertThat(work.steps().stream().filter(step -> step.kind() == FormStep.Kind.BEND))
                .hasSize(3)
                .allSatisfy(step -> assertThat(step.degrees()).isCloseTo(144, within(1e-9)))
                .allSatisfy(
                        step -> assertThat(Marks.isMarked(marks, step.gripMm())).isTrue());
    }

    /** While it is being bent it lies flat, also where it crosses close to its beginning; when all is bent it is the finished form. */
    @Test
    void liesInItsPlaneUntilAllIsBent() {
        FormWork work = solved(1, loop(285, 3).subList(0, 1), "later wire over", false);
        FormWork near = solved(
                1,
                List.of(new OutlineRow(5, 0, -285, 3), new OutlineRow(8, 0, 40, 4), new OutlineRow(5, 0, 0, 0)),
                "later wire under",
                false);
        assertThat(work.contacts()).isEmpty();
        assertThat(crossing(near).values()).containsEntry("places", 1);
        int bends = (int) near.steps().stream().filter(step -> step.id() >= 0).count();
        assertThat(bends).isGreaterThan(3);
        for (int done = 0; done < near.steps().size(); done++) {
            var shape = Forming.shapes(near, done, false).get(0).program();
            boolean whole =
                    near.steps().subList(done, near.steps().size()).stream().noneMatch(step -> step.id() >= 0);
            double z = shape.sampled(0.01, 0.3).stream()
                    .mapToDouble(point -> Math.abs(point.frame().position().getZ()))
                    .max()
                    .orElseThrow();
            if (whole) {
                assertThat(z).isBetween(0.5, 0.6);
            } else {
                assertThat(z).as("after %d steps", done).isLessThan(1e-9);
            }
        }
    }

    /** So many crossings that no hand would lay them are refused in words, and soon. */
    @Test
    void whatCrossesTooOftenIsRefused() {
        var rows = new ArrayList<OutlineRow>();
        for (int i = 0; i < 200; i++) {
            rows.add(new OutlineRow(60, 0, 149, 2));
        }
        assertThatThrownBy(() -> solved(1, rows, "later wire over", false))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("crosses-too-often: bends {most=60}");
    }

    /** An outline that does not cross is as it was: its length by its closed form, R θ and straights. */
    @Test
    void whatDoesNotCrossIsNotTouched() {
        FormWork work = solved(1, loop(120, 5), "later wire over", false);
        assertThat(work.notes()).noneMatch(note -> note.code().equals("crosses-itself"));
        double length = 40 + 5.5 * Math.toRadians(120);
        assertThat(work.inPiece().inMillimetres()).isCloseTo(length, within(1e-9));
    }

    /** {@code ∫ √(1 + h′²) ds} by another rule, Romberg's, of a reference library; also walked from its other end and larger. */
    @ParameterizedTest
    @CsvSource({"20, 0, 10, 4, 0.6", "12, 0.1, 0, 5, 0.5", "30, 0.05, 28, 6, -1.2"})
    void lengthsByQuadrature(double base, double curvature, double centre, double reach, double height) {
        var bump = new Bump(centre, reach, new Vector3D(0, 0, height));
        LiftedRun run = LiftedRun.of(new ScrewRun(base, curvature, 0), List.of(bump));
        double low = Math.max(0, centre - reach);
        double high = Math.min(base, centre + reach);
        double risen = new RombergIntegrator(1e-12, 1e-12, 5, 20)
                .integrate(
                        2_000_000,
                        s -> {
                            double slope = height * Math.PI / (2 * reach) * Math.sin(Math.PI * (s - centre) / reach);
                            return Math.hypot(1, slope);
                        },
                        low,
                        high);
        assertThat(run.lengthMm()).isCloseTo(base - (high - low) + risen, within(1e-6));
        assertThat(run.scaled(2).lengthMm()).isCloseTo(2 * run.lengthMm(), within(1e-9));
        assertThat(LiftedRun.of(run.base(), ((LiftedRun) run.reversed()).bumps())
                        .lengthMm())
                .isCloseTo(run.lengthMm(), within(1e-6));
    }

    /** The wire's speed along itself is one, its frames are square, and told from its other end it is the same curve. */
    @Test
    void isOneCurveFromEitherEnd() {
        FormWork work = solved(1, loop(285, 5), "later wire over", false);
        var program = work.wires().get(0).program();
        var back = program.reversed();
        double length = program.lengthMm();
        for (int k = 0; k <= 60; k++) {
            double at = length * k / 60;
            Frame here = program.at(at);
            assertThat(back.at(length - at).position().distance(here.position()))
                    .isLessThan(1e-6);
            assertThat(here.tangent().dotProduct(here.normal())).isCloseTo(0, within(1e-9));
            if (k > 0 && k < 60) {
                double step = program.at(at + 1e-4)
                        .position()
                        .distance(program.at(at - 1e-4).position());
                assertThat(step).isCloseTo(2e-4, within(1e-7));
            }
        }
    }

    /** The other hand crosses the other way over. */
    @Test
    void theMirrorImageIsTheMirrorImage() {
        var program =
                solved(1, loop(285, 5), "later wire over", false).wires().get(0).program();
        var mirrored = program.mirrored();
        for (int k = 0; k <= 40; k++) {
            double at = program.lengthMm() * k / 40;
            var p = program.at(at).position();
            var q = mirrored.at(at).position();
            assertThat(Math.hypot(p.getX() - q.getX(), p.getY() - q.getY())).isLessThan(1e-9);
            assertThat(p.getZ() + q.getZ()).isCloseTo(0, within(1e-9));
        }
    }
}
