package toroid.server.demo;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import toroid.core.bench.RingStep;
import toroid.core.bend.BarInBending;
import toroid.core.bend.Springback;
import toroid.core.calibration.SpringbackReading.Measured;
import toroid.core.ring.ClosedRing;
import toroid.core.ring.Ring;
import toroid.core.ring.RingAim.Convention;
import toroid.server.bench.RunData;
import toroid.server.bench.RunProgress;
import toroid.server.bench.Runs;
import toroid.server.calibration.MeasurementData;
import toroid.server.calibration.Measurements;
import toroid.server.demo.DemoStock.DemoSpool;
import toroid.server.ring.CutData;
import toroid.server.ring.RingJobData;
import toroid.server.ring.RingJobData.Winding;
import toroid.server.ring.RingJobs;
import toroid.server.store.Edit;
import toroid.server.store.Kept;

/** The invented season: jobs in every stage, and what the workshop measured, with believable scatter. */
@Component
class DemoSeason {
    private static final double SCATTER_MM = 0.025;
    private static final Duration SEASON = Duration.ofDays(84);

    private final RingJobs jobs;
    private final Runs runs;
    private final Measurements measurements;
    private final JdbcTemplate database;
    private final Clock clock;
    private final Random chance = new Random(20);

    DemoSeason(RingJobs jobs, Runs runs, Measurements measurements, JdbcTemplate database, Clock clock) {
        this.jobs = jobs;
        this.runs = runs;
        this.measurements = measurements;
        this.database = database;
        this.clock = clock;
    }

    /** @param done steps done: negative for only planned, large for finished */
    private record DemoJob(
            String key,
            String name,
            String spool,
            double rodMm,
            int rings,
            CutData cut,
            Winding winding,
            int done,
            int daysAgo) {}

    private static final CutData SAW = new CutData("saw", 0.26, null, null);
    private static final CutData FLUSH = new CutData("flush", null, 0.7, true);

    private static final List<DemoJob> JOBS = List.of(
            new DemoJob("lantern", "Lantern chain, ship's mate", "copper-1.0", 5, 90, SAW, Winding.TURNED, 99, 71),
            new DemoJob("ear", "Ear wire rings, cast of eight", "sterling-0.8", 3, 48, FLUSH, Winding.TURNED, 99, 52),
            new DemoJob("clasp", "Cloak clasp rings", "brass-1.6", 8, 40, SAW, Winding.CARRIED, 99, 33),
            new DemoJob("belt", "Belt of the harbour master", "bronze-1.2", 6, 160, SAW, Winding.POWERED, 6, 9),
            new DemoJob("collar", "Mail collar, sea queen", "bronze-1.0", 4.5, 320, SAW, Winding.TURNED, 4, 2),
            new DemoJob("nets", "Net rings for the chorus", "steel-1.0", 6, 400, FLUSH, Winding.TURNED, -1, 1),
            new DemoJob("pearls", "Bead chain of the drowned", "brass-0.9", 3.5, 120, FLUSH, Winding.TURNED, -1, 0));

    void load() {
        Instant now = clock.instant();
        DemoStock.SPOOLS.forEach(spool -> coils(spool, now));
        JOBS.forEach(job -> job(job, now));
    }

    private void coils(DemoSpool spool, Instant now) {
        double[] rods = {3, 4, 4.5, 5, 6, 8};
        int count =
                spool.key().startsWith("steel") ? 0 : spool.key().startsWith("aluminium") ? 1 : 5 + chance.nextInt(4);
        for (int i = 0; i < count; i++) {
            double rod = rods[chance.nextInt(rods.length)];
            double inner = made(spool, rod) + SCATTER_MM * chance.nextGaussian();
            Instant taken = now.minus(SEASON.dividedBy(count + 1).multipliedBy(count - i));
            measure(spool, null, null, Measured.COIL_INNER, inner, rod, CutData.none(), null, taken);
        }
    }

    private void job(DemoJob demo, Instant now) {
        DemoSpool spool = spool(demo.spool());
        UUID id = DemoStock.id("job " + demo.key());
        jobs.put(id, new Edit<>(null, content(demo, spool)));
        Instant began = now.minus(Duration.ofDays(demo.daysAgo())).minus(Duration.ofHours(3));
        date("ring_job", id, began, began);
        if (demo.done() < 0) {
            return;
        }
        Kept<RunData> run = runs.start(id);
        int steps = run.data().plan().steps().size();
        int done = Math.min(demo.done(), steps);
        runs.progress(run.id(), new Edit<>(run.version(), new RunProgress(done, counts(run.data(), done), "")));
        Instant ended = began.plus(Duration.ofMinutes(95));
        date("ring_run", run.id(), began, ended);
        if (done == steps) {
            database.update("update ring_run set finished_at = ? where id = ?", Timestamp.from(ended), run.id());
        }
        measureRun(run, spool, done, began);
    }

    private static RingJobData content(DemoJob demo, DemoSpool spool) {
        return new RingJobData(
                demo.name(),
                spool.id(),
                spool.data().metal(),
                spool.data().temper(),
                spool.data().wireDiameterMm(),
                Convention.MANDREL,
                demo.rodMm(),
                demo.rings(),
                5,
                1,
                demo.cut(),
                demo.winding(),
                25,
                40,
                1,
                180,
                "");
    }

    private static Map<Integer, Integer> counts(RunData run, int done) {
        var counts = new TreeMap<Integer, Integer>();
        List<RingStep> steps = run.plan().steps();
        for (int i = 0; i < done; i++) {
            if (steps.get(i).count() > 1) {
                counts.put(i, steps.get(i).count());
            }
        }
        if (done < steps.size() && steps.get(done).kind() == RingStep.Kind.CUT) {
            counts.put(done, steps.get(done).count() / 3);
        }
        return counts;
    }

    private void measureRun(Kept<RunData> run, DemoSpool spool, int done, Instant began) {
        List<RingStep> steps = run.data().plan().steps();
        double rod = run.data().plan().sizes().mandrelDiameterMm();
        CutData cut = run.data().plan().job().cut();
        double d = spool.data().wireDiameterMm();
        Ring sprung = new Ring(d, made(spool, rod));
        for (int i = 0; i < done; i++) {
            Instant taken = began.plus(Duration.ofMinutes(10L * (i + 1)));
            if (steps.get(i).kind() == RingStep.Kind.MEASURE_COIL) {
                double outer = sprung.outerDiameterMm() + SCATTER_MM * chance.nextGaussian();
                measure(
                        spool,
                        run.id(),
                        i,
                        Measured.COIL_OUTER,
                        outer,
                        rod,
                        cut,
                        steps.get(i).target(),
                        taken);
            } else if (steps.get(i).kind() == RingStep.Kind.MEASURE_RINGS) {
                for (int n = 0; n < steps.get(i).count(); n++) {
                    Ring closed = ClosedRing.close(sprung, cut.toCore(d), 1);
                    double inner = closed.innerDiameterMm() + 1.4 * SCATTER_MM * chance.nextGaussian();
                    Instant at = taken.plusSeconds(20L * n);
                    measure(
                            spool,
                            run.id(),
                            i,
                            Measured.RING_INNER,
                            inner,
                            rod,
                            cut,
                            steps.get(i).target(),
                            at);
                }
            }
        }
    }

    private void measure(
            DemoSpool spool,
            UUID runId,
            Integer step,
            Measured measured,
            double valueMm,
            double rodMm,
            CutData cut,
            Double predictedMm,
            Instant taken) {
        UUID id = DemoStock.id("measurement " + spool.key() + taken.toEpochMilli() + measured + chance.nextLong());
        double shown = Math.round(valueMm * 100) / 100.0;
        measurements.put(
                id,
                new Edit<>(
                        null,
                        new MeasurementData(
                                spool.id(),
                                runId,
                                step,
                                measured,
                                shown,
                                spool.data().wireDiameterMm(),
                                rodMm,
                                cut,
                                1,
                                predictedMm,
                                taken,
                                "")));
    }

    private static double made(DemoSpool spool, double rodMm) {
        double modulus = spool.data().metalKept().youngsModulus().inMegapascals();
        return Springback.innerDiameterMm(
                BarInBending.ofWire(spool.data().wireDiameterMm(), modulus, spool.trueFlow()), rodMm);
    }

    private static DemoSpool spool(String key) {
        return DemoStock.SPOOLS.stream()
                .filter(s -> s.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private void date(String table, UUID id, Instant created, Instant updated) {
        database.update(
                "update " + table + " set created_at = ?, updated_at = ? where id = ?",
                Timestamp.from(created),
                Timestamp.from(updated),
                id);
    }
}
