package toroid.server.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;
import toroid.server.ApiTest;

class LineTest extends ApiTest {
    private Answer line(String text) {
        return tell("/api/line", Map.of("text", text));
    }

    @Test
    void answersAtOnce() {
        Answer answer = line("1.0 on 4.5");
        assertThat(answer.at("/convention").asText()).isEqualTo("MANDREL");
        assertThat(answer.number("innerDiameterMm")).isGreaterThan(4.5);
        assertThat(answer.number("mandrelDiameterMm")).isEqualTo(4.5);
    }

    @Test
    void warnsOfABareGauge() {
        Answer answer = line("od 9 18ga");
        assertThat(answer.at("/otherGauge/name").asText()).isEqualTo("18 SWG");
        assertThat(answer.number("outerDiameterMm")).isCloseTo(9, within(1e-9));
        Answer imperial = tell("/api/line", Map.of("text", "od 9 18ga", "bareGauge", "SWG"));
        assertThat(imperial.number("wireDiameterMm")).isCloseTo(1.2192, within(1e-9));
    }

    @Test
    void countsWireAndRings() {
        Answer answer = line("300 rings 0.9 id 3.5");
        assertThat(answer.number("count")).isEqualTo(300);
        assertThat(answer.number("wireForCountMm")).isCloseTo(300 * Math.PI * 4.4, within(60.0));
        assertThat(line("1.0 id 4 from 1 m").number("fromRings")).isCloseTo(1000 / (Math.PI * 5), within(2.0));
        assertThat(line("1.0 id 4 copper from 7.02 g").number("fromRings"))
                .isCloseTo(1000 / (Math.PI * 5), within(2.0));
    }

    @Test
    void twoSizesFixTheWireAndTheWireInHandHelpsOut() {
        assertThat(line("id 4 od 6").number("wireDiameterMm")).isCloseTo(1, within(1e-9));
        assertThat(tell("/api/line", Map.of("text", "id 4", "wireDiameterMm", 0.8))
                        .number("wireDiameterMm"))
                .isEqualTo(0.8);
        assertThat(line("id 4").at("/code").asText()).isEqualTo("one-size-alone");
        assertThat(line("1.0").at("/code").asText()).isEqualTo("line-wire-alone");
        assertThat(line("titanium 1.0 on 5").at("/metal").asText()).isEqualTo("titanium");
    }

    @Test
    void readsLengths() {
        Answer answer = tell("/api/quantity/length", Map.of("text", "5/32\""));
        assertThat(answer.number("millimetres")).isEqualTo(3.96875);
        assertThat(answer.at("/inchFraction").asText()).isEqualTo("5/32");
        assertThat(tell("/api/quantity/length", Map.of("text", "18 ga"))
                        .at("/otherName")
                        .asText())
                .isEqualTo("18 SWG");
        assertThat(tell("/api/quantity/length", Map.of("text", "wide"))
                        .at("/code")
                        .asText())
                .isEqualTo("unreadable-length");
        assertThat(read("/api/metals").body()).hasSizeGreaterThan(10);
    }

    /** Exact: rings of a taut single chain each take their inner diameter, 190 = 47 · 4 + 2 wires. */
    @Test
    void aWeaveIsCountedFromTheLine() {
        Answer answer = tell("/api/line/weave", Map.of("text", "single chain 190 1.0 id 4"));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.at("/count/total").asInt()).isEqualTo(47);
        assertThat(answer.at("/ringsSaid").asBoolean()).isTrue();
        Answer usual = tell("/api/line/weave", Map.of("text", "european 4-in-1 6x8"));
        assertThat(usual.at("/count/total").asInt()).isEqualTo(48);
        assertThat(usual.at("/ringsSaid").asBoolean()).isFalse();
        assertThat(usual.at("/count/notes/0/severity").asText()).isEqualTo("GOOD");
        assertThat(tell("/api/line/weave", Map.of("text", "1.0 on 4.5")).status())
                .isEqualTo(204);
        assertThat(tell("/api/line/weave", Map.of("text", "byzantine tomorrow"))
                        .at("/detail")
                        .asText())
                .contains("tomorrow");
    }
}
