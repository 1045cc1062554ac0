package toroid.server.ring;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import toroid.core.bend.BarInBending;
import toroid.core.bend.BendingMoment;
import toroid.core.bend.BendingStrain;
import toroid.core.bend.Springback;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.MetalNames;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.Note;
import toroid.core.quantity.NoteCode;
import toroid.core.ring.ClosedRing;
import toroid.core.ring.Coil;
import toroid.core.ring.CoilAllowances;
import toroid.core.ring.CoilPlan;
import toroid.core.ring.CoilRequest;
import toroid.core.ring.Ring;
import toroid.core.ring.RingCut;
import toroid.core.ring.RingGiven;
import toroid.core.ring.RingSolver;
import toroid.core.ring.RingStrength;
import toroid.core.ring.RingWork;

/** One stateless question answered by the core, by the handbook alone. */
final class RingCalculator {
    private final SolveQuestion question;
    private final Metal metal;
    private final Temper temper;
    private final FlowEstimate flow;
    private final List<Note> notes = new ArrayList<>();

    private RingCalculator(SolveQuestion question) {
        this.question = question;
        metal = question.metal() == null ? null : MetalNames.metalOrRefuse(question.metal());
        temper = question.temper() == null ? Temper.HALF_HARD : MetalNames.temperOrRefuse(question.temper());
        flow = metal == null ? null : FlowEstimate.ofHandbook(metal.flow(usable(temper)));
    }

    static SolveAnswer answer(SolveQuestion question) {
        return new RingCalculator(question).answer();
    }

    /** A temper left out falls back to one the metal is sold in. */
    private Temper usable(Temper wanted) {
        boolean known = metal.yields().containsKey(wanted);
        return known || question.temper() != null
                ? wanted
                : metal.yields().keySet().iterator().next();
    }

    private SolveAnswer answer() {
        Ring ring = RingSolver.solve(new RingGiven(
                question.wireDiameterMm(),
                question.innerDiameterMm(),
                question.outerDiameterMm(),
                question.mandrelDiameterMm(),
                question.aspectRatio(),
                metal,
                flow));
        int turns = question.turnsPerRing() == null ? 1 : question.turnsPerRing();
        int count = question.ringCount() == null ? 1 : question.ringCount();
        RingCut cut = (question.cut() == null ? CutData.none() : question.cut()).toCore(ring.wireDiameterMm());
        Double mandrel = mandrelFor(ring);
        Ring wound = mandrel == null ? ring : new Ring(ring.wireDiameterMm(), mandrel);
        var job = new CoilRequest(wound, ring, count, turns, cut, allowances());
        Ring closed = ClosedRing.close(ring, cut, turns);
        CoilPlan plan = CoilPlan.forJob(job);
        int turnsToWind = plan.coils().stream().mapToInt(Coil::turnsWound).sum();
        double d = ring.wireDiameterMm();
        note(ring, wound, closed);
        return new SolveAnswer(
                d,
                ring.innerDiameterMm(),
                ring.outerDiameterMm(),
                ring.meanDiameterMm(),
                ring.aspectRatio(),
                RingWork.wireInRingMm(closed, turns),
                metal == null ? null : RingWork.massGrams(closed, turns, metal),
                closed.innerDiameterMm(),
                closed.outerDiameterMm(),
                closed.aspectRatio(),
                plan.coils().get(0).sprungLengthMm(),
                plan.wireMm(),
                count,
                turnsToWind,
                mandrel,
                flow == null
                        ? null
                        : RingStrength.of(
                                        closed,
                                        BendingMoment.effectiveYieldMpa(
                                                flow,
                                                d,
                                                metal.youngsModulus().inMegapascals(),
                                                wound.innerDiameterMm()),
                                        turns)
                                .opens()
                                .inNewtons(),
                100 * BendingStrain.atOuterFibre(d, wound.innerDiameterMm()),
                notes);
    }

    private CoilAllowances allowances() {
        return new CoilAllowances(
                question.leadMm() == null ? 0 : question.leadMm(),
                question.tailMm() == null ? 0 : question.tailMm(),
                question.spoiltTurnsPerEnd() == null ? 0 : question.spoiltTurnsPerEnd(),
                3000,
                Double.POSITIVE_INFINITY);
    }

    private Double mandrelFor(Ring ring) {
        if (metal == null) {
            return null;
        }
        double modulus = metal.youngsModulus().inMegapascals();
        try {
            return Springback.mandrelForMm(
                    BarInBending.ofWire(ring.wireDiameterMm(), modulus, flow.curve()), ring.innerDiameterMm());
        } catch (Refusal none) {
            notes.add(Note.care(NoteCode.NO_MANDREL, Map.of("innerMm", ring.innerDiameterMm())));
            return null;
        }
    }

    private void note(Ring ring, Ring wound, Ring closed) {
        if (metal == null && question.mandrelDiameterMm() != null) {
            notes.add(Note.care(NoteCode.SPRINGBACK_UNKNOWN, Map.of("mandrelMm", question.mandrelDiameterMm())));
        }
        double strain = BendingStrain.atOuterFibre(ring.wireDiameterMm(), wound.innerDiameterMm());
        if (metal != null && BendingStrain.shouldBeAnnealed(temper, strain)) {
            notes.add(Note.care(NoteCode.ANNEAL_FIRST, Map.of("strainPercent", 100 * strain, "temper", temper.name())));
        }
        if (closed.innerDiameterMm() < 0.98 * ring.innerDiameterMm()) {
            notes.add(Note.info(
                    NoteCode.KERF_SHRINKS, Map.of("byMm", ring.innerDiameterMm() - closed.innerDiameterMm())));
        }
        if (question.leadMm() == null && question.tailMm() == null && question.ringCount() != null) {
            notes.add(Note.info(NoteCode.NO_LEAD_NO_TAIL, Map.of()));
        }
    }
}
