package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.core.metal.FlowEstimate;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.quantity.Note;

/** What Toroid says of a form that will not work, and the marks it sets. */
class JudgementsTest {
    private static List<String> codes(FormWork work) {
        return work.notes().stream().map(Note::code).toList();
    }

    @Test
    void aBeadThatDoesNotGoOnIsSaidBeforeCutting() {
        FormWork work = EveryForm.solve("bead-link", 0.8, Map.of("hole", 0.7));
        assertThat(work.notes().get(0).code()).isEqualTo("bead-hole-small");
        assertThat(work.notes().get(0).severity()).isEqualTo(Note.Severity.STOP);
        assertThat(codes(EveryForm.solve("bead-link", 0.8, Map.of("hole", 0.9))))
                .doesNotContain("bead-hole-small");
    }

    /** Circles packed in a circle: 2 need 2, 3 need 1 + 2/√3, 4 need 1 + √2 diameters (known optima). */
    @ParameterizedTest
    @CsvSource({"1,1", "2,2", "3,2.1547005", "4,2.4142136", "5,2.7013016"})
    void aHoleTakesEveryPass(int passes, double diameters) {
        assertThat(Beads.holeNeededMm(passes, 1) / 1.05).isCloseTo(diameters, within(1e-6));
    }

    @Test
    void aToggleThatFallsThroughOrDoesNotPassIsSaid() {
        assertThat(codes(EveryForm.solve("toggle", 1.2, Map.of("bar", 10, "ring", 10))))
                .contains("toggle-falls-through");
        assertThat(codes(EveryForm.solve("toggle", 1.2, Map.of("ring", 6, "loop", 4))))
                .contains("toggle-does-not-pass");
        assertThat(codes(EveryForm.usual("toggle"))).doesNotContain("toggle-falls-through", "toggle-does-not-pass");
    }

    @Test
    void anEarWireTooThickIsSaid() {
        assertThat(codes(EveryForm.solve("fish-hook", 1.0, Map.of()))).contains("ear-wire-thick");
        assertThat(codes(EveryForm.solve("fish-hook", 0.8, Map.of()))).doesNotContain("ear-wire-thick");
    }

    @Test
    void aSpiralWiderThanItsBeadIsSaid() {
        assertThat(codes(EveryForm.solve("spiral-flat", 1.0, Map.of("bead", 8, "width", 12))))
                .contains("spiral-wider-than-bead");
    }

    @Test
    void plainLoopsFollowTheMakersRule() {
        assertThat(codes(EveryForm.solve("plain-loop", 0.5, Map.of()))).contains("wrap-this-loop");
        assertThat(codes(EveryForm.solve("plain-loop", 0.8, Map.of())))
                .contains("usual-plain-from")
                .doesNotContain("rule-plain-from");
        assertThat(codes(EveryForm.solve("plain-loop", 1.2, Map.of()))).contains("plain-loop-holds");
    }

    @ParameterizedTest
    @CsvSource({
        "100, 1.2, rule-always-wrap",
        "0.8, 0.8, plain-loop-holds",
        "1.0, 0.8, rule-plain-from",
        "0.8, 0.5, wrap-this-loop",
        "100, 0.5, wrap-this-loop"
    })
    void theRuleIsTheMakersOwn(double from, double wireMm, String code) {
        FormRequest usual = EveryForm.request(wireMm, Map.of("loop", 1.4 * wireMm));
        var request = new FormRequest(
                wireMm,
                usual.metal(),
                usual.temper(),
                usual.flow(),
                usual.values(),
                false,
                new Schools(Schools.Cutting.PRE_CUT, from, 1));
        assertThat(codes(FormSolver.solve(Forms.byId("plain-loop"), request))).contains(code);
    }

    @Test
    void hardWireIsToBeAnnealedForATightLoop() {
        Metal brass = Metals.byId("yellow-brass");
        var request = new FormRequest(
                1.0,
                brass,
                Temper.HARD,
                FlowEstimate.ofHandbook(brass.flow(Temper.HARD)),
                Map.of("loop", 1.5),
                false,
                Schools.USUAL);
        assertThat(codes(FormSolver.solve(Forms.byId("plain-loop"), request))).contains("anneal-first");
        assertThat(codes(EveryForm.solve("plain-loop", 1.0, Map.of("loop", 1.5))))
                .doesNotContain("anneal-first");
    }

    /** A loop in its plane, then a feed out of it: eased past itself and told, by the plane it was bent in, not stopped. */
    @Test
    void anOutlineThatCrossesItselfOutOfItsPlaneIsSaid() {
        var crossed = List.of(new OutlineRow(10, 0, 270, 3), new OutlineRow(20, 90, 30, 3), new OutlineRow(5, 0, 0, 0));
        FormWork work = EveryForm.solve("outline", 1.0, Map.of("symmetric", "no", "bends", crossed));
        assertThat(work.contacts()).isEmpty();
        assertThat(codes(work)).contains("crosses-itself").doesNotContain("passes-through");
    }

    @Test
    void aFlatTooNarrowForItsHoleIsSaidWithTheThicknessThatDoes() {
        FormWork work = EveryForm.solve("hammered-bar", 1.5, Map.of("thick", 1.2, "ring", 1.0));
        Note note = work.notes().stream()
                .filter(n -> n.code().equals("flat-too-narrow"))
                .findFirst()
                .orElseThrow();
        assertThat((double) note.values().get("wideMm")).isBetween(1.5, 1.8);
        double thick = (double) note.values().get("thickMm");
        assertThat(codes(EveryForm.solve("hammered-bar", 1.5, Map.of("thick", thick - 1e-6, "ring", 1.0))))
                .doesNotContain("flat-too-narrow");
        assertThat(codes(EveryForm.solve("hammered-bar", 1.5, Map.of("thick", thick + 1e-6, "ring", 1.0))))
                .contains("flat-too-narrow");
    }

    @Test
    void whatIsOnlyNearInTheDrawingIsSaid() {
        assertThat(codes(EveryForm.usual("crimped-pair"))).contains("course-by-hand");
        assertThat(codes(EveryForm.usual("paddle-dangle"))).contains("flat-grows");
        assertThat(codes(EveryForm.usual("binding-coil"))).doesNotContain("course-by-hand");
        assertThat(codes(EveryForm.usual("s-hook"))).doesNotContain("course-by-hand", "flat-grows");
    }

    @Test
    void badInputIsRefusedWithWhatIsAllowed() {
        assertThatThrownBy(() -> EveryForm.solve("bead-link", 0.8, Map.of("loop", 0.2)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("loop is 0.2 from 0.96 to 32 mm");
        assertThatThrownBy(() -> EveryForm.solve("bead-link", 0.8, Map.of("loops", 2)))
                .hasMessageContaining("unknown-parameter: loops");
        assertThatThrownBy(() -> EveryForm.solve("bead-link", 0.8, Map.of("first", "soldered")))
                .hasMessageContaining("wrapped, plain");
        assertThatThrownBy(() -> Forms.byId("nothing")).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> EveryForm.solve("bead-link", 0.8, Map.of("loop", Double.NaN)))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void aLoopTooSmallForWhatItCarriesIsSaid() {
        assertThat(codes(EveryForm.solve("wrapped-loop", 0.8, Map.of("loop", 2, "through", 2))))
                .contains("nothing-goes-through");
        assertThat(codes(EveryForm.solve("wrapped-loop", 0.8, Map.of("loop", 2, "through", 1.7))))
                .doesNotContain("nothing-goes-through");
    }

    @Test
    void aCordEndWoundLargerThanItsCordIsSaid() {
        assertThat(codes(EveryForm.solve("cord-end", 1.0, Map.of("cord", 3, "rod", 3.5))))
                .contains("cord-end-loose");
        assertThat(codes(EveryForm.solve("cord-end", 1.0, Map.of("cord", 3, "rod", 2.9))))
                .doesNotContain("cord-end-loose");
    }

    @Test
    void aFormCarriedToAnotherWireKeepsItsProportions() {
        Form link = Forms.byId("bead-link");
        Map<String, Object> chosen = Map.of("bead", 8.0, "loop", 2.4, "wraps", 3.0, "first", "plain");
        Map<String, Object> grown = FormScaling.scaled(link, chosen, 0.8, 1.2);
        assertThat((double) grown.get("bead")).isCloseTo(12, within(1e-9));
        assertThat((double) grown.get("loop")).isCloseTo(3.6, within(1e-9));
        assertThat(grown).containsEntry("wraps", 3.0).containsEntry("first", "plain");
        assertThat(FormScaling.scaled(Forms.byId("fish-hook"), Map.of("over", 9.0), 0.8, 1.6))
                .containsEntry("over", 9.0);
    }

    @Test
    void marksStandWhereStepsBeginAndTheMiddleIsMarked() {
        FormWork work = EveryForm.solve("s-hook", 1.2, Map.of("shank", 4));
        FormedWire wire = work.wires().get(0);
        List<Marks.Mark> marks = Marks.of(wire);
        Marks.Mark middle = marks.stream()
                .filter(m -> m.kind() == Marks.Kind.MIDDLE)
                .findFirst()
                .orElseThrow();
        assertThat(middle.atMm()).isCloseTo(wire.tails().firstMm() + wire.middleMm(), within(1e-9));
        assertThat(marks).isSortedAccordingTo((a, b) -> Double.compare(a.atMm(), b.atMm()));
        assertThat(marks.stream().filter(m -> m.kind() == Marks.Kind.BEND).map(m -> Math.abs(m.atMm() - middle.atMm())))
                .anyMatch(distance -> Math.abs(distance - 2) < 1e-9);
    }

    /** Beads go on while an end is still open: at most one loop is closed before them, and one is turned after. */
    @ParameterizedTest
    @CsvSource({"bead-link", "bead-link-carried", "bead-cap-wrapped", "bead-chain", "ear-hook-bead"})
    void beadsGoOnWhileAnEndIsOpen(String form) {
        List<FormStep> steps = EveryForm.usual(form).steps();
        String wire = EveryForm.usual(form).wires().get(0).name();
        List<FormStep.Kind> kinds = steps.stream()
                .filter(step -> step.wire().equals(wire) || step.wire().isEmpty())
                .map(FormStep::kind)
                .toList();
        int on = kinds.indexOf(FormStep.Kind.THREAD);
        assertThat(on).isPositive();
        assertThat(kinds.subList(0, on).stream()
                        .filter(k -> k == FormStep.Kind.LOOP)
                        .count())
                .isLessThan(2);
        assertThat(kinds.subList(on, kinds.size())).contains(FormStep.Kind.LOOP);
    }

    @Test
    void bothSidesOfASymmetricFormAreBentInTurn() {
        List<FormStep> steps = EveryForm.usual("wing").steps().stream()
                .filter(s -> s.id() >= 0 && s.kind() != FormStep.Kind.CUT)
                .toList();
        for (int i = 0; i + 1 < steps.size(); i += 2) {
            assertThat(steps.get(i).part()).isEqualTo(steps.get(i + 1).part());
            assertThat(steps.get(i).lengthMm()).isCloseTo(steps.get(i + 1).lengthMm(), within(1e-9));
        }
    }
}
