package toroid.server.calibration;

import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.bench.RingStep;
import toroid.core.calibration.Repeatability;
import toroid.core.calibration.SpringbackReading.Measured;
import toroid.server.bench.RunData;
import toroid.server.bench.RunKeeper;
import toroid.server.bench.Runs;
import toroid.server.ring.RingSizes;
import toroid.server.store.Kept;
import toroid.server.store.Rows;

@RestController
class NotebookController {
    private final Runs runs;
    private final Measurements measurements;

    NotebookController(Runs runs, Measurements measurements) {
        this.runs = runs;
        this.measurements = measurements;
    }

    /**
     * One run: planned against made. Lengths mm.
     *
     * @param coil measured coils, as inner diameters of the sprung coil; null when none was measured
     * @param rings measured closed rings, as inner diameters; null when none was measured
     * @param coilValues each of those, in the order taken
     * @param ringValues each of those, in the order taken
     * @param ringsCut counted while cutting
     * @param ringsPlanned wanted plus spare
     * @param unreadable why this one cannot be shown; null when it can
     */
    record Entry(
            @NotNull UUID runId,
            @NotNull UUID jobId,
            UUID spoolId,
            @NotNull String name,
            @NotNull String metal,
            @NotNull Instant startedAt,
            Instant finishedAt,
            RingSizes planned,
            Repeatability coil,
            Repeatability rings,
            @NotNull List<Double> coilValues,
            @NotNull List<Double> ringValues,
            @NotNull int ringsCut,
            @NotNull int ringsPlanned,
            @NotNull double wireUsedMm,
            @NotNull String note,
            String unreadable) {
        static Entry unreadable(RunKeeper.Row<RunData> run, String reason) {
            return new Entry(
                    run.id(),
                    run.jobId(),
                    null,
                    "A run of rings",
                    "",
                    run.updatedAt(),
                    null,
                    null,
                    null,
                    null,
                    List.of(),
                    List.of(),
                    0,
                    0,
                    0,
                    "",
                    reason);
        }
    }

    @GetMapping("/api/notebook")
    @Transactional(readOnly = true)
    public List<Entry> notebook() {
        Map<UUID, List<MeasurementData>> byRun = measurements.all().stream()
                .map(Kept::data)
                .filter(m -> m.runId() != null)
                .sorted(java.util.Comparator.comparing(MeasurementData::takenAt))
                .collect(Collectors.groupingBy(MeasurementData::runId));
        List<RunKeeper.Row<RunData>> begun = runs.all().stream()
                .filter(run -> run.run() == null || run.run().data().step() > 0)
                .toList();
        return Rows.each(begun, run -> entry(run.read(), byRun.getOrDefault(run.id(), List.of())), Entry::unreadable);
    }

    private static Entry entry(Kept<RunData> kept, List<MeasurementData> taken) {
        RunData run = kept.data();
        var job = run.plan().job();
        List<Double> coil = coil(taken);
        List<Double> rings = rings(taken);
        return new Entry(
                kept.id(),
                run.jobId(),
                job.spoolId(),
                job.name(),
                job.metal(),
                run.startedAt(),
                run.finishedAt(),
                run.plan().sizes(),
                coil.isEmpty() ? null : Repeatability.of(coil),
                rings.isEmpty() ? null : Repeatability.of(rings),
                coil,
                rings,
                ringsCut(run),
                run.plan().coils().stream().mapToInt(c -> c.rings()).sum(),
                run.wireUsedMm(),
                run.note(),
                null);
    }

    private static List<Double> coil(List<MeasurementData> taken) {
        return taken.stream()
                .filter(m -> m.measured() == Measured.COIL_INNER || m.measured() == Measured.COIL_OUTER)
                .map(m -> m.reading().sprungInnerMm())
                .toList();
    }

    private static List<Double> rings(List<MeasurementData> taken) {
        return taken.stream()
                .map(m -> switch (m.measured()) {
                    case RING_INNER -> m.valueMm();
                    case RING_OUTER -> m.valueMm() - 2 * m.wireDiameterMm();
                    default -> null;
                })
                .filter(Objects::nonNull)
                .toList();
    }

    private static int ringsCut(RunData run) {
        int cut = 0;
        List<RingStep> steps = run.plan().steps();
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).kind() == RingStep.Kind.CUT) {
                int counted = run.counts().getOrDefault(i, 0);
                cut += i < run.step() && counted == 0 ? steps.get(i).count() : counted;
            }
        }
        return cut;
    }
}
