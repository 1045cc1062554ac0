package toroid.server.work;

import com.fasterxml.jackson.databind.node.ObjectNode;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import toroid.core.ring.Coil;
import toroid.core.work.Caution;
import toroid.core.work.Plan;
import toroid.core.work.RingPlan;
import toroid.core.work.RingStep;
import toroid.server.ring.RingJobData;
import toroid.server.ring.RingSizes;
import toroid.server.ring.RingWorkshop;
import toroid.server.ring.WorkedJob;
import toroid.server.wire.Spools;

/** Jump rings: wound, cut, closed, measured. */
@Component
public class RingKind extends KindBase<RingJobData, RingKind.RingFacts> {
    private final RingWorkshop workshop;
    private final WorkJson json;

    RingKind(RingWorkshop workshop, Spools spools, WorkJson json) {
        super("ring", RingJobData.class, RingFacts.class, RingSketch.class, spools);
        this.workshop = workshop;
        this.json = json;
    }

    /** What is shown beside the steps. */
    public record RingFacts(
            @NotNull RingJobData job,
            @NotNull RingSizes sizes,
            @NotNull List<Coil> coils) implements Facts<RingJobData> {}

    /** @param sizes null when it cannot be made */
    public record RingSketch(
            RingSizes sizes,
            @NotNull String metal,
            @NotNull double wireDiameterMm,
            @NotNull int ringCount) {}

    @Override
    public Planned<RingFacts> plan(RingJobData job) {
        WorkedJob worked = workshop.work(job);
        RingJobData.Winding winding = worked.data().winding();
        Plan plan = RingPlan.of(
                worked.work(),
                worked.plan(),
                new RingPlan.Hand(
                        worked.data().temper(),
                        winding == RingJobData.Winding.POWERED,
                        winding == RingJobData.Winding.CARRIED,
                        lot(worked.data())));
        RingSizes sizes = RingSizes.of(worked.work());
        return new Planned<>(new RingFacts(worked.data(), sizes, worked.plan().coils()), plan);
    }

    /** A coil is wound of one length: it cannot be split. */
    @Override
    public List<WireLength> lengths(RingJobData job) {
        RingFacts facts = plan(job).facts();
        return facts.coils().stream()
                .map(coil -> new WireLength(
                        "", coil.rings(), facts.job().metal(), facts.job().wireDiameterMm(), coil.wireMm(), 1))
                .toList();
    }

    private static String lot(RingJobData job) {
        return job.spoolId() == null ? null : job.spoolId().toString();
    }

    @Override
    public Object sketch(RingJobData job, RingFacts facts) {
        RingJobData shown = facts == null ? job : facts.job();
        return new RingSketch(
                facts == null ? null : facts.sizes(), shown.metal(), shown.wireDiameterMm(), job.ringCount());
    }

    @Override
    public List<UnaryOperator<ObjectNode>> planUpgrades() {
        return List.of(this::operationsForSteps, Renamed.inDraws());
    }

    /** A plan as it was while steps were numbered. */
    private record Numbered(RingJobData job, RingSizes sizes, List<Coil> coils, List<NumberedStep> steps) {}

    private record NumberedStep(
            RingStep.Kind kind,
            int coil,
            int coils,
            double target,
            double low,
            double high,
            String unit,
            int count,
            List<Caution> cautions) {
        RingStep step() {
            return new RingStep(kind, coil, coils, target, low, high, unit, count);
        }
    }

    private ObjectNode operationsForSteps(ObjectNode plan) {
        Numbered old = json.read(plan, Numbered.class);
        Map<RingStep, List<Caution>> cautions = old.steps().stream()
                .collect(Collectors.toMap(NumberedStep::step, NumberedStep::cautions, (one, other) -> one));
        RingSizes sizes = old.sizes();
        var measured = new RingPlan.Sizes(
                sizes.wireDiameterMm(),
                sizes.mandrelDiameterMm(),
                new RingPlan.Inner(sizes.sprungInnerMm(), sizes.sprungLowMm(), sizes.sprungHighMm()),
                new RingPlan.Inner(sizes.closedInnerMm(), sizes.closedLowMm(), sizes.closedHighMm()),
                old.job().cut().toCore(sizes.wireDiameterMm()),
                old.job().turnsPerRing());
        Plan work = RingPlan.of(
                old.steps().stream().map(NumberedStep::step).toList(),
                old.coils(),
                lot(old.job()),
                cautions::get,
                step -> RingPlan.measurable(step, measured));
        return json.tree(new Planned<>(new RingFacts(old.job(), sizes, old.coils()), work));
    }
}
