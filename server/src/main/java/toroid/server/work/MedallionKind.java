package toroid.server.work;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import toroid.core.numeric.Refusal;
import toroid.core.weave.CutList;
import toroid.core.work.WeavePlan;
import toroid.server.piece.PieceStock;
import toroid.server.preference.Choices;
import toroid.server.ring.RingJobData;
import toroid.server.weave.ColourCount;
import toroid.server.weave.CompositionAnswer;
import toroid.server.weave.CompositionQuestion;
import toroid.server.weave.CompositionWorkshop;
import toroid.server.weave.MedallionJobData;
import toroid.server.weave.WeaveFiles;
import toroid.server.wire.Spools;

/** Crosses, stars, medallions: rings closed and opened beforehand, then put in one by one, as in any weave. */
@Component
public class MedallionKind extends KindBase<MedallionJobData, MedallionKind.MedallionFacts> {
    private final CompositionWorkshop workshop;
    private final WeaveFiles files;
    private final PieceStock stock;

    MedallionKind(CompositionWorkshop workshop, WeaveFiles files, Spools spools, PieceStock stock) {
        super("medallion", MedallionJobData.class, MedallionFacts.class, MedallionSketch.class, spools);
        this.workshop = workshop;
        this.files = files;
        this.stock = stock;
    }

    /**
     * What is shown beside the operations.
     *
     * @param weave its arms' weave, by name
     * @param total rings, small and larger
     * @param preClosed closed beforehand
     * @param opened opened beforehand
     * @param putIn laid down or coming in open, in turn
     */
    public record MedallionFacts(
            @NotNull MedallionJobData job,
            @NotNull String weave,
            @NotNull int total,
            @NotNull int preClosed,
            @NotNull int opened,
            @NotNull int putIn)
            implements Facts<MedallionJobData> {}

    /** @param total rings; 0 when it cannot be made */
    public record MedallionSketch(
            @NotNull String weave,
            @NotNull String metal,
            @NotNull int arms,
            @NotNull int total,
            @NotNull int preClosed,
            @NotNull int opened) {}

    @Override
    public void check(MedallionJobData job) {
        super.check(job);
        files.byId(job.weaveId());
    }

    /** @throws Refusal also where the larger ring does not go in: what is planned is put together with those very rings */
    @Override
    public Planned<MedallionFacts> plan(MedallionJobData job) {
        CompositionAnswer answer = workshop.answer(job.weaveId(), job.composition());
        answer.fit().demandRoom("composition.hubInnerMm", answer.hubInnerDiameterMm(), answer.hubUsualMm());
        int total = answer.ringCount().stream().mapToInt(Integer::intValue).sum();
        var facts = new MedallionFacts(
                job,
                workshop.nameOf(job.weaveId()),
                total,
                answer.preClosed().inHand(),
                answer.opened(),
                answer.steps().size());
        ReadyRings ready = ready(job);
        return new Planned<>(
                facts, WeavePlan.of(facts.preClosed(), facts.opened(), facts.putIn(), ready.closed(), ready.open()));
    }

    private ReadyRings ready(MedallionJobData job) {
        return ReadyRings.of(workshop.rows(job.weaveId(), job.composition()), stock.supply(1));
    }

    @Override
    public List<RingJobData> cuts(MedallionJobData job, Choices choices) {
        CompositionAnswer answer = workshop.answer(job.weaveId(), job.composition());
        answer.fit().demandRoom("composition.hubInnerMm", answer.hubInnerDiameterMm(), answer.hubUsualMm());
        CompositionQuestion asked = job.composition();
        var colours = IntStream.range(0, answer.palette().size())
                .mapToObj(place -> ColourCount.of(
                        answer.palette().get(place), answer.colourCounts().get(place)))
                .toList();
        return RingCuts.of(
                new RingCuts.Source(job.name(), job.spoolId(), answer.palette().get(0), null),
                List.of(
                        new CutList.Size(asked.wireDiameterMm(), asked.innerDiameterMm()),
                        new CutList.Size(asked.hubWire(), answer.hubInnerDiameterMm())),
                List.of("small rings", "larger rings"),
                colours,
                ready(job),
                choices);
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
    public Object shown(MedallionFacts facts) {
        return workshop.answer(facts.job().weaveId(), facts.job().composition());
    }

    @Override
    public Object sketch(MedallionJobData job, MedallionFacts facts) {
        String metal =
                job.composition().metal() == null ? "copper" : job.composition().metal();
        int arms = job.composition().arms();
        return facts == null
                ? new MedallionSketch(job.weaveId(), metal, arms, 0, 0, 0)
                : new MedallionSketch(facts.weave(), metal, arms, facts.total(), facts.preClosed(), facts.opened());
    }
}
