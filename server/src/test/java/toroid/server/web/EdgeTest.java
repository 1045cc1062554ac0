package toroid.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletRequest;
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

    /** Whatever the API takes: a page from elsewhere may send none of it, not even with a token. */
    @ParameterizedTest
    @ValueSource(strings = {"http://evil.example", "null", "http://localhost:9999", "https://localhost", "://", ""})
    void pagesOfOtherPlacesAreRefused(String origin) throws Exception {
        for (String address : List.of("/api/rings/solve", "/api/forms/import", "/api/own-weaves", "/api/session")) {
            mvc.perform(post(address)
                            .header("Host", "localhost:8420")
                            .header("Origin", origin)
                            .contentType(MediaType.APPLICATION_JSON)
                            .content("{}")
                            .with(csrf()))
                    .andExpect(status().isForbidden());
        }
    }

    @Test
    void ourOwnPageIsNot() throws Exception {
        mvc.perform(post("/api/line")
                        .header("Host", "localhost:8420")
                        .header("Origin", "http://localhost:8420")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"text\": \"1.0 on 4.5\"}"))
                .andExpect(status().isOk());
    }

    /** Only what keeps nothing and takes JSON alone goes without a token; files that come in are text, which any page may send. */
    @Test
    void everythingButTheCalculatorsAsksForTheToken() {
        var open = new java.util.TreeSet<String>();
        read("/api/openapi.json")
                .at("/paths")
                .properties()
                .forEach(path -> path.getValue().fieldNames().forEachRemaining(method -> {
                    String address = path.getKey()
                            .replaceAll("\\{[^}]+}", UUID.randomUUID().toString());
                    Answer answer = send(request(HttpMethod.valueOf(method.toUpperCase(java.util.Locale.ROOT)), address)
                            .contentType(MediaType.APPLICATION_JSON)
                            .content("{}"));
                    if (!method.equals("get") && answer.status() != 403) {
                        open.add(path.getKey());
                    }
                }));
        assertThat(open)
                .containsExactly(
                        "/api/forms/{id}/export/{format}",
                        "/api/forms/{id}/forming",
                        "/api/forms/{id}/from-wire",
                        "/api/forms/{id}/scale",
                        "/api/forms/{id}/solve",
                        "/api/line",
                        "/api/line/form",
                        "/api/line/weave",
                        "/api/pieces/begin",
                        "/api/pieces/edit",
                        "/api/pieces/export/{format}",
                        "/api/pieces/hang",
                        "/api/pieces/price",
                        "/api/pieces/quote",
                        "/api/pieces/scale",
                        "/api/pieces/solve",
                        "/api/pieces/worn",
                        "/api/quantity/length",
                        "/api/rings/sheet",
                        "/api/rings/solve",
                        "/api/rings/table",
                        "/api/spools/weigh",
                        "/api/springback/fit",
                        "/api/springback/mandrel",
                        "/api/springback/ring",
                        "/api/weaves/shelf",
                        "/api/weaves/{id}/attempt",
                        "/api/weaves/{id}/bend",
                        "/api/weaves/{id}/composition",
                        "/api/weaves/{id}/composition/export/{format}",
                        "/api/weaves/{id}/count",
                        "/api/weaves/{id}/diagnose",
                        "/api/weaves/{id}/export/{format}",
                        "/api/weaves/{id}/judge",
                        "/api/weaves/{id}/patch",
                        "/api/weaves/{id}/poses",
                        "/api/weaves/{id}/solve");
    }

    /** What a test holds in memory; what is larger is only told to be. */
    private static final int HELD_BYTES = 32 << 20;

    /** Every address that takes a body, told or not told how long it is. */
    @Test
    void bodiesTooLargeForTheirAddressAreRefused() {
        read("/api/openapi.json")
                .at("/paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(operation -> operation
                                .getValue()
                                .at("/requestBody/content")
                                .fieldNames()
                                .forEachRemaining(type -> {
                                    String address = path.getKey()
                                            .replaceAll(
                                                    "\\{[^}]+}",
                                                    UUID.randomUUID().toString());
                                    int most = BodyLimits.bytesFor(address);
                                    String method = operation.getKey().toUpperCase(java.util.Locale.ROOT);
                                    for (boolean told : List.of(true, false)) {
                                        if (!told && most > HELD_BYTES) {
                                            continue;
                                        }
                                        String large = told ? "{}" : " ".repeat(most) + "{}";
                                        Answer answer = send(request(HttpMethod.valueOf(method), address)
                                                .contentType(type)
                                                .param("run", UUID.randomUUID().toString())
                                                .content(large)
                                                .with(csrf())
                                                .with(request -> new Sent(request, large, told ? most + 1L : -1)));
                                        assertThat(answer.status())
                                                .as(method + address + told)
                                                .isEqualTo(413);
                                        assertThat(answer.at("/code").asText()).isEqualTo("body-too-large");
                                    }
                                })));
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

    /** A request that comes in pieces: how long it is in all is not told. */
    /** Says it is so long, whatever it is; less than none where it does not say. */
    private static final class Sent extends MockHttpServletRequest {
        private final long length;

        Sent(MockHttpServletRequest told, String body, long length) {
            super(told.getServletContext(), told.getMethod(), told.getRequestURI());
            setPathInfo(told.getPathInfo());
            setContentType(told.getContentType());
            setContent(body.getBytes(java.nio.charset.StandardCharsets.UTF_8));
            told.getHeaderNames().asIterator().forEachRemaining(name -> addHeader(name, told.getHeader(name)));
            told.getAttributeNames().asIterator().forEachRemaining(name -> setAttribute(name, told.getAttribute(name)));
            told.getParameterMap().forEach(this::setParameter);
            this.length = length;
        }

        @Override
        public long getContentLengthLong() {
            return length;
        }
    }
}
