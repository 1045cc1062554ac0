package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.piece.part.PartMaker;

/** Parts that lie against each other as they hang. */
class PushedApartTest {
    /** A fish hook, a frame, a round stone of that size at each end. */
    private static PieceWork two(double one, double other) {
        return PartsTest.solve("fish-hook - ring 0.8/3 - horseshoe-frame [ring 0.8/3 - " + stone(one)
                + "] [ring 0.8/3 - " + stone(other) + "]");
    }

    private static String stone(double mm) {
        return "stone " + mm + "/1.2 width=" + mm + " thick=" + mm;
    }

    private static double deepest(PieceWork work, Hanging hanging, PartMaker maker) {
        return Touching.of(work, Laid.hung(work, hanging), maker).stream()
                .mapToDouble(Touching::depthMm)
                .max()
                .orElse(0);
    }

    /** What does not touch hangs as it does without: not by a hair otherwise. */
    @Test
    void whatIsApartStays() {
        var maker = PartsTest.parts();
        PieceWork work = two(8, 8);
        PushedApart apart = PushedApart.of(work, maker);
        assertThat(apart.pushes()).isEmpty();
        assertThat(apart.hanging()).isEqualTo(Hanging.of(work));
    }

    /** Two stones too wide for their frame lean away from each other alike, until neither is in the other. */
    @ParameterizedTest
    @ValueSource(doubles = {19, 22, 24})
    void twoLikeDropsLeanAlike(double wide) {
        var maker = PartsTest.parts();
        PieceWork work = two(wide, wide);
        assertThat(deepest(work, Hanging.of(work), maker)).isGreaterThan(0.5);
        PushedApart apart = PushedApart.of(work, maker);
        assertThat(deepest(work, apart.hanging(), maker)).isLessThan(0.15);
        assertThat(apart.pushes()).isNotEmpty();
        // they lie against each other: neither in the other nor pushed further than that
        List<Balls> balls = Balls.of(work, Laid.hung(work, apart.hanging()), maker);
        assertThat(balls.get(4).nearest(balls.get(6)).depthMm()).isCloseTo(0, within(0.05));
        List<Double> tilt = apart.hanging().tiltDegrees();
        int last = tilt.size() - 1;
        assertThat(tilt.get(last)).isCloseTo(tilt.get(last - 2), within(0.2));
        assertThat(tilt.get(last)).isGreaterThan(1);
        assertThat(tilt.get(2)).as("the frame").isLessThan(0.5);
        assertThat(tilt.get(last - 1)).as("a ring rolls").isLessThan(1e-6);
    }

    /** Least energy: no turn of a part by a hundredth either way lowers the weights without putting parts into each other. */
    @ParameterizedTest
    @ValueSource(strings = {"22 16", "24 20", "18 22"})
    void nothingNearbyLiesLower(String stones) {
        String[] sizes = stones.split(" ");
        var maker = PartsTest.parts();
        PieceWork work = two(Double.parseDouble(sizes[0]), Double.parseDouble(sizes[1]));
        Hanging apart = PushedApart.of(work, maker).hanging();
        double deep = Math.max(0.1, deepest(work, apart, maker));
        double energy = energy(work, apart);
        int n = work.parts().size();
        var chance = new java.util.Random(3);
        for (int trial = 0; trial < 300; trial++) {
            var down = new java.util.ArrayList<>(apart.down());
            for (int i = 0; i < n; i++) {
                var by = new org.hipparchus.geometry.euclidean.threed.Vector3D(
                        chance.nextGaussian(), chance.nextGaussian(), chance.nextGaussian());
                down.set(i, down.get(i).add(0.01 * chance.nextDouble(), by).normalize());
            }
            Hanging other = Hanging.of(work, down, apart.carriesG());
            if (deepest(work, other, maker) <= deep) {
                assertThat(energy(work, other)).isGreaterThan(energy - 0.02 * all(work));
            }
        }
    }

    private static double all(PieceWork work) {
        return work.massG();
    }

    /** Σ of every part's weight times how high its middle is, g·mm. */
    private static double energy(PieceWork work, Hanging hanging) {
        Laid laid = Laid.hung(work, hanging);
        double sum = 0;
        for (int i = 0; i < work.parts().size(); i++) {
            var part = work.parts().get(i);
            sum += part.massG() * laid.places().get(i).of(part.middle()).getY();
        }
        return sum;
    }

    static List<Starters.Starter> starters() {
        return Starters.all().stream().filter(one -> one.body() == BodyPart.EAR).toList();
    }

    /** No earring that is begun from hangs with a wire in another, pushed apart or by itself. */
    @ParameterizedTest
    @MethodSource("starters")
    void noStarterHangsInItself(Starters.Starter starter) {
        var maker = PartsTest.parts();
        PieceWork work = PieceSolver.solve(PieceLine.read(starter.line()), maker);
        assertThat(deepest(work, PushedApart.of(work, maker).hanging(), maker)).isLessThan(0.2);
    }
}
