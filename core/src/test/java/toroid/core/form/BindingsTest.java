package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.bend.program.Bend;
import toroid.core.bend.program.WirePoint;
import toroid.core.numeric.Refusal;

/** Binding wire lies on what it binds, and leaning coils still lace. */
class BindingsTest {
    private static FormedWire wire(FormWork work, String name) {
        return work.wires().stream()
                .filter(w -> w.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static double nearest(FormedWire wire, Vector3D place) {
        return wire.program().sampled(0.01, 0.2).stream()
                .mapToDouble(point -> point.frame().position().distance(place))
                .min()
                .orElseThrow();
    }

    /** Every turn of the binding comes within a wire's reach of both crimped wires. */
    @ParameterizedTest
    @CsvSource({"6, 2, 6", "12, 1, 4", "5, 2.5, 9"})
    void aCrimpedPairIsBoundWhereItsWiresLieTogether(double wave, double height, int waves) {
        FormWork work = EveryForm.solve("crimped-pair", 0.7, Map.of("wave", wave, "height", height, "waves", waves));
        FormedWire binding = wire(work, "binding");
        List<WirePoint> points = binding.program().sampled(0.01, 0.2);
        double reach = (0.7 + binding.diameterMm()) / 2;
        for (String name : List.of("upper", "lower")) {
            double closest = points.stream()
                    .mapToDouble(p -> nearest(wire(work, name), p.frame().position()))
                    .min()
                    .orElseThrow();
            // on steep flanks a straight-across wrap cuts the corner a little
            assertThat(closest).isBetween(0.6 * reach, 1.05 * reach);
        }
        double y = points.stream()
                .mapToDouble(p -> Math.abs(p.frame().position().getY()))
                .max()
                .orElseThrow();
        assertThat(y).isLessThan(height + 2 * 0.7 + binding.diameterMm());
    }

    /** One wrap round two wires lying side by side takes {@code π(b + f) + 2b} (common practice); here they part a little. */
    @Test
    void endTurnsTakeTheRulesLength() {
        FormWork work = EveryForm.usual("crimped-pair");
        FormedWire binding = wire(work, "binding");
        int first = work.steps().stream()
                .filter(step -> step.part().startsWith("first end, 10"))
                .findFirst()
                .orElseThrow()
                .id();
        double length = binding.program().bends().stream()
                .filter(bend -> bend.step() == first)
                .map(Bend::run)
                .mapToDouble(run -> run.lengthMm())
                .sum();
        double lead = 4 * binding.diameterMm();
        double rule = lead + 10 * (Math.PI * (0.7 + binding.diameterMm()) + 2 * 0.7);
        assertThat(length).isCloseTo(rule, within(0.03 * rule));
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 5, 6, 9, 14})
    void aRosetteIsBoundAtEveryPetal(int petals) {
        FormWork work = EveryForm.solve("rosette", 0.8, Map.of("petals", petals));
        FormedWire rosette = work.wires().get(0);
        List<Crossing> crossings = Crossing.ofPetals(rosette.program(), petals);
        assertThat(crossings).hasSize(petals);
        FormedWire binding = wire(work, "binding");
        for (Crossing crossing : crossings) {
            assertThat(crossing.onward().dotProduct(crossing.outward())).isCloseTo(0, within(1e-9));
            assertThat(nearest(rosette, crossing.place())).isLessThan(crossing.apartMm() / 2 + 0.05);
            assertThat(nearest(binding, crossing.place())).isLessThan(crossing.apartMm() / 2 + 0.8);
        }
    }

    /** Pressed flat, the last petal lies on the first as every other on its next: all lashings take the same wire. */
    @ParameterizedTest
    @ValueSource(ints = {3, 6, 9})
    void everyLashingOfARosetteTakesTheSame(int petals) {
        FormWork work = EveryForm.solve("rosette", 0.8, Map.of("petals", petals));
        List<Double> wraps = work.steps().stream()
                .filter(step -> step.part().contains("second way across"))
                .map(FormStep::lengthMm)
                .toList();
        assertThat(wraps).hasSize(petals);
        assertThat(java.util.Collections.max(wraps) - java.util.Collections.min(wraps))
                .isLessThan(0.05 * java.util.Collections.max(wraps));
    }

    @ParameterizedTest
    @CsvSource({"0, 3", "10, 2", "15, 3", "25, 4", "35, 6"})
    void leaningCoilsLaceWithoutPassingThroughOneAnother(double lean, int coils) {
        FormWork work = EveryForm.solve("interleaved-coils", 1, Map.of("lean", lean, "coils", coils));
        assertThat(work.contacts()).isEmpty();
        assertThat(work.steps().stream().map(FormStep::kind).toList().contains(FormStep.Kind.ANNEAL))
                .isEqualTo(lean > 0);
        pinned(work, coils);
    }

    /**
     * Each core goes through the turns of the two coils it is said to join, and of no other, as a hinge's pin: seen along the band, its middle
     * lies inside the outline of both by more than its own radius.
     */
    private static void pinned(FormWork work, int coils) {
        List<FormedWire> cores = work.wires().stream()
                .filter(wire -> wire.name().startsWith("core"))
                .toList();
        assertThat(cores).hasSize(coils - 1);
        for (int i = 0; i < cores.size(); i++) {
            var place = cores.get(i).program().at(cores.get(i).middleMm()).position();
            for (int k = 0; k < coils; k++) {
                FormedWire coil = work.wires().get(k);
                double low = Double.MAX_VALUE;
                double high = -Double.MAX_VALUE;
                for (WirePoint point : coil.program().sampled(0.01, 0.2)) {
                    low = Math.min(low, point.frame().position().getY());
                    high = Math.max(high, point.frame().position().getY());
                }
                double room = (coil.diameterMm() + cores.get(i).diameterMm()) / 2;
                boolean inside = place.getY() > low + room - 1e-6 && place.getY() < high - room + 1e-6;
                assertThat(inside).as("core %d in coil %d", i + 1, k + 1).isEqualTo(k == i || k == i + 1);
            }
        }
    }

    /** Too narrow for two cores and two wires, coils two apart would meet: refused with the width that does, which then is made. */
    @Test
    void coilsTooNarrowForTheirCoresAreRefused() {
        assertThatThrownBy(
                        () -> EveryForm.solve("interleaved-coils", 1, Map.of("coils", 4, "core", 1.6, "inside", 4.5)))
                .isInstanceOfSatisfying(Refusal.class, refusal -> {
                    assertThat(refusal.field()).isEqualTo("inside");
                    double least = refusal.minimum().orElseThrow();
                    assertThat(EveryForm.solve(
                                            "interleaved-coils",
                                            1,
                                            Map.of("coils", 4, "core", 1.6, "inside", least + 0.01))
                                    .contacts())
                            .isEmpty();
                });
    }
}
