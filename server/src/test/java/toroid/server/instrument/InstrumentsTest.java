package toroid.server.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.awaitility.Awaitility.await;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import toroid.core.calibration.Repeatability;

/** Instruments on a line, by the stand-ins that ship with the workshop and by lines that are worse than any of them. */
class InstrumentsTest {
    private static final long SEED = 7;

    private static InstrumentLineReader reader(InstrumentKind kind, int port, List<InstrumentReading> told) {
        var reader = new InstrumentLineReader(kind, InetSocketAddress.createUnresolved("127.0.0.1", port), told::add);
        reader.begin();
        return reader;
    }

    /** Every press is one reading, about what lies there, as far apart as its noise says. */
    @Test
    void aCaliperSaysWhatItIsPressedFor() throws IOException {
        List<InstrumentReading> told = new CopyOnWriteArrayList<>();
        try (var caliper = new StandIn(InstrumentKind.CALIPER, 0, 3.2, 0.05, SEED);
                var reader = reader(InstrumentKind.CALIPER, caliper.port(), told)) {
            await().until(reader::isConnected);
            await().until(() -> {
                caliper.press();
                return !told.isEmpty();
            });
            for (int i = 0; i < 200; i++) {
                caliper.press();
            }
            await().until(() -> told.size() >= 200);
            Repeatability spread =
                    Repeatability.of(told.stream().map(InstrumentReading::value).toList());
            assertThat(spread.mean()).isCloseTo(3.2, within(0.02));
            assertThat(spread.standardDeviation()).isBetween(0.04, 0.06);
            assertThat(told).allMatch(InstrumentReading::steady);
        }
    }

    @Test
    void aScaleSaysWhenItHasComeToRest() throws IOException {
        List<InstrumentReading> told = new CopyOnWriteArrayList<>();
        try (var scale = new StandIn(InstrumentKind.SCALE, 0, 0, 0, SEED);
                var reader = reader(InstrumentKind.SCALE, scale.port(), told)) {
            await().until(() -> !told.isEmpty());
            scale.lay(9.31);
            await().until(() -> told.stream().anyMatch(one -> one.value() == 9.31 && one.steady()));
            int steady = told.indexOf(new InstrumentReading(InstrumentKind.SCALE, 9.31, true));
            assertThat(told.get(steady - 1)).isEqualTo(new InstrumentReading(InstrumentKind.SCALE, 9.31, false));
            assertThat(reader.isConnected()).isTrue();
        }
    }

    /** Words, half lines, a line without an end: what is a reading is told, the rest passed over, a broken line taken up again. */
    @Test
    void aBadLineIsTakenUpAgain() throws IOException {
        List<InstrumentReading> told = new CopyOnWriteArrayList<>();
        try (var door = new ServerSocket(0);
                var reader = reader(InstrumentKind.CALIPER, door.getLocalPort(), told)) {
            for (String said : List.of("READY\r\n\r\n3.", "9".repeat(500), "nonsense\n3.26 mm\r\n")) {
                try (Socket line = door.accept()) {
                    line.getOutputStream().write(said.getBytes(StandardCharsets.US_ASCII));
                    line.getOutputStream().flush();
                    if (said.endsWith("\n")) {
                        await().until(() -> !told.isEmpty());
                    }
                }
            }
            assertThat(told).containsExactly(new InstrumentReading(InstrumentKind.CALIPER, 3.26, true));
            await().until(() -> !reader.isConnected());
        }
    }

    @Test
    void whoeverListensHearsIt() throws Exception {
        Instruments instruments;
        MockMvc web;
        try (var scale = new StandIn(InstrumentKind.SCALE, 0, 12.5, 0, SEED)) {
            var there = new Instruments("", "127.0.0.1:" + scale.port());
            instruments = there;
            web = MockMvcBuilders.standaloneSetup(new InstrumentController(there))
                    .build();
            there.begin();
            await().until(() -> there.all().get(0).connected());
            MockHttpServletResponse heard =
                    web.perform(get("/api/instruments/follow")).andReturn().getResponse();
            await().until(() -> heard.getContentAsString().contains("\"value\":12.5"));
            assertThat(heard.getContentAsString()).contains("event:reading").contains("\"kind\":\"SCALE\"");
            // what lies there is told once, not over and over
            scale.lay(3);
            await().until(() -> heard.getContentAsString().contains("\"value\":3.0,\"steady\":true"));
            assertThat(heard.getContentAsString().split("\"value\":3.0,\"steady\":true", -1))
                    .hasSize(2);
        }
        Instruments left = instruments;
        await().until(() -> !left.all().get(0).connected());
        MockHttpServletResponse later =
                web.perform(get("/api/instruments/follow")).andReturn().getResponse();
        assertThat(later.getContentAsString())
                .as("what lay there before its line broke")
                .doesNotContain("event:reading");
        left.stopping();
        left.end();
    }

    @Test
    void anAddressThatIsNoneIsRefusedAtTheStart() {
        for (String address : List.of("scale", "host:", ":80", "host:99999", "host:port")) {
            assertThatThrownBy(() -> new Instruments(address, ""))
                    .hasMessageContaining("HOST:PORT")
                    .hasMessageContaining(address);
        }
        assertThat(new Instruments("", " ").all()).isEmpty();
    }
}
