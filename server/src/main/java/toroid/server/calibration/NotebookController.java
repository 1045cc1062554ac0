package toroid.server.calibration;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.calibration.Expected;
import toroid.core.calibration.Repeatability;
import toroid.core.stock.kind.WireLots;
import toroid.server.stock.Lots;
import toroid.server.store.RefusalView;
import toroid.server.store.Rows;
import toroid.server.work.Glance;
import toroid.server.work.RunRows;

/** Planned against made, a run an entry, whatever was made. */
@RestController
class NotebookController {
    /** A page holds no more. */
    private static final int MOST = 200;

    private final RunRows runs;
    private final Lots lots;
    private final Readings readings;
    private final FormLearning learning;

    NotebookController(RunRows runs, Lots lots, Readings readings, FormLearning learning) {
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
     * @param work of minutes: of what, as {@link toroid.core.form.HandWork} names it; else null
     */
    record Made(
            @NotNull Quantity quantity,
            Double planned,
            Expected expected,
            @NotNull List<Double> values,
            @NotNull Repeatability spread,
            String work) {}

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

    /**
     * So many of them.
     *
     * @param next the run the next page begins after; null when there is none more
     */
    record NotebookPage(@NotNull List<Entry> entries, UUID next) {}

    /**
     * Newest first, page by page.
     *
     * @param words that are all to be found in a run's name, its note, or what is told of it; none for all
     * @param after the run the page begins after
     */
    @GetMapping("/api/notebook")
    @Transactional(readOnly = true)
    public NotebookPage notebook(
            @RequestParam(defaultValue = "") @Size(max = 200) String words,
            @RequestParam(required = false) UUID after,
            @RequestParam(defaultValue = "40") @Min(1) @Max(MOST) int most) {
        var begun = new ArrayList<RunRows.Row>();
        UUID from = after;
        boolean more = true;
        while (more && begun.size() < most) {
            List<RunRows.Row> page = runs.page(words, from, most + 1);
            more = page.size() > most;
            for (RunRows.Row row : page.subList(0, Math.min(most, page.size()))) {
                from = row.id();
                if (row.isBegun()) {
                    begun.add(row);
                }
                if (begun.size() == most) {
                    more |= row != page.get(page.size() - 1);
                    break;
                }
            }
        }
        return new NotebookPage(entries(begun), more ? from : null);
    }

    /** One run of it. */
    @GetMapping("/api/notebook/{runId}")
    @Transactional(readOnly = true)
    public Entry entry(@PathVariable UUID runId) {
        return entries(List.of(runs.get(runId))).get(0);
    }

    private List<Entry> entries(List<RunRows.Row> rows) {
        Map<UUID, List<ReadingData>> byRun =
                readings.byRun(rows.stream().map(RunRows.Row::id).toList());
        Map<UUID, Lots.Brief> shelf = lots.briefs();
        return Rows.each(
                rows,
                run -> entry(run, wireMm(run, shelf), made(byRun.getOrDefault(run.id(), List.of()))),
                (run, reason) -> entry(run, wireMm(run, shelf), List.of(), reason));
    }

    /** Of what was drawn, the wire. */
    private static double wireMm(RunRows.Row run, Map<UUID, Lots.Brief> shelf) {
        return run.drawn().entrySet().stream()
                .filter(one -> {
                    Lots.Brief lot = shelf.get(UUID.fromString(one.getKey()));
                    return lot != null && lot.kind().id().equals(WireLots.ID);
                })
                .mapToDouble(Map.Entry::getValue)
                .sum();
    }

    private static Entry entry(RunRows.Row run, double wireMm, List<Made> made) {
        return entry(
                run, wireMm, made, run.glance() == null ? null : run.glance().refusal());
    }

    private static Entry entry(RunRows.Row run, double wireMm, List<Made> made, RefusalView unreadable) {
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
                        m -> AsTold.quantity(m.quantity()).ordinal()
                                + "/"
                                + (m.quantity().isOfRings()
                                        ? ""
                                        : m.context().work() + "/" + m.planned() + "/"
                                                + m.context().inPieceMm()),
                        TreeMap::new,
                        Collectors.toList()));
        return alike.values().stream().map(this::alike).toList();
    }

    private Made alike(List<ReadingData> these) {
        List<Double> values = these.stream().map(AsTold::value).toList();
        ReadingData first = these.get(0);
        return new Made(
                AsTold.quantity(first.quantity()),
                AsTold.planned(first),
                expected(first),
                values,
                Repeatability.of(values),
                first.context().work());
    }

    private Expected expected(ReadingData m) {
        return switch (m.quantity()) {
            case LOOP_INSIDE -> learning.loopsOf(m.context().formId());
            case CUT_LENGTH -> learning.cutsOf(m.context().formId());
            default -> null;
        };
    }
}
