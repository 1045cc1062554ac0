package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.hipparchus.analysis.MultivariateFunction;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.NelderMeadSimplex;
import org.hipparchus.optim.nonlinear.scalar.noderiv.SimplexOptimizer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.form.Opening;
import toroid.core.form.Port;
import toroid.core.piece.part.FormPart;
import toroid.core.piece.part.PartWork;

class HangingTest {
    /** So small that it bears in its middle. */
    private static final double POINT = 1e-9;

    private static Port port(String name, double x, double y) {
        return new Port(name, "wire", new Vector3D(x, y, 0), Vector3D.PLUS_K, POINT, POINT, 0, Opening.SIDEWAYS);
    }

    /** A bar hung in its middle by h above its ends, each of them carrying a drop. */
    private static PieceWork balance(double length, double height, double bar, double left, double right) {
        PartWork hook = point("hook", 0.01, List.of());
        PartWork beam = new PartWork(
                new FormPart("beam", null, null, Map.of()),
                "beam",
                port("left", -length / 2, 0),
                port("right", length / 2, 0),
                List.of(port("middle", 0, height)),
                Vector3D.PLUS_I,
                Vector3D.ZERO,
                length,
                bar,
                1,
                PartWork.Takes.NOTHING,
                List.of());
        List<PartWork> parts =
                List.of(hook, beam, point("left drop", left, List.of()), point("right drop", right, List.of()));
        List<Hung> hung = List.of(
                Hung.of(hook, false, true, true, false),
                Hung.of(beam, false, false, false, true),
                Hung.of(parts.get(2), false, false, false, false),
                Hung.of(parts.get(3), false, false, false, false));
        List<Piece.Placed> placed = List.of(
                placed(hook, -1, -1, 0),
                placed(beam, 0, -1, 0),
                placed(parts.get(2), 1, 0, 1),
                placed(parts.get(3), 1, 1, 1));
        List<Joint> joints = Joining.of(4, Links.of(placed, hung, false));
        return new PieceWork(placed, parts, hung, joints, List.of(), List.of(), List.of(0.0, 0.0, 0.0, 0.0));
    }

    private static Piece.Placed placed(PartWork part, int parent, int hanging, int depth) {
        return new Piece.Placed(part.spec(), false, parent, hanging, depth, 0);
    }

    private static PartWork point(String name, double mass, List<Port> middles) {
        return new PartWork(
                new FormPart(name, null, null, Map.of()),
                name,
                port("loop", 0, 0),
                null,
                middles,
                new Vector3D(0, -1, 0),
                new Vector3D(0, -5, 0),
                5,
                mass,
                1,
                PartWork.Takes.NOTHING,
                List.of());
    }

    /** A bar of length b with unequal drops tilts by tan φ = (m₁ − m₂) b / (2 (m₁ + m₂ + m_bar) h): 7.4, and by the lever rule. */
    @ParameterizedTest
    @CsvSource({"30, 6, 2, 1, 1", "30, 6, 2, 1.5, 1", "40, 10, 0.5, 2, 1.2", "24, 3, 1, 0.4, 0.5"})
    void anUnequalBalanceTilts(double length, double height, double bar, double left, double right) {
        Hanging hanging = Hanging.of(balance(length, height, bar, left, right));
        // the bar's own middle is h below its bearing as well
        double tilt = Math.toDegrees(Math.atan((left - right) * length / (2 * (left + right + bar) * height)));
        assertThat(hanging.tiltDegrees().get(1)).isCloseTo(Math.abs(tilt), within(1e-6));
        assertThat(hanging.carriesG().get(0)).isCloseTo(0.01 + bar + left + right, within(1e-12));
    }

    /** On one bearing point it hangs with its middle straight below (7.4). */
    @Test
    void aPartHangsWithItsMiddleBelow() {
        PieceWork work = PartsTest.solve("ring 1/6 - paddle-dangle");
        Hanging hanging = Hanging.of(work);
        Vector3D down = hanging.down().get(1);
        Vector3D bears = work.hung().get(1).in().bearing(down.negate());
        assertThat(Vector3D.angle(work.parts().get(1).middle().subtract(bears), down))
                .isLessThan(1e-6);
    }

    static List<String> assemblies() {
        return List.of(
                "fish-hook - ring 0.8/3 - horseshoe-frame [ring 0.8/3 - beaded-dangle] [ring 0.8/3 - beaded-dangle bead=10]",
                "fish-hook - winged-link",
                "fish-hook - bead-link - hammered-bar - beaded-dangle",
                "fish-hook - ring 1.2/24 [paddle-dangle long=16] [paddle-dangle long=30]",
                "fish-hook - curved-bar",
                "fish-hook - crossed-bars - ring 1/4",
                "fish-hook - figure-eight - teardrop-link",
                "ring 1/5 - square-frame",
                "ring 1/5 - wing [ring 0.8/3] [beaded-dangle bead=9]",
                "ring 1/6 - spiral-balled - ring 1/6".replace(" - spiral-balled", ""));
    }

    /**
     * No way of turning any part lowers what it and all below it weigh: the energy found by a general optimiser (Hipparchus, Nelder and Mead)
     * from many beginnings near it is never less.
     */
    @ParameterizedTest
    @MethodSource("assemblies")
    void restsWhereItsEnergyIsLeast(String line) {
        PieceWork work = PartsTest.solve(line);
        Hanging hanging = Hanging.of(work);
        for (int i = 1; i < work.parts().size(); i++) {
            double rest = energy(work, hanging, i, hanging.down().get(i));
            double least = rest;
            var chance = new Random(5);
            for (int begin = 0; begin < 8; begin++) {
                least = Math.min(least, lowest(work, hanging, i, chance));
            }
            assertThat(rest).as("%s, part %d", line, i).isCloseTo(least, within(1e-6 * Math.max(1, Math.abs(least))));
        }
    }

    private static double lowest(PieceWork work, Hanging hanging, int part, Random chance) {
        Vector3D down = hanging.down().get(part);
        Vector3D across = down.orthogonal();
        Vector3D other = down.crossProduct(across);
        MultivariateFunction energy = angles -> {
            Vector3D once = new Rotation(across, angles[0], RotationConvention.VECTOR_OPERATOR).applyTo(down);
            return energy(
                    work,
                    hanging,
                    part,
                    new Rotation(other, angles[1], RotationConvention.VECTOR_OPERATOR).applyTo(once));
        };
        return new SimplexOptimizer(1e-13, 1e-13)
                .optimize(
                        new MaxEval(4000),
                        new ObjectiveFunction(energy),
                        GoalType.MINIMIZE,
                        new InitialGuess(new double[] {chance.nextGaussian() * 0.3, chance.nextGaussian() * 0.3}),
                        new NelderMeadSimplex(2, 0.1))
                .getValue();
    }

    /** Height of all it carries below the point it bears on, g·mm, less is lower. */
    private static double energy(PieceWork work, Hanging hanging, int part, Vector3D down) {
        Vector3D bears = work.hung().get(part).in().bearing(down.negate());
        PartWork one = work.parts().get(part);
        double sum = -one.massG() * one.middle().subtract(bears).dotProduct(down);
        for (Joint joint : work.joints()) {
            if (joint.a() == part && joint.b() > part) {
                sum -= hanging.carriesG().get(joint.b())
                        * joint.portA().bearing(down).subtract(bears).dotProduct(down);
            }
        }
        return sum;
    }

    /** A straight chain hangs as long as it is taut. */
    @Test
    void aChainHangsStraight() {
        PieceWork chain = PartsTest.solve("12 * ring 1/5");
        Hanging hanging = Hanging.of(chain);
        assertThat(hanging.tiltDegrees()).allSatisfy(tilt -> assertThat(tilt).isLessThan(1e-6));
        var heights = new ArrayList<Double>();
        Laid.hung(chain, hanging)
                .places()
                .forEach(place -> heights.add(place.at().getY()));
        for (int i = 1; i < heights.size(); i++) {
            assertThat(heights.get(i - 1) - heights.get(i)).isCloseTo(5, within(1e-9));
        }
    }

    /** Two drops of one frame clear each other while they are narrow, and come into each other when they are wide: told with how far. */
    @Test
    void dropsThatComeIntoEachOtherAreTold() {
        String frame =
                "fish-hook - ring 0.8/3 - horseshoe-frame [ring 0.8/3 - stone 12/1 width=%1$s] [ring 0.8/3 - stone 12/1 width=%1$s]";
        assertThat(touching(frame.formatted(4))).isEmpty();
        var wide = touching(frame.formatted(60).replace("stone 12/1", "stone 60/1"));
        assertThat(wide).isNotEmpty();
        assertThat(wide.get(0).depthMm()).isPositive();
    }

    private static List<Touching> touching(String line) {
        var maker = PartsTest.parts();
        PieceWork work = PieceSolver.solve(PieceLine.read(line), maker);
        return Touching.of(work, Laid.hung(work, Hanging.of(work)), maker);
    }

    /** A frame with a loop at its top and like drops at its ends hangs level; with unlike ones it leans to the heavier. */
    @Test
    void aFrameHangsByTheLoopBetweenItsEnds() {
        String frame =
                "fish-hook - ring 0.8/3 - horseshoe-frame [ring 0.8/3 - beaded-dangle] [ring 0.8/3 - beaded-dangle bead=%s]";
        PieceWork even = PartsTest.solve(frame.formatted("8"));
        assertThat(even.hung().get(2).in().part()).isEqualTo("middle loop");
        assertThat(Hanging.of(even).tiltDegrees().get(2)).isLessThan(0.5);
        assertThat(Hanging.of(PartsTest.solve(frame.formatted("11")))
                        .tiltDegrees()
                        .get(2))
                .isGreaterThan(1);
    }
}
