package toroid.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.setup.SecurityMockMvcConfigurers.springSecurity;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import org.springframework.web.context.WebApplicationContext;
import toroid.server.ApiTest;
import toroid.server.ToroidServer;

/** A second server started on the same workshop, by mistake: both work on, nothing is lost or doubled, and both say so. */
class TwoServersTest extends ApiTest {
    private static ConfigurableApplicationContext second;
    private static MockMvc there;

    @Autowired
    private Beside beside;

    @BeforeEach
    void begins() {
        beside.look();
        if (second == null) {
            second = begun();
            there = MockMvcBuilders.webAppContextSetup((WebApplicationContext) second)
                    .apply(springSecurity())
                    .build();
        }
    }

    private static ConfigurableApplicationContext begun() {
        return new SpringApplicationBuilder(ToroidServer.class).run("--server.port=0");
    }

    @AfterAll
    static void ends() {
        second.close();
        second = null;
    }

    /** Asked of the second server. */
    private <T> T there(Supplier<T> question) {
        MockMvc here = mvc;
        mvc = there;
        try {
            return question.get();
        } finally {
            mvc = here;
        }
    }

    private int servers() {
        return read("/api/session").at("/servers").asInt();
    }

    @Test
    void bothSaySoUntilOneEnds() {
        second.getBean(Beside.class).look();
        beside.look();
        int two = servers();
        assertThat(two).isGreaterThanOrEqualTo(2);
        assertThat(there(this::servers)).isEqualTo(two);
        try (ConfigurableApplicationContext third = begun()) {
            third.getBean(Beside.class).look();
            beside.look();
            assertThat(servers()).isEqualTo(two + 1);
        }
        beside.look();
        assertThat(servers()).isEqualTo(two);
    }

    @Test
    void whatIsKeptAtOneIsThereAtTheOther() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 50_000);
        Answer seen = there(() -> read("/api/spools/" + spool));
        assertThat(seen.at("/data/lengthLeftMm").asDouble()).isEqualTo(50_000);
        var renamed = new HashMap<String, Object>(spoolData("Spool of the second", "copper", "HALF_HARD", 1.0));
        renamed.putAll(Map.of("lengthLeftMm", 50_000.0, "pricePerMetre", 2));
        int version = seen.at("/version").asInt();
        assertThat(there(() -> keep("/api/spools", spool, version, renamed)).status())
                .isEqualTo(200);
        // who did not see that is told so, and what was typed there stands
        Answer late = keep("/api/spools", spool, version, spoolData("Spool of the first", "copper", "HARD", 1.0));
        assertThat(late.status()).isEqualTo(409);
        assertThat(read("/api/spools/" + spool).at("/data/name").asText()).isEqualTo("Spool of the second");
    }

    @Test
    void aRunGoesOnAtEither() {
        UUID spool = spool("copper", "HALF_HARD", 1.0, 50_000);
        UUID job = UUID.randomUUID();
        keep("/api/jobs/ring", job, null, job(spool, 5, 40));
        Supplier<Answer> start = () -> tell("/api/jobs/ring/" + job + "/runs", Map.of());
        Answer run = start.get();
        assertThat(there(start).at("/id")).isEqualTo(run.at("/id"));
        double coil = run.at("/data/facts/coils/0/wireMm").asDouble();
        assertThat(there(() -> progress(run, 1, Map.of())).status()).isEqualTo(200);
        assertThat(left(spool)).isCloseTo(50_000 - coil, within(1e-6));
        // the same step noted at the first, which has not heard of it, is that step: the wire is not taken twice
        progress(run, 1, Map.of());
        assertThat(left(spool)).isCloseTo(50_000 - coil, within(1e-6));
        // and another from where it stood before is told that the run went on
        assertThat(progress(run, 2, Map.of()).status()).isEqualTo(409);
        Supplier<JsonNode> done =
                () -> read("/api/runs/" + run.at("/id").asText()).at("/data/done");
        assertThat(done.get()).isNotEmpty().isEqualTo(there(done));
    }

    @Test
    void whatIsMeasuredAtOneIsLearntAtTheOther() {
        UUID job = UUID.randomUUID();
        keep("/api/jobs/ring", job, null, job(null, 5, 30));
        Answer run = tell("/api/jobs/ring/" + job + "/runs", Map.of());
        JsonNode before = read("/api/notebook/learnt").at("/coils");
        var counted = Map.of(
                "runId", run.at("/id").asText(),
                "operation", "coil-1/cut",
                "quantity", "YIELD",
                "value", 26,
                "takenAt", "2026-11-01T10:00:00Z",
                "note", "");
        UUID reading = UUID.randomUUID();
        Answer kept = there(() -> keep("/api/readings", reading, null, counted));
        assertThat(kept.status()).as("%s", kept.body()).isEqualTo(200);
        assertThat(read("/api/notebook/learnt").at("/coils/measurements").asInt())
                .isEqualTo(before.get("measurements").asInt() + 1);
        takeAway("/api/readings", reading, kept.at("/version").asInt());
        assertThat(there(() -> read("/api/notebook/learnt")).at("/coils")).isEqualTo(before);
    }

    @Test
    void aWeaveOfOnesOwnIsSolvedAtBothAndGoneFromBoth() {
        String id = "own-" + UUID.randomUUID();
        String file =
                read("/api/weaves/double-chain/file").body().toString().replace("\"double-chain\"", "\"" + id + "\"");
        Answer taken = there(() -> send(post("/api/own-weaves")
                .contentType(MediaType.TEXT_PLAIN)
                .content(file)
                .with(csrf())));
        assertThat(taken.status()).as("%s", taken.body()).isEqualTo(200);
        Supplier<Boolean> listed =
                () -> read("/api/weaves").body().findValuesAsText("id").contains(id);
        assertThat(listed.get()).isTrue();
        String own = taken.at("/own").asText();
        assertThat(send(delete("/api/own-weaves/" + own).with(csrf())).status()).isLessThan(300);
        assertThat(there(listed)).isFalse();
    }
}
