package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.form.Paces;

/** How long hands are at a piece: what it is made of, not how it is written. */
class PieceTimeTest {
    private static double minutes(String line) {
        Piece piece = PieceLine.read(line);
        var maker = PartsTest.parts();
        PieceWork work = PieceSolver.solve(piece, maker);
        return Paces.STATED
                .total(PieceTime.of(work, PieceLists.of(work, piece.pair(), 0), piece.pair(), maker, rings -> false))
                .minutes();
    }

    /** Three rings, two joints: 3 × 6 s wound and cut, one opened for both, two closed first: 4 + 2 × 9, one joined in 12. By hand. */
    @Test
    void addsUpWhatIsDone() {
        assertThat(minutes("3 * ring 1/4")).isCloseTo((18 + 4 + 18 + 12) / 60.0, within(1e-9));
        assertThat(minutes("ring 1/4 soldered")).isCloseTo((6 + 9 + 72 + 300) / 60.0, within(1e-9));
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
