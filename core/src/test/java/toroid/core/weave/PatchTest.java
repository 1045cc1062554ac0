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
import toroid.core.weave.patch.Colouring;
import toroid.core.weave.patch.Patch;
import toroid.core.weave.patch.PatchExtent;
import toroid.core.weave.patch.PatchRing;
import toroid.core.weave.patch.PatchShape;
import toroid.core.weave.pattern.Lattice;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.solve.Pose;

/** Finite patches, against rings laid out in space and linked one by one, and against counts done by hand. */
class PatchTest {
    static Patch small(String id) {
        return small(Weaves.byId(id));
    }

    static Patch small(WeavePattern pattern) {
        boolean sheet = pattern.lattice().kind() == Lattice.Kind.SHEET;
        return Patch.of(pattern, sheet ? PatchShape.Rows.even(4, 4) : new PatchShape.Cells(4));
    }

    static Pose rest(WeavePattern pattern) {
        var usual = pattern.usual();
        double ratio = usual == null ? 8 : Math.max(usual.high(), 6) + 1;
        return Weaves.work(pattern.id(), Weaves.rings(pattern, ratio)).restPose();
    }

    static Circle laid(Patch patch, Pose pose, int n) {
        PatchRing ring = patch.rings().get(n);
        return pose.image(ring.ring(), ring.i(), ring.j());
    }

    static Set<String> linksInSpace(Patch patch, Pose pose) {
        var links = new TreeSet<String>();
        for (int a = 0; a < patch.size(); a++) {
            for (int b = a + 1; b < patch.size(); b++) {
                if (Linking.number(laid(patch, pose, a), laid(patch, pose, b)) != 0) {
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
    void everyLinkOfAPatchIsThereInSpaceAndNoOther(String id) {
        Patch patch = small(id);
        var told = new TreeSet<String>();
        for (int a = 0; a < patch.size(); a++) {
            for (int b : patch.neighbours(a)) {
                if (b > a) {
                    told.add(a + " " + b);
                }
            }
        }
        assertThat(linksInSpace(patch, rest(patch.pattern()))).isEqualTo(told);
        assertThat(patch.linkCount()).isEqualTo(told.size());
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
        Patch patch = Patch.of(Weaves.byId(id), new PatchShape.Cells(cells));
        assertThat(patch.size()).isEqualTo(rings);
        assertThat(patch.linkCount()).isEqualTo(links);
    }

    /** A 4-in-1 sheet of r rows of c: each row but the last links the next 2c − 1 times. */
    @ParameterizedTest
    @CsvSource({"1, 1", "2, 3", "3, 3", "5, 8", "6, 2"})
    void countsA4In1Sheet(int rows, int columns) {
        Patch patch = Patch.of(Weaves.byId("european-4-in-1"), PatchShape.Rows.even(1, 1));
        assertThat(patch.size()).isEqualTo(1);
        if (rows > 1) {
            patch = Patch.of(Weaves.byId("european-4-in-1"), PatchShape.Rows.even(rows, columns));
            assertThat(patch.size()).isEqualTo(rows * columns);
            assertThat(patch.linkCount()).isEqualTo((rows - 1) * (2 * columns - 1));
        }
    }

    /** Square Japanese 4-in-1 of r × c flats: r(c − 1) + c(r − 1) uprights, each linking two flats; none hangs over the edge. */
    @ParameterizedTest
    @CsvSource({"2, 2, 4", "3, 5, 22", "1, 4, 3"})
    void uprightsAreThereOnlyBetweenFlats(int rows, int columns, int uprights) {
        Patch patch = Patch.of(Weaves.byId("japanese-4-in-1"), PatchShape.Rows.even(rows, columns));
        assertThat(patch.countByClass()).containsExactly(rows * columns, uprights);
        assertThat(patch.linkCount()).isEqualTo(2 * uprights);
    }

    /** Hexagon of side 2 in a 6-in-1: 7 flats, 12 joins; common practice for a flower. */
    @Test
    void rowsGrowAndShrinkIntoAHexagon() {
        var shape = PatchShape.Rows.growingAndShrinking(2, 3);
        assertThat(shape.counts()).containsExactly(2, 3, 2);
        Patch six = Patch.of(Weaves.byId("japanese-6-in-1"), shape);
        assertThat(six.countByClass()).containsExactly(7, 12);
        Patch twelve = Patch.of(Weaves.byId("japanese-12-in-2"), shape);
        assertThat(twelve.countByClass()).containsExactly(7, 24);
        Patch four = Patch.of(Weaves.byId("european-4-in-1"), shape);
        // each ring of the middle row links two above it but at its ends, so 4 up and 4 down
        assertThat(four.size()).isEqualTo(7);
        assertThat(four.linkCount()).isEqualTo(8);
    }

    @Test
    void triangleOf4In1HasOneRingMoreInEachRow() {
        Patch patch = Patch.of(Weaves.byId("european-4-in-1"), PatchShape.Rows.growing(1, 5));
        assertThat(patch.size()).isEqualTo(15);
        assertThat(patch.linkCount()).isEqualTo(2 * (1 + 2 + 3 + 4));
    }

    @Test
    void refusesWhatDoesNotHangTogetherOrIsNoSheet() {
        WeavePattern sheet = Weaves.byId("european-4-in-1");
        assertThatThrownBy(() -> Patch.of(sheet, new PatchShape.Cells(3)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("a-sheet");
        assertThatThrownBy(() -> Patch.of(Weaves.byId("byzantine"), PatchShape.Rows.even(2, 2)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("not-a-sheet");
        assertThatThrownBy(() -> Patch.of(sheet, new PatchShape.Rows(List.of(1, 4, 1))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("falls-apart: rows is 2");
        assertThatThrownBy(() -> Patch.of(sheet, PatchShape.Rows.even(300, 300)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("split-the-patch");
        assertThatThrownBy(() -> new PatchShape.Cells(0)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> PatchShape.Rows.growing(5, 3)).isInstanceOf(Refusal.class);
    }

    /** A taut single chain of n: pitch ID, so outside to outside n·ID + 2d, exactly. */
    @ParameterizedTest
    @CsvSource({"1", "2", "9", "40"})
    void aTautSingleChainIsAsLongAsItsRingsInside(int n) {
        WeavePattern pattern = Weaves.byId("single-chain");
        var rings = new WeaveRings(1.2, List.of(6.0));
        Pose taut = Weaves.work(pattern.id(), rings).tautPose();
        Patch patch = Patch.of(pattern, new PatchShape.Cells(n));
        assertThat(PatchExtent.of(patch, taut, 1.2).lengthMm()).isCloseTo(n * 6.0 + 2 * 1.2, within(2e-3));
        assertThat(PatchWork.cellsFor(pattern, taut, 1.2, n * 6.0 + 2.3)).isEqualTo(n);
        assertThat(PatchWork.cellsFor(pattern, taut, 1.2, n * 6.0 + 2.5)).isEqualTo(n + 1);
    }

    /** Against points sampled on every ring's wire. */
    @ParameterizedTest
    @CsvSource({"byzantine", "european-4-in-1", "tube-4-in-1-round", "japanese-6-in-1"})
    void roomTakenIsThatOfTheWireItself(String id) {
        Patch patch = small(id);
        Pose pose = rest(patch.pattern());
        double[] low = {1e9, 1e9, 1e9};
        double[] high = {-1e9, -1e9, -1e9};
        for (int n = 0; n < patch.size(); n++) {
            for (int s = 0; s < 4000; s++) {
                double[] at = laid(patch, pose, n).at(s * Math.PI / 2000).toArray();
                for (int axis = 0; axis < 3; axis++) {
                    low[axis] = Math.min(low[axis], at[axis] - 0.5);
                    high[axis] = Math.max(high[axis], at[axis] + 0.5);
                }
            }
        }
        PatchExtent extent = PatchExtent.of(patch, pose, 1);
        assertThat(extent.lengthMm()).isCloseTo(high[0] - low[0], within(1e-4));
        assertThat(extent.widthMm()).isCloseTo(high[1] - low[1], within(1e-4));
        assertThat(extent.heightMm()).isCloseTo(high[2] - low[2], within(1e-4));
    }

    @Test
    void coloursAreCountedByRoleStripeAndInlay() {
        Patch chain = Patch.of(Weaves.byId("byzantine"), new PatchShape.Cells(3));
        var byRole = new Colouring(3, Colouring.By.RING, List.of(0, 0, 1, 1, 2, 2), Map.of());
        assertThat(column(byRole.counts(chain))).containsExactly(8, 6, 6);
        var byCell = new Colouring(2, Colouring.By.CELL, List.of(0, 1), Map.of());
        assertThat(column(byCell.counts(chain))).containsExactly(12, 8);
        Patch sheet = Patch.of(Weaves.byId("european-4-in-1"), PatchShape.Rows.even(5, 6));
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
