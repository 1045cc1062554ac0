package toroid.server.demo;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import toroid.core.weave.piece.Colouring;
import toroid.server.bench.RunProgress;
import toroid.server.bench.WeaveRunData;
import toroid.server.bench.WeaveRunPlan;
import toroid.server.bench.WeaveRuns;
import toroid.server.store.Edit;
import toroid.server.store.Kept;
import toroid.server.weave.ColourSpec;
import toroid.server.weave.PieceSpec;
import toroid.server.weave.WeaveJobData;
import toroid.server.weave.WeaveJobs;
import toroid.server.wire.SpoolData;

/** The invented workshop's chains and mail: one in hand, two planned, one made. Rings are as measured there. */
@Component
class DemoWeaves {
    private static final int ALL = Integer.MAX_VALUE;
    private static final int NOT_BEGUN = -1;

    private final WeaveJobs jobs;
    private final WeaveRuns runs;
    private final JdbcTemplate database;
    private final Clock clock;

    DemoWeaves(WeaveJobs jobs, WeaveRuns runs, JdbcTemplate database, Clock clock) {
        this.jobs = jobs;
        this.runs = runs;
        this.database = database;
        this.clock = clock;
    }

    /** @param rings put in; negative for only planned */
    private record DemoWeave(
            String key,
            String name,
            String weave,
            String spool,
            List<Double> inner,
            PieceSpec piece,
            ColourSpec colours,
            int rings,
            int daysAgo) {}

    void load() {
        Instant now = clock.instant();
        for (DemoWeave demo : List.of(
                new DemoWeave(
                        "belt",
                        "Harbour belt, eight fathoms",
                        "full-persian-6-in-1",
                        "bronze-1.2",
                        List.of(6.9),
                        cells(24),
                        ColourSpec.plain("phosphor-bronze"),
                        ALL,
                        61),
                new DemoWeave(
                        "helm",
                        "Helmsman's chain",
                        "byzantine",
                        "brass-0.9",
                        List.of(3.4),
                        cells(15),
                        new ColourSpec(
                                List.of("yellow-brass", "copper"),
                                Colouring.By.RING,
                                List.of(0, 0, 1, 1, 0, 0),
                                List.of()),
                        27,
                        2),
                new DemoWeave(
                        "collar",
                        "Mail collar, point over the shoulder",
                        "european-4-in-1",
                        "bronze-1.0",
                        List.of(4.3),
                        sheet(9, 1, PieceSpec.Outline.GROWING),
                        ColourSpec.plain("phosphor-bronze"),
                        NOT_BEGUN,
                        1),
                new DemoWeave(
                        "scales",
                        "Fish-scale brooch, sea colours",
                        "japanese-6-in-1",
                        "copper-0.8",
                        List.of(3.6, 2.3),
                        sheet(3, 3, PieceSpec.Outline.DIAMOND),
                        new ColourSpec(
                                List.of("copper", "#2f6f8f", "#5fa08a"),
                                Colouring.By.RING,
                                List.of(1, 0, 2, 2),
                                List.of()),
                        NOT_BEGUN,
                        0))) {
            job(demo, now.minus(Duration.ofDays(demo.daysAgo())));
        }
    }

    private static PieceSpec cells(int units) {
        return new PieceSpec(null, units, null, null, null, null, null, null, null, null);
    }

    private static PieceSpec sheet(int rows, int columns, PieceSpec.Outline outline) {
        return new PieceSpec(null, null, rows, columns, null, outline, null, null, null, null);
    }

    private void job(DemoWeave demo, Instant began) {
        UUID id = DemoStock.id("weave job " + demo.key());
        var spool = DemoStock.SPOOLS.stream()
                .filter(one -> one.key().equals(demo.spool()))
                .findFirst()
                .orElseThrow();
        SpoolData wire = spool.data();
        jobs.put(
                id,
                new Edit<>(
                        null,
                        new WeaveJobData(
                                demo.name(),
                                demo.weave(),
                                spool.id(),
                                wire.metal(),
                                wire.wireDiameterMm(),
                                demo.inner(),
                                demo.piece(),
                                demo.colours(),
                                "")));
        date("weave_job", id, began, began);
        if (demo.rings() != NOT_BEGUN) {
            Kept<WeaveRunData> run = runs.start(id);
            WeaveRunPlan plan = run.data().plan();
            int step = Math.min(plan.length(), demo.rings() == ALL ? ALL : WeaveRunPlan.FIRST + demo.rings());
            var counts = Map.of(0, plan.preClosed(), 1, plan.opened());
            runs.progress(run.id(), new Edit<>(run.version(), new RunProgress(step, counts, "")));
            date("weave_run", run.id(), began, began.plus(Duration.ofHours(3)));
        }
    }

    private void date(String table, UUID id, Instant created, Instant updated) {
        database.update(
                "update " + table + " set created_at = ?, updated_at = ? where id = ?",
                Timestamp.from(created),
                Timestamp.from(updated),
                id);
    }
}
