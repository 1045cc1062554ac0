package toroid.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.LengthReading.Kind;

class MakerLengthTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1.2|1.2|METRIC",
                "1,2|1.2|METRIC",
                ".8 mm|0.8|METRIC",
                "1.2mm|1.2|METRIC",
                "2 cm|20|METRIC",
                "10m|10000|METRIC",
                "18awg|1.0237|GAUGE",
                "awg 18|1.0237|GAUGE",
                "18 SWG|1.2192|GAUGE",
                "2/0 awg|9.2658|GAUGE",
                "18ga|1.0237|BARE_GAUGE",
                "18 gauge|1.0237|BARE_GAUGE",
                "1/4in|6.35|INCH_FRACTION",
                "1/4 inch|6.35|INCH_FRACTION",
                "5/32\"|3.96875|INCH_FRACTION",
                "5/32|3.96875|INCH_FRACTION",
                "1 1/4 in|31.75|INCH_FRACTION",
                "0.048in|1.2192|INCH",
                "3 mm drill|3|DRILL",
                "#30 drill|3.2639|DRILL",
                "drill F|6.5278|DRILL",
                "US 7 needle|4.5|NEEDLE",
                "us 10.5|6.5|NEEDLE",
                "4.5 needle|4.5|NEEDLE",
            })
    void readsBothTongues(String typed, double millimetres, Kind kind) {
        LengthReading reading = MakerLength.read(typed, GaugeTable.AWG);
        assertThat(reading.length().inMillimetres()).isCloseTo(millimetres, within(5e-5));
        assertThat(reading.kind()).isEqualTo(kind);
    }

    /** BS 3737 against ASTM B258: 18 SWG (1.219 mm) is 19 % thicker than 18 AWG (1.024 mm). */
    @Test
    void aBareGaugeSaysWhichTableAndHowFarTheOtherIs() {
        LengthReading american = MakerLength.read("18ga", GaugeTable.AWG);
        assertThat(american.understoodAs()).isEqualTo("18 AWG");
        assertThat(american.other().name()).isEqualTo("18 SWG");
        assertThat(american.other().differencePercent()).isCloseTo(19.1, within(0.05));
        LengthReading imperial = MakerLength.read("18ga", GaugeTable.SWG);
        assertThat(imperial.understoodAs()).isEqualTo("18 SWG");
        assertThat(imperial.other().differencePercent()).isCloseTo(-16.0, within(0.05));
    }

    @Test
    void aNamedGaugeHasNoOther() {
        assertThat(MakerLength.read("18swg", GaugeTable.AWG).other()).isNull();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "ring", "1.2.3", "--1", "1/0", "18 bananas", "mm", "99 ga", "drill 200", "us 12", "1e5", "-3"
            })
    void refusesWhatIsNoLength(String typed) {
        assertThatThrownBy(() -> MakerLength.read(typed, GaugeTable.AWG)).isInstanceOf(Refusal.class);
    }

    @Test
    void refusesNothingAndTooMuch() {
        assertThatThrownBy(() -> MakerLength.read(null, GaugeTable.AWG)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> MakerLength.read("1".repeat(5000), GaugeTable.AWG))
                .isInstanceOf(Refusal.class);
    }

    @Property
    void everyGaugeReadsBackInItsOwnTable(@ForAll @IntRange(min = 1, max = 40) int gauge) {
        for (GaugeTable table : GaugeTable.values()) {
            LengthReading reading = MakerLength.read(table.nameOf(gauge), table.other());
            assertThat(reading.length()).isEqualTo(table.diameterOf(gauge));
            assertThat(table.nearestTo(reading.length())).isEqualTo(gauge);
        }
    }

    @Property
    void millimetresRoundTripThroughInches(@ForAll @DoubleRange(min = 0.01, max = 500) double mm) {
        String inches = Double.toString(Length.ofMillimetres(mm).inInches());
        if (!inches.contains("E")) {
            assertThat(MakerLength.read(inches + "in", GaugeTable.AWG).length().inMillimetres())
                    .isCloseTo(mm, within(1e-9));
        }
    }

    @Property
    void anyTextIsReadOrRefusedButNeverBreaks(@ForAll @StringLength(max = 12) String text) {
        try {
            assertThat(MakerLength.read(text, GaugeTable.AWG).length().inMillimetres())
                    .isFinite();
        } catch (Refusal refusal) {
            assertThat(refusal.getMessage()).isNotBlank();
        }
    }

    /** Numbers longer than any gauge or drill has are no length; nothing overflows. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "12345678901234567890 ga",
                "awg 12345678901234567890",
                "#12345678901234567890",
                "12345678901234567890 drill",
                "drill 12345678901234567890"
            })
    void numbersBeyondCountingAreNoLength(String text) {
        assertThat(MakerLength.tryRead(text, GaugeTable.AWG)).isEmpty();
    }
}
