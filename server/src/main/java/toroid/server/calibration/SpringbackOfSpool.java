package toroid.server.calibration;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.core.bend.SprungDiameter;
import toroid.core.calibration.SpringbackFit;
import toroid.core.calibration.SpringbackReading;
import toroid.core.metal.FlowEstimate;
import toroid.core.numeric.Refusal;
import toroid.server.store.Kept;
import toroid.server.tool.Mandrels;
import toroid.server.wire.SpoolData;
import toroid.server.wire.Spools;

/** Composes what a spool has taught. */
@Service
@Transactional(readOnly = true)
class SpringbackOfSpool {
    private final Spools spools;
    private final Mandrels mandrels;
    private final Readings taken;
    private final Fits fits;

    SpringbackOfSpool(Spools spools, Mandrels mandrels, Readings readings, Fits fits) {
        this.fits = fits;
        this.spools = spools;
        this.mandrels = mandrels;
        this.taken = readings;
    }

    SpringbackView of(UUID spoolId) {
        SpoolData spool = spools.get(spoolId).data();
        double modulus = spool.metalKept().youngsModulus().inMegapascals();
        FlowEstimate handbook = FlowEstimate.ofHandbook(spool.metalKept().flow(spool.temper()));
        List<Kept<ReadingData>> taken = this.taken.ofLot(spoolId);
        List<SpringbackReading> counted = taken.stream()
                .filter(m -> !m.deleted())
                .map(m -> m.data().sprung())
                .toList();
        SpringbackFit fit = counted.isEmpty() ? null : fits.of(spool, counted);
        var readings = new ArrayList<SpringbackView.ReadingView>();
        int next = 0;
        for (Kept<ReadingData> m : taken) {
            Double residual = m.deleted() ? null : fit.residualsMm().get(next++);
            readings.add(reading(m, residual, modulus, handbook));
        }
        return new SpringbackView(
                FlowView.of(handbook),
                fit == null ? null : FlowView.of(fit.flow()),
                readings,
                rods(spool, modulus, handbook, fit));
    }

    private static SpringbackView.ReadingView reading(
            Kept<ReadingData> m, Double residualMm, double modulusMpa, FlowEstimate handbook) {
        SpringbackReading reading = m.data().sprung();
        SprungDiameter theory = predict(reading.wireDiameterMm(), modulusMpa, handbook, reading.mandrelDiameterMm());
        return new SpringbackView.ReadingView(
                m.id(),
                m.version(),
                m.data().takenAt(),
                m.data().quantity(),
                m.data().value(),
                reading.mandrelDiameterMm(),
                reading.sprungInnerMm(),
                residualMm,
                theory == null ? null : theory.innerDiameterMm(),
                m.deleted());
    }

    private List<SpringbackView.RodPrediction> rods(
            SpoolData spool, double modulusMpa, FlowEstimate handbook, SpringbackFit fit) {
        return mandrels.all().stream()
                .map(m -> m.data().diameterMm())
                .sorted()
                .map(rod -> {
                    SprungDiameter theory = predict(spool.wireDiameterMm(), modulusMpa, handbook, rod);
                    SprungDiameter own =
                            fit == null ? null : predict(spool.wireDiameterMm(), modulusMpa, fit.flow(), rod);
                    return new SpringbackView.RodPrediction(
                            rod,
                            theory == null ? null : theory.innerDiameterMm(),
                            own == null ? null : own.innerDiameterMm(),
                            own == null ? null : own.lowMm(),
                            own == null ? null : own.highMm());
                })
                .toList();
    }

    private static SprungDiameter predict(double wireMm, double modulusMpa, FlowEstimate flow, double rodMm) {
        try {
            return SprungDiameter.predict(wireMm, modulusMpa, flow, rodMm);
        } catch (Refusal tooSpringy) {
            return null;
        }
    }
}
