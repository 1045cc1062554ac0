package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import toroid.core.bend.program.BendProgram;
import toroid.core.bend.program.ScrewRun;
import toroid.core.bend.program.WirePoint;

/** Where the wire of a form really goes: loops over their stems, wraps on their necks, hooks as wide as asked. */
class ShapesOfFormsTest {
    private static BendProgram program(String form, double wireMm, Map<String, Object> values) {
        return EveryForm.solve(form, wireMm, values).wires().get(0).program();
    }

    private static Vector3D extent(String form, double wireMm, Map<String, Object> values) {
        return Extent.of(EveryForm.solve(form, wireMm, values)).size();
    }

    /** Places on the wire made by the steps of a kind. */
    private static List<Vector3D> made(FormWork work, FormStep.Kind kind) {
        BendProgram program = work.wires().get(0).program();
        double[] at = program.beginningsMm();
        return work.steps().stream()
                .filter(step -> step.kind() == kind)
                .flatMap(step -> java.util.stream.IntStream.range(
                                0, program.bends().size())
                        .filter(i -> program.bends().get(i).step() == step.id())
                        .boxed()
                        .flatMap(i -> java.util.stream.IntStream.rangeClosed(0, 40)
                                .mapToObj(k -> program.at(at[i] + (at[i + 1] - at[i]) * k / 40)
                                        .position())))
                .toList();
    }

    /** A plain loop stands centred over its stem: as far out to one side as to the other. */
    @ParameterizedTest
    @CsvSource({"0.8,2", "1,3", "1.2,2.5", "0.6,4"})
    void aPlainLoopStandsOnItsStemsLine(double wireMm, double loopMm) {
        FormWork work = EveryForm.solve("plain-loop", wireMm, Map.of("loop", loopMm));
        List<Vector3D> loop = made(work, FormStep.Kind.LOOP);
        double up = loop.stream().mapToDouble(Vector3D::getY).max().orElseThrow();
        double down = loop.stream().mapToDouble(Vector3D::getY).min().orElseThrow();
        assertThat(up + down).isCloseTo(0, within(0.02 * loopMm));
        assertThat(up - down).isCloseTo(loopMm + wireMm, within(0.02 * loopMm));
    }

    @Test
    void aLoopBesideItsStemLiesAllToOneSide() {
        FormWork work = EveryForm.solve("plain-loop", 1.0, Map.of("loop", 3, "style", "beside the stem"));
        assertThat(made(work, FormStep.Kind.LOOP))
                .allSatisfy(p -> assertThat(p.getY()).isGreaterThan(-1e-9));
        assertThat(made(work, FormStep.Kind.LOOP).stream()
                        .mapToDouble(Vector3D::getY)
                        .max()
                        .orElseThrow())
                .isCloseTo(4, within(0.02));
    }

    /** The inside diameter asked for is the one that is bent: radius of the loop's own arc. */
    @Property(tries = 60)
    void aLoopIsAsWideInsideAsAsked(
            @ForAll @DoubleRange(min = 0.4, max = 2) double wireMm,
            @ForAll @DoubleRange(min = 1.3, max = 12) double inWires) {
        double inside = inWires * wireMm;
        FormWork work = EveryForm.solve("eye-pin", wireMm, Map.of("loop", inside));
        FormStep loop = work.steps().stream()
                .filter(s -> s.kind() == FormStep.Kind.LOOP)
                .findFirst()
                .orElseThrow();
        assertThat(loop.insideMm()).isCloseTo(inside, within(1e-9));
        assertThat(loop.toolMm() == null || loop.toolMm() < inside).isTrue();
    }

    /** Wraps lie on the neck: a wire's thickness from its line, one beside the other down to the bead. */
    @Property(tries = 30)
    void wrapsLieOnTheirNeck(
            @ForAll @DoubleRange(min = 0.4, max = 1.2) double wireMm, @ForAll @IntRange(min = 1, max = 8) int wraps) {
        FormWork work = EveryForm.solve("wrapped-loop", wireMm, Map.of("wraps", wraps, "stem", 5));
        BendProgram program = work.wires().get(0).program();
        var last = program.bends().get(program.bends().size() - 1);
        double length = last.run().lengthMm();
        assertThat(length).isCloseTo(wraps * Math.hypot(2 * Math.PI * wireMm, wireMm), within(1e-9));
        for (int k = 0; k <= 50; k++) {
            Vector3D p = program.at(program.lengthMm() - length * k / 50).position();
            assertThat(Math.hypot(p.getY(), p.getZ())).isCloseTo(wireMm, within(1e-6));
            assertThat(p.getX()).isBetween(5.0, 5 + Loops.neckMm(wireMm, wraps) + 1e-6);
        }
        assertThat(work.contacts()).isEmpty();
    }

    @Test
    void bothLoopsOfALinkLieInOnePlaneUnlessTurned() {
        Vector3D flat = extent("bead-link", 0.8, Map.of("first", "plain", "second", "plain", "bead", 4));
        Vector3D square =
                extent("bead-link", 0.8, Map.of("first", "plain", "second", "plain", "bead", 4, "turned", 90));
        assertThat(flat.getZ()).isCloseTo(4, within(1e-6)); // the bead alone stands out
        double loop = 2 + 2 * 0.8;
        assertThat(extent(
                                "bead-link",
                                0.8,
                                Map.of("first", "plain", "second", "plain", "bead", 2, "hole", 1, "turned", 90))
                        .getZ())
                .isCloseTo(loop, within(0.05));
        assertThat(square.getX()).isCloseTo(flat.getX(), within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"4", "7", "10"})
    void aHookIsAsWideAsAsked(double inside) {
        Vector3D size = extent("s-hook", 1.2, Map.of("large", inside, "small", 4));
        // from the outside of one bend to the outside of the other, across the shank
        assertThat(size.getY()).isCloseTo(inside + 4 + 3 * 1.2, within(0.25));
    }

    @Test
    void anEarWireHangsFrontToBackAsWideAsItsBend() {
        FormWork work = EveryForm.solve("fish-hook", 0.8, Map.of("over", 9, "flick", 0));
        List<Vector3D> over = made(work, FormStep.Kind.FORM);
        double from = over.stream().mapToDouble(Vector3D::getX).min().orElseThrow();
        double to = over.stream().mapToDouble(Vector3D::getX).max().orElseThrow();
        assertThat(to - from).isCloseTo(9.8, within(0.01));
    }

    @Test
    void aFlatSpiralIsAsWideAsAskedAndOneWireThick() {
        Vector3D size = extent("spiral-flat", 1.0, Map.of("width", 12, "stem", 1));
        assertThat(size.getY()).isCloseTo(12, within(0.6));
        assertThat(size.getZ()).isCloseTo(1, within(1e-6));
    }

    @Test
    void aTightCoilIsItsTurnsLongAndAnOpenOneItsPitches() {
        assertThat(extent("coil-tight", 0.6, Map.of("core", 2, "turns", 20)).getX())
                .isCloseTo(20 * 0.6, within(0.65));
        assertThat(extent("coil-stretched", 0.8, Map.of("core", 3, "turns", 10, "pitch", 2))
                        .getX())
                .isCloseTo(20, within(0.9));
        assertThat(extent("coil-tight", 0.6, Map.of("core", 2, "turns", 20)).getY())
                .isBetween(3.2, 3.25);
    }

    @Test
    void aSquareFrameTakesItsGroupOfBeads() {
        FormWork work = EveryForm.solve("square-frame", 1.0, Map.of("side", 16, "loop", 2.5));
        List<WirePoint> points = work.wires().get(0).program().sampled(0.01, 1);
        double left = points.stream()
                .mapToDouble(p -> p.frame().position().getX())
                .min()
                .orElseThrow();
        double right = points.stream()
                .mapToDouble(p -> p.frame().position().getX())
                .max()
                .orElseThrow();
        assertThat(right - left).isCloseTo(17, within(0.01)); // from middle of wire to middle of wire
    }

    @Test
    void aToggleBarIsAsLongAsAsked() {
        FormWork work = EveryForm.solve("toggle", 1.2, Map.of("bar", 18));
        List<WirePoint> bar = work.wires().get(0).program().sampled(0.01, 1);
        double from =
                bar.stream().mapToDouble(p -> p.frame().position().getX()).min().orElseThrow();
        double to =
                bar.stream().mapToDouble(p -> p.frame().position().getX()).max().orElseThrow();
        assertThat(to - from).isCloseTo(18, within(0.3));
    }

    /** A middle loop crosses over itself, and both arms lie in the face: the form is two wires and a little thick. */
    @ParameterizedTest
    @CsvSource({"midwire-loop", "wing", "horseshoe-frame"})
    void armsOfAMiddleLoopLieInTheFace(String form) {
        assertThat(extent(form, 1.0, Map.of()).getZ()).isBetween(2.0, 2.5);
    }

    @Test
    void linksOfAChainHangInEachOther() {
        FormWork work = EveryForm.solve("bead-chain", 0.8, Map.of("links", 3, "bead", 6));
        assertThat(work.wires()).hasSize(3);
        assertThat(work.contacts()).isEmpty();
        Extent first = Extent.of(EveryForm.solve("bead-chain", 0.8, Map.of("links", 2, "bead", 6)));
        double pitch = Extent.of(work).size().getX() - first.size().getX();
        double alone = 2 * first.size().getX() - Extent.of(work).size().getX();
        assertThat(pitch).isLessThan(alone); // they reach into each other
    }

    @Test
    void coilsSideBySideMeshAtTwiceTheWire() {
        FormWork work = EveryForm.solve("interleaved-coils", 1.0, Map.of("coils", 3, "turns", 6, "lean", 0));
        List<FormedWire> coils =
                work.wires().stream().filter(w -> w.name().startsWith("coil")).toList();
        assertThat(coils).hasSize(3);
        for (int i = 0; i < 3; i++) {
            ScrewRun run = (ScrewRun) coils.get(i).program().bends().get(0).run();
            assertThat(Math.signum(run.torsion())).isEqualTo(i % 2 == 0 ? 1 : -1);
            double pitch = 2
                    * Math.PI
                    * Math.abs(run.torsion())
                    / (run.curvature() * run.curvature() + run.torsion() * run.torsion());
            assertThat(pitch).isCloseTo(2, within(0.1));
        }
    }

    @Test
    void aRosetteHasItsPetalsRoundItsMiddle() {
        FormWork work = EveryForm.solve("rosette", 0.8, Map.of("petals", 6, "stem", 0));
        BendProgram coil = work.wires().get(0).program();
        double petal = coil.lengthMm() / 6;
        Vector3D[] tips = new Vector3D[6];
        for (int i = 0; i < 6; i++) {
            Vector3D p = coil.at(petal * (i + 0.4)).position();
            tips[i] = new Vector3D(p.getX(), p.getY(), 0);
        }
        Vector3D middle = Vector3D.ZERO;
        for (Vector3D tip : tips) {
            middle = middle.add(1.0 / 6, tip);
        }
        for (Vector3D tip : tips) {
            assertThat(tip.distance(middle)).isCloseTo(tips[0].distance(middle), within(0.35));
        }
    }

    @Test
    void aCapLiesOnItsBead() {
        FormWork work = EveryForm.solve("bead-cap-spiral", 0.8, Map.of("bead", 10, "cover", 60));
        for (WirePoint point : work.wires().get(0).program().sampled(0.005, 1)) {
            assertThat(point.frame().position().getNorm()).isCloseTo(5.4, within(1e-6));
        }
    }

    /** Bigger loops take more wire, more wraps take more wire, whatever the wire. */
    @Property(tries = 40)
    void moreIsLonger(
            @ForAll @DoubleRange(min = 0.5, max = 1.5) double wireMm,
            @ForAll @DoubleRange(min = 1.5, max = 6) double loop,
            @ForAll @IntRange(min = 1, max = 6) int wraps) {
        double one = length("wrapped-loop", wireMm, Map.of("loop", loop * wireMm, "wraps", wraps));
        assertThat(length("wrapped-loop", wireMm, Map.of("loop", 1.2 * loop * wireMm, "wraps", wraps)))
                .isGreaterThan(one);
        assertThat(length("wrapped-loop", wireMm, Map.of("loop", loop * wireMm, "wraps", wraps + 1)))
                .isGreaterThan(one);
    }

    private static double length(String form, double wireMm, Map<String, Object> values) {
        return program(form, wireMm, values).lengthMm();
    }

    /** Every size follows the wire: a form in twice the wire with twice the sizes is twice as long. */
    @ParameterizedTest
    @CsvSource({"wrapped-loop,loop", "s-hook,large", "spiral-flat,width", "figure-eight,second", "coil-tight,core"})
    void aFormScalesWithItsWire(String form, String size) {
        Form entry = Forms.byId(form);
        Map<String, Object> small = new java.util.HashMap<>();
        Map<String, Object> large = new java.util.HashMap<>();
        for (Parameter parameter : entry.parameters()) {
            if (parameter.kind() == Parameter.Kind.LENGTH
                    && parameter.onlyWhen().isEmpty()
                    && !parameter.id().equals("bead")) {
                double usual = parameter.usual().applyAsDouble(0.7);
                small.put(parameter.id(), usual);
                large.put(parameter.id(), 2 * usual);
            }
        }
        assertThat(small).containsKey(size);
        double one = length(form, 0.7, small);
        assertThat(length(form, 1.4, large)).isCloseTo(2 * one, within(1e-6 * one));
    }

    /** Fanning takes no wire: each petal has the wire of its turn on the cylinder, {@code 2π (M + d)/2}, the climb apart; turns are told wound. */
    @ParameterizedTest
    @ValueSource(ints = {3, 5, 6, 9, 14})
    void aRosettesPetalsHaveTheWireOfTheirTurns(int petals) {
        FormWork work = EveryForm.solve("rosette", 0.8, Map.of("petals", petals, "stem", 0, "rod", 12));
        double wound = petals * Math.PI * 12.8;
        assertThat(work.wires().get(0).inPiece().inMillimetres()).isBetween(wound, 1.004 * wound);
        FormStep coil = work.steps().stream()
                .filter(step -> step.kind() == FormStep.Kind.COIL)
                .findFirst()
                .orElseThrow();
        assertThat(coil.turns()).isEqualTo(petals + 1);
        assertThat(coil.toolMm()).isEqualTo(12);
    }
}
