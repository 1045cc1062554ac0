package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** What brings a piece nearer what is wanted is as long as it says. */
class CuresTest {
    /** Longer chain makes an earring as long as it is wanted; each cure hangs as deep as it says. */
    @Test
    void anEarringIsBroughtToItsDrop() {
        String line = "fish-hook - chain 2.5/0.5 links=8 - ring 0.8/3 - beaded-dangle";
        PieceWork work = PartsTest.solve(line);
        var maker = PartsTest.parts();
        double deep = new Drop(40).lengthMm(work, maker);
        var drop = new Drop(Math.rint(deep) + 5);
        var cures = Cures.of(PieceLine.read(line), work, drop, maker, BodyFit.USUAL_INSIDES);
        assertThat(cures).isNotEmpty();
        for (Cure cure : cures) {
            double hangs = drop.lengthMm(PartsTest.solve(cure.line()), maker);
            assertThat(hangs).isCloseTo(cure.lengthMm(), within(1e-9));
            assertThat(cure.offMm()).isCloseTo(hangs - drop.dropMm(), within(1e-9));
            assertThat(cure.change())
                    .isNotIn(Cure.Change.EXTENDER, Cure.Change.OTHER_CLASP, Cure.Change.WITHOUT_THE_LAST);
        }
        assertThat(Math.abs(cures.get(0).offMm())).isLessThan(2);
    }

    /** A longer link brings a bracelet of bars to its wrist; each cure is as long as it says. */
    @Test
    void aLongerLinkIsACure() {
        String line = "s-hook - ring 1/4 - 5 * (hammered-bar long=26 - ring 1/4)";
        PieceWork work = PartsTest.solve(line);
        var fit = new BodyFit(165, 12);
        var cures = Cures.of(PieceLine.read(line), work, fit, PartsTest.parts(), BodyFit.USUAL_INSIDES);
        assertThat(cures).anyMatch(cure -> cure.change() == Cure.Change.OTHER_LENGTH);
        cures.stream()
                .filter(cure -> cure.change() == Cure.Change.OTHER_LENGTH)
                .forEach(cure ->
                        assertThat(PartsTest.solve(cure.line()).lengthMm()).isCloseTo(cure.lengthMm(), within(1e-9)));
    }
}
