package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.form.HandWork;
import toroid.core.form.Paces;
import toroid.core.piece.finish.Finish;
import toroid.core.piece.finish.FinishOrder;
import toroid.core.piece.finish.Finishing;

/** How long hands are at a piece: what it is made of, not how it is written. */
class PieceTimeTest {
    private static double minutes(String line) {
        return minutes(line, Finishing.NONE);
    }

    private static double minutes(String line, Finishing finishing) {
        Piece piece = PieceLine.read(line);
        var maker = PartsTest.parts();
        PieceWork work = PieceSolver.solve(piece, maker);
        FinishOrder order = FinishOrder.of(work, MadeInPlace.of(work, maker), maker, finishing);
        return Paces.STATED
                .total(PieceTime.of(
                        work, PieceLists.of(work, piece.pair(), 0), piece.pair(), maker, order, rings -> false))
                .minutes();
    }

    /** Three rings, two joints: 3 × 6 s wound and cut, one opened for both, two closed first: 4 + 2 × 9, one joined in 12. By hand. */
    @Test
    void addsUpWhatIsDone() {
        assertThat(minutes("3 * ring 1/4")).isCloseTo((18 + 4 + 18 + 12) / 60.0, within(1e-9));
        assertThat(minutes("ring 1/4 soldered")).isCloseTo((6 + 9 + 72 + 300) / 60.0, within(1e-9));
    }

    /** A bead is threaded on a ring that is opened for it, 4 s less; a second turn is wound, and both pressed, 9 s, instead of opened. */
    @Test
    void aRingIsReadiedOnce() {
        double plain = minutes("bead-link - ring 1/9 - bead-link");
        assertThat(minutes("bead-link - ring 1/9 bead=6 - bead-link") - plain)
                .isCloseTo((HandWork.THREAD_SECONDS - 4) / 60, within(1e-9));
        assertThat(minutes("bead-link - ring 1/9 turns=2 - bead-link") - plain)
                .isCloseTo((HandWork.WIND_SECONDS + 9 - 4) / 60, within(1e-9));
    }

    /** Ten minutes and three seconds a ring at the bath, a minute and a quarter of one at each with the pad. By hand. */
    @Test
    void finishingIsAmongIt() {
        var finishing = new Finishing(List.of(Finish.COLOUR, Finish.RUB_BACK), false);
        double more = minutes("3 * ring 1/4", finishing) - minutes("3 * ring 1/4");
        assertThat(more).isCloseTo((600 + 9 + 60 + 45) / 60.0, within(1e-9));
        assertThat(minutes("pair ring 1/4 - ring 1/4", finishing))
                .isCloseTo(2 * minutes("ring 1/4 - ring 1/4", finishing), within(1e-9));
    }

    @Test
    void moreTakesLonger() {
        double one = minutes("ring 1/4 - bead-link - ring 1/4");
        assertThat(minutes("ring 1/4 - 2 * (bead-link - ring 1/4)")).isGreaterThan(1.5 * one - 1);
        assertThat(minutes("pair ring 1/4 - bead-link - ring 1/4")).isCloseTo(2 * one, within(1e-9));
        assertThat(minutes("ring 1/4 - bead-link wraps=6 - ring 1/4")).isGreaterThan(one);
        assertThat(minutes("weave byzantine 0.9/3.4 units=12"))
                .isGreaterThan(minutes("weave byzantine 0.9/3.4 units=6"));
        assertThat(minutes("finding clasp - chain 3/0.6 links=60")).isLessThan(0.5);
    }

    static List<Starters.Starter> starters() {
        return Starters.all();
    }

    /** Nothing takes no time, nothing a working week: a collar of seven hundred rings a day or less. */
    @ParameterizedTest
    @MethodSource("starters")
    void everyStarterTakesMinutesOrHours(Starters.Starter starter) {
        assertThat(minutes(starter.line())).as(starter.id()).isBetween(1.0, 600.0);
    }
}
