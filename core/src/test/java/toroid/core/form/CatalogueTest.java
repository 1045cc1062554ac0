package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.bend.program.BendProgram;
import toroid.core.bend.program.Frame;
import toroid.core.bend.program.WirePoint;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.Figure;
import toroid.core.wire.Wire;

/** What holds for every form of the catalogue. */
class CatalogueTest {
    /** Forms asked for by the trade's list, by id; a form that goes missing is missed here. */
    private static final Set<String> WANTED = Set.of(
            "plain-loop",
            "wrapped-loop",
            "midwire-loop",
            "eye-pin",
            "head-pin-folded",
            "head-pin-balled",
            "head-pin-spiral",
            "beaded-dangle",
            "bead-link",
            "bead-link-carried",
            "stacked-wire",
            "bead-chain",
            "bead-cap-spiral",
            "bead-cap-wrapped",
            "coil-tight",
            "coil-on-coil",
            "coil-stretched",
            "cord-end",
            "spiral-flat",
            "spiral-open",
            "spiral-balled",
            "s-hook",
            "hook-curled",
            "hook-doubled",
            "hook-and-eye",
            "toggle",
            "figure-eight",
            "link-hook",
            "fish-hook",
            "ear-hook-bead",
            "ear-hook-grown",
            "ear-post",
            "ear-cuff",
            "horseshoe-frame",
            "square-frame",
            "looped-frame",
            "curved-bar",
            "teardrop-link",
            "hammered-bar",
            "paddle-dangle",
            "rosette",
            "wing",
            "winged-link",
            "winged-cuff",
            "outline",
            "crimped-wire",
            "crimped-pair",
            "binding-coil",
            "lashed-beads",
            "rail-wraps",
            "interleaved-coils");

    @Test
    void theWholeCatalogueIsThere() {
        assertThat(new TreeSet<>(EveryForm.ids().toList())).containsAll(WANTED);
    }

    private static java.util.stream.Stream<String> ids() {
        return EveryForm.ids();
    }

    @ParameterizedTest
    @MethodSource("ids")
    void stepsSumToTheLengthInThePiece(String id) {
        FormWork work = EveryForm.usual(id);
        for (FormedWire wire : work.wires()) {
            double steps = work.steps().stream()
                    .filter(step -> step.wire().equals(wire.name()))
                    .mapToDouble(FormStep::lengthMm)
                    .sum();
            assertThat(steps).as(wire.name()).isCloseTo(wire.inPiece().inMillimetres(), within(1e-9));
            assertThat(wire.toCut().inMillimetres() - wire.inPiece().inMillimetres())
                    .isCloseTo(wire.offcutMm(), within(1e-9));
        }
        assertThat(work.steps()).noneMatch(step -> step.lengthMm() < 0);
    }

    /** Read beside each value on screen: a sentence of its own, short enough for a line. */
    @ParameterizedTest
    @MethodSource("ids")
    void everyParameterIsExplained(String id) {
        assertThat(Forms.byId(id).parameters())
                .allSatisfy(parameter -> assertThat(parameter.reason())
                        .as(parameter.name())
                        .matches("[A-Z0-9{].*[.]")
                        .doesNotContain(" mm")
                        .hasSizeBetween(8, 90));
    }

    /** In any wire there is: a form is worked out with limits the right way up, or its wire refused with the range in which it is. */
    @ParameterizedTest
    @MethodSource("ids")
    void limitsStandTheRightWayUpOrTheWireIsRefused(String id) {
        for (double wireMm = Wire.THINNEST_MM; wireMm <= Wire.THICKEST_MM; wireMm *= 1.1) {
            String what = "%s in %.3f mm".formatted(id, wireMm);
            boolean upright = true;
            for (Parameter parameter : Forms.byId(id).parameters()) {
                upright &= parameter.least().applyAsDouble(wireMm)
                        <= parameter.most().applyAsDouble(wireMm);
            }
            try {
                FormValues.of(Forms.byId(id), EveryForm.request(wireMm, Map.of()));
                assertThat(upright).as(what).isTrue();
            } catch (Refusal refusal) {
                assertThat(refusal.field()).as(what).isEqualTo("wireDiameterMm");
                assertThat(upright).as(what).isFalse();
                for (double edge : new double[] {
                    refusal.minimum().orElseThrow(), refusal.maximum().orElseThrow()
                }) {
                    FormValues.of(Forms.byId(id), EveryForm.request(edge, Map.of()));
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("ids")
    void touchesButDoesNotPassThroughItself(String id) {
        for (double wireMm : new double[] {Forms.byId(id).info().usualWireMm(), 0.9}) {
            FormWork work = EveryForm.solve(id, wireMm, Map.of());
            assertThat(work.contacts()).as(id + " in " + wireMm).isEmpty();
        }
    }

    @ParameterizedTest
    @MethodSource("ids")
    void everyParameterChangesSomething(String id) {
        Form form = Forms.byId(id);
        double d = form.info().usualWireMm();
        for (Parameter parameter : form.parameters()) {
            Map<String, Object> counting = taken(form, parameter);
            String before = told(EveryForm.solve(id, d, counting));
            assertThat(others(parameter, d).stream().map(other -> {
                        var changed = new HashMap<>(counting);
                        changed.put(parameter.id(), other);
                        return answered(id, d, changed);
                    }))
                    .as(parameter.id())
                    .anyMatch(after -> !after.equals(before));
        }
    }

    /** The choices that make a parameter count, and those that make them count. */
    private static Map<String, Object> taken(Form form, Parameter parameter) {
        if (parameter.id().equals("crossings")) {
            return Map.of("bends", List.of(new OutlineRow(20, 0, 285, 5), new OutlineRow(20, 0, 0, 0)));
        }
        if (parameter.id().equals("outer")) {
            return Map.of("beads", 3);
        }
        if (parameter.onlyWhen().isEmpty()) {
            return Map.of();
        }
        String[] choice = parameter.onlyWhen().get(0).split("=");
        var taken = new HashMap<String, Object>(Map.of(choice[0], choice[1]));
        form.parameters().stream()
                .filter(one -> one.id().equals(choice[0]))
                .forEach(one -> taken.putAll(taken(form, one)));
        return taken;
    }

    /** Other values within the limits: a little more, a little less, much more. */
    private static List<?> others(Parameter parameter, double d) {
        double usual = parameter.usual().applyAsDouble(d);
        double least = parameter.least().applyAsDouble(d);
        double most = parameter.most().applyAsDouble(d);
        return switch (parameter.kind()) {
            case CHOICE -> List.of(parameter.choices().get(1));
            case COUNT -> List.of(usual + 1 <= most ? usual + 1 : usual - 1);
            case STACK -> List.of(List.of(StackItem.bead(6, 4, 1), StackItem.bead(5, 9, 1)));
            case ROWS -> List.of(List.of(new OutlineRow(9, 0, 40, 2), new OutlineRow(5, 0, 0, 0)));
            case ANGLE -> List.of(Math.min(most, usual + 5));
            case LENGTH ->
                java.util.stream.Stream.of(usual * 1.1, usual * 0.93, usual * 4, 3.0)
                        .filter(value -> value >= least && value <= most && value != usual)
                        .toList();
        };
    }

    /** What a maker is told, a refusal included. */
    private static String answered(String id, double wireMm, Map<String, Object> values) {
        try {
            return told(EveryForm.solve(id, wireMm, values));
        } catch (Refusal refusal) {
            return refusal.getMessage();
        }
    }

    /** Everything a maker sees of it, in one string. */
    private static String told(FormWork work) {
        return "" + work.wires() + work.solids() + work.notes();
    }

    @ParameterizedTest
    @MethodSource("ids")
    void theTwinMirrorsExactly(String id) {
        FormRequest right = EveryForm.request(Forms.byId(id).info().usualWireMm(), Map.of());
        var left = new FormRequest(
                right.wireDiameterMm(),
                right.metal(),
                right.temper(),
                right.flow(),
                right.values(),
                true,
                right.schools());
        FormWork one = FormSolver.solve(Forms.byId(id), right);
        FormWork twin = FormSolver.solve(Forms.byId(id), left);
        assertThat(twin.contacts()).isEmpty();
        for (int i = 0; i < one.wires().size(); i++) {
            BendProgram a = one.wires().get(i).program();
            BendProgram b = twin.wires().get(i).program();
            assertThat(b.lengthMm()).isCloseTo(a.lengthMm(), within(1e-9));
            for (int k = 0; k <= 20; k++) {
                Vector3D p = a.at(a.lengthMm() * k / 20).position();
                Vector3D q = b.at(b.lengthMm() * k / 20).position();
                assertThat(q.distance(new Vector3D(-p.getX(), p.getY(), p.getZ())))
                        .isLessThan(1e-6);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("ids")
    void lengthIsInvariantUnderTurningMirroringAndTellingBackwards(String id) {
        var turn = new Rotation(new Vector3D(1, 2, 3), 0.7, RotationConvention.VECTOR_OPERATOR);
        for (FormedWire wire : EveryForm.usual(id).wires()) {
            BendProgram program = wire.program();
            Frame start = program.start();
            BendProgram turned = program.startingAt(new Frame(
                    turn.applyTo(start.position()), turn.applyTo(start.tangent()), turn.applyTo(start.normal())));
            assertThat(turned.lengthMm()).isEqualTo(program.lengthMm());
            assertThat(turned.end()
                            .position()
                            .distance(turn.applyTo(program.end().position())))
                    .isLessThan(1e-6);
            BendProgram back = program.reversed();
            assertThat(back.lengthMm()).isCloseTo(program.lengthMm(), within(1e-9));
            assertThat(back.end().position().distance(start.position())).isLessThan(1e-6);
            assertThat(back.at(0.3 * back.lengthMm())
                            .position()
                            .distance(program.at(0.7 * program.lengthMm()).position()))
                    .isLessThan(1e-6);
            BendProgram thrice = program.scaled(3);
            assertThat(thrice.lengthMm()).isCloseTo(3 * program.lengthMm(), within(1e-6));
            assertThat(thrice.end().position().distance(program.end().position().scalarMultiply(3)))
                    .isLessThan(1e-5);
        }
    }

    /** The places themselves, chord by chord, come to the developed length: no run hides a jump. */
    @ParameterizedTest
    @MethodSource("ids")
    void theChordsOfTheWireComeToItsLength(String id) {
        for (FormedWire wire : EveryForm.usual(id).wires()) {
            List<WirePoint> points = wire.program().sampled(1e-4 * wire.diameterMm(), 1);
            double chords = 0;
            for (int i = 1; i < points.size(); i++) {
                chords += points.get(i)
                        .frame()
                        .position()
                        .distance(points.get(i - 1).frame().position());
            }
            assertThat(chords).isCloseTo(wire.program().lengthMm(), within(5e-3 * chords));
        }
    }

    @ParameterizedTest
    @MethodSource("ids")
    void formingBeginsStraightAndEndsInTheForm(String id) {
        FormWork work = EveryForm.usual(id);
        List<BendProgram> begun = programs(work, 0);
        List<BendProgram> done = programs(work, work.steps().size());
        for (int i = 0; i < work.wires().size(); i++) {
            BendProgram program = work.wires().get(i).program();
            assertThat(begun.get(i).sharpestRadiusMm()).isInfinite();
            assertThat(begun.get(i).lengthMm()).isCloseTo(program.wireMm(), within(1e-9));
            assertThat(done.get(i).end().position().distance(program.end().position()))
                    .isLessThan(1e-6);
            assertThat(done.get(i).start().position().distance(program.start().position()))
                    .isLessThan(1e-6);
        }
    }

    /** Every length opens to its why: wires' and steps' figures add up to the form's, and each says its formula. */
    @ParameterizedTest
    @MethodSource("ids")
    void everyLengthHasItsWhy(String id) {
        FormWork work = EveryForm.usual(id);
        Map<String, Figure> figures = new HashMap<>();
        FormFigures.of(work, 3).forEach(figure -> figures.put(figure.id(), figure));
        double steps = 0;
        double cut = 0;
        for (int i = 0; i < work.steps().size(); i++) {
            FormStep step = work.steps().get(i);
            if (step.lengthMm() > 0) {
                Figure figure = figures.get("step-" + i);
                assertThat(figure.value()).isCloseTo(step.lengthMm(), within(1e-5));
                assertThat(figure.formula()).hasSizeGreaterThan(4);
                assertThat(figure.worked()).contains("=");
                steps += figure.value();
            }
        }
        for (int i = 0; i < work.wires().size(); i++) {
            cut += figures.get("wire-" + i + "-to-cut").value();
        }
        assertThat(steps).isCloseTo(work.inPiece().inMillimetres(), within(1e-3));
        assertThat(figures.get("wire-for-copies").value()).isCloseTo(3 * cut, within(1e-6));
    }

    private static List<BendProgram> programs(FormWork work, int stepsDone) {
        return Forming.shapes(work, stepsDone, false).stream()
                .map(FormedWire::program)
                .toList();
    }
}
