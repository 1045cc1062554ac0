package toroid.server.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.request;

import java.util.ArrayList;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import toroid.server.ApiTest;
import toroid.server.screen.Screens;

/** Two screens at one run: what one notes the other shows. */
class RunFollowersTest extends ApiTest {
    @Autowired
    private RunFollowers followers;

    /** Whoever followed is let go, as when the server stops. */
    @AfterEach
    void nobodyFollows() {
        followers.stopping();
    }

    private Answer begun() {
        UUID job = UUID.randomUUID();
        keep("/api/jobs/ring", job, null, job(null, 5, 40));
        return tell("/api/jobs/ring/" + job + "/runs", Map.of());
    }

    private MockHttpServletResponse screen(Answer run) throws Exception {
        return mvc.perform(
                        get("/api/runs/" + run.at("/id").asText() + "/follow").header("Host", "127.0.0.1:8420"))
                .andExpect(request().asyncStarted())
                .andReturn()
                .getResponse();
    }

    private static String told(MockHttpServletResponse screen) {
        return new String(screen.getContentAsByteArray(), java.nio.charset.StandardCharsets.UTF_8);
    }

    @Test
    void eachScreenIsToldWhereTheRunIsAndAsItGoesOn() throws Exception {
        Answer run = begun();
        MockHttpServletResponse one = screen(run);
        MockHttpServletResponse other = screen(run);
        await().untilAsserted(() -> assertThat(told(one))
                .contains("event:progress", "\"version\":0", "\"done\":{}")
                .doesNotContain("operations"));
        progress(run, 2, Map.of("coil-1/wind", 1));
        for (MockHttpServletResponse screen : new MockHttpServletResponse[] {one, other}) {
            await().untilAsserted(() -> assertThat(told(screen)).contains("\"version\":1", "\"coil-1/wind\":1"));
        }
    }

    @Test
    void aMeasurementIsToldToo() throws Exception {
        Answer run = begun();
        MockHttpServletResponse screen = screen(run);
        Map<String, Object> reading = Map.of(
                "runId", run.at("/id").asText(),
                "operation", "coil-1/measure-coil",
                "quantity", "COIL_INNER",
                "value", 5.2,
                "takenAt", "2026-03-01T10:00:00Z",
                "note", "");
        assertThat(keep("/api/readings", UUID.randomUUID(), null, reading).status())
                .isEqualTo(200);
        await().untilAsserted(() -> assertThat(told(screen)).contains("event:reading"));
    }

    /** What is refused was not kept, and is told to nobody. */
    @Test
    void nothingIsToldOfWhatWasNotKept() throws Exception {
        Answer run = begun();
        MockHttpServletResponse screen = screen(run);
        Answer refused = keep(
                "/api/runs",
                UUID.fromString(run.at("/id").asText()),
                0,
                Map.of("done", Map.of("coil-1/cut", 1), "counts", Map.of(), "note", ""));
        assertThat(refused.status()).isEqualTo(400);
        progress(run, 2, Map.of("coil-1/wind", 1));
        await().untilAsserted(() -> assertThat(told(screen)).contains("\"version\":1"));
        assertThat(told(screen)).doesNotContain("\"coil-1/cut\":1");
    }

    @Test
    void moreScreensThanAnyBenchHasAreRefused() throws Exception {
        assertThat(read("/api/runs/" + UUID.randomUUID() + "/follow").status()).isEqualTo(404);
        Answer run = begun();
        var screens = new ArrayList<MockHttpServletResponse>();
        for (int i = 0; i < Screens.MOST; i++) {
            screens.add(screen(run));
        }
        assertThat(read("/api/runs/" + run.at("/id").asText() + "/follow").status())
                .isGreaterThanOrEqualTo(400);
        assertThat(screens).hasSize(Screens.MOST);
    }
}
