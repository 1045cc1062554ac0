package toroid.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.MediaType;
import toroid.server.ApiTest;

class EdgeTest extends ApiTest {
    @ParameterizedTest
    @ValueSource(strings = {"evil.example", "127.0.0.1.evil.example", "toroid.local:8420", "0.0.0.0", ""})
    void namesThatAreNotOursAreRefused(String host) throws Exception {
        mvc.perform(get("/api/metals").header("Host", host)).andExpect(status().isForbidden());
        mvc.perform(get("/actuator/health").header("Host", host)).andExpect(status().isForbidden());
    }

    @ParameterizedTest
    @ValueSource(strings = {"127.0.0.1:8420", "localhost", "localhost:99", "[::1]:8420", "LOCALHOST"})
    void loopbackNamesAreLetIn(String host) throws Exception {
        mvc.perform(get("/api/metals").header("Host", host)).andExpect(status().isOk());
    }

    @Test
    void writingNeedsTheToken() throws Exception {
        mvc.perform(put("/api/spools/" + UUID.randomUUID())
                        .header("Host", "localhost")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{}"))
                .andExpect(status().isForbidden());
    }

    @Test
    void theContentPolicyAllowsNothingFromElsewhere() throws Exception {
        var response = mvc.perform(get("/api/metals").header("Host", "localhost"))
                .andExpect(header().string("X-Content-Type-Options", "nosniff"))
                .andExpect(header().string("X-Frame-Options", "DENY"))
                .andReturn()
                .getResponse();
        assertThat(response.getHeader("Content-Security-Policy"))
                .startsWith("default-src 'none'")
                .doesNotContain("unsafe")
                .doesNotContain("http");
    }

    @Test
    void healthAnswersAndTellsNothingElse() {
        assertThat(read("/actuator/health").at("/status").asText()).isEqualTo("UP");
        assertThat(read("/actuator/env").status()).isEqualTo(404);
        assertThat(read("/actuator/health").body().has("components")).isFalse();
    }

    @Test
    void unknownAddressesOfTheApiAreNotThePage() {
        assertThat(read("/api/nothing").status()).isEqualTo(404);
    }

    /** The description the app's types are made from is the one the server gives. */
    @Test
    void theKeptApiDescriptionIsCurrent() throws Exception {
        Path kept = Path.of("..", "docs", "openapi.json");
        assertThat(read("/api/openapi.json").body())
                .as("docs/openapi.json is not what the server says; take it anew: ./toroid api")
                .isEqualTo(json.readTree(Files.readString(kept)));
    }
}
