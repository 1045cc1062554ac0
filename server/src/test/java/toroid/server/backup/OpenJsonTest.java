package toroid.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import com.fasterxml.jackson.databind.JsonNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import toroid.server.ApiTest;

/** The whole workshop as other programs read it: what its schema says, and every row. */
class OpenJsonTest extends ApiTest {
    @Autowired
    private JdbcTemplate database;

    /** Begins as PostgreSQL writes bytes, and is none. */
    private static final String NOTE = "\\x4 {\"no\": \"JSON of ours\"}, 鷗";

    private JsonNode row(JsonNode table, UUID id) {
        for (JsonNode row : table) {
            if (row.get("id").asText().equals(id.toString())) {
                return row;
            }
        }
        throw new AssertionError("no row " + id);
    }

    private static JsonSchema schema() throws IOException {
        return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/workshop.schema.json")));
    }

    private UUID photo(UUID run) throws Exception {
        var file = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB), "png", file);
        UUID id = UUID.randomUUID();
        Answer kept = send(put("/api/photos/" + id + "/picture?run=" + run)
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content(file.toByteArray())
                .with(csrf()));
        assertThat(kept.status()).isEqualTo(200);
        return id;
    }

    @Test
    void everyRowIsThereAndAsTheSchemaSays() throws Exception {
        UUID job = formJob("Hooks to tell of", "s-hook", 1.0, Map.of(), 2);
        Answer begun = tell("/api/jobs/form/" + job + "/runs", Map.of());
        assertThat(progress(begun, 1, Map.of(), NOTE).status()).isEqualTo(200);
        UUID run = UUID.fromString(begun.at("/id").asText());
        UUID photo = photo(run);
        JsonNode told = json.readTree(fetched("/api/backups/workshop.json"));
        assertThat(schema().validate(told)).isEmpty();
        told.get("tables")
                .properties()
                .forEach(table -> assertThat(table.getValue().size())
                        .as(table.getKey())
                        .isEqualTo(database.queryForObject("select count(*) from " + table.getKey(), Integer.class)));
        JsonNode kept = row(told.at("/tables/run"), run);
        assertThat(kept.at("/plan/work/operations").size()
                        + kept.at("/plan/operations").size())
                .isPositive();
        assertThat(kept.get("note").asText()).isEqualTo(NOTE);
        assertThat(row(told.at("/tables/job"), job).at("/content/formId").asText())
                .isEqualTo("s-hook");
        byte[] whole = Base64.getDecoder()
                .decode(row(told.at("/tables/photo_picture"), photo)
                        .get("whole")
                        .asText());
        assertThat(ImageIO.read(new ByteArrayInputStream(whole)).getWidth()).isEqualTo(30);
    }

    /** A row that was damaged is told as it stands: it is worth most when a workshop is read by something else. */
    @Test
    void whatCannotBeReadIsToldAsTheTextItIs() throws Exception {
        for (String unreadable : List.of("no plan", "", "7", "null")) {
            UUID job = formJob("Hooks of a damaged row", "s-hook", 1.0, Map.of(), 2);
            UUID run = UUID.fromString(
                    tell("/api/jobs/form/" + job + "/runs", Map.of()).at("/id").asText());
            String plan = database.queryForObject("select plan from run where id = ?", String.class, run);
            database.update("update run set plan = ? where id = ?", unreadable, run);
            JsonNode told = json.readTree(fetched("/api/backups/workshop.json"));
            assertThat(schema().validate(told)).isEmpty();
            assertThat(row(told.at("/tables/run"), run).get("plan").asText("none"))
                    .isEqualTo(unreadable);
            database.update("update run set plan = ? where id = ?", plan, run);
        }
    }
}
