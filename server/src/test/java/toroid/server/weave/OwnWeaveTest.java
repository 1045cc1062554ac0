package toroid.server.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import toroid.server.ApiTest;

class OwnWeaveTest extends ApiTest {
    /** Two rings a cell, each through both of the next: a double chain under another name. */
    private String own(String id) {
        return read("/api/weaves/double-chain/file").body().toString().replace("\"double-chain\"", "\"" + id + "\"");
    }

    private Answer take(String text) {
        return send(post("/api/own-weaves")
                .contentType(MediaType.TEXT_PLAIN)
                .content(text)
                .with(csrf()));
    }

    private boolean listed(String id) {
        return StreamSupport.stream(read("/api/weaves").body().spliterator(), false)
                .anyMatch(weave -> weave.get("id").asText().equals(id));
    }

    @Test
    void aWeaveIsTakenInSolvedMadeAndTakenAway() {
        String id = "own-" + UUID.randomUUID();
        Answer taken = take(own(id));
        assertThat(taken.status()).as(taken.body().toString()).isEqualTo(200);
        assertThat(taken.number("aspectRatioMin")).isGreaterThan(1);
        assertThat(listed(id)).isTrue();
        assertThat(tell("/api/weaves/" + id + "/count", PatchApiTest.patch(1, java.util.List.of(4.0), "units", 5))
                        .at("/total")
                        .asInt())
                .isEqualTo(10);
        String own = taken.body().get("own").asText();
        UUID patch = UUID.randomUUID();
        var job = new java.util.HashMap<String, Object>(
                java.util.Map.of("name", "Drift", "weaveId", id, "metal", "copper", "wireDiameterMm", 1.0, "note", ""));
        job.putAll(java.util.Map.of(
                "innerDiameterMm",
                java.util.List.of(4.0),
                "patch",
                java.util.Map.of("units", 5),
                "colours",
                java.util.Map.of(
                        "palette",
                        java.util.List.of("copper"),
                        "by",
                        "RING",
                        "sequence",
                        java.util.List.of(0),
                        "painted",
                        java.util.List.of())));
        int version = keep("/api/jobs/weave", patch, null, job).at("/version").asInt();
        Answer used = send(delete("/api/own-weaves/" + own).with(csrf()));
        assertThat(used.status()).isEqualTo(400);
        assertThat(used.at("/detail").asText()).contains("{jobs=1}");
        assertThat(listed(id)).isTrue();
        takeAway("/api/jobs/weave", patch, version);
        send(delete("/api/own-weaves/" + own).with(csrf()));
        assertThat(listed(id)).isFalse();
        send(post("/api/own-weaves/" + own + "/restore").with(csrf()));
        assertThat(listed(id)).isTrue();
        assertThat(take(own(id)).at("/code").asText()).isEqualTo("weave-id-taken");
        send(delete("/api/own-weaves/" + own).with(csrf()));
        String other = take(own(id)).body().get("own").asText();
        assertThat(send(post("/api/own-weaves/" + own + "/restore").with(csrf()))
                        .at("/detail")
                        .asText())
                .contains("meanwhile");
        send(delete("/api/own-weaves/" + other).with(csrf()));
    }

    @Test
    void whatIsNotWhatItSaysIsRefusedWithTheReason() {
        assertThat(take("not json").at("/detail").asText()).contains("file-is-no-json");
        String unlinked = own("own-unlinked")
                .replace("\"turnFree\":true", "\"turnFree\":false")
                .replace("\"pitch\":1.2", "\"pitch\":5.0");
        assertThat(take(unlinked).at("/detail").asText()).contains("weave-not-linked-so");
        assertThat(take(own("Own Weave!")).at("/detail").asText()).contains("bad-weave-id");
        assertThat(take(own("byzantine")).at("/code").asText()).isEqualTo("weave-id-taken");
        String through = own("own-through").replace("0.15", "0.0001").replace("-0.0001", "0.0");
        assertThat(take(through).status()).isEqualTo(400);
        assertThat(listed("own-unlinked")).isFalse();
    }
}
