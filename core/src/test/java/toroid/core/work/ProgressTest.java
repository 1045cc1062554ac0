package toroid.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import toroid.core.numeric.Refusal;

class ProgressTest {
    private static Operation operation(String id, int times, Set<String> after) {
        return Operations.of(id, times, times > 1, 2.5, List.of(), after);
    }

    private static Plan plan(int steps, int copies, int perGroup) {
        var operations = new ArrayList<Operation>();
        for (int i = 0; i < steps; i++) {
            operations.add(operation("o" + i, 1 + i % 3, i == 0 ? Set.of() : Set.of("o" + (i - 1))));
        }
        return new Plan(operations, copies, Math.min(perGroup, copies));
    }

    /** Wherever the hands are, the place is found again, nothing is done before what it waits for, and the wire is what was done. */
    @Property(tries = 300)
    void everyPlaceIsFoundAgain(
            @ForAll @IntRange(min = 1, max = 9) int steps,
            @ForAll @IntRange(min = 1, max = 12) int copies,
            @ForAll @IntRange(min = 1, max = 12) int group,
            @ForAll @IntRange(min = 0, max = 200) int at) {
        Plan plan = plan(steps, copies, group);
        int place = Math.min(at, plan.rhythm().places());
        Progress progress = Progress.before(plan, place);
        assertThat(progress.place(plan)).isEqualTo(place);
        assertThat(progress.isWhole(plan)).isEqualTo(place == plan.rhythm().places());
        assertThat(progress.copiesDone(plan)).isEqualTo(plan.rhythm().copiesDone(place));
        for (Operation operation : plan.operations()) {
            for (String earlier : operation.after()) {
                assertThat(progress.doneOf(operation.id())).isLessThanOrEqualTo(progress.doneOf(earlier));
            }
        }
        double done = plan.operations().stream()
                .mapToInt(operation -> progress.doneOf(operation.id()))
                .sum();
        assertThat(progress.drawn(plan).get("lot")).isCloseTo(2.5 * done, within(1e-9));
        assertThat(progress.share(plan)).isBetween(0.0, 1.0);
    }

    /** An order of listing is a linear extension: whoever follows it never does what is not ready. */
    @Property(tries = 100)
    void theListedOrderIsALinearExtension(@ForAll @IntRange(min = 1, max = 8) int coils) {
        var operations = new ArrayList<Operation>();
        for (int i = 0; i < coils; i++) {
            operations.add(operation("wind" + i, 1, Set.of()));
            operations.add(operation("cut" + i, 1, Set.of("wind" + i)));
        }
        var cuts = new HashSet<String>();
        operations.stream()
                .map(Operation::id)
                .filter(id -> id.startsWith("cut"))
                .forEach(cuts::add);
        operations.add(operation("close", 1, cuts));
        Plan plan = new Plan(operations, 1, 1);
        var done = new HashSet<String>();
        for (Operation operation : plan.operations()) {
            assertThat(plan.ready(done)).contains(operation.id());
            done.add(operation.id());
        }
        assertThat(plan.ready(done)).isEmpty();
    }

    @Test
    void aPlanGoesInNoCircleAndWaitsForNothingUnknown() {
        assertThatThrownBy(() ->
                        new Plan(List.of(operation("a", 1, Set.of("b")), operation("b", 1, Set.of("a"))), 1, 1))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Plan(List.of(operation("a", 1, Set.of("c"))), 1, 1))
                .hasMessageContaining("does not come");
        assertThatThrownBy(() -> new Plan(List.of(operation("a", 1, Set.of()), operation("a", 1, Set.of())), 1, 1))
                .hasMessageContaining("are called a");
        assertThatThrownBy(() -> new Plan(List.of(operation("b", 1, Set.of("a")), operation("a", 1, Set.of())), 1, 1))
                .hasMessageContaining("before what it waits for");
    }

    @Test
    void whatThePlanDoesNotHaveIsRefused() {
        Plan plan = plan(3, 4, 4);
        new Progress(Map.of("o0", 4, "o1", 4), Map.of("o2", 7)).check(plan);
        assertThatThrownBy(() -> new Progress(Map.of("o0", 3, "o1", 4), Map.of()).check(plan))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("out-of-order");
        assertThatThrownBy(() -> new Progress(Map.of("o9", 1), Map.of()).check(plan))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Progress(Map.of("o0", 5), Map.of()).check(plan))
                .hasMessageContaining("4");
        assertThatThrownBy(() -> new Progress(Map.of(), Map.of("o1", -1)).check(plan))
                .isInstanceOf(Refusal.class);
    }

    /** 47 closed, 49 opened, 50 put in: three operations, and their share and count move ring by ring. */
    @Test
    void aWeaveIsAFewCountedOperations() {
        Plan plan = WeavePlan.of(47, 49, 50);
        assertThat(plan.operations()).hasSize(3);
        assertThat(Progress.none().toCount(plan)).isEqualTo(146);
        var counts = new HashMap<String, Integer>();
        counts.put(WeavePlan.CLOSE, 47);
        counts.put(WeavePlan.OPEN, 49);
        counts.put(WeavePlan.PUT_IN, 25);
        Progress half = Progress.before(plan, 2).counting(counts);
        assertThat(half.counted(plan)).isEqualTo(121);
        assertThat(half.share(plan)).isCloseTo(121.0 / 146, within(1e-12));
        assertThat(Stages.of(plan, half, true)).containsEntry(Stage.JOIN, Stages.State.STARTED);
        assertThat(Stages.of(plan, Progress.whole(plan), true)).containsEntry(Stage.JOIN, Stages.State.DONE);
        // passed without a count, all of it counts
        assertThat(Progress.whole(plan).counted(plan)).isEqualTo(146);
        // a patch that needs none opened beforehand
        assertThat(Progress.before(WeavePlan.of(3, 0, 2), 3).isWhole(WeavePlan.of(3, 0, 2)))
                .isTrue();
    }
}
