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

/** The rods and jaws in stock, asked which comes nearest to a bend. */
record OwnTools(List<Kept<MandrelData>> shelf) {
    static final OwnTools NONE = new OwnTools(List.of());

    /** How far a rod may be from what is wanted and still be named, as a share. */
    private static final double NEAR = 0.2;

    /** A rod in stock and the inside diameter it would leave. */
    record Own(String name, double diameterMm, double leavesInsideMm) {}

    Own nearest(FormStep step, FormWork work) {
        double wanted = step.toolMm();
        double wireMm = work.wires().stream()
                .filter(w -> w.name().equals(step.wire()))
                .findFirst()
                .map(FormedWire::diameterMm)
                .orElse(work.request().wireDiameterMm());
        return shelf.stream()
                .map(Kept::data)
                .filter(rod -> Math.abs(rod.diameterMm() - wanted) <= Math.max(0.3, NEAR * wanted))
                .min(Comparator.comparingDouble(rod -> Math.abs(rod.diameterMm() - wanted)))
                .map(rod -> step.heldDegrees() == null
                        ? new Own(rod.name(), rod.diameterMm(), rod.diameterMm())
                        : own(rod, wireMm, work))
                .orElse(null);
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
