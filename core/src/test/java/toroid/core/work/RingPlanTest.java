package toroid.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.ring.CoilAllowances;
import toroid.core.ring.CoilPlan;
import toroid.core.ring.CoilRequest;
import toroid.core.ring.RingAim;
import toroid.core.ring.RingCut;
import toroid.core.ring.RingWork;
import toroid.core.work.RingStep.Kind;
import toroid.core.work.Stages.State;

class RingPlanTest {
    private static final Metal BRASS = Metals.byId("yellow-brass");
    private static final String LOT = "7c3e7c0e-0000-0000-0000-000000000001";

    private static Plan plan(int rings, double mandrel, RingCut cut, boolean power, boolean carried) {
        FlowEstimate flow = FlowEstimate.ofHandbook(BRASS.flow(Temper.HARD));
        RingWork work = RingWork.of(1, BRASS, flow, new RingAim(RingAim.Convention.MANDREL, mandrel), cut, 1);
        var hand = new CoilAllowances(25, 40, 1, 100, Double.POSITIVE_INFINITY);
        var request = new CoilRequest(work.wound(), work.sprung(), rings, 1, cut, hand);
        return RingPlan.of(work, CoilPlan.forJob(request), new RingPlan.Hand(Temper.HARD, power, carried, LOT));
    }

    private static Plan sawn(int rings) {
        return plan(rings, 5, new RingCut.Saw(0.3), false, false);
    }

    private static RingStep step(Operation operation) {
        return (RingStep) operation.detail();
    }

    /** The bench's order: wind, spring back, slide off, measure the coil, cut; then close, then measure rings. */
    @Test
    void oneCoilInOrder() {
        assertThat(sawn(50).operations())
                .extracting(operation -> step(operation).kind())
                .containsExactly(
                        Kind.WIND,
                        Kind.SPRING_BACK,
                        Kind.SLIDE_OFF,
                        Kind.MEASURE_COIL,
                        Kind.CUT,
                        Kind.CLOSE,
                        Kind.MEASURE_RINGS);
    }

    /** Each coil can be wound at any time, but is cut after it was wound; closing waits for every cut. */
    @Test
    void severalCoilsWaitOnlyForThemselves() {
        Plan plan = sawn(250);
        int coils = step(plan.operations().get(0)).coils();
        assertThat(coils).isGreaterThan(1);
        assertThat(plan.operations()).hasSize(5 * coils + 2);
        assertThat(Progress.none().toCount(plan)).isEqualTo(250);
        assertThat(plan.ready(Set.of())).hasSize(coils).allMatch(id -> id.endsWith("/wind"));
        assertThat(plan.operation("rings/close").after()).hasSize(coils).allMatch(id -> id.endsWith("/cut"));
        assertThat(plan.operation("rings/measure-rings").after()).containsExactly("rings/close");
    }

    /** Wire leaves its lot as each coil is wound, and only then. */
    @Test
    void wireIsTakenAsItIsWound() {
        Plan plan = sawn(250);
        double all = plan.draws().get(LOT);
        double first = plan.operations().get(0).draws().get(0).amount();
        assertThat(Progress.before(plan, 1).drawn(plan).get(LOT)).isCloseTo(first, within(1e-9));
        assertThat(Progress.before(plan, 5).drawn(plan).get(LOT)).isCloseTo(first, within(1e-9));
        assertThat(Progress.before(plan, plan.rhythm().places()).drawn(plan).get(LOT))
                .isCloseTo(all, within(1e-9));
    }

    /** Usual cautions at the bench: glasses where ends fly, slow under power, anneal where hard wire cracks. */
    @Test
    void cautionsFollowTheWork() {
        List<Operation> powered =
                plan(20, 2, new RingCut.Flush(0.7, false), true, true).operations();
        assertThat(powered.get(0).cautions())
                .containsExactly(Caution.POWER_WINDING, Caution.CARRIED_WIRE_KINKS, Caution.HARD_WIRE_CRACKS);
        assertThat(powered.get(1).cautions()).containsExactly(Caution.COIL_WHIPS);
        assertThat(powered.get(4).cautions()).containsExactly(Caution.GLASSES_ENDS_FLY);
        assertThat(powered.get(5).cautions()).containsExactly(Caution.SHARP_POINTS);
        assertThat(plan(20, 6, new RingCut.Saw(0.3), false, false)
                        .operations()
                        .get(4)
                        .cautions())
                .containsExactly(Caution.SAW_BLADE);
    }

    /** What is measured: the coil and its rings, inside and outside, two wires apart, each with its band and what it teaches by. */
    @Test
    void whatIsMeasuredHasItsBand() {
        Plan plan = sawn(50);
        Operation coil = plan.operations().get(3);
        assertThat(coil.measurable()).extracting(Measurable::quantity).containsExactly("COIL_OUTER", "COIL_INNER");
        assertThat(coil.measurable().get(0).planned())
                .isCloseTo(step(coil).target(), within(1e-12))
                .isCloseTo(coil.measurable().get(1).planned() + 2, within(1e-12));
        Measurable ring = plan.operations().get(6).measurable().get(0);
        assertThat(ring.planned()).isBetween(ring.low(), ring.high());
        assertThat(ring.context())
                .containsAllEntriesOf(Map.of("rodMm", 5.0, "wireMm", 1.0, "cut", "saw", "lossMm", 0.3, "turns", 1));
        assertThat(plan.operations().get(6).times()).isEqualTo(RingPlan.SAMPLE);
        assertThat(sawn(4).operations().get(6).times()).isEqualTo(4);
    }

    @Test
    void theThreadClosesRingByRing() {
        Plan plan = sawn(50);
        var planned = Stages.of(plan, null, true);
        assertThat(planned).containsEntry(Stage.WIRE, State.DONE).containsEntry(Stage.FORM, State.OPEN);
        assertThat(planned).containsEntry(Stage.FINISH, State.NOT_NEEDED);
        var cutting = Stages.of(plan, Progress.before(plan, 4), true);
        assertThat(cutting).containsEntry(Stage.FORM, State.DONE).containsEntry(Stage.CUT, State.STARTED);
        assertThat(cutting).containsEntry(Stage.CHECK, State.STARTED).containsEntry(Stage.JOIN, State.OPEN);
        var done = Stages.of(plan, Progress.whole(plan), true);
        assertThat(IntStream.of(2, 3, 4, 6).mapToObj(i -> done.get(Stage.values()[i])))
                .containsOnly(State.DONE);
        assertThat(Stages.of(plan, null, false)).containsEntry(Stage.WIRE, State.STARTED);
    }
}
