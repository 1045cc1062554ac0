package toroid.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.GaugeTable;

/** A maker's shorthand for forms. */
class FormLineTest {
    private static FormLine read(String line) {
        return FormLineReader.read(line, GaugeTable.AWG).orElseThrow();
    }

    @Test
    void aWrappedLoopInShort() {
        FormLine line = read("wrapped 0.6 loop 2.5 x3");
        assertThat(line.form().info().id()).isEqualTo("wrapped-loop");
        assertThat(line.wire().length().inMillimetres()).isEqualTo(0.6);
        assertThat(line.values()).containsEntry("loop", 2.5);
        assertThat(line.count()).isEqualTo(3);
    }

    @Test
    void aSpiralToASize() {
        FormLine line = read("spiral 1.0 to 12");
        assertThat(line.form().info().id()).isEqualTo("spiral-flat");
        assertThat(line.values()).containsEntry("width", 12.0);
    }

    @Test
    void bothTonguesChoicesAndMetals() {
        FormLine line = read("bead link 20ga copper bead 1/4in plain wraps 2");
        assertThat(line.wire().length().inMillimetres()).isCloseTo(0.812, within(1e-3));
        assertThat(line.metal().id()).isEqualTo("copper");
        assertThat((double) line.values().get("bead")).isCloseTo(6.35, within(1e-9));
        assertThat(line.values()).containsEntry("wraps", 2.0).containsEntry("first", "plain");
        assertThat(read("toggle 1.2").values()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"1.0 on 4.5", "300 rings 0.9 id 3.5", "od 9 18ga"})
    void ringsAreNoForms(String line) {
        assertThat(FormLineReader.read(line, GaugeTable.AWG)).isEmpty();
    }

    @Test
    void whatIsNotUnderstoodIsNamed() {
        assertThatThrownBy(() -> read("spiral 1.0 sideways"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("sideways")
                .hasMessageContaining("width");
        assertThatThrownBy(() -> read("spiral 1.0 to")).hasMessageContaining("line-wants-a-size");
    }
}
