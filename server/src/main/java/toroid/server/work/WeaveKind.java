package toroid.server.work;

import com.fasterxml.jackson.databind.node.ObjectNode;
import jakarta.validation.constraints.NotNull;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.weave.CutList;
import toroid.core.weave.assembly.Assembly;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.work.Plan;
import toroid.core.work.Progress;
import toroid.core.work.WeavePlan;
import toroid.server.piece.PieceStock;
import toroid.server.preference.Choices;
import toroid.server.ring.RingJobData;
import toroid.server.weave.ColourCount;
import toroid.server.weave.PatchWorkshop;
import toroid.server.weave.WeaveFiles;
import toroid.server.weave.WeaveJobData;
import toroid.server.weave.WeaveUses;
import toroid.server.wire.Spools;

/** Patches of a weave: rings closed and opened beforehand, then put in one by one. */
@Component
public class WeaveKind extends KindBase<WeaveJobData, WeaveKind.WeaveFacts> implements WeaveUses {
    static final String ID = "weave";

    /** More are not shown ring by ring. */
    private static final int MOST_RINGS = 6000;

    private final PatchWorkshop workshop;
    private final WeaveFiles files;
    private final PieceStock stock;
    private final JobRepository jobs;
    private final WorkJson json;

    WeaveKind(
            PatchWorkshop workshop,
            WeaveFiles files,
            Spools spools,
            PieceStock stock,
            JobRepository jobs,
            WorkJson json) {
        super(ID, WeaveJobData.class, WeaveFacts.class, WeaveSketch.class, spools);
        this.workshop = workshop;
        this.files = files;
        this.stock = stock;
        this.jobs = jobs;
        this.json = json;
    }

    /**
     * What is shown beside the operations.
     *
     * @param weave its name
     * @param total rings of the patch
     * @param preClosed closed beforehand
     * @param opened opened beforehand
     * @param putIn laid down or coming in open, in turn
     */
    public record WeaveFacts(
            @NotNull WeaveJobData job,
            @NotNull String weave,
            @NotNull int total,
            @NotNull int preClosed,
            @NotNull int opened,
            @NotNull int putIn)
            implements Facts<WeaveJobData> {}

    /** @param total rings; 0 when it cannot be made */
    public record WeaveSketch(
            @NotNull String weave,
            @NotNull String metal,
            @NotNull int total,
            @NotNull int preClosed,
            @NotNull int opened,
            @NotNull int putIn) {}

    @Override
    public long jobsOf(String weaveId) {
        return jobs.ofWeave(weaveId);
    }

    @Override
    public void check(WeaveJobData job) {
        super.check(job);
        files.byId(job.weaveId());
    }

    @Override
    public Planned<WeaveFacts> plan(WeaveJobData job) {
        Assembly assembly = workshop.assembly(job.weaveId(), job);
        Checks.within("rings", assembly.steps().size(), 1, MOST_RINGS, Unit.RINGS_TO_PUT_IN, Remedy.MAKE_IT_IN_PARTS);
        var facts = new WeaveFacts(
                job,
                workshop.nameOf(job.weaveId()),
                assembly.patch().size(),
                assembly.preClosed(),
                assembly.opened(),
                assembly.steps().size());
        ReadyRings ready = ready(job);
        return new Planned<>(
                facts, WeavePlan.of(facts.preClosed(), facts.opened(), facts.putIn(), ready.closed(), ready.open()));
    }

    private ReadyRings ready(WeaveJobData job) {
        return ReadyRings.of(workshop.rows(job.weaveId(), job.question()), stock.supply(1));
    }

    @Override
    public List<RingJobData> cuts(WeaveJobData job, Choices choices) {
        List<String> sizes = files.byId(job.weaveId()).pattern().classes().stream()
                .map(WeavePattern.RingClass::name)
                .toList();
        List<ColourCount> colours =
                workshop.count(job.weaveId(), job.question()).colours();
        return RingCuts.of(
                new RingCuts.Source(
                        job.name(), job.spoolId(), job.metal(), job.patch().sparePercent()),
                job.innerDiameterMm().stream()
                        .map(inner -> new CutList.Size(job.wireDiameterMm(), inner))
                        .toList(),
                sizes.size() > 1 ? sizes : List.of(),
                colours,
                ready(job),
                choices);
    }

    private static Planned<WeaveFacts> planned(WeaveFacts facts) {
        return new Planned<>(facts, WeavePlan.of(facts.preClosed(), facts.opened(), facts.putIn()));
    }

    @Override
    public boolean takes(String stockKind) {
        return stockKind.equals("rings");
    }

    @Override
    public boolean showsMore() {
        return true;
    }

    @Override
    public Object shown(WeaveFacts facts) {
        return workshop.view(facts.job());
    }

    @Override
    public Object sketch(WeaveJobData job, WeaveFacts facts) {
        return facts == null
                ? new WeaveSketch(job.weaveId(), job.metal(), 0, 0, 0, 0)
                : new WeaveSketch(
                        facts.weave(), job.metal(), facts.total(), facts.preClosed(), facts.opened(), facts.putIn());
    }

    @Override
    public List<UnaryOperator<ObjectNode>> planUpgrades() {
        return List.of(this::operationsForSteps, Renamed.inThePlannedJob("piece", "patch"));
    }

    @Override
    public List<UnaryOperator<ObjectNode>> contentUpgrades() {
        return List.of(Renamed.field("piece", "patch"));
    }

    /** A plan as it was while every ring was a numbered step. */
    private record Numbered(WeaveJobData job, String weave, int total, int preClosed, int opened, int assemblySteps) {}

    private ObjectNode operationsForSteps(ObjectNode plan) {
        Numbered old = json.read(Renamed.inTheNumberedJob(plan, "piece", "patch"), Numbered.class);
        return json.tree(planned(new WeaveFacts(
                old.job(), old.weave(), old.total(), old.preClosed(), old.opened(), old.assemblySteps())));
    }

    /** Two steps came first, each counted; then every ring was a step. */
    @Override
    public Progress numbered(Plan plan, int steps, Map<Integer, Integer> counts) {
        int in = Math.max(0, steps - 2);
        var counted = new HashMap<String, Integer>();
        counted.put(WeavePlan.CLOSE, counts.getOrDefault(0, 0));
        counted.put(WeavePlan.OPEN, counts.getOrDefault(1, 0));
        counted.put(WeavePlan.PUT_IN, in);
        var done = new HashMap<String, Integer>();
        done.put(WeavePlan.CLOSE, steps > 0 ? 1 : 0);
        done.put(WeavePlan.OPEN, steps > 1 ? 1 : 0);
        done.put(
                WeavePlan.PUT_IN,
                in > 0 && in >= plan.operation(WeavePlan.PUT_IN).times() ? 1 : 0);
        return new Progress(done, counted);
    }
}
