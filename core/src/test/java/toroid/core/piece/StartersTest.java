package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.metal.Metals;

class StartersTest {
    static List<Starters.Starter> starters() {
        return Starters.all();
    }

    /** Nobody begins from what cannot be put together; written as it is read; on a body it reaches round within a tenth. */
    @ParameterizedTest
    @MethodSource("starters")
    void everyStarterCanBeMade(Starters.Starter starter) {
        assertThat(Metals.byId(starter.metal()).id()).isEqualTo(starter.metal());
        Piece piece = PieceLine.read(starter.line());
        assertThat(PieceLine.read(PieceLine.write(piece))).isEqualTo(piece);
        PieceWork work = PieceSolver.solve(piece, PartsTest.parts());
        assertThat(work.faults()).as(starter.id()).noneMatch(PieceFault::stops);
        assertThat(work.joints()).as(starter.id()).noneMatch(joint -> joint.way() == Joint.Way.IMPOSSIBLE);
        boolean drawnAsTold =
                work.parts().stream().noneMatch(part -> part.spec().written().matches("(weave|sheet) .*"));
        if (starter.body().isGoneRound() && drawnAsTold) {
            var fit = new BodyFit(
                    starter.body().usualGirthMm(), starter.body().eases().get(1).mm());
            assertThat(work.lengthMm())
                    .as(starter.id())
                    .isCloseTo(fit.targetMm(work), within(0.12 * fit.targetMm(work)));
        }
        if (starter.body().isGoneRound()) {
            double girth = starter.body().usualGirthMm();
            assertThat(Worn.of(work, starter.body(), girth).closure())
                    .as(starter.id())
                    .isIn(Closure.HOOK, Closure.TOGGLE, Closure.OVER);
        }
        if (starter.body() == BodyPart.EAR) {
            // about 10 g an ear is a lot (4.2, common practice)
            assertThat(work.massG()).as(starter.id()).isLessThan(12);
        }
    }

    @Test
    void noTwoAreOne() {
        var ids = new HashSet<String>();
        starters().forEach(starter -> assertThat(ids.add(starter.id())).isTrue());
        assertThat(ids).hasSizeGreaterThan(20);
    }
}
