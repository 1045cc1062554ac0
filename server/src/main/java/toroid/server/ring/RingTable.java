package toroid.server.ring;

import jakarta.validation.constraints.NotNull;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.metal.FlowEstimate;
import toroid.core.numeric.Refusal;
import toroid.core.ring.CoilAllowances;
import toroid.core.ring.CoilRequest;
import toroid.core.ring.RingCut;
import toroid.core.ring.RingWork;
import toroid.core.ring.Tightness;
import toroid.core.ring.WeaveFit;
import toroid.core.ring.WireOnMandrel;
import toroid.server.store.Kept;
import toroid.server.tool.MandrelData;
import toroid.server.tool.Mandrels;
import toroid.server.wire.SpoolData;
import toroid.server.wire.Spools;
import toroid.server.wire.WireKnowledge;

/** The shelf at a glance: every spool on every rod. */
@Service
@Transactional(readOnly = true)
class RingTable {
    private final Spools spools;
    private final Mandrels mandrels;
    private final WireKnowledge knowledge;

    private final WeaveKnowledge weaves;

    RingTable(Spools spools, Mandrels mandrels, WireKnowledge knowledge, WeaveKnowledge weaves) {
        this.weaves = weaves;
        this.spools = spools;
        this.mandrels = mandrels;
        this.knowledge = knowledge;
    }

    /** One spool's ring on one rod; null sizes with {@code refusal} when there is none. */
    record Cell(
            @NotNull UUID mandrelId,
            @NotNull double mandrelDiameterMm,
            Double closedInnerMm,
            Double aspectRatio,
            @NotNull double nominalAspectRatio,
            Double massPerRingG,
            Double costPerRing,
            Integer ringsPossible,
            @NotNull List<String> weaves,
            String refusal) {}

    /** One spool. */
    record Row(
            @NotNull UUID spoolId,
            @NotNull String name,
            @NotNull String metal,
            @NotNull double wireDiameterMm,
            @NotNull int measurements,
            @NotNull List<Cell> cells) {}

    List<Row> rows(CutData cut) {
        List<Kept<MandrelData>> shelf = mandrels.all().stream()
                .sorted(Comparator.comparingDouble(m -> m.data().diameterMm()))
                .toList();
        List<WeaveFit.Known> known = weaves.weaves();
        return spools.all().stream()
                .sorted(Comparator.comparingDouble(s -> s.data().wireDiameterMm()))
                .map(spool -> row(spool, shelf, cut, known))
                .toList();
    }

    private Row row(Kept<SpoolData> spool, List<Kept<MandrelData>> shelf, CutData cutData, List<WeaveFit.Known> known) {
        SpoolData wire = spool.data();
        FlowEstimate flow = knowledge.flowOf(spool.id(), wire);
        RingCut cut = cutData.toCore(wire.wireDiameterMm());
        List<Cell> cells = shelf.stream()
                .map(m -> cell(
                        m.id(),
                        wire,
                        WireOnMandrel.of(
                                wire.wireDiameterMm(),
                                wire.metalKept(),
                                flow,
                                m.data().diameterMm(),
                                cut,
                                1),
                        m.data().usableLengthMm(),
                        known))
                .toList();
        return new Row(spool.id(), wire.name(), wire.metal(), wire.wireDiameterMm(), flow.measurements(), cells);
    }

    private static Cell cell(
            UUID mandrelId, SpoolData wire, WireOnMandrel on, double usableMm, List<WeaveFit.Known> weaves) {
        double nominal = on.mandrelDiameterMm() / wire.wireDiameterMm();
        RingWork work = on.work();
        if (work == null) {
            return new Cell(
                    mandrelId,
                    on.mandrelDiameterMm(),
                    null,
                    null,
                    nominal,
                    null,
                    null,
                    null,
                    List.of(),
                    on.refusal().code());
        }
        List<String> suits = WeaveFit.judge(work.closed().aspectRatio(), weaves, List.of()).stream()
                .filter(fit -> fit.fit() == Tightness.USUAL)
                .map(fit -> fit.weave().name())
                .toList();
        return new Cell(
                mandrelId,
                on.mandrelDiameterMm(),
                work.closed().innerDiameterMm(),
                work.closed().aspectRatio(),
                nominal,
                work.massGrams(),
                wire.pricePerMetre() == null ? null : wire.pricePerMetre() * work.wireInRingMm() / 1000,
                wire.lengthLeftMm() == null ? null : possible(work, wire.lengthLeftMm(), usableMm),
                suits,
                null);
    }

    private static Integer possible(RingWork work, double lengthMm, double usableMm) {
        var hand = new CoilAllowances(25, 40, 1, usableMm, Double.POSITIVE_INFINITY);
        var request = new CoilRequest(work.wound(), work.sprung(), 1, 1, work.cut(), hand);
        try {
            return RingWorkshop.possible(request, lengthMm);
        } catch (Refusal rodTooShort) {
            return 0;
        }
    }
}
