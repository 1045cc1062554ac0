package toroid.server.form;

import java.util.Comparator;
import java.util.List;
import toroid.core.bend.BarInBending;
import toroid.core.bend.Springback;
import toroid.core.form.FormStep;
import toroid.core.form.FormWork;
import toroid.core.form.FormedWire;
import toroid.core.numeric.Refusal;
import toroid.server.store.Kept;
import toroid.server.tool.MandrelData;

/** The rods and jaws in stock, asked which leaves a bend as it is wanted; none is named that does not. */
record OwnTools(List<Kept<MandrelData>> shelf) {
    static final OwnTools NONE = new OwnTools(List.of());

    /** How far what a tool leaves may be from the bend for it to be named, as a share: 3 % of 10 mm is 0.3 mm. */
    static final double NEAR = 0.03;

    /** A rod in stock and the inside diameter it would leave. */
    record Own(String name, double diameterMm, double leavesInsideMm) {}

    Own nearest(FormStep step, FormWork work) {
        double wireMm = work.wires().stream()
                .filter(w -> w.name().equals(step.wire()))
                .findFirst()
                .map(FormedWire::diameterMm)
                .orElse(work.request().wireDiameterMm());
        boolean asItIs = step.heldDegrees() == null;
        return shelf.stream()
                .map(Kept::data)
                .map(rod -> asItIs ? new Own(rod.name(), rod.diameterMm(), rod.diameterMm()) : own(rod, wireMm, work))
                .filter(own -> own != null && off(own, step) <= NEAR)
                .min(Comparator.comparingDouble(own -> off(own, step)))
                .orElse(null);
    }

    private static double off(Own own, FormStep step) {
        return Math.abs(own.leavesInsideMm() / step.insideMm() - 1);
    }

    private static Own own(MandrelData rod, double wireMm, FormWork work) {
        try {
            double modulus = work.request().metal().youngsModulus().inMegapascals();
            var bar = BarInBending.ofWire(wireMm, modulus, work.request().flow().curve());
            return new Own(rod.name(), rod.diameterMm(), Springback.innerDiameterMm(bar, rod.diameterMm()));
        } catch (Refusal flexes) {
            return null;
        }
    }
}
