package toroid.core.price;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import toroid.core.price.CostLine.Kind;

class PriceTest {
    /**
     * By hand: wire 6, beads 4, 90 minutes at 20: 40 together, 15 % on it: 46; a margin of 8 % of what is asked: 46 / 0.92 = 50; 20 % tax:
     * 60. Of four copies one is 15.
     */
    @Test
    void byHand() {
        var lines = List.of(
                new CostLine(Kind.WIRE, 0, 1500, 6.0),
                new CostLine(Kind.HANDS, 0, 90, null),
                new CostLine(Kind.BOUGHT, 0, 8, 4.0));
        Price price = Price.of(lines, 4, new Rates(20, 15, 8, 20, 0.0));
        assertThat(price.material()).isCloseTo(10, within(1e-9));
        assertThat(price.hands()).isCloseTo(30, within(1e-9));
        assertThat(price.overhead()).isCloseTo(6, within(1e-9));
        assertThat(price.cost()).isCloseTo(46, within(1e-9));
        assertThat(price.margin()).isCloseTo(4, within(1e-9));
        assertThat(price.beforeTax()).isCloseTo(50, within(1e-9));
        assertThat(price.tax()).isCloseTo(10, within(1e-9));
        assertThat(price.each()).isCloseTo(15, within(1e-9));
        assertThat(price.costEach()).isCloseTo(11.5, within(1e-9));
        assertThat(price.missing()).isZero();
        // what drives it stands first
        assertThat(price.lines()).extracting(CostLine::kind).containsExactly(Kind.HANDS, Kind.WIRE, Kind.BOUGHT);
    }

    @Test
    void whatHasNoPriceIsSaid() {
        Price price = Price.of(
                List.of(new CostLine(Kind.WIRE, 0, 1500, null), new CostLine(Kind.WIRE, 1, 10, 1.0)), 1, Rates.USUAL);
        assertThat(price.missing()).isEqualTo(1);
        assertThat(price.material()).isEqualTo(1);
        assertThat(price.lines().get(1).cost()).isNull();
    }

    /** Margin and tax are the shares they say, whatever is made; nothing is lost between the lines and the price. */
    @Property(tries = 300)
    void sharesAreWhatTheySay(@ForAll @IntRange(max = 1_000_000) int seed) {
        var chance = new Random(seed);
        var lines = new ArrayList<CostLine>();
        for (int i = 0; i < 1 + chance.nextInt(8); i++) {
            lines.add(new CostLine(
                    Kind.values()[chance.nextInt(2)], i, 100 * chance.nextDouble(), 50 * chance.nextDouble()));
        }
        lines.add(new CostLine(Kind.HANDS, 0, 600 * chance.nextDouble(), null));
        var rates = new Rates(
                100 * chance.nextDouble(),
                80 * chance.nextDouble(),
                80 * chance.nextDouble(),
                30 * chance.nextDouble(),
                5 * chance.nextDouble());
        Price price = Price.of(lines, 1 + chance.nextInt(20), rates);
        assertThat(price.margin()).isCloseTo(price.beforeTax() * rates.marginPercent() / 100, within(1e-6));
        assertThat(price.tax()).isCloseTo(price.beforeTax() * rates.taxPercent() / 100, within(1e-6));
        assertThat(price.price())
                .isCloseTo(
                        price.material() + price.hands() + price.overhead() + price.margin() + price.tax(),
                        within(1e-6));
        double told = price.lines().stream().mapToDouble(CostLine::cost).sum();
        assertThat(told).isCloseTo(price.material() + price.hands(), within(1e-6));
        assertThat(price.each() * price.copies()).isCloseTo(price.price(), within(1e-6));
    }

    /** Flux and pickle for four copies at 0.5: material like any other, told in a line of its own; none where none were set. */
    @Test
    void consumablesAreALineOfTheirOwn() {
        Price price = Price.of(List.of(new CostLine(Kind.WIRE, 0, 1500, 6.0)), 4, new Rates(20, 0, 0, 0, 0.5));
        assertThat(price.lines()).contains(new CostLine(Kind.CONSUMABLES, 0, 4, 2.0));
        assertThat(price.material()).isCloseTo(8, within(1e-9));
        assertThat(new Rates(20, 0, 0, 0, null).consumablesEach()).isZero();
        assertThat(Price.of(List.of(), 4, Rates.USUAL).lines()).isEmpty();
    }

    @Test
    void ratesThatCannotBeAreRefused() {
        assertThatThrownBy(() -> new Rates(-1, 0, 0, 0, 0.0)).hasMessageContaining("perHour");
        assertThatThrownBy(() -> new Rates(20, 0, 100, 0, 0.0)).hasMessageContaining("marginPercent");
        assertThatThrownBy(() -> new Rates(20, Double.NaN, 0, 0, 0.0)).hasMessageContaining("overheadPercent");
        assertThatThrownBy(() -> new Rates(20, 0, 0, 101, 0.0)).hasMessageContaining("taxPercent");
        assertThatThrownBy(() -> Price.of(List.of(), 0, Rates.USUAL)).hasMessageContaining("copies");
    }
}
