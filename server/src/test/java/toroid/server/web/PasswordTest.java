package toroid.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.io.IOException;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
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

    @Test
    void withItTheSessionIsIn() throws Exception {
        var entered = mvc.perform(post("/api/session")
                        .header("Host", "localhost")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"password\":\"correct horse\"}")
                        .with(csrf()))
                .andReturn();
        assertThat(entered.getResponse().getStatus()).isEqualTo(200);
        MockHttpSession session = (MockHttpSession) entered.getRequest().getSession(false);
        int status = mvc.perform(get("/api/spools").header("Host", "localhost").session(session))
                .andReturn()
                .getResponse()
                .getStatus();
        assertThat(status).isEqualTo(200);
    }

    @Test
    void aWrongPasswordIsSaid() {
        assertThat(tell("/api/session", Map.of("password", "guess")).at("/code").asText())
                .isEqualTo("wrong-password");
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
    }
}
