package toroid.core.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.numeric.Refusal;
import toroid.core.weave.circle.Circle;
import toroid.core.weave.circle.Linking;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.piece.Colouring;
import toroid.core.weave.piece.Piece;
import toroid.core.weave.piece.PieceExtent;
import toroid.core.weave.piece.PieceRing;
import toroid.core.weave.piece.PieceShape;
import toroid.core.weave.solve.Pose;

/** Finite pieces, against rings laid out in space and linked one by one, and against counts done by hand. */
class PieceTest {
    static Piece small(String id) {
        return small(Weaves.byId(id));
    }

    static Piece small(WeavePattern pattern) {
        boolean sheet = pattern.lattice().kind() == Lattice.Kind.SHEET;
        return Piece.of(pattern, sheet ? PieceShape.Rows.even(4, 4) : new PieceShape.Cells(4));
    }

    static Pose rest(WeavePattern pattern) {
        var usual = pattern.usual();
        double ratio = usual == null ? 8 : Math.max(usual.high(), 6) + 1;
        return WeaveWork.of(pattern, Weaves.rings(pattern, ratio)).restPose();
    }

    static Circle laid(Piece piece, Pose pose, int n) {
        PieceRing ring = piece.rings().get(n);
        return pose.image(ring.ring(), ring.i(), ring.j());
    }

    static Set<String> linksInSpace(Piece piece, Pose pose) {
        var links = new TreeSet<String>();
        for (int a = 0; a < piece.size(); a++) {
            for (int b = a + 1; b < piece.size(); b++) {
                if (Linking.number(laid(piece, pose, a), laid(piece, pose, b)) != 0) {
                    links.add(a + " " + b);
                }
            }
        }
        return links;
    }

    static java.util.stream.Stream<String> ids() {
        return Weaves.ids();
    }

    @ParameterizedTest
    @MethodSource("ids")
    void everyLinkOfAPieceIsThereInSpaceAndNoOther(String id) {
        Piece piece = small(id);
        var told = new TreeSet<String>();
        for (int a = 0; a < piece.size(); a++) {
            for (int b : piece.neighbours(a)) {
                if (b > a) {
                    told.add(a + " " + b);
                }
            }
        }
        assertThat(linksInSpace(piece, rest(piece.pattern()))).isEqualTo(told);
        assertThat(piece.linkCount()).isEqualTo(told.size());
    }

    /** Counted by hand on drawings: common practice for how the ends are made. */
    @ParameterizedTest
    @CsvSource({
        "single-chain, 7, 7, 6",
        "double-chain, 5, 10, 16",
        "box-chain, 3, 14, 24",
        "byzantine, 2, 14, 24",
        "three-in-a-spiral, 6, 6, 9",
        "half-persian-3-in-1, 4, 8, 10",
        "tube-4-in-1-along, 3, 36, 60",
        "mobius-3, 5, 3, 3",
    })
    void countsAChainOrTubeWithItsEnds(String id, int cells, int rings, int links) {
        Piece piece = Piece.of(Weaves.byId(id), new PieceShape.Cells(cells));
        assertThat(piece.size()).isEqualTo(rings);
        assertThat(piece.linkCount()).isEqualTo(links);
    }

    /** A 4-in-1 sheet of r rows of c: each row but the last links the next 2c − 1 times. */
    @ParameterizedTest
    @CsvSource({"1, 1", "2, 3", "3, 3", "5, 8", "6, 2"})
    void countsA4In1Sheet(int rows, int columns) {
        Piece piece = Piece.of(Weaves.byId("european-4-in-1"), PieceShape.Rows.even(1, 1));
        assertThat(piece.size()).isEqualTo(1);
        if (rows > 1) {
            piece = Piece.of(Weaves.byId("european-4-in-1"), PieceShape.Rows.even(rows, columns));
            assertThat(piece.size()).isEqualTo(rows * columns);
            assertThat(piece.linkCount()).isEqualTo((rows - 1) * (2 * columns - 1));
        }
    }

    /** Square Japanese 4-in-1 of r × c flats: r(c − 1) + c(r − 1) uprights, each linking two flats; none hangs over the edge. */
    @ParameterizedTest
    @CsvSource({"2, 2, 4", "3, 5, 22", "1, 4, 3"})
    void uprightsAreThereOnlyBetweenFlats(int rows, int columns, int uprights) {
        Piece piece = Piece.of(Weaves.byId("japanese-4-in-1"), PieceShape.Rows.even(rows, columns));
        assertThat(piece.countByClass()).containsExactly(rows * columns, uprights);
        assertThat(piece.linkCount()).isEqualTo(2 * uprights);
    }

    /** Hexagon of side 2 in a 6-in-1: 7 flats, 12 joins; common practice for a flower. */
    @Test
    void rowsGrowAndShrinkIntoAHexagon() {
        var shape = PieceShape.Rows.growingAndShrinking(2, 3);
        assertThat(shape.counts()).containsExactly(2, 3, 2);
        Piece six = Piece.of(Weaves.byId("japanese-6-in-1"), shape);
        assertThat(six.countByClass()).containsExactly(7, 12);
        Piece twelve = Piece.of(Weaves.byId("japanese-12-in-2"), shape);
        assertThat(twelve.countByClass()).containsExactly(7, 24);
        Piece four = Piece.of(Weaves.byId("european-4-in-1"), shape);
        // each ring of the middle row links two above it but at its ends, so 4 up and 4 down
        assertThat(four.size()).isEqualTo(7);
        assertThat(four.linkCount()).isEqualTo(8);
    }

    @Test
    void triangleOf4In1HasOneRingMoreInEachRow() {
        Piece piece = Piece.of(Weaves.byId("european-4-in-1"), PieceShape.Rows.growing(1, 5));
        assertThat(piece.size()).isEqualTo(15);
        assertThat(piece.linkCount()).isEqualTo(2 * (1 + 2 + 3 + 4));
    }

    @Test
    void refusesWhatDoesNotHangTogetherOrIsNoSheet() {
        WeavePattern sheet = Weaves.byId("european-4-in-1");
        assertThatThrownBy(() -> Piece.of(sheet, new PieceShape.Cells(3)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("rows and columns");
        assertThatThrownBy(() -> Piece.of(Weaves.byId("byzantine"), PieceShape.Rows.even(2, 2)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("no rows");
        assertThatThrownBy(() -> Piece.of(sheet, new PieceShape.Rows(List.of(1, 4, 1))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("row 2");
        assertThatThrownBy(() -> Piece.of(sheet, PieceShape.Rows.even(300, 300)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Split the piece");
        assertThatThrownBy(() -> new PieceShape.Cells(0)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> PieceShape.Rows.growing(5, 3)).isInstanceOf(Refusal.class);
    }

    /** A taut single chain of n: pitch ID, so outside to outside n·ID + 2d, exactly. */
    @ParameterizedTest
    @CsvSource({"1", "2", "9", "40"})
    void aTautSingleChainIsAsLongAsItsRingsInside(int n) {
        WeavePattern pattern = Weaves.byId("single-chain");
        var rings = new WeaveRings(1.2, List.of(6.0));
        Pose taut = WeaveWork.of(pattern, rings).tautPose();
        Piece piece = Piece.of(pattern, new PieceShape.Cells(n));
        assertThat(PieceExtent.of(piece, taut, 1.2).lengthMm()).isCloseTo(n * 6.0 + 2 * 1.2, within(2e-3));
        assertThat(PieceWork.cellsFor(pattern, taut, 1.2, n * 6.0 + 2.3)).isEqualTo(n);
        assertThat(PieceWork.cellsFor(pattern, taut, 1.2, n * 6.0 + 2.5)).isEqualTo(n + 1);
    }

    /** Against points sampled on every ring's wire. */
    @ParameterizedTest
    @CsvSource({"byzantine", "european-4-in-1", "tube-4-in-1-round", "japanese-6-in-1"})
    void roomTakenIsThatOfTheWireItself(String id) {
        Piece piece = small(id);
        Pose pose = rest(piece.pattern());
        double[] low = {1e9, 1e9, 1e9};
        double[] high = {-1e9, -1e9, -1e9};
        for (int n = 0; n < piece.size(); n++) {
            for (int s = 0; s < 4000; s++) {
                double[] at = laid(piece, pose, n).at(s * Math.PI / 2000).toArray();
                for (int axis = 0; axis < 3; axis++) {
                    low[axis] = Math.min(low[axis], at[axis] - 0.5);
                    high[axis] = Math.max(high[axis], at[axis] + 0.5);
                }
            }
        }
        PieceExtent extent = PieceExtent.of(piece, pose, 1);
        assertThat(extent.lengthMm()).isCloseTo(high[0] - low[0], within(1e-4));
        assertThat(extent.widthMm()).isCloseTo(high[1] - low[1], within(1e-4));
        assertThat(extent.heightMm()).isCloseTo(high[2] - low[2], within(1e-4));
    }

    @Test
    void coloursAreCountedByRoleStripeAndInlay() {
        Piece chain = Piece.of(Weaves.byId("byzantine"), new PieceShape.Cells(3));
        var byRole = new Colouring(3, Colouring.By.RING, List.of(0, 0, 1, 1, 2, 2), Map.of());
        assertThat(column(byRole.counts(chain))).containsExactly(8, 6, 6);
        var byCell = new Colouring(2, Colouring.By.CELL, List.of(0, 1), Map.of());
        assertThat(column(byCell.counts(chain))).containsExactly(12, 8);
        Piece sheet = Piece.of(Weaves.byId("european-4-in-1"), PieceShape.Rows.even(5, 6));
        var stripes = new Colouring(2, Colouring.By.ROW, List.of(0, 1), Map.of());
        assertThat(column(stripes.counts(sheet))).containsExactly(18, 12);
        var inlaid = new Colouring(
                2,
                Colouring.By.ROW,
                List.of(0),
                Map.of(sheet.rings().get(8), 1, sheet.rings().get(9), 1));
        assertThat(column(inlaid.counts(sheet))).containsExactly(28, 2);
        assertThatThrownBy(() -> new Colouring(2, Colouring.By.ROW, List.of(2), Map.of()))
                .isInstanceOf(Refusal.class);
    }

    private static int[] column(int[][] counts) {
        return Arrays.stream(counts).mapToInt(row -> row[0]).toArray();
    }
}
