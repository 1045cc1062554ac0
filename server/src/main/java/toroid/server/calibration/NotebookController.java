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
import toroid.core.calibration.Expected;
import toroid.core.calibration.Repeatability;
import toroid.core.stock.kind.WireLots;
import toroid.server.stock.Lots;
import toroid.server.store.RefusalView;
import toroid.server.store.Rows;
import toroid.server.work.Glance;
import toroid.server.work.Runs;

/** Planned against made, a run an entry, whatever was made. */
@RestController
class NotebookController {
    private final Runs runs;
    private final Lots lots;
    private final Readings readings;
    private final FormLearning learning;

    NotebookController(Runs runs, Lots lots, Readings readings, FormLearning learning) {
        this.runs = runs;
        this.lots = lots;
        this.readings = readings;
        this.learning = learning;
    }

    /**
     * One quantity of a run: planned against made. Coils and rings are told as inner diameters.
     *
     * @param expected how near to the plan, mm; null where nothing says
     * @param values each reading, in the order taken
     */
    record Made(
            @NotNull Quantity quantity,
            Double planned,
            Expected expected,
            @NotNull List<Double> values,
            @NotNull Repeatability spread) {}

    /**
     * One run. Lengths mm.
     *
     * @param glance what was made and how far; null until it was looked at
     * @param unreadable why this one cannot be shown; null when it can
     */
    record Entry(
            @NotNull UUID runId,
            @NotNull UUID jobId,
            @NotNull String kind,
            @NotNull String name,
            @NotNull Instant startedAt,
            Instant finishedAt,
            Glance glance,
            @NotNull List<Made> made,
            @NotNull double wireUsedMm,
            @NotNull String note,
            RefusalView unreadable) {}

    @GetMapping("/api/notebook")
    @Transactional(readOnly = true)
    public List<Entry> notebook() {
        Map<UUID, List<ReadingData>> byRun = readings.byRun();
        List<Runs.Row> begun = runs.all().stream()
                .filter(run -> run.glance() == null
                        || run.glance().refusal() != null
                        || run.glance().share() > 0)
                .toList();
        Map<UUID, Lots.Brief> shelf = lots.briefs();
        return Rows.each(
                begun,
                run -> entry(run, wireMm(run, shelf), made(byRun.getOrDefault(run.id(), List.of()))),
                (run, reason) -> entry(run, wireMm(run, shelf), List.of(), reason));
    }

    /** Of what was drawn, the wire. */
    private static double wireMm(Runs.Row run, Map<UUID, Lots.Brief> shelf) {
        return run.drawn().entrySet().stream()
                .filter(one -> {
                    Lots.Brief lot = shelf.get(UUID.fromString(one.getKey()));
                    return lot != null && lot.kind().id().equals(WireLots.ID);
                })
                .mapToDouble(Map.Entry::getValue)
                .sum();
    }

    private static Entry entry(Runs.Row run, double wireMm, List<Made> made) {
        return entry(
                run, wireMm, made, run.glance() == null ? null : run.glance().refusal());
    }

    private static Entry entry(Runs.Row run, double wireMm, List<Made> made, RefusalView unreadable) {
        return new Entry(
                run.id(),
                run.jobId(),
                run.kind(),
                run.name(),
                run.startedAt(),
                run.finishedAt(),
                run.glance(),
                made,
                wireMm,
                run.note(),
                unreadable);
    }

    /** One of each quantity; of loops, one for each size that was planned. */
    private List<Made> made(List<ReadingData> taken) {
        Map<String, List<ReadingData>> alike = taken.stream()
                .collect(Collectors.groupingBy(
                        m -> shown(m.quantity()).ordinal()
                                + "/"
                                + (m.quantity().isOfRings()
                                        ? ""
                                        : m.planned() + "/" + m.context().inPieceMm()),
                        TreeMap::new,
                        Collectors.toList()));
        return alike.values().stream().map(this::alike).toList();
    }

    private Made alike(List<ReadingData> these) {
        List<Double> values = these.stream().map(NotebookController::value).toList();
        ReadingData first = these.get(0);
        return new Made(shown(first.quantity()), planned(first), expected(first), values, Repeatability.of(values));
    }

    /** Coils and rings are told as what they are inside. */
    private static Quantity shown(Quantity quantity) {
        return switch (quantity) {
            case COIL_OUTER -> Quantity.COIL_INNER;
            case RING_OUTER -> Quantity.RING_INNER;
            default -> quantity;
        };
    }

    private static double value(ReadingData m) {
        return switch (m.quantity()) {
            case COIL_INNER, COIL_OUTER -> m.sprung().sprungInnerMm();
            case RING_OUTER -> m.value() - 2 * m.context().wireMm();
            default -> m.value();
        };
    }

    private static Double planned(ReadingData m) {
        boolean outside = m.quantity() == Quantity.COIL_OUTER || m.quantity() == Quantity.RING_OUTER;
        return m.planned() == null || !outside
                ? m.planned()
                : Double.valueOf(m.planned() - 2 * m.context().wireMm());
    }

    private Expected expected(ReadingData m) {
        return switch (m.quantity()) {
            case LOOP_INSIDE -> learning.loopsOf(m.context().formId());
            case CUT_LENGTH -> learning.cutsOf(m.context().formId());
            default -> null;
        };
    }
}
