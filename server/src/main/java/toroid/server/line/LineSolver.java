package toroid.server.line;

import toroid.core.line.RingLine;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.Temper;
import toroid.core.quantity.Length;
import toroid.core.quantity.LengthReading;
import toroid.core.quantity.Mass;
import toroid.core.ring.CoilAllowances;
import toroid.core.ring.CoilPlan;
import toroid.core.ring.CoilRequest;
import toroid.core.ring.RingAim;
import toroid.core.ring.RingAim.Convention;
import toroid.core.ring.RingCut;
import toroid.core.ring.RingGiven;
import toroid.core.ring.RingSolver;
import toroid.core.ring.RingWork;
import toroid.core.wire.Wire;
import toroid.server.store.ServerCode;

/** One understood line, solved by the core with the handbook's strength. */
final class LineSolver {
    private final RingLine line;
    private final Metal metal;
    private final Temper temper;
    private final FlowEstimate flow;
    private final Double wireInHandMm;

    LineSolver(RingLine line, Metal metal, Temper temper, Double wireInHandMm) {
        this.line = line;
        this.metal = metal;
        this.temper = temper;
        this.wireInHandMm = wireInHandMm;
        this.flow = FlowEstimate.ofHandbook(metal.flow(temper));
    }

    LineController.LineAnswer answer() {
        RingAim aim = aim();
        double wireMm = wireMm();
        RingCut cut = line.cut() == null ? new RingCut.None() : line.cut();
        RingWork work = RingWork.of(wireMm, metal, flow, aim, cut, line.turnsPerRing());
        int count = line.count() == null ? 1 : line.count();
        var hand = CoilAllowances.NONE;
        var request = new CoilRequest(work.wound(), work.sprung(), count, line.turnsPerRing(), cut, hand);
        return new LineController.LineAnswer(
                line.understood(),
                metal.id(),
                temper,
                wireMm,
                aim.convention().name(),
                aim.value(),
                line.count(),
                line.turnsPerRing(),
                line.cut() == null ? null : line.cut() instanceof RingCut.Saw ? "saw" : "flush",
                line.cut() == null ? null : Math.max(cut.coilLossPerRingMm(), cut.ringLossMm()),
                work.mandrelDiameterMm(),
                work.closed().innerDiameterMm(),
                work.closed().outerDiameterMm(),
                work.closed().aspectRatio(),
                CoilPlan.forJob(request).wireMm(),
                fromRings(request),
                otherGauge());
    }

    private RingAim aim() {
        if (line.mandrel() != null) {
            return new RingAim(Convention.MANDREL, mm(line.mandrel()));
        }
        if (line.inner() != null) {
            return new RingAim(Convention.INNER, mm(line.inner()));
        }
        if (line.outer() != null) {
            return new RingAim(Convention.OUTER, mm(line.outer()));
        }
        if (line.aspectRatio() != null) {
            return new RingAim(Convention.ASPECT_RATIO, line.aspectRatio());
        }
        throw toroid.core.numeric.Refusal.of(ServerCode.LINE_WIRE_ALONE, "line", null);
    }

    /** The wire said; else the one that two other sizes fix; else the one in hand. */
    private double wireMm() {
        Double said = line.wire() == null ? null : mm(line.wire());
        Double inner = line.inner() == null ? null : mm(line.inner());
        Double outer = line.outer() == null ? null : mm(line.outer());
        Double mandrel = line.mandrel() == null ? null : mm(line.mandrel());
        boolean fixed = count(inner, outer, mandrel, line.aspectRatio()) >= 2;
        Double wire = said != null || fixed ? said : wireInHandMm;
        return RingSolver.solve(new RingGiven(wire, inner, outer, mandrel, line.aspectRatio(), metal, flow))
                .wireDiameterMm();
    }

    private static int count(Double... sizes) {
        return (int) java.util.Arrays.stream(sizes)
                .filter(java.util.Objects::nonNull)
                .count();
    }

    private Integer fromRings(CoilRequest request) {
        Double length = line.fromLengthMm();
        if (line.fromMassGrams() != null) {
            var wire = new Wire(Length.ofMillimetres(request.wound().wireDiameterMm()), metal);
            length = wire.lengthOf(Mass.ofGrams(line.fromMassGrams())).inMillimetres();
        }
        if (length == null) {
            return null;
        }
        var asMany = new CoilRequest(
                request.wound(),
                request.sprung(),
                CoilRequest.MOST_RINGS,
                request.turnsPerRing(),
                request.cut(),
                request.hand());
        return CoilPlan.fromLength(asMany, length).rings();
    }

    private LineController.OtherGauge otherGauge() {
        for (LengthReading reading : new LengthReading[] {line.wire(), line.inner(), line.outer(), line.mandrel()}) {
            if (reading != null && reading.other() != null) {
                return new LineController.OtherGauge(
                        reading.understoodAs(),
                        reading.other().name(),
                        reading.other().length().inMillimetres(),
                        reading.other().differencePercent());
            }
        }
        return null;
    }

    private static double mm(LengthReading reading) {
        return reading.length().inMillimetres();
    }
}
