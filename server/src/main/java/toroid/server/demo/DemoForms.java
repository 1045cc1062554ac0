package toroid.server.demo;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import toroid.core.form.FormStep;
import toroid.core.form.Schools;
import toroid.server.bench.FormRunData;
import toroid.server.bench.FormRunPlan;
import toroid.server.bench.FormRuns;
import toroid.server.bench.RunProgress;
import toroid.server.calibration.FormMeasurementData;
import toroid.server.calibration.FormMeasurementData.Kind;
import toroid.server.calibration.FormMeasurements;
import toroid.server.form.FormJobData;
import toroid.server.form.FormJobData.Hand;
import toroid.server.form.FormJobData.Rhythm;
import toroid.server.form.FormJobs;
import toroid.server.store.Edit;
import toroid.server.store.Kept;
import toroid.server.wire.SpoolData;

/** The invented workshop's form jobs: clasps, ear wires, bead chains; some made, one in hand; loops practised over a season. */
@Component
class DemoForms {
    private static final double CUT_SCATTER_MM = 1.2;

    private final FormJobs jobs;
    private final FormRuns runs;
    private final FormMeasurements measurements;
    private final JdbcTemplate database;
    private final Clock clock;
    private final Random chance = new Random(41);

    DemoForms(FormJobs jobs, FormRuns runs, FormMeasurements measurements, JdbcTemplate database, Clock clock) {
        this.jobs = jobs;
        this.runs = runs;
        this.measurements = measurements;
        this.database = database;
        this.clock = clock;
    }

    /** @param done places done: negative for only planned, large for finished */
    private record DemoForm(
            String key,
            String name,
            String form,
            String spool,
            Map<String, Object> parameters,
            Hand hand,
            int pieces,
            Rhythm rhythm,
            int done,
            int daysAgo) {}

    private void job(DemoForm demo, Instant now) {
        UUID id = DemoStock.id("form job " + demo.key());
        var spool = DemoStock.SPOOLS.stream()
                .filter(s -> s.key().equals(demo.spool()))
                .findFirst()
                .orElseThrow();
        SpoolData wire = spool.data();
        jobs.put(
                id,
                new Edit<>(
                        null,
                        new FormJobData(
                                demo.name(),
                                demo.form(),
                                spool.id(),
                                wire.metal(),
                                wire.temper(),
                                wire.wireDiameterMm(),
                                demo.parameters(),
                                demo.hand(),
                                demo.pieces(),
                                demo.rhythm(),
                                Schools.Cutting.PRE_CUT,
                                1.0,
                                1.0,
                                "")));
        Instant began = now.minus(Duration.ofDays(demo.daysAgo()));
        date("form_job", id, began, began);
        if (demo.done() >= 0) {
            run(id, demo, began);
        }
    }

    private void run(UUID jobId, DemoForm demo, Instant began) {
        Kept<FormRunData> run = runs.start(jobId);
        int done = Math.min(demo.done(), run.data().places());
        var counts = new TreeMap<Integer, Integer>();
        int steps = run.data().plan().steps().size();
        if (done < run.data().places() && demo.rhythm() == Rhythm.BATCH) {
            counts.put(done, Math.max(1, demo.pieces() / 2));
        }
        runs.progress(run.id(), new Edit<>(run.version(), new RunProgress(done, counts, "")));
        measureCuts(run, began, Math.min(demo.pieces(), 1 + done / Math.max(1, steps) * 2 + 3));
        date("form_run", run.id(), began, began.plus(Duration.ofHours(2)));
    }

    private void measureCuts(Kept<FormRunData> run, Instant began, int pieces) {
        FormRunPlan plan = run.data().plan();
        FormRunPlan.Cut cut = plan.wires().get(0);
        for (int i = 0; i < pieces && cut.tailMm() > 1; i++) {
            double really = cut.lengthInPieceMm() + 1.15 * cut.tailMm() + CUT_SCATTER_MM * chance.nextGaussian();
            measure(
                    run,
                    Kind.CUT_LENGTH,
                    round(really),
                    cut.lengthInPieceMm(),
                    cut.tailMm(),
                    began.plusSeconds(40L * i));
        }
        plan.steps().stream()
                .filter(step -> step.kind() == FormStep.Kind.LOOP && step.insideMm() != null)
                .findFirst()
                .ifPresent(loop -> {
                    for (int i = 0; i < Math.min(pieces, 6); i++) {
                        double inside = loop.insideMm() + 0.07 * chance.nextGaussian();
                        measure(
                                run,
                                Kind.LOOP_INSIDE,
                                round(inside),
                                loop.insideMm(),
                                null,
                                began.plusSeconds(4000 + 60L * i));
                    }
                });
    }

    private void measure(Kept<FormRunData> run, Kind kind, double value, double predicted, Double tail, Instant taken) {
        FormRunPlan plan = run.data().plan();
        keep(new FormMeasurementData(
                run.id(),
                null,
                plan.job().formId(),
                plan.job().spoolId(),
                plan.wireDiameterMm(),
                kind,
                value,
                predicted,
                tail,
                taken,
                ""));
    }

    /** Ten wrapped loops a session, three weeks apart; the hand gets steadier. */
    private void practise(Instant now) {
        double[] spread = {0.24, 0.19, 0.15, 0.10};
        for (int session = 0; session < spread.length; session++) {
            UUID id = DemoStock.id("practice " + session);
            Instant at = now.minus(Duration.ofDays(78 - 21L * session));
            for (int i = 0; i < 10; i++) {
                double inside = 2.5 + (0.12 - 0.03 * session) + spread[session] * chance.nextGaussian();
                keep(new FormMeasurementData(
                        null,
                        id,
                        "wrapped-loop",
                        null,
                        0.81,
                        Kind.LOOP_INSIDE,
                        round(inside),
                        2.5,
                        null,
                        at.plusSeconds(90L * i),
                        ""));
            }
        }
    }

    private void keep(FormMeasurementData data) {
        UUID id = DemoStock.id("form measurement " + data.takenAt() + data.measured() + chance.nextLong());
        measurements.put(id, new Edit<>(null, data));
    }

    private static double round(double mm) {
        return Math.round(mm * 100) / 100.0;
    }

    void load() {
        Instant now = clock.instant();
        for (DemoForm demo : new DemoForm[] {
            new DemoForm(
                    "ears",
                    "Ear wires for the cast",
                    "fish-hook",
                    "sterling-0.8",
                    Map.of("over", 9.0),
                    Hand.PAIRS,
                    16,
                    Rhythm.TANDEM,
                    999,
                    48),
            new DemoForm(
                    "tide",
                    "Tide bead links",
                    "bead-link",
                    "copper-0.8",
                    Map.of("bead", 8.0, "wraps", 3.0),
                    Hand.RIGHT,
                    24,
                    Rhythm.BATCH,
                    999,
                    30),
            new DemoForm(
                    "cloak",
                    "Cloak clasp hooks",
                    "hook-curled",
                    "brass-1.6",
                    Map.of("hook", 7.0, "shank", 20.0),
                    Hand.PAIRS,
                    8,
                    Rhythm.BATCH,
                    6,
                    3),
            new DemoForm(
                    "gulls",
                    "Gull wings, crown of the harbour",
                    "wing",
                    "bronze-1.0",
                    Map.of(),
                    Hand.PAIRS,
                    4,
                    Rhythm.TANDEM,
                    -1,
                    1),
            new DemoForm(
                    "whelk",
                    "Whelk spirals",
                    "spiral-flat",
                    "copper-1.0",
                    Map.of("width", 14.0),
                    Hand.PAIRS,
                    12,
                    Rhythm.BATCH,
                    -1,
                    0)
        }) {
            job(demo, now);
        }
        practise(now);
    }

    private void date(String table, UUID id, Instant created, Instant updated) {
        database.update(
                "update " + table + " set created_at = ?, updated_at = ? where id = ?",
                Timestamp.from(created),
                Timestamp.from(updated),
                id);
    }
}
