package toroid.core.weave;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.weave.patch.Colouring;
import toroid.core.weave.patch.Patch;
import toroid.core.weave.patch.PatchShape;

class CutListTest {
    @Test
    void namesEachSizeOfEachColourThatHasRings() {
        var sizes = List.of(new CutList.Size(1.0, 4.0), new CutList.Size(1.2, 8.0));
        CutList list = CutList.of(sizes, List.of(List.of(60, 2), List.of(12, 0)));
        assertThat(list.rings())
                .containsExactly(
                        new CutList.Rings(0, 0, 1.0, 4.0, 60),
                        new CutList.Rings(1, 0, 1.2, 8.0, 2),
                        new CutList.Rings(0, 1, 1.0, 4.0, 12));
    }

    /** However a patch is coloured, what is cut is what it is made of: ring by ring, counted another way. */
    @ParameterizedTest
    @ValueSource(strings = {"byzantine", "box-chain", "japanese-4-in-1", "captive-chain"})
    void cutsEveryRingOfAPatchOnce(String id) {
        var weave = Weaves.byId(id);
        boolean sheet = weave.lattice().kind() == toroid.core.weave.pattern.Lattice.Kind.SHEET;
        var chance = new Random(id.hashCode());
        for (int i = 0; i < 20; i++) {
            int much = 2 + chance.nextInt(8);
            Patch patch = Patch.of(weave, sheet ? PatchShape.Rows.even(much, much + 1) : new PatchShape.Cells(much));
            int colours = 1 + chance.nextInt(3);
            int[] sequence = chance.ints(1 + chance.nextInt(4), 0, colours).toArray();
            var colouring = new Colouring(
                    colours,
                    Colouring.By.values()[chance.nextInt(Colouring.By.values().length)],
                    Arrays.stream(sequence).boxed().toList(),
                    java.util.Map.of());
            List<List<Integer>> counts = Arrays.stream(colouring.counts(patch))
                    .map(one -> Arrays.stream(one).boxed().toList())
                    .toList();
            var sizes = IntStream.range(0, weave.classes().size())
                    .mapToObj(size -> new CutList.Size(1, 4 + size))
                    .toList();
            CutList list = CutList.of(sizes, counts);
            assertThat(list.rings()).allMatch(rings -> rings.count() > 0).doesNotHaveDuplicates();
            for (CutList.Rings rings : list.rings()) {
                long there = IntStream.range(0, patch.size())
                        .filter(n -> colouring.of(patch, n) == rings.colour())
                        .filter(n ->
                                weave.rings().get(patch.rings().get(n).ring()).sizeClass() == rings.size())
                        .count();
                assertThat(rings.count()).isEqualTo((int) there);
            }
            assertThat(list.rings().stream().mapToInt(CutList.Rings::count).sum())
                    .isEqualTo(patch.size());
        }
    }
}
