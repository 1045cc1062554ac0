package toroid.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.GaugeTable;
import toroid.core.ring.RingCut;

class BenchLineTest {
    private static RingLine read(String line) {
        return BenchLine.read(line, GaugeTable.AWG);
    }

    @Test
    void wireOnARod() {
        RingLine line = read("1.0 on 4.5");
        assertThat(line.wire().length().inMillimetres()).isEqualTo(1);
        assertThat(line.mandrel().length().inMillimetres()).isEqualTo(4.5);
        assertThat(line.count()).isNull();
    }

    @Test
    void outsideInBareGauge() {
        RingLine line = read("od 9 18ga");
        assertThat(line.outer().length().inMillimetres()).isEqualTo(9);
        assertThat(line.wire().length().inMillimetres()).isCloseTo(1.0237, within(1e-4));
        assertThat(line.wire().other().name()).isEqualTo("18 SWG");
    }

    @Test
    void soManyRings() {
        RingLine line = read("300 rings 0.9 id 3.5");
        assertThat(line.count()).isEqualTo(300);
        assertThat(line.wire().length().inMillimetres()).isEqualTo(0.9);
        assertThat(line.inner().length().inMillimetres()).isEqualTo(3.5);
    }

    @Test
    void everythingAtOnceInAnyOrder() {
        RingLine line = read("double rings of sterling silver half hard 20 awg on 3 mm drill saw 0.2 x50 from 40 g");
        assertThat(line.turnsPerRing()).isEqualTo(2);
        assertThat(line.metal().id()).isEqualTo("sterling-silver");
        assertThat(line.temper()).isEqualTo(Temper.HALF_HARD);
        assertThat(line.wire().understoodAs()).isEqualTo("20 AWG");
        assertThat(line.mandrel().understoodAs()).isEqualTo("3 mm drill");
        assertThat(line.cut()).isEqualTo(new RingCut.Saw(0.2));
        assertThat(line.count()).isEqualTo(50);
        assertThat(line.fromMassGrams()).isEqualTo(40);
        assertThat(line.understood()).hasSize(8);
    }

    @ParameterizedTest
    @CsvSource({"1.2 ar 5,5", "ar 4.2 18swg,4.2", "ar 3,3"})
    void aspectRatio(String text, double ratio) {
        assertThat(read(text).aspectRatio()).isEqualTo(ratio);
    }

    @Test
    void fromALengthAndFlush() {
        RingLine line = read("1.0 on 5 flush from 10 m");
        assertThat(line.fromLengthMm()).isEqualTo(10_000);
        assertThat(line.cut()).isEqualTo(new RingCut.Flush(0.75, true));
        assertThat(read("1.0 on 1/4 in").mandrel().length().inMillimetres()).isEqualTo(6.35);
    }

    @ParameterizedTest
    @CsvSource({
        "1.0 on,line-wants-a-size",
        "ar big 1.0,line-wants-a-number",
        "1.0 sideways 4,sideways",
        "1.0 1.2,line-which-is-the-wire",
        "id 3 id 4,line-twice",
        "from,line-wants-a-length-or-a-weight",
    })
    void saysWhichWordItDoesNotUnderstand(String text, String words) {
        assertThatThrownBy(() -> read(text)).isInstanceOf(Refusal.class).hasMessageContaining(words);
    }

    @Test
    void nothingAndTooMuchAreRefused() {
        assertThatThrownBy(() -> read("  ")).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> read(null)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> read("1.0 ".repeat(100))).isInstanceOf(Refusal.class);
    }

    @Property
    void anyLineIsReadOrRefusedButNeverBreaks(@ForAll @StringLength(max = 40) String text) {
        try {
            assertThat(read(text)).isNotNull();
        } catch (Refusal refusal) {
            assertThat(refusal.field())
                    .isIn("line", "length", "needle", "drill", "AWG number", "SWG number", "drill number");
        }
    }
}
