package toroid.core.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.Figure;
import toroid.core.ring.Spare;
import toroid.core.weave.assembly.PreClosed;
import toroid.core.weave.assembly.Way;
import toroid.core.weave.patch.Colouring;
import toroid.core.weave.patch.Patch;
import toroid.core.weave.patch.PatchRing;
import toroid.core.weave.patch.PatchShape;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.solve.Pose;

/** What a patch takes, against sums of its rings done here. */
class PatchWorkTest {
    /** Copper, g/cm³: CRC Handbook of Chemistry and Physics. */
    private static final double COPPER = 8.96;

    static Stream<String> ids() {
        return Weaves.ids();
    }

    private static PatchWork work(Patch patch, WeaveRings rings, double spare) {
        WeaveWork solved = Weaves.work(patch.pattern().id(), rings);
        return PatchWork.of(
                patch,
                Colouring.PLAIN,
                rings,
                PreClosed.of(patch, Way.USUAL),
                solved.tautPose(),
                solved.restPose(),
                spare,
                COPPER);
    }

    private static WeaveRings loose(WeavePattern pattern) {
        double ratio = pattern.usual() == null ? 8 : Math.max(pattern.usual().high(), 6) + 1;
        return Weaves.rings(pattern, ratio);
    }

    @ParameterizedTest
    @MethodSource("ids")
    void wireAndWeightAreTheSumOfTheRings(String id) {
        Patch patch = PatchTest.small(id);
        WeaveRings rings = loose(patch.pattern());
        PatchWork work = work(patch, rings, 5);
        double wire = 0;
        double mass = 0;
        for (int n = 0; n < patch.size(); n++) {
            double middle = rings.innerMm().get(patch.sizeClassOf(n)) + rings.wireMm();
            wire += Math.PI * middle;
            mass += Math.PI * middle * Math.PI / 4 * rings.wireMm() * rings.wireMm() * COPPER / 1000;
        }
        assertThat(work.wireMm().stream().mapToDouble(Double::doubleValue).sum())
                .isCloseTo(wire, within(1e-9 * wire));
        assertThat(work.massG()).isCloseTo(mass, within(1e-9 * mass));
        assertThat(work.total()).isEqualTo(patch.size());
        assertThat(work.opened() + work.preClosed().inHand()).isEqualTo(patch.size());
        assertThat(work.links()).isEqualTo(patch.linkCount());
    }

    /** Every number shown says how it came about, and says the number. */
    @ParameterizedTest
    @MethodSource("ids")
    void everyFigureExplainsItself(String id) {
        Patch patch = PatchTest.small(id);
        WeaveRings rings = loose(patch.pattern());
        List<Figure> figures = work(patch, rings, 5).figures(patch, rings, 5, COPPER);
        assertThat(figures).extracting(Figure::id).doesNotHaveDuplicates().contains("patch-rings", "patch-length");
        for (Figure figure : figures) {
            assertThat(figure.formula()).isNotBlank();
            assertThat(figure.worked()).isNotBlank();
            assertThat(figure.source()).isNotBlank();
        }
        Figure all = figures.stream()
                .filter(figure -> figure.id().equals("patch-rings"))
                .findFirst()
                .orElseThrow();
        assertThat(all.worked()).contains(String.valueOf(patch.size()));
    }

    /** Spare is rounded up for each size by itself: 12 flats and 17 uprights at 5 % are one and one more. */
    @ParameterizedTest
    @CsvSource({"0, 0, 0", "5, 1, 1", "10, 2, 2", "25, 3, 5", "100, 12, 17"})
    void spareIsRoundedUp(double percent, int flats, int uprights) {
        Patch patch = Patch.of(Weaves.byId("japanese-4-in-1"), PatchShape.Rows.even(3, 4));
        assertThat(work(patch, loose(patch.pattern()), percent).spare()).containsExactly(flats, uprights);
    }

    /** Forty rings at 5 % are two spare; thirteen of one colour and twenty-seven of another are one and two. */
    @Test
    void spareIsRoundedUpForEachColour() {
        Patch patch = Patch.of(Weaves.byId("single-chain"), new PatchShape.Cells(40));
        var red = new HashMap<PatchRing, Integer>();
        patch.rings().stream().limit(13).forEach(ring -> red.put(ring, 1));
        var colours = new Colouring(2, Colouring.By.RING, List.of(0), red);
        assertThat(Spare.ofSizes(Colouring.PLAIN.counts(patch), 5)).containsExactly(2);
        assertThat(Spare.ofSizes(colours.counts(patch), 5)).containsExactly(3);
        assertThat(Spare.of(13, 5) + Spare.of(27, 5)).isEqualTo(3);
    }

    /** A batch of two has no spare at 5 %, one of ten has one; at 25 % two have one. */
    @ParameterizedTest
    @CsvSource({"1, 5, 0", "2, 5, 0", "9, 5, 0", "10, 5, 1", "20, 5, 1", "21, 5, 2", "2, 25, 1", "2, 0, 0", "1, 100, 1"
    })
    void aBatchOfTwoStaysABatchOfTwo(int count, double percent, int spare) {
        assertThat(Spare.of(count, percent)).isEqualTo(spare);
    }

    @Test
    void spareBeyondAHundredPercentIsRefused() {
        Patch patch = PatchTest.small("single-chain");
        assertThatThrownBy(() -> work(patch, loose(patch.pattern()), 101))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("usual {from=5.0");
    }

    /** The fewest cells that reach a length: one fewer falls short. */
    @ParameterizedTest
    @CsvSource({"byzantine, 190", "box-chain, 77.5", "three-in-a-spiral, 300", "tube-4-in-1-along, 60"})
    void aLengthTakesTheFewestCells(String id, double lengthMm) {
        WeavePattern pattern = Weaves.byId(id);
        WeaveRings rings = loose(pattern);
        Pose taut = Weaves.work(pattern.id(), rings).tautPose();
        int cells = PatchWork.cellsFor(pattern, taut, rings.wireMm(), lengthMm);
        assertThat(length(pattern, taut, cells)).isGreaterThanOrEqualTo(lengthMm - 1e-6);
        assertThat(length(pattern, taut, cells - 1)).isLessThan(lengthMm);
    }

    private static double length(WeavePattern pattern, Pose pose, int cells) {
        return toroid.core.weave.patch.PatchExtent.of(Patch.of(pattern, new PatchShape.Cells(cells)), pose, 1)
                .lengthMm();
    }

    @Test
    void aSheetsLengthTakesTheFewestColumns() {
        WeavePattern pattern = Weaves.byId("european-4-in-1");
        WeaveRings rings = new WeaveRings(1, List.of(4.2));
        Pose rest = Weaves.work(pattern.id(), rings).restPose();
        int columns = PatchWork.columnsFor(pattern, rest, 1, 6, 80);
        assertThat(sheet(pattern, rest, columns)).isGreaterThanOrEqualTo(80);
        assertThat(sheet(pattern, rest, columns - 1)).isLessThan(80);
    }

    private static double sheet(WeavePattern pattern, Pose pose, int columns) {
        return toroid.core.weave.patch.PatchExtent.of(Patch.of(pattern, PatchShape.Rows.even(6, columns)), pose, 1)
                .lengthMm();
    }

    /** Rings that do not make the weave can be counted, but have no length. */
    @Test
    void ringsThatDoNotFitHaveNoLength() {
        Patch patch = Patch.of(Weaves.byId("byzantine"), new PatchShape.Cells(3));
        WeaveRings rings = new WeaveRings(1, List.of(2.5));
        PatchWork work = work(patch, rings, 5);
        assertThat(work.taut()).isNull();
        assertThat(work.figures(patch, rings, 5, COPPER))
                .extracting(Figure::id)
                .contains("patch-rings")
                .doesNotContain("patch-length");
    }
}
