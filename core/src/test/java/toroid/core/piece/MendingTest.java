package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What makes a joint possible that cannot be made. */
class MendingTest {
    /** Every change is the piece it says and makes its joint possible; the solver tried it. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "ring 1/5 - ring 1/5 soldered - finding pendant",
                "chain 3/0.6 links=9 soldered - stone 14/1.2",
                "ring 1/5 soldered - hammered-bar - ring 1/5 soldered - stone 20/2"
            })
    void mendsWhatCannotBeJoined(String line) {
        Piece piece = PieceLine.read(line);
        PieceWork work = PieceSolver.solve(piece, PartsTest.parts());
        List<Mending.Mend> mends = Mending.of(piece, work, PartsTest.parts());
        assertThat(mends).isNotEmpty();
        for (Mending.Mend mend : mends) {
            PieceWork mended = PartsTest.solve(mend.line());
            assertThat(mended.lengthMm()).isCloseTo(mend.lengthMm(), within(1e-9));
            assertThat(mended.joints().stream().filter(joint -> joint.way() == Joint.Way.IMPOSSIBLE))
                    .hasSize(mend.stillImpossible());
        }
    }
}
