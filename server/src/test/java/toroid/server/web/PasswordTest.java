package toroid.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import toroid.server.ApiTest;

@DirtiesContext
class PasswordTest extends ApiTest {
    @DynamicPropertySource
    static void password(DynamicPropertyRegistry registry) {
        registry.add("toroid.password-file", () -> file("correct horse").toString());
    }

    private static Path file(String password) {
        try {
            Path file = Files.createTempFile("toroid", ".password");
            file.toFile().deleteOnExit();
            return Files.writeString(file, new BCryptPasswordEncoder(4).encode(password));
        } catch (IOException failure) {
            throw new IllegalStateException(failure);
        }
    }

    @Test
    void nobodyGetsInWithoutIt() {
        for (String path :
                new String[] {"/api/spools", "/api/bench", "/api/metals", "/api/openapi.json", "/api/notebook"}) {
            assertThat(read(path).status()).as(path).isEqualTo(401);
        }
        assertThat(tell("/api/rings/solve", Map.of("wireDiameterMm", 1, "innerDiameterMm", 4))
                        .status())
                .isEqualTo(401);
        assertThat(read("/actuator/health").status()).isEqualTo(200);
        assertThat(read("/api/session").at("/in").asBoolean()).isFalse();
    }

    @Autowired
    private DoorTryRepository tries;

    @AfterEach
    void forgetTheTries() {
        tries.deleteAll();
    }

    private MvcResult knock(String password, String from) throws Exception {
        return mvc.perform(post("/api/session")
                        .header("Host", "localhost")
                        .header("User-Agent", "a browser of a test")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"password\":\"" + password + "\"}")
                        .with(request -> {
                            request.setRemoteAddr(from);
                            return request;
                        })
                        .with(csrf()))
                .andReturn();
    }

    private MockHttpSession in() throws Exception {
        MvcResult entered = knock("correct horse", "10.0.0.2");
        assertThat(entered.getResponse().getStatus()).isEqualTo(200);
        return (MockHttpSession) entered.getRequest().getSession(false);
    }

    private Answer within(MockHttpSession session, MockHttpServletRequestBuilder request) {
        return send(request.header("Host", "localhost").session(session).with(csrf()));
    }

    @Test
    void withItTheSessionIsIn() throws Exception {
        assertThat(within(in(), get("/api/spools")).status()).isEqualTo(200);
    }

    /** The name of a session that was there before the password is none that is in. */
    @Test
    void theSessionIsNamedAnew() throws Exception {
        var before = new MockHttpSession();
        String name = before.getId();
        mvc.perform(post("/api/session")
                .header("Host", "localhost")
                .session(before)
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"password\":\"correct horse\"}")
                .with(csrf()));
        assertThat(before.getId()).isNotEqualTo(name);
        assertThat(within(before, get("/api/spools")).status()).isEqualTo(200);
    }

    @Test
    void aWrongPasswordIsSaid() {
        Answer wrong = tell("/api/session", Map.of("password", "guess"));
        assertThat(wrong.status()).isEqualTo(401);
        assertThat(wrong.at("/code").asText()).isEqualTo("wrong-password");
    }

    /** Guessing is answered with a pause, for the right password too, and for nobody else. */
    @Test
    void guessingIsCutShort() throws Exception {
        for (int i = 0; i < Tries.MOST; i++) {
            assertThat(knock("guess " + i, "10.0.0.9").getResponse().getStatus())
                    .isEqualTo(401);
        }
        var paused = knock("correct horse", "10.0.0.9").getResponse();
        assertThat(paused.getStatus()).isEqualTo(429);
        assertThat(paused.getHeader("Retry-After")).isEqualTo("" + Tries.WINDOW.toSeconds());
        assertThat(knock("correct horse", "10.0.0.2").getResponse().getStatus()).isEqualTo(200);
    }

    /** Each browser that is in is told, and can be shown out by another; what is shown out is out at once. */
    @Test
    void whoIsInIsToldAndShownOut() throws Exception {
        MockHttpSession tablet = in();
        MockHttpSession desk = in();
        JsonNode open = within(desk, get("/api/session/open")).body();
        assertThat(open.findValuesAsText("from")).contains("10.0.0.2");
        assertThat(open.findValuesAsText("browser")).contains("a browser of a test");
        assertThat(open.findValues("own")).filteredOn(JsonNode::asBoolean).hasSize(1);
        assertThat(read("/api/session/open").status()).isEqualTo(401);

        JsonNode other = null;
        for (JsonNode one : open) {
            other = one.get("own").asBoolean() ? other : one;
        }
        within(desk, delete("/api/session/open/" + other.get("id").asText()));
        within(desk, delete("/api/session/open"));
        assertThat(tablet.isInvalid()).isTrue();
        assertThat(within(desk, get("/api/spools")).status()).isEqualTo(200);
        assertThat(within(desk, get("/api/session/open")).body()).hasSize(1);
        within(desk, delete("/api/session"));
        assertThat(desk.isInvalid()).isTrue();
        assertThat(within(in(), get("/api/session/open")).body()).hasSize(1);
    }

    @Test
    void listeningBeyondThisMachineNeedsAPassword() throws IOException {
        InetAddress anywhere = InetAddress.getByName("0.0.0.0");
        assertThatThrownBy(() -> new Door(anywhere, "", "")).hasMessageContaining("./toroid passwd");
        Door door = new Door(anywhere, file("long enough pw").toString(), "shed.lan");
        assertThat(door.asksForPassword()).isTrue();
        assertThat(door.opensFor("long enough pw")).isTrue();
        assertThat(door.opensFor("long enough")).isFalse();
        assertThat(door.knowsHost("shed.lan:8420")).isTrue();
        assertThat(door.knowsHost("other.lan")).isFalse();
        assertThat(door.knowsHost("203.0.113.9")).isFalse();
        assertThat(door.knowsHost(null)).isFalse();
        assertThat(door.addresses())
                .allMatch(address -> address.matches("[0-9.]+") && door.knowsHost(address + ":8420"));
        assertThat(new Door(InetAddress.getLoopbackAddress(), "", "").addresses())
                .isEmpty();
    }
}
