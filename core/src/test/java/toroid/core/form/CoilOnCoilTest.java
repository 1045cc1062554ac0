package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import toroid.core.calibration.Looseness;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.Figure;

/** Three sizes, two bounds, and a core that does not run out. Derivation: ours, made again here from turns and radii. */
class CoilOnCoilTest {
    private static FormWork work(double rod, double core, double second, double first, double looser, int plain) {
        return EveryForm.solve(
                "coil-on-coil",
                0.4,
                Map.of(
                        "firstRod",
                        rod,
                        "coreWire",
                        core,
                        "rod",
                        second,
                        "firstCoil",
                        first,
                        "looser",
                        looser,
                        "plain",
                        plain));
    }

    private static Figure finished(FormWork work) {
        return FormFigures.of(work, 1).stream()
                .filter(figure -> figure.id().equals("finished-length"))
                .findFirst()
                .orElseThrow();
    }

    private static FormedWire wire(FormWork work, String name) {
        return work.wires().stream()
                .filter(w -> w.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** By hand: c 1.0, d 0.4, C 1.8, c₂ 3, R 2.4, a turn 15.1873: 60 mm give 3.9507 turns; a tenth more, 4.3457 of 1.8 mm, and 6 × 0.8. */
    @Test
    void aWorkedExample() {
        FormWork work = work(1.0, 0.8, 3, 60, 10, 3);
        double turn = Math.hypot(2 * Math.PI * 2.4, 1.8);
        assertThat(turn).isCloseTo(15.1867, within(1e-3));
        assertThat(finished(work).value()).isCloseTo(1.1 * 60 / turn * 1.8 + 6 * 0.8, within(1e-9));
        assertThat(finished(work).low()).isCloseTo(1.02 * 60 / turn * 1.8 + 4.8, within(1e-9));
        assertThat(finished(work).high()).isCloseTo(1.2 * 60 / turn * 1.8 + 4.8, within(1e-9));
        // 150 fine turns on a 1.0 rod
        assertThat(wire(work, "coil").inPiece().inMillimetres())
                .isCloseTo(150 * Math.hypot(Math.PI * 1.4, 0.4), within(0.005 * 660));
    }

    /** However loosely within the band it is bent, the core cut reaches: the loosest coil, plain turns and the hand's hold. */
    @Property(tries = 300)
    void theCoreNeverRunsOut(
            @ForAll @DoubleRange(min = 0.6, max = 1.6) double rod,
            @ForAll @DoubleRange(min = 2, max = 8) double second,
            @ForAll @DoubleRange(min = 20, max = 200) double first,
            @ForAll @DoubleRange(min = 0, max = 60) double looser,
            @ForAll @DoubleRange(min = 0.3, max = 3) double factor) {
        FormRequest usual = EveryForm.request(
                0.4,
                Map.of(
                        "firstRod",
                        rod,
                        "coreWire",
                        Math.max(0.4, 0.8 * rod),
                        "rod",
                        second,
                        "firstCoil",
                        first,
                        "looser",
                        Math.rint(looser)));
        var request = new FormRequest(
                0.4,
                usual.metal(),
                usual.temper(),
                usual.flow(),
                usual.values(),
                false,
                new Schools(Schools.Cutting.PRE_CUT, 1.0, factor));
        FormWork work = FormSolver.solve(Forms.byId("coil-on-coil"), request);
        FormedWire core = wire(work, "core");
        double share = Math.rint(looser) / 100;
        double loosest = Math.max(0.2, share + 0.08);
        double asPlanned = core.inPiece().inMillimetres();
        assertThat(core.slack().highMm()).isCloseTo(asPlanned + (loosest - share) * first, within(1e-6));
        assertThat(core.toCut().inMillimetres())
                .isGreaterThanOrEqualTo(core.slack().highMm() + 39 * Math.min(1, factor) - 1e-6);
        assertThat(finished(work).low()).isLessThanOrEqualTo(finished(work).value());
    }

    @Test
    void theThreeSizesAreNamedAtTheBench() {
        FormWork work = work(1.0, 0.8, 3, 60, 10, 3);
        List<FormStep> steps =
                work.steps().stream().filter(step -> step.toolMm() != null).toList();
        assertThat(steps.get(0).part()).isEqualTo("first coil");
        assertThat(steps.get(0).toolMm()).isEqualTo(1.0);
        assertThat(steps)
                .filteredOn(step -> step.wire().equals("core"))
                .isNotEmpty()
                .allMatch(step -> step.toolMm() == 3.0);
        List<String> parts = work.steps().stream().map(FormStep::part).toList();
        assertThat(parts.indexOf("the first coil, onto the core"))
                .isGreaterThan(parts.indexOf("first coil"))
                .isLessThan(parts.indexOf("core and coil together"));
    }

    @Test
    void aCoreThatDoesNotSlideInIsRefused() {
        assertThatThrownBy(() -> work(1.0, 1.1, 3, 60, 10, 3))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("first-coil-slides-onto-the-core");
    }

    @Test
    void theWireInTheGrooveHasItsOwnThickness() {
        FormWork work = EveryForm.solve("coil-on-coil", 0.4, Map.of("groove", "a fine wire", "grooveWire", 0.25));
        assertThat(wire(work, "groove wire").diameterMm()).isEqualTo(0.25);
    }

    /** Kept before the rods had names of their own: what was the second rod still is. */
    @Test
    void anOlderJobsRodIsStillTheSecond() {
        FormWork work = EveryForm.solve("coil-on-coil", 0.4, Map.of("rod", 4.0));
        assertThat(work.steps())
                .filteredOn(step -> step.part().equals("core and coil together"))
                .singleElement()
                .satisfies(step -> assertThat(step.toolMm()).isEqualTo(4.0));
    }

    /** One of 18 % moves the habit of 10 by (8/9)/(1/25 + 1/9) = 5.88; five of them to 17.5. */
    @Test
    void theFirstOneMadeTeachesTheNext() {
        var one = new Looseness.Reading(4.8 + 1.18 * 7, 7, 4.8);
        assertThat(Looseness.of(List.of(one)).percent())
                .isCloseTo(10 + 8 * (1 / 9.0) / (1 / 25.0 + 1 / 9.0), within(1e-9));
        assertThat(Looseness.of(List.of(one, one, one, one, one)).percent()).isBetween(17.0, 18.0);
        assertThat(Looseness.of(List.of()).percent()).isEqualTo(10);
        assertThat(Looseness.of(List.of()).measurements()).isZero();
        double before = finished(work(1.0, 0.8, 3, 60, 18, 3)).high();
        Looseness five = Looseness.of(List.of(one, one, one, one, one));
        var request = EveryForm.request(
                0.4, Map.of("firstRod", 1.0, "coreWire", 0.8, "rod", 3.0, "firstCoil", 60.0, "looser", 18.0));
        FormWork learnt =
                FormSolver.solve(Forms.byId("coil-on-coil"), request.knowing(Map.of("looser", five.learnt())));
        assertThat(finished(learnt).high()).isLessThan(before);
        assertThat(finished(learnt).low())
                .isGreaterThan(finished(work(1.0, 0.8, 3, 60, 18, 3)).low());
        assertThat(finished(learnt).source()).contains("5 finished ones");
    }
}
