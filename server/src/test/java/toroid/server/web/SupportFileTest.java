package toroid.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.slf4j.LoggerFactory;
import toroid.server.ApiTest;

/** What is sent to whoever helps tells of the machine, and of the workshop only how much there is. */
class SupportFileTest extends ApiTest {
    private static final String SECRET = "Captain's secret ring";

    private String text() throws Exception {
        return new String(fetched("/api/support.txt"), StandardCharsets.UTF_8);
    }

    @Test
    void itTellsOfFaultsAndNothingThatWasTyped() throws Exception {
        UUID job = formJob(SECRET, "s-hook", 1.0, Map.of(), 3);
        LoggerFactory.getLogger("toroid.of.this.test")
                .warn("could not keep {}", SECRET, new IllegalStateException(SECRET));
        String text = text();
        assertThat(text)
                .contains("PostgreSQL", "tables' version", "toroid.of.this.test", IllegalStateException.class.getName())
                .contains("at toroid.server.web.SupportFileTest")
                .containsPattern("job +[1-9]")
                .doesNotContain(SECRET, job.toString())
                .doesNotContain(System.getProperty("user.dir"), System.getProperty("user.home") + "/");
    }

    @Test
    void onlyTheLatestFaultsAreRemembered() throws Exception {
        for (int i = 0; i < FaultsSeen.MOST + 10; i++) {
            LoggerFactory.getLogger("toroid.flood." + i).warn("again");
        }
        assertThat(text()).contains("toroid.flood." + (FaultsSeen.MOST + 9)).doesNotContain("toroid.flood.3\n");
    }
}
