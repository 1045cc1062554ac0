package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.numeric.Refusal;

/** What a length in hand makes: put back into the form, it takes that length; or no value does. */
class FromWireTest {
    private static Stream<String> ids() {
        return EveryForm.ids();
    }

    /** The form's own wire: all that is as thick in its usual values. */
    private static double main(FormWork work) {
        FormWork usual = EveryForm.usual(work.info().id());
        List<String> own = usual.wires().stream()
                .filter(wire -> wire.diameterMm() == usual.request().wireDiameterMm())
                .map(FromWireTest::role)
                .toList();
        return work.wires().stream()
                .filter(wire -> own.contains(role(wire)))
                .mapToDouble(wire -> wire.toCut().inMillimetres())
                .sum();
    }

    /** Its name without its number: there may be more of them. */
    private static String role(FormedWire wire) {
        return wire.name().replaceAll("[0-9]+$", "");
    }

    /** There and back, for every form and every parameter that can be left free, a little more wire and a little less. */
    @ParameterizedTest
    @MethodSource("ids")
    void whatIsFoundTakesTheWireInHand(String id) {
        Form form = Forms.byId(id);
        FormRequest request = EveryForm.request(form.info().usualWireMm(), Map.of());
        double usual = main(FormSolver.solve(form, request));
        var chance = new Random(11);
        for (double factor : new double[] {0.8 + 0.6 * chance.nextDouble()}) {
            FromWire found = FromWire.of(form, request, FromWire.Measure.WIRE, factor * usual, 1);
            assertThat(found.takesMm()).isCloseTo(usual, within(1e-9));
            assertThat(found.copies()).isEqualTo(factor >= 1 ? 1 : 0);
            for (FromWire.Makes way : found.ways()) {
                FormWork made = FormSolver.solve(form, request.with(way.parameter(), way.value()));
                String what = "%s from %.2f mm, %s".formatted(id, factor * usual, way);
                assertThat(main(made)).as(what).isCloseTo(way.takesMm(), within(1e-9));
                assertThat(way.takesMm() + way.leftMm()).as(what).isCloseTo(factor * usual, within(1.1e-6));
                if (counted(form, way.parameter())) {
                    oneMoreIsTooMany(form, request, way, factor * usual);
                } else if (way.leftMm() > 1.1e-6) {
                    inSteps(form, request, way, factor * usual);
                }
            }
            for (FromWire.Reach reach : found.none()) {
                assertThat(factor * usual < reach.leastMm() || factor * usual > reach.mostMm())
                        .as("%s: %s", id, reach)
                        .isTrue();
            }
            if (form.usualRows().isEmpty()) {
                assertThat(found.ways().size() + found.none().size()).isPositive();
            }
        }
    }

    private static boolean counted(Form form, String id) {
        return form.parameters().stream()
                .anyMatch(parameter -> parameter.id().equals(id) && parameter.kind() == Parameter.Kind.COUNT);
    }

    private static void oneMoreIsTooMany(Form form, FormRequest request, FromWire.Makes way, double have) {
        try {
            double more = main(FormSolver.solve(form, request.with(way.parameter(), way.value() + 1)));
            assertThat(more).as("%s", way).isGreaterThan(have);
        } catch (Refusal atItsLimit) {
            assertThat(atItsLimit.field()).isNotNull();
        }
    }

    /** Made in whole turns: the least more of it takes too much. */
    private static void inSteps(Form form, FormRequest request, FromWire.Makes way, double have) {
        double a = main(FormSolver.solve(form, request.with(way.parameter(), way.value() * (1 + 1e-9))));
        double b = main(FormSolver.solve(form, request.with(way.parameter(), way.value() * (1 - 1e-9))));
        assertThat(Math.max(a, b)).as("%s", way).isGreaterThan(have);
    }

    /** The stem is what a wrapped loop leaves of the length in hand: by subtraction. */
    @Test
    void aStemIsWhatIsLeft() {
        FormRequest request = EveryForm.request(0.8, Map.of("stem", 10.0));
        double takes = main(FormSolver.solve(Forms.byId("wrapped-loop"), request));
        FromWire found = FromWire.of(Forms.byId("wrapped-loop"), request, FromWire.Measure.WIRE, takes + 7.25, 1);
        assertThat(found.ways()).anySatisfy(way -> {
            assertThat(way.parameter()).isEqualTo("stem");
            assertThat(way.value()).isCloseTo(17.25, within(1e-6));
        });
    }

    /** A coil of n turns on a core: {@code (have − what is held)/√((π(c + d))² + d²)}, whole. */
    @Test
    void turnsOfACoilAreWhole() {
        FormRequest request = EveryForm.request(0.8, Map.of("core", 3.0, "turns", 10.0));
        double held = main(FormSolver.solve(Forms.byId("coil-tight"), request)) - 10 * Math.hypot(Math.PI * 3.8, 0.8);
        FromWire found = FromWire.of(Forms.byId("coil-tight"), request, FromWire.Measure.WIRE, 300, 1);
        double turns = (300 - held) / Math.hypot(Math.PI * 3.8, 0.8);
        assertThat(found.ways()).anySatisfy(way -> {
            assertThat(way.parameter()).isEqualTo("turns");
            assertThat(way.value()).isEqualTo(Math.floor(turns));
        });
        FromWire dozen = FromWire.of(Forms.byId("coil-tight"), request, FromWire.Measure.WIRE, 300, 12);
        assertThat(dozen.copiesInAll()).isEqualTo(12 * found.copies());
        assertThat(found.leftMm()).isCloseTo(300 - found.copies() * found.takesMm(), within(1e-9));
        assertThatThrownBy(() -> FromWire.of(Forms.byId("coil-tight"), request, FromWire.Measure.WIRE, 300, 0))
                .isInstanceOf(Refusal.class);
        assertThat(found.copies()).isEqualTo((int) (300 / main(FormSolver.solve(Forms.byId("coil-tight"), request))));
    }

    /** A form as long over all as it must be: found, made, and measured again; every form, a tenth longer. */
    @ParameterizedTest
    @MethodSource("ids")
    void whatIsFoundIsAsLongAsItMustBe(String id) {
        Form form = Forms.byId(id);
        FormRequest request = EveryForm.request(form.info().usualWireMm(), Map.of());
        double wanted = 1.1 * Extent.of(FormSolver.solve(form, request)).longMm();
        FromWire found = FromWire.of(form, request, FromWire.Measure.OVER_ALL, wanted, 1);
        for (FromWire.Makes way : found.ways()) {
            double made = Extent.of(FormSolver.solve(form, request.with(way.parameter(), way.value())))
                    .longMm();
            assertThat(made).as("%s %s", id, way).isCloseTo(way.takesMm(), within(1e-9));
            assertThat(made).as("%s %s", id, way).isLessThanOrEqualTo(wanted + 1.1e-6);
        }
    }

    /** A curved bar's paddle's and drop's whole length is one of the things to ask for. */
    @ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource({
        "curved-bar, long",
        "paddle-dangle, long",
        "teardrop-link, tail",
        "horseshoe-frame, former",
        "toggle, bar"
    })
    void framesAndBarsAreAskedByTheirWholeLength(String id, String parameter) {
        FormRequest request = EveryForm.request(Forms.byId(id).info().usualWireMm(), Map.of());
        double now = Extent.of(FormSolver.solve(Forms.byId(id), request)).longMm();
        FromWire found = FromWire.of(Forms.byId(id), request, FromWire.Measure.OVER_ALL, now + 3, 1);
        assertThat(found.ways()).anySatisfy(way -> {
            assertThat(way.parameter()).isEqualTo(parameter);
            assertThat(way.takesMm()).isCloseTo(now + 3, within(1.1e-6));
        });
    }

    /** A ring of inside 10 in 1.2 mm is π · 11.2 of wire. */
    @Test
    void aRingIsItsMiddleLine() {
        assertThat(FromWire.ofRingMm(10, 1.2)).isCloseTo(Math.PI * 11.2, within(1e-12));
        assertThatThrownBy(() -> FromWire.ofRingMm(Double.NaN, 1)).isInstanceOf(Refusal.class);
    }

    @Test
    void whatIsMeasuredStaysAndNonsenseIsRefused() {
        var values = new HashMap<String, Object>();
        values.put("bead", 8.0);
        FormRequest request = EveryForm.request(0.8, values);
        FromWire found = FromWire.of(Forms.byId("bead-link"), request, FromWire.Measure.WIRE, 90, 1);
        assertThat(found.ways())
                .extracting(FromWire.Makes::parameter)
                .doesNotContain("bead", "hole", "through")
                .contains("loop");
        for (double bad : new double[] {Double.NaN, -1, 0, 1e9}) {
            assertThatThrownBy(() -> FromWire.of(Forms.byId("bead-link"), request, FromWire.Measure.WIRE, bad, 1))
                    .isInstanceOf(Refusal.class)
                    .extracting(refusal -> ((Refusal) refusal).field())
                    .isEqualTo("haveMm");
        }
    }
}
