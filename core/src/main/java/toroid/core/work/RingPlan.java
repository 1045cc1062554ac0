package toroid.core.work;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import toroid.core.bend.BendingStrain;
import toroid.core.form.HandWork;
import toroid.core.metal.Temper;
import toroid.core.ring.Coil;
import toroid.core.ring.CoilPlan;
import toroid.core.ring.RingCut;
import toroid.core.ring.RingWork;
import toroid.core.stock.Draw;

/**
 * The steps of a ring job in the order hands do them: for each coil wind → spring back → slide off → measure the coil → cut;
 * then close, then measure rings.
 */
public final class RingPlan {
    /** Rings measured to judge a batch. Common practice: ten. */
    public static final int SAMPLE = 10;

    private RingPlan() {}

    /** What there is to know of the wire and the hands beside the ring itself.
     *
     * @param temper of the wire as wound
     * @param underPower the rod is turned by a winder or drill
     * @param carried the wire is carried round a fixed rod
     * @param lot the wire comes from; null for wire not in stock
     */
    public record Hand(Temper temper, boolean underPower, boolean carried, String lot) {}

    public static Plan of(RingWork work, CoilPlan plan, Hand hand) {
        List<Coil> coils = plan.coils();
        var steps = new ArrayList<RingStep>();
        for (int i = 0; i < coils.size(); i++) {
            coil(steps, work, coils.get(i), i + 1, coils.size());
        }
        int rings = plan.rings();
        steps.add(new RingStep(RingStep.Kind.CLOSE, 0, coils.size(), rings, rings, rings, "rings", rings));
        steps.add(new RingStep(
                RingStep.Kind.MEASURE_RINGS,
                0,
                coils.size(),
                work.closed().innerDiameterMm(),
                work.closedLowMm(),
                work.closedHighMm(),
                "mm",
                Math.min(SAMPLE, rings)));
        Sizes sizes = Sizes.of(work);
        return of(
                steps,
                coils,
                hand.lot(),
                step -> cautions(step, work, hand),
                step -> step.kind() == RingStep.Kind.CUT
                        ? List.of(good(coils.get(step.coil() - 1), work.turns()))
                        : measurable(step, sizes));
    }

    /** An inner diameter, mm, with its band. */
    public record Inner(double plannedMm, double lowMm, double highMm) {
        Inner wider(double byMm) {
            return new Inner(plannedMm + byMm, lowMm + byMm, highMm + byMm);
        }
    }

    /**
     * What measured coils and rings are set against, and what they teach by.
     *
     * @param sprung the coil off its rod
     * @param closed the ring
     * @param turns of one ring
     */
    public record Sizes(double wireMm, double rodMm, Inner sprung, Inner closed, RingCut cut, int turns) {
        static Sizes of(RingWork work) {
            return new Sizes(
                    work.sprung().wireDiameterMm(),
                    work.mandrelDiameterMm(),
                    new Inner(work.sprung().innerDiameterMm(), work.sprungLowMm(), work.sprungHighMm()),
                    new Inner(work.closed().innerDiameterMm(), work.closedLowMm(), work.closedHighMm()),
                    work.cut(),
                    work.turns());
        }

        private Measurable across(String quantity, Inner inner) {
            var context = new HashMap<String, Object>();
            context.put("wireMm", wireMm);
            context.put("rodMm", rodMm);
            context.put("turns", turns);
            context.put("cut", cut instanceof RingCut.Saw ? "saw" : cut instanceof RingCut.Flush ? "flush" : "none");
            if (cut instanceof RingCut.Flush flush) {
                context.put("lossMm", flush.trimMm());
                context.put("flipped", flush.flipped());
            } else {
                context.put("lossMm", cut.ringLossMm());
            }
            return new Measurable(quantity, "mm", inner.plannedMm(), inner.lowMm(), inner.highMm(), context);
        }
    }

    /**
     * A plan of those steps, in their order: within a coil each waits for the one before it, closing waits for all cuts.
     *
     * @param coils by number, from 1
     * @param lot null for wire not in stock
     */
    public static Plan of(
            List<RingStep> steps,
            List<Coil> coils,
            String lot,
            Function<RingStep, List<Caution>> cautions,
            Function<RingStep, List<Measurable>> measurable) {
        var operations = new ArrayList<Operation>();
        var last = new HashMap<Integer, String>();
        for (RingStep step : steps) {
            boolean overAll = step.coil() == 0;
            String id = (overAll ? "rings" : "coil-" + step.coil()) + "/" + verb(step);
            Set<String> after = last.containsKey(step.coil())
                    ? Set.of(last.get(step.coil()))
                    : overAll ? Set.copyOf(last.values()) : Set.of();
            last.put(step.coil(), id);
            double wire = step.kind() == RingStep.Kind.WIND
                    ? coils.get(step.coil() - 1).wireMm()
                    : 0;
            operations.add(new Operation(
                            id,
                            overAll ? "" : "coil " + step.coil(),
                            step.stage(),
                            step.kind().name(),
                            step.count(),
                            step.kind() == RingStep.Kind.CUT,
                            after,
                            lot == null || wire == 0 ? List.of() : List.of(new Draw(lot, wire)),
                            measurable.apply(step),
                            cautions.apply(step),
                            null,
                            step)
                    .timed(timed(step, coils)));
        }
        return new Plan(operations, 1, 1);
    }

    /** Good rings of a coil, counted; what it had beyond them is what was lost. */
    private static Measurable good(Coil coil, int turns) {
        double planned = coil.rings();
        Map<String, Object> context = Map.of("turns", turns, "beyondTurns", coil.spoiltTurns() + coil.leftoverTurns());
        return new Measurable("YIELD", "rings", planned, planned, planned, context);
    }

    private static HandWork timed(RingStep step, List<Coil> coils) {
        return switch (step.kind()) {
            case WIND ->
                HandWork.seconds(
                        HandWork.WIND,
                        HandWork.WIND_SECONDS * coils.get(step.coil() - 1).turnsWound());
            case CUT -> HandWork.seconds(HandWork.CUT, HandWork.CUT_SECONDS * step.count());
            case CLOSE -> HandWork.seconds(HandWork.CLOSE, HandWork.CLOSE_SECONDS * step.count());
            default -> HandWork.seconds(HandWork.CUT, 0);
        };
    }

    private static String verb(RingStep step) {
        return step.kind().name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** What can be measured at a step: a coil or its rings, inside or outside. */
    public static List<Measurable> measurable(RingStep step, Sizes sizes) {
        double wall = 2 * sizes.wireMm();
        return switch (step.kind()) {
            case MEASURE_COIL ->
                List.of(
                        sizes.across("COIL_OUTER", sizes.sprung().wider(wall)),
                        sizes.across("COIL_INNER", sizes.sprung()));
            case MEASURE_RINGS ->
                List.of(
                        sizes.across("RING_INNER", sizes.closed()),
                        sizes.across("RING_OUTER", sizes.closed().wider(wall)));
            default -> List.of();
        };
    }

    private static void coil(List<RingStep> steps, RingWork work, Coil coil, int number, int coils) {
        double d = work.sprung().wireDiameterMm();
        steps.add(step(RingStep.Kind.WIND, number, coils, coil.turnsWound(), "turns"));
        steps.add(step(RingStep.Kind.SPRING_BACK, number, coils, coil.turnsSprung(), "turns"));
        steps.add(step(RingStep.Kind.SLIDE_OFF, number, coils, coil.sprungLengthMm(), "mm"));
        steps.add(new RingStep(
                RingStep.Kind.MEASURE_COIL,
                number,
                coils,
                work.sprung().outerDiameterMm(),
                work.sprungLowMm() + 2 * d,
                work.sprungHighMm() + 2 * d,
                "mm",
                1));
        int rings = coil.rings();
        steps.add(new RingStep(RingStep.Kind.CUT, number, coils, rings, rings, rings, "rings", rings));
    }

    private static RingStep step(RingStep.Kind kind, int coil, int coils, double target, String unit) {
        return new RingStep(kind, coil, coils, target, target, target, unit, 1);
    }

    private static List<Caution> cautions(RingStep step, RingWork work, Hand hand) {
        return switch (step.kind()) {
            case WIND -> winding(work, hand);
            case SPRING_BACK -> List.of(Caution.COIL_WHIPS);
            case CUT -> List.of(work.cut() instanceof RingCut.Saw ? Caution.SAW_BLADE : Caution.GLASSES_ENDS_FLY);
            case CLOSE -> pointed(work);
            default -> List.of();
        };
    }

    private static List<Caution> winding(RingWork work, Hand hand) {
        var cautions = new ArrayList<Caution>();
        if (hand.underPower()) {
            cautions.add(Caution.POWER_WINDING);
        }
        if (hand.carried()) {
            cautions.add(Caution.CARRIED_WIRE_KINKS);
        }
        double strain = BendingStrain.atOuterFibre(work.wound().wireDiameterMm(), work.mandrelDiameterMm());
        if (BendingStrain.shouldBeAnnealed(hand.temper(), strain)) {
            cautions.add(Caution.HARD_WIRE_CRACKS);
        }
        return cautions;
    }

    private static List<Caution> pointed(RingWork work) {
        boolean points = work.cut() instanceof RingCut.Flush flush && !flush.flipped();
        return points ? List.of(Caution.SHARP_POINTS) : List.of();
    }
}
