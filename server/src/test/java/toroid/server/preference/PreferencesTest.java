package toroid.server.preference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import toroid.server.ApiTest;

class PreferencesTest extends ApiTest {
    private Answer choose(ObjectNode data, int version) {
        ObjectNode edit = json.createObjectNode().put("version", version);
        edit.set("data", data);
        return send(put("/api/preferences/" + Preferences.THE_ONE)
                .contentType(MediaType.APPLICATION_JSON)
                .content(edit.toString())
                .with(csrf()));
    }

    @Test
    void choicesAreKeptAndGuarded() {
        Answer now = read("/api/preferences");
        ObjectNode data = ((ObjectNode) now.at("/data")).put("units", "INCHES").put("sparePercent", 8);
        Answer kept = choose(data, now.at("/version").asInt());
        assertThat(kept.status()).isEqualTo(200);
        assertThat(read("/api/preferences").at("/data/units").asText()).isEqualTo("INCHES");
        assertThat(choose(data.deepCopy().put("kerfMm", 7), kept.at("/version").asInt())
                        .at("/field")
                        .asText())
                .isEqualTo("kerfMm");
        assertThat(choose(data.deepCopy().put("leadMm", 30), 99).status()).isEqualTo(409);
    }
}
