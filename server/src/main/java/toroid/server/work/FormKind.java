package toroid.server.work;

import com.fasterxml.jackson.databind.node.ObjectNode;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;
import toroid.core.form.FormStep;
import toroid.core.form.FormWork;
import toroid.core.form.Forms;
import toroid.core.metal.Metals;
import toroid.core.numeric.Refusal;
import toroid.core.piece.part.PartWork;
import toroid.core.stock.Draw;
import toroid.core.wire.Wire;
import toroid.core.work.FormPlan;
import toroid.core.work.FormingStep;
import toroid.core.work.Plan;
import toroid.server.form.FormAnswer;
import toroid.server.form.FormJobData;
import toroid.server.form.FormWorkshop;
import toroid.server.piece.PieceStock;
import toroid.server.piece.PieceSupply;
import toroid.server.store.ServerCode;
import toroid.server.wire.SpoolData;
import toroid.server.wire.Spools;

/** Forms of the catalogue: wire cut as it is needed, bent step by step, one copy or many. */
@Component
public class FormKind extends KindBase<FormJobData, FormKind.FormFacts> {
    private final FormWorkshop workshop;
    private final Spools spools;
    private final PieceStock stock;
    private final WorkJson json;

    FormKind(FormWorkshop workshop, Spools spools, PieceStock stock, WorkJson json) {
        super("form", FormJobData.class, FormFacts.class, FormSketch.class, spools);
        this.workshop = workshop;
        this.spools = spools;
        this.stock = stock;
        this.json = json;
    }

    /**
     * What is shown beside the steps.
     *
     * @param form its name
     * @param wires what is cut for one copy
     * @param finished null where the finished length follows from the bends
     */
    public record FormFacts(
            @NotNull FormJobData job,
            @NotNull String form,
            @NotNull String metal,
            @NotNull double wireDiameterMm,
            @NotNull List<FormPlan.Cut> wires,
            FormPlan.Finished finished)
            implements Facts<FormJobData> {}

    /** @param wires what is cut for one copy; none when it cannot be made */
    public record FormSketch(
            @NotNull String formId,
            @NotNull String form,
            @NotNull String metal,
            @NotNull double wireDiameterMm,
            @NotNull List<FormPlan.Cut> wires,
            @NotNull int copies) {}

    @Override
    public void check(FormJobData job) {
        super.check(job);
        job.lots().values().forEach(spools::demand);
    }

    @Override
    public Planned<FormFacts> plan(FormJobData job) {
        FormAnswer answer = workshop.answer(job.formId(), job.question());
        List<FormPlan.Cut> cuts = answer.wires().stream()
                .map(wire -> cut(wire, lotOf(wire, answer, job), job))
                .toList();
        var facts = new FormFacts(
                job, answer.name(), answer.metal(), answer.wireDiameterMm(), cuts, FormPlan.finished(answer.notes()));
        return new Planned<>(
                facts, plan(facts, answer.steps(), one -> one.step().needsHands(), besides(job)));
    }

    /** Beads and solder of one copy, from the shelf. */
    private FormPlan.Besides besides(FormJobData job) {
        FormWork work = workshop.work(job.formId(), job.question());
        List<PartWork.Bought> beads = PartWork.Bought.beads(work.solids());
        List<Integer> joints = work.soldered();
        if (beads.isEmpty() && joints.isEmpty()) {
            return FormPlan.Besides.NOTHING;
        }
        PieceSupply supply = stock.supply(1);
        int copies = job.copies();
        return new FormPlan.Besides(
                beads.stream()
                        .flatMap(bead -> Draw.each(supply.bought(bead, copies), copies).stream())
                        .toList(),
                supply.heats(joints, copies).stream()
                        .map(heat -> Draw.each(heat, copies))
                        .toList());
    }

    @Override
    public List<WireLength> lengths(FormJobData job) {
        FormFacts facts = plan(job).facts();
        return facts.wires().stream()
                .map(wire -> new WireLength(
                        facts.wires().size() > 1 ? wire.name() : facts.form(),
                        0,
                        wire.metal() == null ? facts.metal() : wire.metal(),
                        wire.diameterMm(),
                        wire.lengthToCutMm(),
                        job.copies()))
                .toList();
    }

    private static Plan plan(
            FormFacts facts, List<FormAnswer.Step> steps, Predicate<FormingStep> done, FormPlan.Besides besides) {
        FormJobData job = facts.job();
        return FormPlan.of(
                steps.stream().map(FormKind::work).toList(),
                done,
                Forms.byId(job.formId()).info(),
                facts.wires(),
                facts.finished(),
                besides,
                job.copies(),
                job.rhythm().perGroup(job.copies()),
                job.rhythm().ahead(job.copies()));
    }

    private static FormingStep work(FormAnswer.Step step) {
        return new FormingStep(
                new FormStep(
                        -1,
                        step.kind(),
                        step.part(),
                        step.wire(),
                        step.lengthMm(),
                        step.gripMm(),
                        step.fromMiddleMm(),
                        step.insideMm(),
                        step.toolMm(),
                        step.degrees(),
                        step.heldDegrees(),
                        step.turns(),
                        step.flat(),
                        step.goesOn(),
                        step.half()),
                step.ownTool() == null
                        ? null
                        : new FormingStep.OwnTool(step.ownTool(), step.ownToolMm(), step.ownInsideMm()));
    }

    /** A spool of its own, or the form's where it is of that wire; null for wire not in stock. */
    private UUID lotOf(FormAnswer.WireView wire, FormAnswer answer, FormJobData job) {
        UUID own = job.lots().get(wire.name());
        String metal = wire.metal() == null ? answer.metal() : wire.metal();
        if (own == null) {
            return ofJob(wire.diameterMm(), metal, answer.wireDiameterMm(), answer.metal()) ? job.spoolId() : null;
        }
        SpoolData spool = spools.get(own).data();
        if (!Wire.standsFor(spool.wireDiameterMm(), wire.diameterMm())
                || !spool.metal().equals(metal)) {
            throw Refusal.of(ServerCode.SPOOL_IS_OTHER_WIRE, "lots", wire.name())
                    .with("wireMm", wire.diameterMm())
                    .with("metal", Metals.byId(metal).name())
                    .with("spool", spool.name())
                    .with("spoolWireMm", spool.wireDiameterMm())
                    .with("spoolMetal", spool.metalKept().name());
        }
        return own;
    }

    /** Whether a wire is the one the job itself is of: as thick and of its metal. */
    private static boolean ofJob(double diameterMm, String metal, double jobsMm, String jobsMetal) {
        return diameterMm == jobsMm && (metal == null || metal.equals(jobsMetal));
    }

    private static FormPlan.Cut cut(FormAnswer.WireView wire, UUID lot, FormJobData job) {
        return new FormPlan.Cut(
                wire.name(),
                wire.metal(),
                wire.diameterMm(),
                wire.lengthInPieceMm(),
                wire.lengthToCutMm(),
                (wire.firstTailMm() + wire.secondTailMm()) / job.tailFactor(),
                lot == null ? null : lot.toString());
    }

    @Override
    public boolean takes(String stockKind) {
        return stockKind.equals("beads") || stockKind.equals("solder");
    }

    @Override
    public boolean showsMore() {
        return true;
    }

    @Override
    public Object shown(FormFacts facts) {
        return workshop.inMaking(facts.job().formId(), facts.job().question());
    }

    @Override
    public Object sketch(FormJobData job, FormFacts facts) {
        return facts == null
                ? new FormSketch(job.formId(), job.formId(), job.metal(), job.wireDiameterMm(), List.of(), job.copies())
                : new FormSketch(
                        job.formId(), facts.form(), facts.metal(), facts.wireDiameterMm(), facts.wires(), job.copies());
    }

    /**
     * Since the fifth version a step may say which part of a piece it is of, since the sixth which half of its wire it bends; what is only left
     * straight is no operation since then.
     */
    @Override
    public List<UnaryOperator<ObjectNode>> planUpgrades() {
        return List.of(
                this::operationsForSteps,
                Renamed.inThePlannedJob("pieces", "copies"),
                Renamed.inDraws(),
                UnaryOperator.identity(),
                UnaryOperator.identity());
    }

    @Override
    public List<UnaryOperator<ObjectNode>> contentUpgrades() {
        return List.of(Renamed.field("pieces", "copies"));
    }

    /** A plan as it was while steps were numbered. */
    private record Numbered(
            FormJobData job,
            String form,
            String metal,
            double wireDiameterMm,
            List<FormAnswer.Step> steps,
            List<FormPlan.Cut> wires,
            FormPlan.Finished finished) {}

    private ObjectNode operationsForSteps(ObjectNode plan) {
        Numbered old = json.read(Renamed.inTheNumberedJob(plan, "pieces", "copies"), Numbered.class);
        String lot = old.job().spoolId() == null ? null : old.job().spoolId().toString();
        List<FormPlan.Cut> cuts = old.wires().stream()
                .map(cut ->
                        cut.from(ofJob(cut.diameterMm(), cut.metal(), old.wireDiameterMm(), old.metal()) ? lot : null))
                .toList();
        var facts = new FormFacts(old.job(), old.form(), old.metal(), old.wireDiameterMm(), cuts, old.finished());
        // each step was an operation, and is one that may be done already
        return json.tree(new Planned<>(facts, plan(facts, old.steps(), each -> true, FormPlan.Besides.NOTHING)));
    }
}
