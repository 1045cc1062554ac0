package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import toroid.core.numeric.Refusal;

/** Pieces larger than anybody makes are answered or refused, never worked at for ever. */
class LargePieceTest {
    @Test
    void aRowOfTheMostPartsIsWorkedOut() {
        PieceWork row = PartsTest.solve(Piece.MOST_PARTS + " * ring 1/4");
        assertThat(row.joints()).hasSize(Piece.MOST_PARTS - 1);
        assertThat(PieceLists.of(row, false, 0).rings().get(0).preClosed()).isEqualTo(Piece.MOST_PARTS / 2);
        assertThat(Worn.of(row, BodyPart.WRIST, 165).insideGirthMm()).isPositive();
    }

    @Test
    void veryLongStrandsAreClosedAndHungWithoutEnd() {
        PieceWork strands = PartsTest.solve("20 * strand 0.3 (2000 * bead 2/1)");
        assertThat(Worn.of(strands, BodyPart.WAIST, 760).insideGirthMm()).isPositive();
        var maker = PartsTest.parts();
        Piece piece = PieceLine.read("strand 0.3 (2000 * bead 2/1) - ring 1/4 - strand 0.3 (1999 * bead 2/1)");
        PieceWork two = PieceSolver.solve(piece, maker);
        assertThat(Touching.of(two, Laid.hung(two, Hanging.of(two)), maker)).isEmpty();
    }

    /** A word where a length belongs is refused by the form, also in another size. */
    @Test
    void aWordForALengthIsNoFault() {
        Piece piece = PieceLine.read("bead-link bead=large").scaled(2);
        assertThat(PieceLine.write(piece)).contains("bead=large");
        try {
            PieceSolver.solve(piece, PartsTest.parts());
        } catch (Refusal refused) {
            assertThat(refused.code()).isNotBlank();
        }
    }
}
