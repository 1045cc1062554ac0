package toroid.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CsvCellsTest {
    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+cmd", "-2", "@sum", "\tx", "\r=x"})
    void whatASpreadsheetWouldWorkOutIsWords(String cell) {
        assertThat(CsvCells.harmless(cell)).startsWith("'").endsWith(cell);
        assertThat(CsvCells.asTyped(CsvCells.harmless(cell))).isEqualTo(cell);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "bronze 1.0", "'tis", "'", "a=b"})
    void allElseIsAsItIs(String cell) {
        assertThat(CsvCells.harmless(cell)).isEqualTo(cell);
        assertThat(CsvCells.asTyped(cell)).isEqualTo(cell);
    }
}
