package toroid.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import toroid.core.numeric.Refusal;

/** What fails, what is passed by, and what is made beyond the plan; the rules are our own, common practice at the bench. */
class AstrayTest {
    private static Operation operation(String id, int times, double takes, String... after) {
        return Operations.of(id, times, true, takes, List.of(), Set.of(after));
    }

    /** Hooks: cut, bent, curled. */
    private static Plan hooks(int copies) {
        return new Plan(
                List.of(
                        operation("cut", 1, 32.5),
                        operation("bend", 1, 0, "cut"),
                        operation("bead", 1, 1, "bend"),
                        operation("curl", 1, 0, "bead")),
                copies,
                copies);
    }

    private static Progress progress(Map<String, Integer> done, Map<String, Integer> counts, Spoilt... spoilt) {
        return new Progress(done, counts, 0, List.of(spoilt), List.of());
    }

    private static Spoilt spoilt(String at, int times) {
        return new Spoilt(at, times, Spoilt.Why.BROKE, "");
    }

    @Test
    void aHookThatBreaksTakesItsWireWithItAndIsMadeAgain() {
        Plan plan = hooks(10);
        var broke = progress(Map.of("cut", 9, "bend", 0), Map.of("cut", 9, "bend", 4), spoilt("bend", 1));
        broke.check(plan);
        assertThat(plan.operations().get(broke.place(plan)).id()).isEqualTo("cut");
        assertThat(broke.drawn(plan).get("lot")).isCloseTo(10 * 32.5, within(1e-9));
        assertThat(broke.toDraw(plan).get("lot")).isCloseTo(32.5 + 10, within(1e-9));
        var again = progress(Map.of("cut", 10, "bend", 0), Map.of("cut", 10, "bend", 4), spoilt("bend", 1));
        assertThat(again.drawn(plan).get("lot")).isCloseTo(11 * 32.5, within(1e-9));
        var all = progress(Map.of("cut", 10, "bend", 10, "bead", 10, "curl", 10), Map.of(), spoilt("bend", 1));
        assertThat(all.isWhole(plan)).isTrue();
        assertThat(all.copiesDone(plan)).isEqualTo(10);
        assertThat(all.drawn(plan).get("lot")).isCloseTo(11 * 32.5 + 10, within(1e-9));
    }

    /** One that comes to nothing when its bead is on takes the bead too. */
    @Test
    void whatWentBeforeIsLostWithIt() {
        Plan plan = hooks(3);
        var progress = progress(Map.of("cut", 3, "bend", 3, "bead", 3, "curl", 3), Map.of(), spoilt("curl", 2));
        assertThat(progress.drawn(plan).get("lot")).isCloseTo(5 * 33.5, within(1e-9));
    }

    /** Of twenty soldered rings one melts: one ring more, and one chip more; the coil it came from is not wound again. */
    @Test
    void aRingThatMeltsIsOneRing() {
        var plan = new Plan(
                List.of(
                        operation("wind", 1, 800),
                        operation("close", 20, 20, "wind"),
                        operation("solder", 20, 10, "close"),
                        operation("open", 12, 12, "wind"),
                        operation("join", 60, 0, "solder", "open")),
                1,
                1);
        assertThat(plan.chain("solder")).extracting(Operation::id).containsExactlyInAnyOrder("solder", "close");
        assertThat(plan.chain("join")).extracting(Operation::id).containsExactly("join");
        var melted = progress(Map.of("wind", 1), Map.of("close", 19, "solder", 7), spoilt("solder", 1));
        melted.check(plan);
        assertThat(melted.taken(plan))
                .containsEntry("wind", 1)
                .containsEntry("close", 20)
                .containsEntry("solder", 8);
        assertThat(melted.drawn(plan).get("lot")).isCloseTo(800 + 20 + 8 * 0.5, within(1e-9));
        assertThat(melted.toDraw(plan).get("lot")).isCloseTo(1 + 13 * 0.5 + 12, within(1e-9));
    }

    @Test
    void whatIsPassedByTakesNothing() {
        Plan plan = hooks(4);
        var done = Map.of("cut", 4, "bend", 4, "bead", 4, "curl", 4);
        var skipped = new Progress(
                done, Map.of("bead", 1), 0, List.of(), List.of(new Skipped("bead", 3, Skipped.Reason.LATER, "")));
        skipped.check(plan);
        assertThat(skipped.drawn(plan).get("lot")).isCloseTo(4 * 32.5 + 1, within(1e-9));
        assertThat(skipped.toDraw(plan)).isEmpty();
        assertThatThrownBy(() -> new Progress(
                                Map.of("cut", 2),
                                Map.of(),
                                0,
                                List.of(),
                                List.of(new Skipped("cut", 3, Skipped.Reason.LATER, "")))
                        .check(plan))
                .as("more than was passed")
                .isInstanceOf(Refusal.class);
    }

    @Test
    void anotherReasonWantsWords() {
        Plan plan = hooks(2);
        var silent =
                new Progress(Map.of(), Map.of(), 0, List.of(new Spoilt("cut", 1, Spoilt.Why.OTHER, " ")), List.of());
        assertThatThrownBy(() -> silent.check(plan)).isInstanceOf(Refusal.class);
        new Progress(Map.of(), Map.of(), 0, List.of(new Spoilt("cut", 1, Spoilt.Why.OTHER, "the cat")), List.of())
                .check(plan);
    }

    @Test
    void copiesAreAddedAndGivenUp() {
        Plan plan = hooks(3);
        var done = Map.of("cut", 3, "bend", 3, "bead", 3, "curl", 3);
        var more = new Progress(done, Map.of(), 2, List.of(), List.of());
        assertThat(more.isWhole(plan)).isFalse();
        assertThat(more.rhythm(plan)).isEqualTo(new Rhythm(5, 3, 4));
        assertThat(more.toDraw(plan).get("lot")).isCloseTo(2 * 33.5, within(1e-9));
        assertThat(Stages.of(plan, more, true)).containsEntry(Stage.FORM, Stages.State.STARTED);
        var fewer = new Progress(Map.of("cut", 2, "bend", 2, "bead", 2, "curl", 2), Map.of(), -1, List.of(), List.of());
        assertThat(fewer.isWhole(plan)).isTrue();
        assertThat(fewer.share(plan)).isEqualTo(1);
        assertThatThrownBy(() -> new Progress(Map.of(), Map.of(), -3, List.of(), List.of()).check(plan))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Progress(done, Map.of(), -1, List.of(), List.of()).check(plan))
                .as("more done than are made")
                .isInstanceOf(Refusal.class);
    }

    /** Whatever happened, what was taken and what will be is what all takes and what was lost, less what was passed by; in parts of its own exactly. */
    @Property(tries = 500)
    void nothingIsLostFromTheBooks(
            @ForAll @IntRange(min = 1, max = 8) int copies,
            @ForAll @IntRange(min = -3, max = 3) int beyond,
            @ForAll @IntRange(min = 0, max = 1_000_000) int seed) {
        var random = new Random(seed);
        int more = Math.max(1 - copies, beyond);
        var operations = new ArrayList<Operation>();
        var done = new HashMap<String, Integer>();
        int over = copies + more;
        for (int i = 0; i < 6; i++) {
            operations.add(operation(
                    "o" + i, 1 + random.nextInt(4), 3, i == 0 ? new String[0] : new String[] {"o" + (i - 1)}));
            over = Math.min(over, random.nextInt(copies + more + 1));
            done.put("o" + i, over);
        }
        var plan = new Plan(operations, copies, 1 + random.nextInt(copies));
        var lost = new ArrayList<Spoilt>();
        var passed = new ArrayList<Skipped>();
        for (Operation one : operations) {
            if (random.nextInt(3) == 0) {
                lost.add(spoilt(one.id(), 1));
            }
            if (done.get(one.id()) > 0 && random.nextInt(3) == 0) {
                passed.add(new Skipped(one.id(), 1, Skipped.Reason.NOT_NEEDED, ""));
            }
        }
        var progress = new Progress(done, Map.of(), more, lost, passed);
        progress.check(plan);
        double all = 0;
        for (Operation one : operations) {
            long gone = lost.stream()
                    .filter(l -> plan.chain(l.operation()).contains(one))
                    .count();
            all += 3.0 * (copies + more) + 3.0 * (gone - progress.skippedOf(one.id())) / one.times();
        }
        double sum = progress.drawn(plan).get("lot") + progress.toDraw(plan).getOrDefault("lot", 0.0);
        assertThat(sum).isCloseTo(all, within(1e-9));
    }
}
