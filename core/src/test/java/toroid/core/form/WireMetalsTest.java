package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.metal.Metals;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.Figure;

/** Wires of a metal of their own: weighed as such, bent as such, and the rest left alone. */
class WireMetalsTest {
    static Stream<String> ids() {
        return Forms.all().stream().map(form -> form.info().id());
    }

    private static FormWork solved(String id, Map<String, Object> values) {
        return EveryForm.solve(id, Forms.byId(id).info().usualWireMm(), values);
    }

    private static double grams(FormWork work) {
        return FormFigures.of(work, 1).stream()
                .filter(figure -> figure.id().equals("mass-in-piece"))
                .mapToDouble(Figure::value)
                .findFirst()
                .orElseThrow();
    }

    /** By hand: π d²/4 · L · ρ, wire by wire; every wire of every form but its first. */
    @ParameterizedTest
    @MethodSource("ids")
    void eachIsWeighedAsWhatItIs(String id) {
        FormWork plain = solved(id, Map.of());
        var others = new TreeMap<String, FormedWire>();
        plain.wires().forEach(wire -> others.put(wire.name(), wire));
        others.remove(plain.wires().get(0).name());
        for (FormedWire wire : others.values()) {
            FormWork mixed = solved(id, Map.of(WireMetals.ID, List.of(wire.name() + "=fine-silver")));
            double cubic = plain.wires().stream()
                    .filter(one -> one.name().equals(wire.name()))
                    .mapToDouble(one -> Math.PI
                            * one.diameterMm()
                            * one.diameterMm()
                            / 4
                            * one.inPiece().inMillimetres())
                    .sum();
            double heavier = cubic
                    / 1000
                    * (Metals.byId("fine-silver").densityGramsPerCubicCentimetre()
                            - Metals.byId("copper").densityGramsPerCubicCentimetre());
            assertThat(grams(mixed) - grams(plain))
                    .as("%s, %s", id, wire.name())
                    .isCloseTo(heavier, within(1e-9));
            assertThat(mixed.toCut()).isEqualTo(plain.toCut());
            assertThat(mixed.values()).containsKey(WireMetals.ID);
        }
    }

    /** A core of stainless steel springs off its rod as steel does: its steps' tools differ, the others' do not. */
    @Test
    void eachSpringsBackAsWhatItIs() {
        FormWork plain = solved("hook-and-eye", Map.of());
        FormWork mixed = solved("hook-and-eye", Map.of(WireMetals.ID, List.of("eye=stainless-304")));
        assertThat(tools(mixed, "eye")).isNotEqualTo(tools(plain, "eye"));
        assertThat(tools(mixed, "hook")).isEqualTo(tools(plain, "hook"));
    }

    private static List<Double> tools(FormWork work, String wire) {
        return work.steps().stream()
                .filter(step -> step.wire().equals(wire))
                .map(FormStep::toolMm)
                .filter(Objects::nonNull)
                .toList();
    }

    /** A length in hand is of the form's own metal: wire of another does not come out of it. */
    @Test
    void aLengthInHandIsOfTheFormsOwnMetal() {
        Map<String, Object> mixed = Map.of(WireMetals.ID, List.of("eye=fine-silver"));
        Form form = Forms.byId("hook-and-eye");
        double both = FormSolver.measured(form, EveryForm.request(1.2, Map.of()), FromWire.Measure.WIRE);
        double one = FormSolver.measured(form, EveryForm.request(1.2, mixed), FromWire.Measure.WIRE);
        double eye = EveryForm.solve("hook-and-eye", 1.2, Map.of()).wires().stream()
                .filter(wire -> wire.name().equals("eye"))
                .mapToDouble(wire -> wire.toCut().inMillimetres())
                .sum();
        assertThat(eye).isPositive();
        assertThat(both - one).isCloseTo(eye, within(1e-9));
    }

    @Test
    void whatCannotBeReadIsRefusedByName() {
        for (Object wrong : List.of(
                "binding",
                List.of("binding"),
                List.of(5),
                List.of("binding=unobtainium"),
                List.of("nothing=copper"),
                List.of("rosette=brass"))) {
            assertThatThrownBy(() -> solved("rosette", Map.of(WireMetals.ID, wrong)))
                    .as("%s", wrong)
                    .isInstanceOfSatisfying(
                            Refusal.class,
                            refusal -> assertThat(refusal.field()).isEqualTo(WireMetals.ID));
        }
    }
}
