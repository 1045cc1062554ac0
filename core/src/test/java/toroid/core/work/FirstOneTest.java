package toroid.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The rule is common practice: the first one of a batch is made whole, and the rest by what it came out at. */
class FirstOneTest {
    private static final Map<String, Object> LENGTH = Map.of("inPieceMm", 61.5, "tailMm", 5.0, "formId", "hook");

    private static Measurable measurable(String quantity, double planned, Map<String, Object> context) {
        return new Measurable(quantity, "mm", planned, null, null, context);
    }

    private static Operation operation(String id, Measurable... measured) {
        return Operations.of(id, 1, true, 0, List.of(measured), Set.of());
    }

    private static final Plan HOOKS = new Plan(
            List.of(
                    operation("cut", measurable("CUT_LENGTH", 66.5, LENGTH)),
                    operation("loop", measurable("LOOP_INSIDE", 3.0, Map.of())),
                    operation(
                            "trim",
                            measurable("OFFCUT", 5.0, LENGTH),
                            measurable("SHORT", 5.0, LENGTH),
                            measurable("MINUTES", 4, Map.of()))),
            8,
            7,
            1);

    private static FirstOne.Taken taken(String operation, String quantity, double value) {
        return new FirstOne.Taken(operation, quantity, value);
    }

    private static Double cut(double factor, FirstOne.Taken... taken) {
        return FirstOne.of(HOOKS, List.of(taken), List.of(), factor).stream()
                .filter(one -> one.quantity().equals("CUT_LENGTH"))
                .map(FirstOne.Target::target)
                .findFirst()
                .orElse(null);
    }

    @Test
    void aLoopIsMadeAsTheFirstOneHasItAndWhatWasMeasuredFirstCounts() {
        var targets = FirstOne.of(
                HOOKS, List.of(taken("loop", "LOOP_INSIDE", 3.2), taken("loop", "LOOP_INSIDE", 2.9)), List.of(), 1);
        assertThat(targets).containsExactly(new FirstOne.Target("loop", "LOOP_INSIDE", 3.0, 3.2));
    }

    /** Cut to 66.0, 9.0 left: it holds 57.0; with half the form's tail of 5 the next are cut to 59.5. */
    @Test
    void theRestAreCutToWhatTheFirstOneHolds() {
        assertThat(cut(0.5, taken("cut", "CUT_LENGTH", 66.0), taken("trim", "OFFCUT", 9.0)))
                .isCloseTo(59.5, within(1e-9));
        assertThat(cut(0.5, taken("trim", "OFFCUT", 9.0)))
                .as("cut as planned, where that was not measured")
                .isCloseTo(60.0, within(1e-9));
        assertThat(cut(1.2, taken("cut", "CUT_LENGTH", 66.0), taken("trim", "SHORT", 2.0)))
                .as("one that did not reach")
                .isCloseTo(74.0, within(1e-9));
        assertThat(cut(0.5, taken("cut", "CUT_LENGTH", 65.0)))
                .as("what sufficed suffices")
                .isEqualTo(65.0);
        assertThat(cut(0.5, taken("trim", "MINUTES", 6.0))).isNull();
    }

    /**
     * Hands that bend every hook the same, unlike the plan: however much longer or shorter it comes out, by the first one's length the next
     * reach with what they hold, and no more than that is left.
     */
    @Test
    void handsUnlikeThePlanWasteNothingAfterTheFirst() {
        var random = new Random(7);
        for (int i = 0; i < 200; i++) {
            double holds = 61.5 + 8 * (random.nextDouble() - 0.5);
            double needed = 1 + 3 * random.nextDouble();
            double first = 66.5;
            double left = first - holds;
            if (left < needed) {
                continue;
            }
            double next = cut(needed / 5.0, taken("cut", "CUT_LENGTH", first), taken("trim", "OFFCUT", left));
            assertThat(next - holds).isCloseTo(needed, within(1e-9));
        }
    }

    @Test
    void theFirstOneIsMadeByItselfAndThenTheRest() {
        Rhythm rhythm = HOOKS.rhythm();
        assertThat(rhythm.groups()).isEqualTo(2);
        assertThat(rhythm.copiesIn(0)).isEqualTo(1);
        assertThat(rhythm.copiesIn(1)).isEqualTo(7);
        assertThat(Progress.before(HOOKS, 3).copiesDone(HOOKS)).isEqualTo(1);
        assertThat(Progress.before(HOOKS, 6).isWhole(HOOKS)).isTrue();
        assertThat(new Progress(Map.of(), Map.of(), -7, List.of(), List.of())
                        .rhythm(HOOKS)
                        .groups())
                .as("given up but one")
                .isEqualTo(1);
    }

    /** The first came out at 3.2 and broke; the one made again at 2.8, the second at 3.1: the rest go by 2.8, and by nothing while it is not measured. */
    @Test
    void theOneThatWasKeptIsTheMaster() {
        var broke = new Spoilt("loop", 1, Spoilt.Why.BROKE, "", 0);
        var first = new FirstOne.Taken("loop", "LOOP_INSIDE", 3.2, 0, 0);
        var again = new FirstOne.Taken("loop", "LOOP_INSIDE", 2.8, 0, 1);
        var second = new FirstOne.Taken("loop", "LOOP_INSIDE", 3.1, 1, 1);
        assertThat(FirstOne.of(HOOKS, List.of(first, again, second), List.of(broke), 1))
                .extracting(FirstOne.Target::target)
                .containsExactly(2.8);
        assertThat(FirstOne.of(HOOKS, List.of(first, second), List.of(broke), 1))
                .isEmpty();
        var later = new Spoilt("loop", 1, Spoilt.Why.BROKE, "", 4);
        assertThat(FirstOne.of(HOOKS, List.of(first, second), List.of(later), 1))
                .extracting(FirstOne.Target::target)
                .containsExactly(3.2);
    }
}
