package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.core.numeric.Refusal;
import toroid.core.piece.part.PartSpec;

class PieceEditTest {
    private static final Random CHANCE = new Random(31);

    private static List<PartSpec> written(Piece piece) {
        var parts = new ArrayList<PartSpec>();
        piece.rewritten((one, number) -> {
            assertThat(number).isBetween(0, 5000);
            parts.add(null);
            return null;
        });
        PartSpec[] all = new PartSpec[parts.size()];
        piece.rewritten((one, number) -> {
            all[number] = one.part();
            return null;
        });
        return List.of(all);
    }

    private static List<Piece.Element> marker() {
        return PieceLine.read("ring 0.77/7.7").elements();
    }

    private static Piece any() {
        while (true) {
            try {
                return new Piece(PieceLineTest.row(CHANCE, 1), Piece.Shape.ROW);
            } catch (Refusal tooMany) {
                continue;
            }
        }
    }

    /** Whatever the piece: what was put in is where it was put, all else in its order; taken out again nothing has changed. */
    @Test
    void whatIsPutInCanBeTakenOutAgain() {
        for (int i = 0; i < 1500; i++) {
            Piece piece = any();
            List<PartSpec> before = written(piece);
            int at = CHANCE.nextInt(before.size());
            Piece more = CHANCE.nextBoolean()
                    ? PieceEdit.inserted(piece, at, CHANCE.nextBoolean(), marker())
                    : PieceEdit.hung(piece, at, marker());
            List<PartSpec> after = written(more);
            int in = after.indexOf(((Piece.One) marker().get(0)).part());
            assertThat(after).hasSize(before.size() + 1);
            assertThat(PieceEdit.removed(more, in)).isEqualTo(piece);
            assertThat(PieceLine.read(PieceLine.write(more))).isEqualTo(more);
        }
    }

    /** Moving loses nothing and doubles nothing. */
    @Test
    void whatIsMovedIsThereOnce() {
        for (int i = 0; i < 1500; i++) {
            Piece piece = any();
            List<PartSpec> before = written(piece);
            int at = CHANCE.nextInt(before.size());
            int to = CHANCE.nextInt(before.size());
            PieceEdit.Edited moved = PieceEdit.moved(piece, at, to, CHANCE.nextBoolean());
            assertThat(written(moved.piece())).containsExactlyInAnyOrderElementsOf(before);
            assertThat(written(moved.piece()).get(moved.at())).isEqualTo(before.get(at));
            PieceEdit.Edited shifted = PieceEdit.shifted(piece, at, CHANCE.nextBoolean());
            assertThat(written(shifted.piece())).containsExactlyInAnyOrderElementsOf(before);
            assertThat(written(shifted.piece()).get(shifted.at())).isEqualTo(before.get(at));
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a - b - c | 0 | 2 | true | b - c - a",
                "a - b - c | 2 | 0 | false | c - a - b",
                "a [b - c] - d | 1 | 0 | true | a [c] - b - d",
                "a [b] - c | 1 | 2 | false | a - b - c",
                "2 * (a - b) - c | 0 | 2 | true | 2 * b - c - a",
                "a [b] - c | 0 | 1 | true | a [b] - c"
            })
    void moves(String line, int at, int to, boolean behind, String moved) {
        assertThat(PieceLine.write(
                        PieceEdit.moved(PieceLine.read(line), at, to, behind).piece()))
                .isEqualTo(moved);
    }

    /** One place on or back in its own row: past a part, past a whole bracket, out of the bracket it is in; and which part it is then. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a - b - c | 0 | true | b - a - c | 1",
                "a - b - c | 2 | false | a - c - b | 1",
                "a - b - c | 2 | true | a - b - c | 2",
                "a - 2 * (b - c) - d | 0 | true | 2 * (b - c) - a - d | 2",
                "a - 2 * (b - c) - d | 1 | false | a - b - 2 * c - d | 1",
                "a - 2 * (b - c) - d | 2 | true | a - 2 * b - c - d | 2",
                "a - 2 * b - c | 1 | true | a - b - c | 1",
                "a [b - c] - d | 1 | true | a [c - b] - d | 2",
                "a [b - c] - d | 1 | false | a [b - c] - d | 1",
                "a [b - c] - d | 0 | true | d - a [b - c] | 1"
            })
    void goesOnePlaceOnOrBack(String line, int at, boolean on, String shifted, int now) {
        PieceEdit.Edited edited = PieceEdit.shifted(PieceLine.read(line), at, on);
        assertThat(PieceLine.write(edited.piece())).isEqualTo(shifted);
        assertThat(edited.at()).isEqualTo(now);
    }

    @Test
    void whatIsPutInIsInHand() {
        List<Piece.Element> row = PieceLine.read("b - c").elements();
        Piece piece = PieceEdit.inserted(PieceLine.read("a [b - c] - b"), 1, true, row);
        assertThat(PieceLine.write(piece)).isEqualTo("a [b - b - c - c] - b");
        assertThat(PieceEdit.withFirst(piece, row).at()).isEqualTo(2);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a - b | 1 | 3 | a - 3 * b",
                "a - 3 * (b - c) | 2 | 5 | a - 5 * (b - c)",
                "a - 3 * (b - c) | 1 | 1 | a - b - c",
                "3 * (a - 2 * b) | 1 | 4 | 3 * (a - 4 * b)",
                "3 * (a - 2 * b) | 0 | 4 | 4 * (a - 2 * b)",
                "3 * a [b] | 1 | 2 | 3 * a [2 * b]"
            })
    void repeatsTheInnermost(String line, int at, int count, String repeated) {
        assertThat(PieceLine.write(PieceEdit.repeated(PieceLine.read(line), at, count)))
                .isEqualTo(repeated);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a - b - c | 0 | 1 | 4 | 4 * (a - b) - c",
                "a - b - c | 2 | 1 | 2 | a - 2 * (b - c)",
                "a [b - c] - d | 1 | 2 | 3 | a [3 * (b - c)] - d",
                "3 * (a - b - c) | 0 | 1 | 2 | 3 * (2 * (a - b) - c)"
            })
    void repeatsSomeTogether(String line, int from, int to, int count, String grouped) {
        assertThat(PieceLine.write(PieceEdit.grouped(PieceLine.read(line), from, to, count)))
                .isEqualTo(grouped);
    }

    @Test
    void refusesWhatIsNotThere() {
        Piece piece = PieceLine.read("a [b] - c");
        assertThatThrownBy(() -> PieceEdit.removed(piece, 3)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> PieceEdit.grouped(piece, 1, 2, 2)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> PieceEdit.removed(PieceLine.read("a"), 0)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> PieceEdit.set(PieceLine.read("ring 1/4"), 0, "colour", 1))
                .isInstanceOf(Refusal.class);
    }

    /** Every field a part tells can be set to what it is, and changes nothing. */
    @Test
    void everyFieldCanBeSetToWhatItIs() {
        for (int i = 0; i < 600; i++) {
            PartSpec part = PieceLineTest.part(CHANCE);
            for (var field : part.fields()) {
                PartSpec same = part.with(field.id(), field.value());
                boolean usualWire = field.id().equals("wire") && !same.equals(part);
                assertThat(usualWire ? same.with("wire", null) : same)
                        .as(part.written() + ", " + field)
                        .isEqualTo(part);
            }
        }
    }

    @Test
    void setsOneThingOfAPart() {
        Piece piece = PieceLine.read("ring 1/4 - bead-link");
        assertThat(PieceLine.write(PieceEdit.set(piece, 0, "inside", 5.0))).isEqualTo("ring 1/5 - bead-link");
        assertThat(PieceLine.write(PieceEdit.set(piece, 0, "soldered", true)))
                .isEqualTo("ring 1/4 soldered - bead-link");
        assertThat(PieceLine.write(PieceEdit.set(piece, 1, "bead", "4..8")))
                .isEqualTo("ring 1/4 - bead-link bead=4..8");
        assertThat(PieceLine.write(PieceEdit.set(piece, 1, "second", "wrapped loop")))
                .isEqualTo("ring 1/4 - bead-link second='wrapped loop'");
        assertThat(PieceLine.write(
                        PieceEdit.set(PieceLine.read("strand 0.38 (bead 6/1)"), 0, "beads", "3 * bead 4/1 - bead 8/1")))
                .isEqualTo("strand 0.38 (3 * bead 4/1 - bead 8/1)");
    }
}
