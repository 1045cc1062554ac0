package toroid.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import toroid.core.numeric.Refusal;

class StockKindsTest {
    /** Any facts a kind allows, some left unsaid. */
    private static Map<String, Object> any(StockKind kind, Random chance) {
        var facts = new TreeMap<String, Object>();
        for (Fact fact : kind.facts()) {
            if (!fact.optional() || chance.nextBoolean()) {
                facts.put(fact.id(), any(fact, chance));
            }
        }
        return facts;
    }

    private static Object any(Fact fact, Random chance) {
        return switch (fact.type()) {
            case NUMBER -> fact.minimum() + chance.nextDouble() * (fact.maximum() - fact.minimum());
            case WHOLE -> fact.minimum() + chance.nextInt((int) (fact.maximum() - fact.minimum()) + 1);
            case WORD -> "word " + chance.nextInt(100);
            case CHOICE -> fact.options().get(chance.nextInt(fact.options().size()));
            case CHOICES ->
                fact.options().stream().filter(one -> chance.nextBoolean()).toList();
            case NUMBERS ->
                new ArrayList<Object>(
                        List.of(fact.minimum() + chance.nextDouble() * 3, fact.minimum() + 4 + chance.nextDouble()));
        };
    }

    /** Every kind, random facts: what is kept and written in a file's cells reads back the same; what is refused is named. */
    @Property(tries = 300)
    void whatIsWrittenReadsBackTheSame(@ForAll @IntRange(max = 1_000_000) int seed) {
        var chance = new Random(seed);
        for (StockKind kind : StockKinds.all()) {
            Facts read;
            try {
                read = kind.read(any(kind, chance));
            } catch (Refusal together) {
                // sizes that do not go together, or a temper that metal does not come in
                assertThat(kind.facts()).anyMatch(fact -> fact.id().equals(together.field()));
                continue;
            }
            assertThat(kind.read(read.values())).isEqualTo(read);
            var cells = new HashMap<String, Object>();
            kind.facts()
                    .forEach(fact ->
                            cells.put(fact.id(), fact.written(read.values().get(fact.id()))));
            assertThat(kind.read(cells)).isEqualTo(read);
            kind.gramsPerUnit(read)
                    .ifPresent(grams -> assertThat(grams).as(kind.id()).isPositive());
            assertThat(kind.gramsBand(read)).isBetween(0.0, 3.0);
        }
    }

    @Test
    void everyKindBeginsWithFactsItTakes() {
        assertThat(StockKinds.all()).extracting(StockKind::id).doesNotHaveDuplicates();
        for (StockKind kind : StockKinds.all()) {
            assertThat(kind.read(kind.blank().values())).as(kind.id()).isEqualTo(kind.blank());
            assertThat(kind.facts()).extracting(Fact::id).doesNotHaveDuplicates();
        }
    }

    private static Facts told(String kind, Object... pairs) {
        var facts = new HashMap<String, Object>(StockKinds.byId(kind).blank().values());
        for (int i = 0; i < pairs.length; i += 2) {
            facts.put((String) pairs[i], pairs[i + 1]);
        }
        return StockKinds.byId(kind).read(facts);
    }

    /**
     * Sterling of 18 AWG (1.024 mm) is told at about 12 ft to the troy ounce: refiners' tables, from memory. A troy ounce is
     * 31.1035 g, a foot 304.8 mm.
     */
    @Test
    void wireWeighsWhatRefinersTablesSay() {
        Facts sterling = told("wire", "metal", "sterling-silver", "temper", "half-hard", "diameter", 1.024);
        double grams = StockKinds.byId("wire").gramsPerUnit(sterling).orElseThrow();
        assertThat(31.1035 / (12 * 0.3048)).isCloseTo(grams, within(0.02 * grams));
        ScaleCount ounce = ScaleCount.of(StockKinds.byId("wire"), sterling, 31.1035 + 40, 40);
        assertThat(ounce.amount()).isCloseTo(31.1035 / grams * 1000, within(1e-6));
        assertThat(ounce.off()).isBetween(0.01 * ounce.amount(), 0.03 * ounce.amount());
    }

    /** A torus by Pappus: area of its section times the way of its middle. 10 rings of 1/5 copper: 10 · 0.7854 · 18.850 · 8.94 mg. */
    @Test
    void ringsAreCountedOnAScale() {
        Facts rings = told("rings", "wire", 1, "inside", 5);
        double each = Math.PI / 4 * Math.PI * 6 * 8.94e-3;
        assertThat(StockKinds.byId("rings").gramsPerUnit(rings).orElseThrow()).isCloseTo(each, within(1e-9));
        ScaleCount counted = ScaleCount.of(StockKinds.byId("rings"), rings, 250 * each + 12.3, 12.3);
        assertThat(counted.amount()).isEqualTo(250);
        assertThat(counted.off()).isGreaterThan(1);
    }

    /** A bead's weight by its density lies between its inscribed and its circumscribed shapes. */
    @Property(tries = 200)
    void beadsWeighLessThanTheirBox(@ForAll @IntRange(max = 1_000_000) int seed) {
        var chance = new Random(seed);
        double across = 2 + 18 * chance.nextDouble();
        double along = 1 + 19 * chance.nextDouble();
        double hole = 0.3 + chance.nextDouble() * 0.5 * across;
        for (String shape : List.of("round", "rondelle", "tube", "cube", "drop", "coin", "chip")) {
            Facts bead = told("beads", "shape", shape, "across", across, "along", along, "hole", hole, "density", 2.5);
            double grams = StockKinds.byId("beads").gramsPerUnit(bead).orElseThrow();
            assertThat(grams)
                    .isPositive()
                    .isLessThan(2.5 * across * across * along / 1000)
                    .isGreaterThanOrEqualTo(
                            2.5 * (Math.PI / 6 * across * across - Math.PI / 4 * hole * hole) * along / 1000 - 1e-9);
        }
    }

    @Test
    void whatIsWrongIsNamed() {
        StockKind wire = StockKinds.byId("wire");
        assertThatThrownBy(() -> told("wire", "diameter", 40)).hasMessageContaining("out-of-range: diameter");
        assertThatThrownBy(() -> told("wire", "temper", "spring")).hasMessageContaining("temper-not-kept");
        assertThatThrownBy(() -> told("wire", "colour", "red")).hasMessageContaining("unknown-fact: colour");
        assertThatThrownBy(() -> told("wire", "comes-as", "bag")).hasMessageContaining("fact-not-an-option");
        assertThatThrownBy(() -> told("wire", "comes-as", "straight lengths")).hasMessageContaining("each");
        assertThatThrownBy(() -> told("wire", "diameter", "thick")).hasMessageContaining("fact-no-number");
        assertThatThrownBy(() -> told("rings", "turns", 1.5)).hasMessageContaining("fact-not-whole");
        assertThatThrownBy(() -> told("beads", "hole", 6)).hasMessageContaining("hole");
        assertThatThrownBy(() -> told("findings", "loop-inside", null))
                .hasMessageContaining("fact-missing: loop-inside");
        assertThatThrownBy(() -> told("crimps", "bore", 2)).hasMessageContaining("bore");
        assertThatThrownBy(() -> wire.read(Map.of())).hasMessageContaining("fact-missing");
        assertThatThrownBy(() -> StockKinds.byId("gems")).hasMessageContaining("unknown-stock-kind");
        assertThatThrownBy(() -> ScaleCount.of(StockKinds.byId("cord"), told("cord"), 5, 0))
                .hasMessageContaining("weighs-unknown");
        assertThatThrownBy(() -> ScaleCount.of(wire, told("wire"), 5, 6)).hasMessageContaining("tareG");
    }

    /** A jaw from 1.2 to 6.0 mm over 24 mm grows 0.2 mm a millimetre: 3.6 mm is 12 mm from its tip. */
    @Test
    void aJawSaysWhere() {
        var jaw = new Taper(1.2, 6, 24, List.of(5.0, 11.5, 20.0));
        Taper.JawPlace place = jaw.where(3.6).orElseThrow();
        assertThat(place.fromTipMm()).isCloseTo(12, within(1e-12));
        assertThat(place.mark()).isEqualTo(2);
        assertThat(place.perMmOfSlip()).isCloseTo(0.2, within(1e-12));
        assertThat(jaw.where(1.0)).isEmpty();
        assertThat(jaw.where(6.1)).isEmpty();
        assertThatThrownBy(() -> new Taper(6, 1.2, 24, List.of())).hasMessageContaining("back");
    }

    @Property(tries = 300)
    void whereAJawSaysItHasThatDiameter(@ForAll @IntRange(max = 1_000_000) int seed) {
        var chance = new Random(seed);
        double tip = 0.4 + 5 * chance.nextDouble();
        var jaw = new Taper(tip, tip + 0.1 + 10 * chance.nextDouble(), 5 + 60 * chance.nextDouble(), List.of());
        double asked = jaw.tipMm() + chance.nextDouble() * (jaw.backMm() - jaw.tipMm());
        double from = jaw.where(asked).orElseThrow().fromTipMm();
        assertThat(jaw.diameterAt(Math.min(from, jaw.lengthMm()))).isCloseTo(asked, within(1e-9));
    }

    @Test
    void aLevelNeverHidesThatMoreWasTakenThanThereWas() {
        assertThat(Level.of(-5, 0, null)).isEqualTo(new Level(0, 5, 0, 0, false));
        assertThat(Level.of(100, 120, 10.0)).isEqualTo(new Level(100, 0, 120, -20, true));
        assertThat(Level.of(1e-9, 0, null).left()).isZero();
        assertThat(Level.of(30, 0, 30.0).low()).isTrue();
        assertThat(Measure.LENGTH.worth(2500, 4)).isEqualTo(10);
        assertThat(Measure.PIECES.worth(12, 0.25)).isEqualTo(3);
    }

    /** One wrong sign, or two neighbours changed about, are always told. */
    @Property(tries = 200)
    void aCodeTellsWhatWasMistyped(@ForAll long high, @ForAll long low) {
        String code = LotCode.of(new UUID(high, low));
        assertThat(LotCode.read(code.substring(0, 4).toLowerCase(java.util.Locale.ROOT) + " " + code.substring(4)))
                .contains(code);
        for (int i = 0; i < code.length(); i++) {
            for (char other : "23456789ABCDEFGHJKLMNPQRSTVWXYZ".toCharArray()) {
                if (other != code.charAt(i)) {
                    assertThat(LotCode.read(code.substring(0, i) + other + code.substring(i + 1)))
                            .isEmpty();
                }
            }
            if (i > 0 && code.charAt(i) != code.charAt(i - 1)) {
                String swapped = code.substring(0, i - 1) + code.charAt(i) + code.charAt(i - 1) + code.substring(i + 1);
                assertThat(LotCode.read(swapped)).as(code + " " + i).isEmpty();
            }
        }
    }
}
