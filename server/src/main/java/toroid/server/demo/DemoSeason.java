package toroid.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Component;
import toroid.core.bend.BarInBending;
import toroid.core.bend.Springback;
import toroid.core.ring.ClosedRing;
import toroid.core.ring.Ring;
import toroid.core.ring.RingAim.Convention;
import toroid.core.work.Operation;
import toroid.core.work.Plan;
import toroid.core.work.RingStep;
import toroid.server.calibration.Quantity;
import toroid.server.calibration.ReadingContext;
import toroid.server.calibration.ReadingData;
import toroid.server.calibration.Readings;
import toroid.server.demo.DemoStock.DemoSpool;
import toroid.server.ring.CutData;
import toroid.server.ring.RingJobData;
import toroid.server.ring.RingJobData.Winding;
import toroid.server.store.Edit;
import toroid.server.store.Kept;
import toroid.server.work.RingKind;
import toroid.server.work.RunData;

/** The invented season: jobs in every stage, and what the workshop measured, with believable scatter. */
@Component
class DemoSeason {
    private static final double SCATTER_MM = 0.025;
    private static final Duration SEASON = Duration.ofDays(84);

    private final RingKind kind;
    private final DemoRuns runs;
    private final Readings readings;
    private final Clock clock;
    private final Random chance = new Random(20);

    DemoSeason(RingKind kind, DemoRuns runs, Readings readings, Clock clock) {
        this.kind = kind;
        this.runs = runs;
        this.readings = readings;
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
            keep(new ReadingData(
                    null,
                    null,
                    spool.id(),
                    null,
                    Quantity.COIL_INNER,
                    round(inner),
                    null,
                    ReadingContext.coil(spool.data().wireDiameterMm(), rod),
                    taken,
                    ""));
        }
    }

    private void job(DemoJob demo, Instant now) {
        DemoSpool spool = spool(demo.spool());
        UUID id = DemoStock.id("job " + demo.key());
        Instant began = now.minus(Duration.ofDays(demo.daysAgo())).minus(Duration.ofHours(3));
        runs.job(kind, id, content(demo, spool), began);
        if (demo.done() < 0) {
            return;
        }
        Kept<RunData> run = runs.begin(kind, id);
        int done = Math.min(demo.done(), run.data().plan().operations().size());
        runs.done(run, done, counts(run.data().plan(), done), began, Duration.ofMinutes(95));
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

    private static Map<String, Integer> counts(Plan plan, int done) {
        var counts = new TreeMap<String, Integer>();
        List<Operation> operations = plan.operations();
        for (int i = 0; i < done; i++) {
            if (operations.get(i).times() > 1) {
                counts.put(operations.get(i).id(), operations.get(i).times());
            }
        }
        if (done < operations.size() && operations.get(done).counted()) {
            counts.put(operations.get(done).id(), operations.get(done).times() / 3);
        }
        return counts;
    }

    private final DemoHands hands = new DemoHands();

    private void measureRun(Kept<RunData> run, DemoSpool spool, int done, Instant began) {
        List<Operation> operations = run.data().plan().operations();
        RingKind.RingFacts facts = (RingKind.RingFacts) run.data().facts();
        double d = spool.data().wireDiameterMm();
        Ring sprung = new Ring(d, made(spool, facts.sizes().mandrelDiameterMm()));
        Ring closed = ClosedRing.close(sprung, facts.job().cut().toCore(d), 1);
        for (int i = 0; i < done; i++) {
            Operation operation = operations.get(i);
            Instant taken = began.plus(Duration.ofMinutes(10L * (i + 1)));
            hands.minutes(operation)
                    .ifPresent(minutes -> measure(run, operation, Quantity.MINUTES, minutes, taken.minusSeconds(5)));
            if (operation.verb().equals(RingStep.Kind.MEASURE_COIL.name())) {
                double outer = sprung.outerDiameterMm() + SCATTER_MM * chance.nextGaussian();
                measure(run, operation, Quantity.COIL_OUTER, outer, taken);
            } else if (operation.verb().equals(RingStep.Kind.MEASURE_RINGS.name())) {
                for (int n = 0; n < operation.times(); n++) {
                    double inner = closed.innerDiameterMm() + 1.4 * SCATTER_MM * chance.nextGaussian();
                    measure(run, operation, Quantity.RING_INNER, inner, taken.plusSeconds(20L * n));
                }
            }
        }
    }

    private void measure(Kept<RunData> run, Operation at, Quantity quantity, double valueMm, Instant taken) {
        keep(new ReadingData(run.id(), at.id(), null, null, quantity, round(valueMm), null, null, taken, ""));
    }

    private void keep(ReadingData data) {
        UUID id = DemoStock.id("measurement " + data.takenAt() + data.quantity() + chance.nextLong());
        readings.put(id, new Edit<>(null, data));
    }

    private static double round(double mm) {
        return Math.round(mm * 100) / 100.0;
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
}
