package toroid.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import toroid.core.bench.JobThread.Stage;
import toroid.core.bench.JobThread.State;
import toroid.core.bench.RingStep.Kind;
import toroid.core.bend.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.ring.CoilAllowances;
import toroid.core.ring.CoilPlan;
import toroid.core.ring.CoilRequest;
import toroid.core.ring.RingAim;
import toroid.core.ring.RingCut;
import toroid.core.ring.RingWork;

class RingStepsTest {
    private static final Metal BRASS = Metals.byId("yellow-brass");

    private static List<RingStep> steps(int rings, double mandrel, RingCut cut, boolean power, boolean carried) {
        FlowEstimate flow = FlowEstimate.ofHandbook(BRASS.flow(Temper.HARD));
        RingWork work = RingWork.of(1, BRASS, flow, new RingAim(RingAim.Convention.MANDREL, mandrel), cut, 1);
        var hand = new CoilAllowances(25, 40, 1, 100, Double.POSITIVE_INFINITY);
        var request = new CoilRequest(work.wound(), work.sprung(), rings, 1, cut, hand);
        return RingSteps.of(work, CoilPlan.forJob(request), Temper.HARD, power, carried);
    }

    /** The bench's order: wind, spring back, slide off, measure the coil, cut; then close, then measure rings. */
    @Test
    void oneCoilInOrder() {
        assertThat(steps(50, 5, new RingCut.Saw(0.3), false, false))
                .extracting(RingStep::kind)
                .containsExactly(
                        Kind.WIND,
                        Kind.SPRING_BACK,
                        Kind.SLIDE_OFF,
                        Kind.MEASURE_COIL,
                        Kind.CUT,
                        Kind.CLOSE,
                        Kind.MEASURE_RINGS);
    }

    @Test
    void severalCoilsAreDoneOneAfterTheOther() {
        List<RingStep> steps = steps(250, 5, new RingCut.Saw(0.3), false, false);
        int coils = steps.get(0).coils();
        assertThat(coils).isGreaterThan(1);
        assertThat(steps).hasSize(5 * coils + 2);
        assertThat(steps)
                .filteredOn(s -> s.kind() == Kind.CUT)
                .extracting(RingStep::count)
                .satisfies(counts -> assertThat(
                                counts.stream().mapToInt(Integer::intValue).sum())
                        .isEqualTo(250));
    }

    /** Usual cautions at the bench: glasses where ends fly, slow under power, anneal where hard wire cracks. */
    @Test
    void cautionsFollowTheWork() {
        List<RingStep> powered = steps(20, 2, new RingCut.Flush(0.7, false), true, true);
        assertThat(powered.get(0).cautions())
                .containsExactly(Caution.POWER_WINDING, Caution.CARRIED_WIRE_KINKS, Caution.HARD_WIRE_CRACKS);
        assertThat(powered.get(1).cautions()).containsExactly(Caution.COIL_WHIPS);
        assertThat(powered.get(4).cautions()).containsExactly(Caution.GLASSES_ENDS_FLY);
        assertThat(powered.get(5).cautions()).containsExactly(Caution.SHARP_POINTS);
        assertThat(steps(20, 6, new RingCut.Saw(0.3), false, false).get(4).cautions())
                .containsExactly(Caution.SAW_BLADE);
    }

    @Test
    void targetsAreTheRings() {
        List<RingStep> steps = steps(50, 5, new RingCut.Saw(0.3), false, false);
        RingStep coil = steps.get(3);
        assertThat(coil.target()).isBetween(coil.low(), coil.high());
        assertThat(steps.get(6).count()).isEqualTo(RingSteps.SAMPLE);
        assertThat(steps(4, 5, new RingCut.Saw(0.3), false, false).get(6).count())
                .isEqualTo(4);
    }

    @Test
    void theThreadClosesRingByRing() {
        List<RingStep> steps = steps(50, 5, new RingCut.Saw(0.3), false, false);
        var planned = JobThread.ofRingJob(true, steps, -1);
        assertThat(planned).containsEntry(Stage.WIRE, State.DONE).containsEntry(Stage.FORM, State.OPEN);
        assertThat(planned).containsEntry(Stage.FINISH, State.NOT_NEEDED);
        var cutting = JobThread.ofRingJob(true, steps, 4);
        assertThat(cutting).containsEntry(Stage.FORM, State.DONE).containsEntry(Stage.CUT, State.STARTED);
        assertThat(cutting).containsEntry(Stage.CHECK, State.STARTED).containsEntry(Stage.JOIN, State.OPEN);
        var done = JobThread.ofRingJob(true, steps, steps.size());
        assertThat(IntStream.of(2, 3, 4, 6).mapToObj(i -> done.get(Stage.values()[i])))
                .containsOnly(State.DONE);
        assertThat(JobThread.ofRingJob(false, List.of(), 0)).containsEntry(Stage.WIRE, State.STARTED);
    }
}
