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
import toroid.core.form.FormStep;
import toroid.core.form.Schools;
import toroid.core.work.FormPlan;
import toroid.core.work.Measurable;
import toroid.core.work.Operation;
import toroid.core.work.Plan;
import toroid.server.calibration.Quantity;
import toroid.server.calibration.ReadingData;
import toroid.server.calibration.Readings;
import toroid.server.form.FormJobData;
import toroid.server.form.FormJobData.Hand;
import toroid.server.form.FormJobData.Rhythm;
import toroid.server.store.Edit;
import toroid.server.store.Kept;
import toroid.server.wire.SpoolData;
import toroid.server.work.FormKind;
import toroid.server.work.RunData;

/** The invented workshop's form jobs: clasps, ear wires, bead chains; some made, one in hand. */
@Component
class DemoForms {
    private static final double CUT_SCATTER_MM = 1.2;

    private final FormKind kind;
    private final DemoRuns runs;
    private final Readings readings;
    private final Clock clock;
    private final Random chance = new Random(41);

    DemoForms(FormKind kind, DemoRuns runs, Readings readings, Clock clock) {
        this.kind = kind;
        this.runs = runs;
        this.readings = readings;
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
            int copies,
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
        Instant began = now.minus(Duration.ofDays(demo.daysAgo()));
        runs.job(
                kind,
                id,
                new FormJobData(
                        demo.name(),
                        demo.form(),
                        spool.id(),
                        wire.metal(),
                        wire.temper(),
                        wire.wireDiameterMm(),
                        demo.parameters(),
                        demo.hand(),
                        demo.copies(),
                        demo.rhythm(),
                        Schools.Cutting.PRE_CUT,
                        1.0,
                        1.0,
                        Map.of(),
                        ""),
                began);
        if (demo.done() >= 0) {
            run(id, demo, began);
        }
    }

    private void run(UUID jobId, DemoForm demo, Instant began) {
        Kept<RunData> run = runs.begin(kind, jobId);
        Plan plan = run.data().plan();
        int places = plan.rhythm().places();
        int done = Math.min(demo.done(), places);
        var counts = new TreeMap<String, Integer>();
        if (done < places && demo.rhythm() == Rhythm.BATCH) {
            counts.put(plan.operations().get(plan.rhythm().stepAt(done)).id(), Math.max(1, demo.copies() / 2));
        }
        runs.done(run, done, counts, began, Duration.ofHours(2));
        Operation last = plan.operations().get(plan.operations().size() - 1);
        for (int i = 0; i < TIMED && done == places; i++) {
            Instant taken = began.plusSeconds(5000 + 600L * i);
            hands.minutes(last)
                    .ifPresent(minutes -> keep(new ReadingData(
                            run.id(), last.id(), null, null, Quantity.MINUTES, minutes, null, null, taken, "")));
        }
        measureCuts(
                run, began, Math.min(demo.copies(), 1 + done / plan.operations().size() * 2 + 3));
    }

    /** Copies of a batch the maker has timed. */
    private static final int TIMED = 3;

    private final DemoHands hands = new DemoHands();

    private void measureCuts(Kept<RunData> run, Instant began, int copies) {
        FormPlan.Cut cut = ((FormKind.FormFacts) run.data().facts()).wires().get(0);
        for (int i = 0; i < copies && cut.tailMm() > 1; i++) {
            double really = cut.lengthInPieceMm() + 1.15 * cut.tailMm() + CUT_SCATTER_MM * chance.nextGaussian();
            measure(run, Quantity.CUT_LENGTH, round(really), began.plusSeconds(40L * i));
        }
        Measurable loop = run.data().plan().operations().stream()
                .filter(operation -> operation.verb().equals(FormStep.Kind.LOOP.name()))
                .flatMap(operation -> operation.measurable().stream())
                .findFirst()
                .orElse(null);
        for (int i = 0; loop != null && i < Math.min(copies, 6); i++) {
            double inside = loop.planned() + 0.07 * chance.nextGaussian();
            measure(run, Quantity.LOOP_INSIDE, round(inside), began.plusSeconds(4000 + 60L * i));
        }
    }

    /** At the first step where that is measured. */
    private void measure(Kept<RunData> run, Quantity quantity, double value, Instant taken) {
        Operation at = run.data().plan().operations().stream()
                .filter(operation -> operation.measurable().stream()
                        .anyMatch(one -> one.quantity().equals(quantity.name())))
                .filter(operation ->
                        quantity != Quantity.LOOP_INSIDE || operation.verb().equals(FormStep.Kind.LOOP.name()))
                .findFirst()
                .orElseThrow();
        keep(new ReadingData(run.id(), at.id(), null, null, quantity, value, null, null, taken, ""));
    }

    private void keep(ReadingData data) {
        UUID id = DemoStock.id("form measurement " + data.takenAt() + data.quantity() + chance.nextLong());
        readings.put(id, new Edit<>(null, data));
    }

    private static double round(double mm) {
        return Math.round(mm * 100) / 100.0;
    }

    private static final List<DemoForm> FORMS = List.of(
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
                    0));

    void load() {
        Instant now = clock.instant();
        for (DemoForm demo : FORMS) {
            job(demo, now);
        }
    }
}
