package toroid.server.ring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.quantity.Figure;
import toroid.core.quantity.Length;
import toroid.core.quantity.WireNames;
import toroid.core.ring.CoilFigures;
import toroid.core.ring.CoilPlan;
import toroid.core.ring.CoilRequest;
import toroid.core.ring.RingFigures;
import toroid.core.ring.RingNotes;
import toroid.core.ring.RingWork;
import toroid.core.ring.WeaveFit;
import toroid.core.ring.WireOnMandrel;
import toroid.server.store.Kept;
import toroid.server.tool.MandrelData;
import toroid.server.tool.Mandrels;
import toroid.server.wire.SpoolData;
import toroid.server.wire.Spools;
import toroid.server.wire.WireKnowledge;

/** Works jobs out against the shelf: the core's answers, composed. Keeps nothing. */
@Service
public class RingWorkshop {
    private final Spools spools;
    private final Mandrels mandrels;
    private final WireKnowledge knowledge;

    private final WeaveKnowledge weaves;

    RingWorkshop(Spools spools, Mandrels mandrels, WireKnowledge knowledge, WeaveKnowledge weaves) {
        this.weaves = weaves;
        this.spools = spools;
        this.mandrels = mandrels;
        this.knowledge = knowledge;
    }

    /** @throws toroid.core.numeric.Refusal when the ring cannot be made so */
    public WorkedJob work(RingJobData asked) {
        asked.check();
        SpoolData spool =
                asked.spoolId() == null ? null : spools.get(asked.spoolId()).data();
        RingJobData data = spool == null ? asked : asked.on(spool);
        FlowEstimate flow = knowledge.flowOf(data.spoolId(), data.wire());
        RingWork work = ring(data, flow);
        var request = new CoilRequest(
                work.wound(), work.sprung(), data.ringsWithSpare(), data.turnsPerRing(), work.cut(), data.hand());
        return new WorkedJob(data, work, request, CoilPlan.forJob(request));
    }

    RingSheet sheet(RingJobData asked) {
        WorkedJob job = work(asked);
        RingWork work = job.work();
        RingJobData data = job.data();
        Metal metal = work.metal();
        List<Kept<MandrelData>> shelf = mandrels.all();
        List<RingSheet.RodView> rods = rods(data, work, shelf);
        var figures = new ArrayList<Figure>(RingFigures.of(work));
        figures.addAll(CoilFigures.of(job.plan(), job.request(), metal));
        return new RingSheet(
                RingSizes.of(work),
                RingSizes.of(handbook(data, work)),
                WireNames.of(Length.ofMillimetres(data.wireDiameterMm())),
                figures,
                job.plan().coils(),
                data.ringsWithSpare(),
                stock(job),
                RingNotes.of(work, data.temper()),
                weaves(work, rods),
                rods,
                closest(rods, work.closed().innerDiameterMm()));
    }

    private static RingWork ring(RingJobData data, FlowEstimate flow) {
        return RingWork.of(
                data.wireDiameterMm(),
                data.wire().metalKept(),
                flow,
                data.aim(),
                data.cut().toCore(data.wireDiameterMm()),
                data.turnsPerRing());
    }

    /** The same rod by the handbook alone. */
    private static RingWork handbook(RingJobData data, RingWork work) {
        if (work.flow().measurements() == 0) {
            return work;
        }
        var handbook = WireOnMandrel.of(
                data.wireDiameterMm(),
                work.metal(),
                FlowEstimate.ofHandbook(work.metal().flow(data.temper())),
                work.mandrelDiameterMm(),
                work.cut(),
                work.turns());
        return handbook.work() == null ? work : handbook.work();
    }

    private RingSheet.StockView stock(WorkedJob job) {
        if (job.data().spoolId() == null) {
            return null;
        }
        SpoolData spool = spools.get(job.data().spoolId()).data();
        double wire = job.plan().wireMm();
        Double left = spool.lengthLeftMm();
        Double cost = spool.pricePerMetre() == null ? null : wire / 1000 * spool.pricePerMetre();
        return new RingSheet.StockView(
                left,
                left == null ? null : possible(job.request(), left),
                left == null ? 0 : Math.max(0, wire - left),
                cost,
                cost == null ? null : cost / job.plan().rings());
    }

    /** Whole rings from that much wire on this rod, whatever the job wants. */
    static int possible(CoilRequest request, double lengthMm) {
        var asMany = new CoilRequest(
                request.wound(),
                request.sprung(),
                CoilRequest.MOST_RINGS,
                request.turnsPerRing(),
                request.cut(),
                request.hand());
        return CoilPlan.fromLength(asMany, lengthMm).rings();
    }

    private static List<RingSheet.RodView> rods(RingJobData data, RingWork work, List<Kept<MandrelData>> shelf) {
        return shelf.stream()
                .sorted(Comparator.comparingDouble(m -> m.data().diameterMm()))
                .map(m -> rod(
                        m,
                        WireOnMandrel.of(
                                data.wireDiameterMm(),
                                work.metal(),
                                work.flow(),
                                m.data().diameterMm(),
                                work.cut(),
                                work.turns())))
                .toList();
    }

    private static RingSheet.RodView rod(Kept<MandrelData> mandrel, WireOnMandrel on) {
        RingWork work = on.work();
        return new RingSheet.RodView(
                mandrel.id(),
                mandrel.data().name(),
                mandrel.data().diameterMm(),
                mandrel.data().usableLengthMm(),
                work == null ? null : work.closed().innerDiameterMm(),
                work == null ? null : work.closed().aspectRatio(),
                work == null ? on.refusal().code() : null);
    }

    private static UUID closest(List<RingSheet.RodView> rods, double closedInnerMm) {
        return rods.stream()
                .filter(rod -> rod.closedInnerMm() != null)
                .min(Comparator.comparingDouble(rod -> Math.abs(rod.closedInnerMm() - closedInnerMm)))
                .map(RingSheet.RodView::id)
                .orElse(null);
    }

    private List<RingSheet.WeaveView> weaves(RingWork work, List<RingSheet.RodView> rods) {
        List<WeaveFit.Rod> shelf = rods.stream()
                .filter(rod -> rod.aspectRatio() != null)
                .map(rod -> new WeaveFit.Rod(rod.diameterMm(), rod.aspectRatio()))
                .toList();
        return WeaveFit.judge(work.closed().aspectRatio(), weaves.weaves(), shelf).stream()
                .map(fit -> new RingSheet.WeaveView(
                        fit.weave().id(),
                        fit.weave().name(),
                        fit.weave().usualLow(),
                        fit.weave().usualHigh(),
                        fit.fit(),
                        fit.betterMandrelMm()))
                .toList();
    }
}
