package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What hangs before what, seen from the front. */
class HidingTest {
    private static List<Hiding> hung(String line) {
        var maker = PartsTest.parts();
        PieceWork work = PieceSolver.solve(PieceLine.read(line), maker);
        return Hiding.of(work, Laid.hung(work, Hanging.of(work)), maker);
    }

    /** In two loops of a frame drops hang side by side. */
    @Test
    void whatHangsSideBySideHidesNothing() {
        assertThat(hung("fish-hook - horseshoe-frame [ring 0.8/3 - beaded-dangle] [ring 0.8/3 - beaded-dangle]"))
                .isEmpty();
    }

    /** A large stone laid where a small one is covers it, and is not covered by it. */
    @Test
    void theLargerHidesTheSmaller() {
        var maker = PartsTest.parts();
        PieceWork work = PieceSolver.solve(
                PieceLine.read("ring 1/6 - ring 1/6 [ring 1/6 - stone 30/1.5] - ring 1/6 - stone 8/1.2"), maker);
        Laid laid = Laid.hung(work, Hanging.of(work));
        int large = 3;
        int small = 5;
        var places = new java.util.ArrayList<>(laid.places());
        Laid.Place before = places.get(large);
        Laid.Place behind = places.get(small);
        var lower = new org.hipparchus.geometry.euclidean.threed.Vector3D(0, -14, -12).add(before.at());
        places.set(small, new Laid.Place(lower, behind.turn(), null));
        List<Hiding> hiding = Hiding.of(work, new Laid(places), maker);
        assertThat(hiding).anyMatch(one -> one.front() == large && one.behind() == small);
        assertThat(hiding).noneMatch(one -> one.front() == small && one.behind() == large);
    }

    static List<Starters.Starter> starters() {
        return Starters.all().stream().filter(one -> one.body() == BodyPart.EAR).toList();
    }

    /** Nobody begins from an earring that hides what it is made of. */
    @ParameterizedTest
    @MethodSource("starters")
    void noStarterHidesItself(Starters.Starter starter) {
        assertThat(hung(starter.line().replace("pair ", ""))).isEmpty();
    }
}
