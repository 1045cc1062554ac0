package toroid.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.numeric.Unit;

class InstrumentLineTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "3.26 mm|MM|3.26|true",
                "  +0003.260mm|MM|3.26|true",
                "3,26|MM|3.26|true",
                "0.128 in|MM|3.2512|true",
                "0.5\"|MM|12.7|true",
                "? 3.1 mm|MM|3.1|false",
                "12.34 g|GRAMS|12.34|true",
                "-0.01 g ?|GRAMS|-0.01|false",
                "950 mg|GRAMS|0.95|true",
                "1.2 KG|GRAMS|1200|true"
            })
    void aNumberAndItsUnit(String line, Unit own, double value, boolean steady) {
        InstrumentLine read = InstrumentLine.read(line, own).orElseThrow();
        assertThat(read.value()).isCloseTo(value, within(1e-9));
        assertThat(read.unit()).isEqualTo(own);
        assertThat(read.steady()).isEqualTo(steady);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "ready", "mm", "3.26 g", "3.26 furlong", "1e9", "3..2", "NaN", "99999999 mm", "3.26 mm extra"
            })
    void whatIsNoneIsNone(String line) {
        assertThat(InstrumentLine.read(line, Unit.MM)).isEmpty();
    }

    @Test
    void nothingLongIsRead() {
        assertThat(InstrumentLine.read("3.26 mm" + " ".repeat(100_000), Unit.MM))
                .isEmpty();
    }

    /** What a stand-in writes is read back as it was. */
    @Test
    void whateverIsShownIsReadBack() {
        var chance = new Random(2);
        for (int i = 0; i < 2000; i++) {
            double shown = Math.rint(chance.nextDouble() * 1e5) / 100;
            String line = String.format(Locale.ROOT, "%.2f mm", shown);
            assertThat(InstrumentLine.read(line, Unit.MM).orElseThrow().value()).isCloseTo(shown, within(1e-9));
        }
    }
}
