package toroid.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import toroid.core.stock.Taking.Held;

class TakingTest {
    private static Held held(String lot, Double left) {
        return new Held(lot, left, null);
    }

    /** Six beads: the first box has four, the second ten. The second gives all, and has four for the next need. */
    @Test
    void theFirstThatHoldsAllGivesIt() {
        var taking = new Taking();
        var shelf = List.of(held("four", 4.0), held("ten", 10.0));
        assertThat(taking.take(1, 6, shelf)).containsExactly(new Draw("ten", 6));
        assertThat(taking.take(1, 4, shelf)).containsExactly(new Draw("four", 4));
        assertThat(taking.take(1, 4, shelf)).containsExactly(new Draw("ten", 4));
    }

    /** What nobody holds whole comes from several; what is missing is put on the last, so that it is seen to lack. */
    @Test
    void whatIsMissingIsPutOnTheLast() {
        var shelf = List.of(held("four", 4.0), held("ten", 10.0));
        assertThat(new Taking().take(1, 20, shelf)).containsExactly(new Draw("four", 4), new Draw("ten", 16));
        assertThat(new Taking().take(1, 20, List.of())).isEmpty();
        assertThat(new Taking().take(1, 20, List.of(held("unknown", null)))).containsExactly(new Draw("unknown", 20));
    }

    /** Five lengths of 300 from rods of a metre: three to a rod, so two rods, and not the metre and a half that it adds up to. */
    @Test
    void aLengthIsInOnePiece() {
        var rods = new Held("rods", 2000.0, 1000.0);
        var spool = held("spool", 1600.0);
        assertThat(new Taking().take(300, 5, List.of(rods, spool))).containsExactly(new Draw("rods", 1500));
        assertThat(new Taking().take(300, 7, List.of(rods, spool)))
                .containsExactly(new Draw("rods", 1800), new Draw("spool", 300));
        assertThat(new Taking().take(1200, 1, List.of(rods, spool))).containsExactly(new Draw("spool", 1200));
    }

    /** Whatever is asked in turn: all of it is drawn, in whole portions, and no lot but the last of those asked gives more than it has. */
    @Property(tries = 500)
    void allIsDrawnAndNothingTwice(@ForAll long seed) {
        var chance = new Random(seed);
        var shelf = new ArrayList<Held>();
        for (int i = 0; i < 1 + chance.nextInt(5); i++) {
            shelf.add(held("lot " + i, (double) chance.nextInt(40)));
        }
        var taking = new Taking();
        var gone = new HashMap<String, Double>();
        for (int i = 0; i < 6; i++) {
            double portion = 1 + chance.nextInt(7) / 2.0;
            int count = 1 + chance.nextInt(12);
            List<Draw> draws = taking.take(portion, count, shelf);
            assertThat(draws.stream().mapToDouble(Draw::amount).sum()).isCloseTo(portion * count, within(1e-9));
            for (Draw draw : draws) {
                assertThat(draw.amount() / portion).isCloseTo(Math.rint(draw.amount() / portion), within(1e-9));
                gone.merge(draw.lot(), draw.amount(), Double::sum);
            }
        }
        for (Held one : shelf.subList(0, shelf.size() - 1)) {
            assertThat(gone.getOrDefault(one.lot(), 0.0)).isLessThanOrEqualTo(one.left() + 1e-9);
        }
    }

    /** All or none: together they have fourteen. What one need has taken is gone for the next; what nobody counted gives nothing. */
    @Test
    void allOrNone() {
        var taking = new Taking();
        var shelf = List.of(held("four", 4.0), held("ten", 10.0));
        assertThat(taking.takeAll(1, 15, shelf)).isEmpty();
        assertThat(taking.takeAll(1, 12, shelf)).containsExactly(new Draw("four", 4), new Draw("ten", 8));
        assertThat(taking.takeAll(1, 3, shelf)).isEmpty();
        assertThat(taking.takeAll(1, 2, shelf)).containsExactly(new Draw("ten", 2));
        assertThat(taking.takeAll(1, 1, List.of(held("unknown", null)))).isEmpty();
    }

    /** Parted in their order, nothing lost: the first so many, and the rest. */
    @Property(tries = 200)
    void partedNothingIsLost(@ForAll long seed) {
        var chance = new Random(seed);
        var draws = new ArrayList<Draw>();
        double all = 0;
        for (int i = 0; i < 1 + chance.nextInt(5); i++) {
            int some = 1 + chance.nextInt(9);
            draws.add(new Draw("lot " + i, some));
            all += some;
        }
        double first = chance.nextInt((int) all + 1);
        List<List<Draw>> parted = Draw.parted(draws, first);
        assertThat(parted.get(0).stream().mapToDouble(Draw::amount).sum()).isEqualTo(first);
        var sums = new HashMap<String, Double>();
        Draw.joined(parted).forEach(draw -> sums.merge(draw.lot(), draw.amount(), Double::sum));
        draws.forEach(draw -> assertThat(sums.get(draw.lot())).isEqualTo(draw.amount()));
    }
}
