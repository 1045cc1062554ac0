package toroid.server.calibration;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.bench.FormRhythm;
import toroid.core.calibration.Expected;
import toroid.core.calibration.Repeatability;
import toroid.server.bench.FormRunData;
import toroid.server.bench.FormRunPlan;
import toroid.server.bench.FormRuns;
import toroid.server.bench.RunKeeper;
import toroid.server.store.Kept;
import toroid.server.store.Rows;

@RestController
class FormNotebookController {
    private final FormRuns runs;
    private final FormMeasurements measurements;

    FormNotebookController(FormRuns runs, FormMeasurements measurements) {
        this.runs = runs;
        this.measurements = measurements;
    }

    /**
     * One kind of measurement of a run: planned against made.
     *
     * @param expected how near to the plan, mm; null for counts and minutes
     */
    record Made(
            @NotNull FormMeasurementData.Kind measured,
            Double planned,
            Expected expected,
            @NotNull List<Double> values,
            @NotNull Repeatability spread) {}

    /**
     * One run of a form job. Lengths mm.
     *
     * @param unreadable why this one cannot be shown; null when it can
     */
    record FormEntry(
            @NotNull UUID runId,
            @NotNull UUID jobId,
            @NotNull String name,
            @NotNull String form,
            @NotNull String formId,
            @NotNull String metal,
            @NotNull Instant startedAt,
            Instant finishedAt,
            @NotNull int pieces,
            @NotNull int piecesDone,
            @NotNull List<FormRunPlan.Cut> wires,
            @NotNull double wireUsedMm,
            @NotNull List<Made> made,
            @NotNull String note,
            String unreadable) {
        static FormEntry unreadable(RunKeeper.Row<FormRunData> run, String reason) {
            return new FormEntry(
                    run.id(),
                    run.jobId(),
                    "A run of shapes",
                    "",
                    "",
                    "",
                    run.updatedAt(),
                    null,
                    0,
                    0,
                    List.of(),
                    0,
                    List.of(),
                    "",
                    reason);
        }
    }

    @GetMapping("/api/notebook/forms")
    @Transactional(readOnly = true)
    public List<FormEntry> notebook() {
        List<RunKeeper.Row<FormRunData>> begun = runs.all().stream()
                .filter(run -> run.run() == null || run.run().data().place() > 0)
                .toList();
        return Rows.each(begun, run -> entry(run.read()), FormEntry::unreadable);
    }

    private FormEntry entry(Kept<FormRunData> kept) {
        FormRunData run = kept.data();
        var plan = run.plan();
        var rhythm = new FormRhythm(
                plan.job().pieces(), plan.perGroup(), plan.steps().size());
        List<FormMeasurementData> taken = measurements.ofRun(kept.id()).stream()
                .filter(m -> !m.deleted())
                .map(Kept::data)
                .toList();
        return new FormEntry(
                kept.id(),
                run.jobId(),
                plan.job().name(),
                plan.form(),
                plan.job().formId(),
                plan.metal(),
                run.startedAt(),
                run.finishedAt(),
                plan.job().pieces(),
                rhythm.piecesDone(run.place()),
                plan.wires(),
                run.wireUsedMm(),
                made(plan.job().formId(), taken),
                run.note(),
                null);
    }

    /** One of each kind; of loops, one for each size that was planned. */
    private List<Made> made(String formId, List<FormMeasurementData> taken) {
        Map<String, List<FormMeasurementData>> alike = taken.stream()
                .collect(Collectors.groupingBy(
                        m -> m.measured().ordinal() + "/" + m.predicted(), TreeMap::new, Collectors.toList()));
        return alike.values().stream()
                .map(these -> {
                    List<Double> values =
                            these.stream().map(FormMeasurementData::value).toList();
                    FormMeasurementData first = these.get(0);
                    return new Made(
                            first.measured(),
                            first.predicted(),
                            expected(formId, first.measured()),
                            values,
                            Repeatability.of(values));
                })
                .toList();
    }

    private Expected expected(String formId, FormMeasurementData.Kind kind) {
        return switch (kind) {
            case LOOP_INSIDE -> measurements.loopsOf(formId);
            case CUT_LENGTH -> measurements.cutsOf(formId);
            default -> null;
        };
    }
}
