package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.bend.program.WirePoint;
import toroid.core.form.FormStep.Kind;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;

/** Steps any form may have, over the whole catalogue: where hands do them, and refused where they cannot. */
class AlsoTest {
    private static final List<Kind> READY = List.of(Kind.STRAIGHTEN, Kind.ANNEAL, Kind.HARDEN);

    static Stream<String> ids() {
        return Forms.all().stream().map(form -> form.info().id());
    }

    private static FormWork solved(String id, Map<String, Object> values) {
        return EveryForm.solve(id, Forms.byId(id).info().usualWireMm(), Temper.HALF_HARD, values);
    }

    private static FormWork with(String id, String... words) {
        return solved(id, Map.of(Also.ID, List.of(words)));
    }

    private static int at(List<FormStep> steps, Kind kind, boolean last) {
        int found = -1;
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).kind() == kind && (last || found < 0)) {
                found = i;
            }
        }
        return found;
    }

    /** Each is done or refused with a sentence; what is done is done where hands do it, once for every wire it concerns. */
    @ParameterizedTest
    @MethodSource("ids")
    void eachIsDoneWhereHandsDoItOrRefused(String id) {
        FormWork plain = solved(id, Map.of());
        for (Also also : Also.values()) {
            FormWork work;
            try {
                work = with(id, also.word());
            } catch (Refusal refusal) {
                assertThat(refusal.field()).isEqualTo(Also.ID);
                assertThat(refusal.value()).isEqualTo(also.word());
                assertThat(also).isIn(Also.FILE, Also.SOLDER, Also.HAMMER, Also.DOME);
                continue;
            }
            var own = new ArrayList<>(work.steps());
            if (also == Also.ANNEAL || also == Also.HARDEN) {
                own.removeIf(step -> !READY.contains(step.kind()) || step.part().startsWith("again"));
            } else {
                own.removeAll(plain.steps());
            }
            assertThat(own).as("%s, %s", id, also).isNotEmpty();
            for (FormStep step : own) {
                int place = work.steps().indexOf(step);
                if (READY.contains(step.kind())) {
                    List<FormStep> ofWire = work.steps().stream()
                            .filter(one -> one.wire().equals(step.wire()))
                            .toList();
                    assertThat(ofWire.indexOf(step)).as("%s first of all", step).isZero();
                    assertThat(ofWire.get(1).kind()).isEqualTo(Kind.CUT);
                } else if (step.kind() != Kind.FILE) {
                    assertThat(place).isEqualTo(work.steps().size() - 1);
                }
            }
            assertThat(work.values()).containsEntry(Also.ID, List.of(also.word()));
        }
    }

    /** All at once: ready before it is cut, then marked, formed, trimmed, filed, soldered, hammered, domed. */
    @Test
    void theOrderIsTheBenchs() {
        List<FormStep> steps = with("curved-bar", "dome", "hammer", "solder", "anneal", "straighten").steps().stream()
                .toList();
        List<Kind> kinds = steps.stream().map(FormStep::kind).toList();
        assertThat(kinds.subList(0, 3)).containsExactly(Kind.STRAIGHTEN, Kind.ANNEAL, Kind.CUT);
        assertThat(kinds.indexOf(Kind.MARK)).isEqualTo(3);
        assertThat(kinds.subList(kinds.size() - 3, kinds.size())).containsSubsequence(Kind.SOLDER, Kind.HAMMER);
    }

    /** An annealed wire bends as the same wire bought dead soft: the same tool, to the last figure; a twisted one as one temper harder. */
    @ParameterizedTest
    @CsvSource({"anneal, DEAD_SOFT", "harden, HARD"})
    void theWireIsAsItWasMade(String word, Temper temper) {
        double d = Forms.byId("s-hook").info().usualWireMm();
        FormWork bought = EveryForm.solve("s-hook", d, temper, Map.of());
        FormWork made = with("s-hook", word);
        FormWork plain = solved("s-hook", Map.of());
        double tool = tool(made);
        assertThat(tool).isCloseTo(tool(bought), within(1e-12));
        assertThat(tool).isNotCloseTo(tool(plain), within(1e-4));
    }

    private static double tool(FormWork work) {
        return work.steps().stream()
                .filter(step -> step.toolMm() != null)
                .findFirst()
                .orElseThrow()
                .toolMm();
    }

    /**
     * Joints, by hand: a plain loop's end lies against its stem, one; a figure-eight's two ends against its middle, two; a straight pin has
     * none.
     */
    @ParameterizedTest
    @CsvSource({"plain-loop, 1", "figure-eight, 2", "eye-pin, 1", "curved-bar, 2"})
    void jointsAreCounted(String id, int joints) {
        FormWork work = with(id, "solder");
        assertThat(work.notes()).anySatisfy(note -> assertThat(note.values()).containsEntry("joints", joints));
        assertThat(work.steps().get(work.steps().size() - 1).part())
                .contains(joints == 1 ? "one joint" : joints + " joints");
    }

    @Test
    void whatCannotBeDoneSaysWhy() {
        assertThatThrownBy(() -> with("coil-stretched", "solder"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("no-joint");
        assertThatThrownBy(() -> with("teardrop-link", "solder"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("soldered-already");
        assertThatThrownBy(() -> with("bead-link", "dome"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("beads-are-not-domed");
        assertThatThrownBy(() -> with("coil-tight", "hammer"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("nothing-to-hammer");
        assertThatThrownBy(() -> with("s-hook", "anneal", "harden"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("also-undone");
        assertThatThrownBy(() -> with("figure-eight", "file"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("no-free-end");
        for (String word : List.of("anneal", "solder")) {
            var aluminium = Metals.byId("aluminium");
            assertThatThrownBy(() -> FormSolver.solve(
                            Forms.byId("figure-eight"),
                            new FormRequest(
                                    1.2,
                                    aluminium,
                                    Temper.HALF_HARD,
                                    FlowEstimate.ofHandbook(aluminium.flow(Temper.HALF_HARD)),
                                    Map.of(Also.ID, List.of(word)),
                                    false,
                                    Schools.USUAL)))
                    .isInstanceOfSatisfying(
                            Refusal.class,
                            refusal -> assertThat(refusal.field()).isEqualTo(Also.ID));
        }
        assertThatThrownBy(() -> EveryForm.solve("s-hook", 1.2, Temper.SPRING, Map.of(Also.ID, List.of("harden"))))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> with("s-hook", "polish"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("straighten");
        assertThatThrownBy(() -> solved("s-hook", Map.of(Also.ID, "anneal")))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("unknown-also");
    }

    /** Nothing told to be hammered comes near other wire or a bead: looked at point by point, all forms, at random sizes. */
    @ParameterizedTest
    @MethodSource("ids")
    void noBlowStrikesACrossing(String id) {
        FormWork work;
        try {
            work = with(id, "hammer");
        } catch (Refusal refusal) {
            return;
        }
        FormStep blow = work.steps().get(work.steps().size() - 1);
        for (String curve : blow.part().split("; ")) {
            FormStep step = work.steps().stream()
                    .filter(one -> one.part().equals(curve) && one.id() >= 0)
                    .findFirst()
                    .orElseThrow();
            FormedWire wire = work.wires().stream()
                    .filter(one -> one.name().equals(step.wire()))
                    .findFirst()
                    .orElseThrow();
            double from = 0;
            for (var bend : wire.program().bends()) {
                double to = from + bend.run().lengthMm();
                if (bend.step() == step.id() && bend.run().sharpestCurvature() > 1e-9) {
                    nothingNear(work, wire, from, to);
                }
                from = to;
            }
        }
    }

    /** At half of the places at least no other wire is nearer than touching. */
    private static void nothingNear(FormWork work, FormedWire wire, double from, double to) {
        int free = 0;
        for (int k = 0; k <= 20; k++) {
            double at = from + (to - from) * k / 20;
            var place = wire.program().at(at).position();
            boolean clear = true;
            for (FormedWire other : work.wires()) {
                for (WirePoint point : other.program().sampled(0.1, 0.5)) {
                    double apart = point.frame().position().distance(place);
                    boolean beside = other == wire && Math.abs(point.alongMm() - at) < 5 * wire.diameterMm();
                    clear &= beside || apart > (wire.diameterMm() + other.diameterMm()) / 2;
                }
            }
            free += clear ? 1 : 0;
        }
        assertThat(free).as("%s from %.1f", work.info().id(), from).isGreaterThan(10);
    }

    /** Kept when the sizes are carried over to another wire. */
    @Test
    void staysWhenTheFormIsScaled() {
        Map<String, Object> values = Map.of("large", 6.0, Also.ID, List.of("hammer"));
        assertThat(FormScaling.scaled(Forms.byId("s-hook"), values, 1.0, 1.4))
                .containsEntry(Also.ID, List.of("hammer"));
    }
}
