package toroid.core.bench;

import java.util.ArrayList;
import java.util.List;
import toroid.core.bend.BendingStrain;
import toroid.core.metal.Temper;
import toroid.core.ring.Coil;
import toroid.core.ring.CoilPlan;
import toroid.core.ring.RingCut;
import toroid.core.ring.RingWork;

/**
 * The steps of a ring job in the order hands do them: for each coil wind → spring back → slide off → measure the coil → cut;
 * then close, then measure rings.
 */
public final class RingSteps {
    /** Rings measured to judge a batch. Common practice: ten. */
    public static final int SAMPLE = 10;

    private RingSteps() {}

    /**
     * @param temper of the wire as wound
     * @param underPower the rod is turned by a winder or drill
     */
    public static List<RingStep> of(RingWork work, CoilPlan plan, Temper temper, boolean underPower, boolean carried) {
        var steps = new ArrayList<RingStep>();
        int coils = plan.coils().size();
        for (int i = 0; i < coils; i++) {
            coil(steps, work, plan.coils().get(i), i + 1, coils, winding(work, temper, underPower, carried));
        }
        int rings = plan.rings();
        steps.add(new RingStep(RingStep.Kind.CLOSE, 0, coils, rings, rings, rings, "rings", rings, pointed(work)));
        steps.add(new RingStep(
                RingStep.Kind.MEASURE_RINGS,
                0,
                coils,
                work.closed().innerDiameterMm(),
                work.closedLowMm(),
                work.closedHighMm(),
                "mm",
                Math.min(SAMPLE, rings),
                List.of()));
        return steps;
    }

    private static void coil(
            List<RingStep> steps, RingWork work, Coil coil, int number, int coils, List<Caution> winding) {
        double left = coil.turnsSprung();
        double d = work.sprung().wireDiameterMm();
        steps.add(step(RingStep.Kind.WIND, number, coils, coil.turnsWound(), "turns", winding));
        steps.add(step(RingStep.Kind.SPRING_BACK, number, coils, left, "turns", List.of(Caution.COIL_WHIPS)));
        steps.add(step(RingStep.Kind.SLIDE_OFF, number, coils, coil.sprungLengthMm(), "mm", List.of()));
        steps.add(new RingStep(
                RingStep.Kind.MEASURE_COIL,
                number,
                coils,
                work.sprung().outerDiameterMm(),
                work.sprungLowMm() + 2 * d,
                work.sprungHighMm() + 2 * d,
                "mm",
                1,
                List.of()));
        Caution caution = work.cut() instanceof RingCut.Saw ? Caution.SAW_BLADE : Caution.GLASSES_ENDS_FLY;
        steps.add(new RingStep(
                RingStep.Kind.CUT,
                number,
                coils,
                coil.rings(),
                coil.rings(),
                coil.rings(),
                "rings",
                coil.rings(),
                List.of(caution)));
    }

    private static RingStep step(
            RingStep.Kind kind, int coil, int coils, double target, String unit, List<Caution> cautions) {
        return new RingStep(kind, coil, coils, target, target, target, unit, 1, cautions);
    }

    private static List<Caution> winding(RingWork work, Temper temper, boolean underPower, boolean carried) {
        var cautions = new ArrayList<Caution>();
        if (underPower) {
            cautions.add(Caution.POWER_WINDING);
        }
        if (carried) {
            cautions.add(Caution.CARRIED_WIRE_KINKS);
        }
        double strain = BendingStrain.atOuterFibre(work.wound().wireDiameterMm(), work.mandrelDiameterMm());
        if (BendingStrain.shouldBeAnnealed(temper, strain)) {
            cautions.add(Caution.HARD_WIRE_CRACKS);
        }
        return cautions;
    }

    private static List<Caution> pointed(RingWork work) {
        boolean points = work.cut() instanceof RingCut.Flush flush && !flush.flipped();
        return points ? List.of(Caution.SHARP_POINTS) : List.of();
    }
}
