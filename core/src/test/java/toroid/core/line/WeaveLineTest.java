package toroid.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.GaugeTable;
import toroid.core.weave.Weaves;
import toroid.core.weave.pattern.WeavePattern;

class WeaveLineTest {
    private static final List<WeavePattern> ALL = Weaves.ids().map(Weaves::byId).toList();

    private static WeaveLine read(String text) {
        return WeaveLineReader.read(text, GaugeTable.AWG, ALL).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "byzantine, byzantine",
        "box, box-chain",
        "box chain, box-chain",
        "European 4-in-1, european-4-in-1",
        "european 4 in 1, european-4-in-1",
        "half persian 3-in-1, half-persian-3-in-1",
        "full persian, full-persian-6-in-1",
        "spiral 4-in-1, spiral-4-in-1",
        "mobius rosette of three, mobius-3",
    })
    void aWeaveIsCalledByItsNameOrItsFirstWords(String said, String id) {
        assertThat(read(said).weave().id()).isEqualTo(id);
    }

    @Test
    void whatNamesSeveralOrNoneIsNoWeaveLine() {
        for (String said : List.of("european", "1.0 on 4.5", "wrapped 0.6", "", "persian")) {
            assertThat(WeaveLineReader.read(said, GaugeTable.AWG, ALL)).as(said).isEmpty();
        }
    }

    @Test
    void lengthsBelowFiveMillimetresAreWire() {
        WeaveLine line = read("byzantine 190 0.9 id 3.4 copper");
        assertThat(line.length().length().inMillimetres()).isCloseTo(190, within(1e-9));
        assertThat(line.wire().length().inMillimetres()).isCloseTo(0.9, within(1e-9));
        assertThat(line.inner().length().inMillimetres()).isCloseTo(3.4, within(1e-9));
        assertThat(line.metal().id()).isEqualTo("copper");
        assertThat(line.understood()).hasSize(5);
        // 7 1/2 in = 190.5 mm; 18 AWG = 1.024 mm (ASTM B258)
        WeaveLine inches = read("byzantine 7.5in 18ga ar 3.8");
        assertThat(inches.length().length().inMillimetres()).isCloseTo(190.5, within(1e-9));
        assertThat(inches.wire().length().inMillimetres()).isCloseTo(1.024, within(1e-3));
        assertThat(inches.aspectRatio()).isEqualTo(3.8);
    }

    @Test
    void sheetsAreSaidByRowsAndColumns() {
        for (String said : List.of("european 4-in-1 10x12", "european 4-in-1 10 x 12", "european 4-in-1 10×12")) {
            WeaveLine line = read(said);
            assertThat(List.of(line.rows(), line.columns())).as(said).containsExactly(10, 12);
        }
        assertThat(read("box 12 units").units()).isEqualTo(12);
    }

    @Test
    void aWordNotUnderstoodIsNamed() {
        assertThatThrownBy(() -> read("byzantine tomorrow"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("tomorrow");
        assertThatThrownBy(() -> read("byzantine id"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("line-wants-a-size");
        assertThatThrownBy(() -> read("byzantine 10x12")).isInstanceOf(Refusal.class);
    }
}
