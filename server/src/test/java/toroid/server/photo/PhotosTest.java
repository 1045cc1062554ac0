package toroid.server.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import toroid.server.ApiTest;

/** Photos of a run: kept once, told, noted, taken away with it and brought back with it. */
class PhotosTest extends ApiTest {
    @Autowired
    private JdbcTemplate database;

    @Autowired
    private Photos photos;

    private UUID run;

    @BeforeEach
    void aRun() {
        UUID job = formJob("Hooks seen", "s-hook", 1.0, Map.of(), 2);
        run = UUID.fromString(
                tell("/api/jobs/form/" + job + "/runs", Map.of()).at("/id").asText());
    }

    private Answer take(UUID id, UUID of, byte[] file) {
        MockHttpServletRequestBuilder request = put("/api/photos/" + id + "/picture?run=" + of + "&operation=step-1")
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content(file)
                .with(csrf());
        return send(request);
    }

    private static byte[] file(int width) {
        return Negatives.withExif(Negatives.file(Negatives.picture(width, 90), "jpg"), 6);
    }

    private int told() {
        return read("/api/photos?run=" + run).body().size();
    }

    private int rows(UUID photo) {
        return database.queryForObject("select count(*) from photo_picture where id = ?", Integer.class, photo);
    }

    @Test
    void oneIsKeptScaledAndToldWithItsRun() {
        UUID id = UUID.randomUUID();
        Answer kept = take(id, run, file(120));
        assertThat(kept.status()).isEqualTo(200);
        assertThat(kept.at("/data/width").asInt()).isEqualTo(90);
        assertThat(kept.at("/data/operation").asText()).isEqualTo("step-1");
        assertThat(read("/api/photos?run=" + run).at("/0/id").asText()).isEqualTo(id.toString());
        assertThat(fetched("/api/photos/" + id + "/picture")).startsWith(0xFF, 0xD8);
        assertThat(fetched("/api/photos/" + id + "/picture?small=true")).startsWith(0xFF, 0xD8);
    }

    /** An answer lost on the way and the photo sent again. */
    @Test
    void sentAgainItIsOne() {
        UUID id = UUID.randomUUID();
        take(id, run, file(120));
        assertThat(take(id, run, file(120)).status()).isEqualTo(200);
        assertThat(told()).isEqualTo(1);
    }

    @Test
    void whatIsSeenOnItIsNoted() {
        UUID id = UUID.randomUUID();
        int version = take(id, run, file(120)).at("/version").asInt();
        Answer noted = keep("/api/photos", id, version, Map.of("note", "Loops a little oval"));
        assertThat(noted.at("/data/note").asText()).isEqualTo("Loops a little oval");
        assertThat(keep("/api/photos", id, version, Map.of("note", "Round")).status())
                .as("another saw it meanwhile")
                .isEqualTo(409);
        assertThat(keep("/api/photos", UUID.randomUUID(), null, Map.of("note", ""))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void takenAwayItIsNotServedAndComesBack() {
        UUID id = UUID.randomUUID();
        Answer kept = take(id, run, file(120));
        takeAway("/api/photos", id, kept.at("/version").asInt());
        assertThat(told()).isZero();
        assertThat(read("/api/photos/" + id + "/picture").status()).isEqualTo(404);
        assertThat(tell("/api/photos/" + id + "/restore", Map.of()).status()).isEqualTo(200);
        assertThat(told()).isEqualTo(1);
    }

    @Test
    void withItsRunItGoesAndComes() {
        UUID id = UUID.randomUUID();
        take(id, run, file(120));
        assertThat(takeAway("/api/runs", run, 0).status()).isEqualTo(200);
        assertThat(read("/api/photos?run=" + run).status()).isEqualTo(404);
        assertThat(read("/api/photos/" + id + "/picture").status()).isEqualTo(404);
        assertThat(take(UUID.randomUUID(), run, file(120)).status()).isEqualTo(404);
        assertThat(tell("/api/runs/" + run + "/restore", Map.of()).status()).isEqualTo(200);
        assertThat(told()).isEqualTo(1);
    }

    /** What was taken away is gone for good after its time, and nothing else is. */
    @Test
    void whatIsAwayForLongIsGone() {
        UUID stays = UUID.randomUUID();
        UUID goes = UUID.randomUUID();
        take(stays, run, file(120));
        takeAway("/api/photos", goes, take(goes, run, file(60)).at("/version").asInt());
        photos.clear(Instant.now().minusSeconds(3600));
        assertThat(rows(goes)).as("its time is not over").isEqualTo(1);
        photos.clear(Instant.now().plusSeconds(1));
        assertThat(rows(goes)).isZero();
        assertThat(rows(stays)).isEqualTo(1);
        takeAway("/api/runs", run, 0);
        photos.clear(Instant.now().plusSeconds(1));
        assertThat(rows(stays)).as("its run went").isZero();
        assertThat(database.queryForObject("select count(*) from photo where run_id = ?", Integer.class, run))
                .isZero();
    }

    @Test
    void ofOneRunThereAreOnlySoMany() {
        database.update(
                "insert into photo (id, version, workshop_id, created_at, updated_at, run_id, note, width, height)"
                        + " select gen_random_uuid(), 0, workshop_id, now(), now(), id, '', 1, 1"
                        + " from run, generate_series(1, ?) where id = ?",
                Photos.MOST,
                run);
        Answer refused = take(UUID.randomUUID(), run, file(120));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.at("/code").asText()).isEqualTo("too-many-photos");
    }

    @Test
    void whatCannotBeKeptLeavesNothing() {
        UUID id = UUID.randomUUID();
        assertThat(take(id, run, new byte[] {1, 2, 3}).at("/code").asText()).isEqualTo("no-picture");
        assertThat(take(id, UUID.randomUUID(), file(120)).status()).isEqualTo(404);
        for (String none : List.of("step-999", "\0", "x".repeat(201))) {
            Answer refused = send(put("/api/photos/" + id + "/picture")
                    .param("run", run.toString())
                    .param("operation", none)
                    .contentType(MediaType.APPLICATION_OCTET_STREAM)
                    .content(file(120))
                    .with(csrf()));
            assertThat(refused.status()).as("%s", refused).isEqualTo(400);
        }
        Answer large = send(put("/api/photos/" + id + "/picture?run=" + run)
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content(new byte[(16 << 20) + 1])
                .with(csrf()));
        assertThat(large.status()).isEqualTo(413);
        assertThat(told()).isZero();
        assertThat(rows(id)).isZero();
    }
}
