package toroid.server.calibration;

import jakarta.validation.constraints.NotNull;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import toroid.core.bend.SprungDiameter;
import toroid.core.calibration.CoilLosses;
import toroid.core.calibration.Expected;
import toroid.core.calibration.HandlingTail;
import toroid.core.calibration.Repeatability;
import toroid.core.form.Forms;
import toroid.core.form.HandWork;
import toroid.core.form.Pace;
import toroid.core.form.Paces;
import toroid.core.metal.FlowEstimate;
import toroid.core.numeric.Refusal;
import toroid.server.store.Kept;
import toroid.server.store.Recent;
import toroid.server.wire.SpoolData;
import toroid.server.wire.Spools;
import toroid.server.wire.WireKnowledge;

/** What was learnt, at a glance: how far each wire springs open, and what each form needs of this maker's hands. */
@RestController
class LearntController {
    /** All wires are compared on a rod that many times as thick as they are: the aspect ratio of everyday rings. */
    static final double RODS_IN_WIRES = 5;

    /** Rings measured that long ago tell little of hands today. */
    private static final int NEWEST = 1500;

    private final Spools spools;
    private final WireKnowledge knowledge;
    private final FormLearning learning;
    private final LearntPace pace;
    private final Readings readings;
    private final CoilLearning coils;
    private final ReadingRepository repository;

    LearntController(
            Spools spools,
            WireKnowledge knowledge,
            FormLearning learning,
            LearntPace pace,
            Readings readings,
            CoilLearning coils,
            ReadingRepository repository) {
        this.spools = spools;
        this.knowledge = knowledge;
        this.learning = learning;
        this.pace = pace;
        this.readings = readings;
        this.coils = coils;
        this.repository = repository;
    }

    /**
     * @param rings how alike the rings of each batch are, of those measured last, the latest first, mm inside
     * @param coils what coils lose
     */
    record AtAGlance(
            @NotNull List<OfWire> wires,
            @NotNull List<OfForm> forms,
            @NotNull List<OfWork> works,
            @NotNull List<Repeatability> rings,
            @NotNull CoilLosses coils) {}

    /**
     * How long one kind of work takes these hands, against what is stated.
     *
     * @param form its name, where it is the making of a form; null for other work
     * @param pace how many times as long as stated
     * @param misfits which of its timings do not fit the others, by their places, the oldest first
     */
    record OfWork(
            @NotNull String work,
            String form,
            @NotNull Pace pace,
            @NotNull List<Misfit> misfits) {}

    /** One that lies far from where all others put it, minutes. */
    record Misfit(@NotNull double madeMinutes, @NotNull double statedMinutes) {}

    /**
     * How far a wire springs open on a rod of five times its thickness, per cent of the rod.
     *
     * @param handbookPercent null where it only flexes there
     * @param ownPercent by the maker's own coils; null when none was measured
     * @param lowPercent 19 in 20 of the next coils fall between this
     * @param highPercent and this
     * @param coils how many it rests on
     */
    record OfWire(
            @NotNull UUID spoolId,
            @NotNull String name,
            @NotNull String metal,
            @NotNull double wireDiameterMm,
            @NotNull double rodMm,
            Double handbookPercent,
            Double ownPercent,
            Double lowPercent,
            Double highPercent,
            @NotNull int coils) {}

    /**
     * @param tail of the form's own handling tail, what this maker needs
     * @param loops how near to the plan the next loop is expected
     */
    record OfForm(
            @NotNull String formId,
            @NotNull String name,
            @NotNull HandlingTail tail,
            @NotNull Expected loops) {}

    /** All that it rests on: it is the same as long as these are. */
    private record RestsOn(Optional<ReadingRepository.Stamp> readings, List<Kept<SpoolData>> spools) {}

    private final Recent<RestsOn, AtAGlance> known = new Recent<>(4);

    @GetMapping("/api/notebook/learnt")
    @Transactional(readOnly = true)
    public AtAGlance learnt() {
        List<Kept<SpoolData>> wires = spools.all();
        return known.get(new RestsOn(repository.stamp(), wires), () -> learnt(wires));
    }

    private AtAGlance learnt(List<Kept<SpoolData>> wires) {
        return new AtAGlance(
                wires.stream().map(this::wire).toList(),
                learning.forms().stream()
                        .map(this::form)
                        .filter(form ->
                                form.tail().measurements() + form.loops().measurements() > 0)
                        .toList(),
                works(),
                rings(),
                coils.losses());
    }

    /** Of each batch, rings measured inside or outside: how alike they are is the same. */
    private List<Repeatability> rings() {
        return readings.latest(Set.of(Quantity.RING_INNER, Quantity.RING_OUTER), NEWEST).stream()
                .map(batch -> Repeatability.of(batch.stream().map(AsTold::value).toList()))
                .toList();
    }

    /** Those that were timed, the most often first. */
    private List<OfWork> works() {
        List<Paces.Timing> timings = pace.timings();
        Paces paces = Paces.by(timings);
        Map<String, List<Paces.Timing>> byWork = timings.stream().collect(Collectors.groupingBy(Paces.Timing::work));
        return byWork.entrySet().stream()
                .map(work -> new OfWork(
                        work.getKey(),
                        HandWork.formOf(work.getKey())
                                .map(id -> Forms.byId(id).info().name())
                                .orElse(null),
                        paces.of(work.getKey()),
                        paces.misfits(work.getKey()).stream()
                                .map(work.getValue()::get)
                                .map(one -> new Misfit(one.madeMinutes(), one.statedMinutes()))
                                .toList()))
                .sorted(Comparator.comparingInt((OfWork one) -> one.pace().timings())
                        .reversed()
                        .thenComparing(OfWork::work))
                .toList();
    }

    private OfForm form(String id) {
        return new OfForm(id, Forms.byId(id).info().name(), learning.tailOf(id), learning.loopsOf(id));
    }

    private OfWire wire(Kept<SpoolData> kept) {
        SpoolData spool = kept.data();
        double rod = RODS_IN_WIRES * spool.wireDiameterMm();
        FlowEstimate flow = knowledge.flowOf(kept.id(), spool);
        SprungDiameter handbook =
                sprung(spool, FlowEstimate.ofHandbook(spool.metalKept().flow(spool.temper())), rod);
        SprungDiameter own = flow.measurements() == 0 ? null : sprung(spool, flow, rod);
        return new OfWire(
                kept.id(),
                spool.name(),
                spool.metal(),
                spool.wireDiameterMm(),
                rod,
                handbook == null ? null : percent(handbook.innerDiameterMm(), rod),
                own == null ? null : percent(own.innerDiameterMm(), rod),
                own == null ? null : percent(own.lowMm(), rod),
                own == null ? null : percent(own.highMm(), rod),
                flow.measurements());
    }

    private static SprungDiameter sprung(SpoolData spool, FlowEstimate flow, double rodMm) {
        try {
            return SprungDiameter.predict(
                    spool.wireDiameterMm(), spool.metalKept().youngsModulus().inMegapascals(), flow, rodMm);
        } catch (Refusal onlyFlexes) {
            return null;
        }
    }

    private static double percent(double innerMm, double rodMm) {
        return 100 * (innerMm / rodMm - 1);
    }
}
