package toroid.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static toroid.server.TestDatabase.source;
import static toroid.server.TestDatabase.sql;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.ToIntFunction;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import toroid.core.numeric.Code;
import toroid.core.numeric.Refusal;
import toroid.server.ApiTest;
import toroid.server.store.RowCheck;
import toroid.server.store.ServerCode;

/** A workshop as open JSON, added to one beside the one the server has. */
class AddedInTest extends ApiTest {
    private static final String ELSEWHERE = "added_elsewhere";
    private static final Instant NOW = Instant.parse("2026-11-30T10:00:00Z");
    private static final List<String> ITS_OWN = List.of("workshop", "preference");

    @TempDir
    Path folder;

    @Autowired
    private List<RowCheck> checks;

    private final List<Object> told = new ArrayList<>();
    private AddedIn added;
    private UUID job;
    private UUID run;
    private UUID spool;
    private UUID reading;

    /** A workshop elsewhere with nothing in it; the one here with a run, a photo's worth of history, and a spool. */
    @BeforeEach
    void aWorkshop() throws Exception {
        spool = spool("copper", "HALF_HARD", 1.0, 10_000);
        job = formJob("Hooks that travel", "s-hook", 1.0, Map.of(), 2);
        Answer begun = tell("/api/jobs/form/" + job + "/runs", Map.of());
        run = UUID.fromString(begun.at("/id").asText());
        assertThat(progress(begun, 1, Map.of(), "as \\x it goes, 鷗").status()).isEqualTo(200);
        Path here = new BackupShelf(folder, source(), "public")
                .to(folder.resolve("here.zip"), NOW)
                .file();
        new Restore(source(), ELSEWHERE).from(here, false);
        try (Connection connection = source().getConnection()) {
            List<String> tables = new ArrayList<>(Tables.of(connection, ELSEWHERE));
            java.util.Collections.reverse(tables);
            for (String table : tables) {
                if (!ITS_OWN.contains(table)) {
                    sql("delete from " + ELSEWHERE + "." + table);
                }
            }
        }
        var clock = Clock.fixed(NOW.plus(Duration.ofHours(1)), ZoneOffset.UTC);
        var shelf = new BackupShelf(folder, source(), ELSEWHERE);
        added = new AddedIn(shelf, clock, new WritersGate(), told::add, checks);
    }

    @AfterEach
    void nothingIsLeft() throws SQLException {
        sql("drop schema if exists " + ELSEWHERE + " cascade");
    }

    private ObjectNode told(String schema) throws Exception {
        var out = new ByteArrayOutputStream();
        try (Connection connection = source().getConnection()) {
            OpenJson.write(connection, schema, out, NOW);
        }
        return (ObjectNode) json.readTree(out.toByteArray());
    }

    /** What this test laid down, out of a database that others leave odd rows in. */
    private ObjectNode ours() throws Exception {
        ObjectNode file = told("public");
        Set<String> known = new HashSet<>(Set.of(job.toString(), run.toString(), spool.toString()));
        if (reading != null) {
            known.add(reading.toString());
        }
        file.get("tables").properties().forEach(table -> {
            if (!ITS_OWN.contains(table.getKey())) {
                var rows = (ArrayNode) table.getValue();
                var kept = new ArrayList<JsonNode>();
                rows.forEach(row -> {
                    if (isOf(row, known)) {
                        kept.add(row);
                    }
                });
                rows.removeAll().addAll(kept);
            }
        });
        return file;
    }

    /** Of these by its key, and pointing to nothing else. */
    private static boolean isOf(JsonNode row, Set<String> known) {
        boolean its = known.contains(row.path("id").asText());
        for (String to : List.of("job_id", "lot_id", "run_id", "parent_id", "cut_id", "stocktaking_id", "undoes")) {
            if (row.hasNonNull(to)) {
                its = known.contains(row.get(to).asText());
                if (!its) {
                    return false;
                }
            }
        }
        return its;
    }

    private AddedIn.WorkshopLaid look(JsonNode file) throws Exception {
        return added.look(new ByteArrayInputStream(json.writeValueAsBytes(file)));
    }

    private static int sum(AddedIn.WorkshopLaid laid, ToIntFunction<RowsLaid> of) {
        return laid.tables().stream().mapToInt(of).sum();
    }

    private static RowsLaid table(AddedIn.WorkshopLaid laid, String table) {
        return laid.tables().stream()
                .filter(one -> one.table().equals(table))
                .findFirst()
                .orElseThrow();
    }

    private ObjectNode changed(Consumer<ObjectNode> job) throws Exception {
        ObjectNode file = ours();
        for (JsonNode row : file.at("/tables/job")) {
            if (row.get("id").asText().equals(this.job.toString())) {
                job.accept((ObjectNode) row);
            }
        }
        return file;
    }

    /** Looked at, nothing is there; added, all of it is, to the letter; added again, nothing happens. */
    @Test
    void whatWentOutComesInWhole() throws Exception {
        ObjectNode file = ours();
        JsonNode before = told(ELSEWHERE).get("tables");
        AddedIn.WorkshopLaid laid = look(file);
        assertThat(laid.isRefused()).as("%s", laid).isFalse();
        assertThat(told(ELSEWHERE).get("tables")).isEqualTo(before);
        AddedIn.WorkshopAdded done = added.add(laid.mark());
        assertThat(done.tables()).isEqualTo(laid.tables());
        assertThat(told).hasSize(1).first().isInstanceOf(WorkshopReplaced.class);
        ObjectNode now = (ObjectNode) told(ELSEWHERE).get("tables");
        file.get("tables").properties().forEach(table -> {
            if (!ITS_OWN.contains(table.getKey())) {
                table.getValue().forEach(row -> forget((ObjectNode) row));
                now.get(table.getKey()).forEach(row -> forget((ObjectNode) row));
                assertThat(now.get(table.getKey())).as(table.getKey()).isEqualTo(table.getValue());
            }
        });
        AddedIn.WorkshopLaid again = look(ours());
        assertThat(sum(again, RowsLaid::added) + sum(again, RowsLaid::changed)).isZero();
        assertThat(sum(again, RowsLaid::alike)).isPositive();
        // what was there before lies on the shelf
        assertThat(Files.exists(folder.resolve(done.before()))).isTrue();
        try (BackupFile backup = BackupFile.open(folder.resolve(done.before()))) {
            assertThat(backup.manifest().rows())
                    .isEqualTo(before.properties().stream()
                            .mapToLong(table -> table.getValue().size())
                            .sum());
        }
    }

    private static void forget(ObjectNode row) {
        row.remove("glance");
    }

    /** Of two of the same job the newer stays, whichever side it is on; what differs and is no newer is left. */
    @Test
    void theNewerStays() throws Exception {
        added.add(look(ours()).mark());
        String newer = Instant.now().plus(Duration.ofDays(1)).toString();
        ObjectNode file = changed(row -> row.put("name", "Hooks of later").put("updated_at", newer));
        AddedIn.WorkshopLaid laid = look(file);
        assertThat(table(laid, "job").changed()).isEqualTo(1);
        assertThat(sum(laid, RowsLaid::added)).isZero();
        added.add(laid.mark());
        assertThat(name()).isEqualTo("Hooks of later");
        AddedIn.WorkshopLaid older =
                look(changed(row -> row.put("name", "Hooks of before").put("updated_at", "2020-01-01T00:00:00Z")));
        assertThat(table(older, "job").changed()).isZero();
        assertThat(table(older, "job").left()).isEqualTo(1);
        added.add(older.mark());
        assertThat(name()).isEqualTo("Hooks of later");
    }

    private String name() throws Exception {
        for (JsonNode row : told(ELSEWHERE).at("/tables/job")) {
            if (row.get("id").asText().equals(job.toString())) {
                return row.get("name").asText();
            }
        }
        throw new AssertionError("the job is not there");
    }

    /** One row that is not taken, whatever is wrong with it, and none is; each is told by its reason and its name. */
    @Test
    void oneRefusedRowKeepsAllOut() throws Exception {
        refusesTheJob("unknown-kind", row -> row.put("kind", "boat"));
        refusesTheJob("unknown-form", row -> ((ObjectNode) row.get("content")).put("formId", "no-such"));
        refusesTheJob("row-not-taken", row -> ((ObjectNode) row.get("content")).put("copies", "many"));
        refusesTheJob("row-not-taken", row -> row.put("content_version", 99));
        refusesTheJob("row-not-taken", row -> row.put("created_at", "no day"));
        refusesTheJob("unknown-field", row -> row.put("x\" = 1; drop table job; --", 1));
        refusesTheJob(
                "row-refers-to-nothing",
                row -> row.put("parent_id", UUID.randomUUID().toString()));
        refusesTheJob("missing", row -> row.remove("id"));
        ObjectNode file = ours();
        ((ArrayNode) file.at("/tables/job")).removeAll();
        AddedIn.WorkshopLaid orphans = look(file);
        assertThat(table(orphans, "run").refused())
                .isNotEmpty()
                .allMatch(one -> one.why().code().equals("row-refers-to-nothing"));
    }

    /** All that is learnt rests on measurements: one that cannot be right stays out. */
    @Test
    void aMeasurementThatCannotBeRightIsRefused() throws Exception {
        JsonNode body = json.readTree(getClass().getResourceAsStream("/bodies.json"))
                .get("PUT /api/readings/{id} of a loop")
                .at("/body/data");
        UUID id = UUID.randomUUID();
        reading = id;
        assertThat(keep("/api/readings", id, null, body).status()).isEqualTo(200);
        ObjectNode file = ours();
        assertThat(look(file).isRefused()).isFalse();
        for (JsonNode row : file.at("/tables/reading")) {
            if (row.get("id").asText().equals(id.toString())) {
                ((ObjectNode) row).put("value", -5);
            }
        }
        AddedIn.WorkshopLaid laid = look(file);
        assertThat(table(laid, "reading").refused())
                .singleElement()
                .satisfies(one -> assertThat(one.why().code()).isEqualTo("out-of-range"));
    }

    private void refusesTheJob(String code, Consumer<ObjectNode> spoil) throws Exception {
        JsonNode before = told(ELSEWHERE).get("tables");
        AddedIn.WorkshopLaid laid = look(changed(spoil));
        assertThat(table(laid, "job").refused()).as(code).anySatisfy(one -> {
            assertThat(one.why().code()).isEqualTo(code);
            assertThat(one.named()).isEqualTo("Hooks that travel");
        });
        refused(ServerCode.WORKSHOP_JSON_REFUSED, () -> added.add(laid.mark()));
        assertThat(told(ELSEWHERE).get("tables")).as(code).isEqualTo(before);
        assertThat(told).isEmpty();
    }

    @Test
    void whatIsNoneIsRefusedByItsReason() throws Exception {
        ObjectNode file = ours();
        for (String text : List.of("", "{", "[]", "{\"format\":\"toroid-workshop\"}", "7", "{\"tables\":{}}")) {
            refused(
                    ServerCode.NO_WORKSHOP_JSON,
                    () -> added.look(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8))));
        }
        byte[] whole = json.writeValueAsBytes(file);
        refused(
                ServerCode.NO_WORKSHOP_JSON,
                () -> added.look(new ByteArrayInputStream(java.util.Arrays.copyOf(whole, whole.length - 200))));
        refused(
                ServerCode.WORKSHOP_JSON_OF_OTHER_TABLES,
                () -> look(file.deepCopy().put("tablesVersion", "3")));
        refused(ServerCode.NO_WORKSHOP_JSON, () -> look(file.deepCopy().put("tablesVersion", "'; drop")));
        ObjectNode strange = file.deepCopy();
        ((ObjectNode) strange.get("tables")).putArray("pg_shadow");
        refused(ServerCode.NO_WORKSHOP_JSON, () -> look(strange));
        refused(ServerCode.BACKUP_CHANGED_MEANWHILE, () -> added.add("another"));
        assertThat(Files.list(folder).map(one -> one.getFileName().toString()).filter(name -> name.endsWith(".part")))
                .isEmpty();
    }

    private interface Asking {
        void ask() throws Exception;
    }

    private static void refused(Code code, Asking asking) {
        assertThatThrownBy(asking::ask)
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.code()).isEqualTo(code.id()));
    }
}
