package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.form.FormStep.Kind;
import toroid.core.numeric.Refusal;

/**
 * Every form's steps played in their order by what hands can do: nothing is bent before it is cut, nothing closed is opened again, what is
 * carried is on before its closing, a ball is melted while the end can still be reached, ends are filed once they are trimmed, what is slid on
 * has been made. All forms, with every choice they offer, at the usual and at random sizes.
 */
class HandsTest {
    private static final Set<Kind> BENDS =
            Set.of(Kind.BEND, Kind.LOOP, Kind.WRAP, Kind.COIL, Kind.SPIRAL, Kind.FORM, Kind.FOLD);
    private static final int RANDOM = 12;

    static Stream<String> ids() {
        return Forms.all().stream().map(form -> form.info().id());
    }

    @ParameterizedTest
    @MethodSource("ids")
    void handsCanFollow(String id) {
        everyWay(id, HandsTest::play);
    }

    /** Plays a form with every choice and at random sizes; what is refused is not played, something has to be. */
    static void everyWay(String id, BiConsumer<FormWork, List<String>> plays) {
        int played = 0;
        for (Map<String, Object> parameters : ways(Forms.byId(id))) {
            FormWork work;
            try {
                work = EveryForm.solve(id, Forms.byId(id).info().usualWireMm(), parameters);
            } catch (Refusal notSo) {
                continue;
            }
            var faults = new ArrayList<String>();
            plays.accept(work, faults);
            assertThat(faults).as("%s with %s", id, parameters).isEmpty();
            played++;
        }
        assertThat(played).isPositive();
    }

    /** Every choice by itself, and sizes at random, with fixed seeds. */
    private static List<Map<String, Object>> ways(Form form) {
        var ways = new ArrayList<Map<String, Object>>();
        ways.add(Map.of());
        double d = form.info().usualWireMm();
        for (Parameter parameter : form.parameters()) {
            for (String choice : parameter.choices()) {
                ways.add(Map.of(parameter.id(), choice));
            }
        }
        var random = new Random(7);
        for (int i = 0; i < RANDOM; i++) {
            var some = new java.util.HashMap<String, Object>();
            for (Parameter parameter : form.parameters()) {
                if (!parameter.choices().isEmpty()) {
                    some.put(
                            parameter.id(),
                            parameter
                                    .choices()
                                    .get(random.nextInt(parameter.choices().size())));
                } else if (parameter.kind() != Parameter.Kind.ROWS && parameter.kind() != Parameter.Kind.STACK) {
                    double usual = parameter.usual().applyAsDouble(d);
                    double value = usual * (0.8 + 0.5 * random.nextDouble());
                    some.put(parameter.id(), parameter.kind() == Parameter.Kind.COUNT ? Math.rint(value) : value);
                }
            }
            ways.add(some);
        }
        return ways;
    }

    private static void play(FormWork work, List<String> faults) {
        for (FormedWire wire : work.wires()) {
            List<FormStep> own = work.steps().stream()
                    .filter(step -> step.wire().equals(wire.name()))
                    .toList();
            cutFirst(own, faults);
            trimmedBeforeFiled(work, wire.name(), faults);
            ballWhileTheEndIsFree(wire, own, faults);
            carriedBeforeWrapped(own, faults);
            beadsOnWhileAnEndIsOpen(own, faults);
            wrapsHaveALoopToHold(own, faults);
        }
        madeBeforeItIsUsed(work, faults);
        for (FormStep step : work.steps()) {
            if (step.insideMm() != null && step.insideMm() <= 0) {
                faults.add("%s round a tool of %.2f".formatted(step.part(), step.insideMm()));
            }
            if (step.turns() != null && step.kind() == Kind.COIL && step.turns() < 0.2) {
                faults.add("a coil of no turns: " + step.part());
            }
        }
    }

    private static void cutFirst(List<FormStep> own, List<String> faults) {
        if (own.isEmpty() || own.get(0).kind() != Kind.CUT) {
            faults.add("begins with something else than its cut");
        }
    }

    /** A filed end that is trimmed afterwards is sharp again. */
    private static void trimmedBeforeFiled(FormWork work, String wire, List<String> faults) {
        int trim = last(work, step -> step.kind() == Kind.TRIM && step.wire().equals(wire));
        int file = first(
                work,
                step -> step.kind() == Kind.FILE
                        && (step.wire().equals(wire) || step.wire().isEmpty()));
        if (trim >= 0 && file >= 0 && file < trim) {
            faults.add("filed before it is trimmed");
        }
    }

    /** Flame reaches an end only while it sticks out: a ball comes before every bend between it and what is already formed. */
    private static void ballWhileTheEndIsFree(FormedWire wire, List<FormStep> own, List<String> faults) {
        int balled = IntStream.range(0, own.size())
                .filter(i -> own.get(i).kind() == Kind.BALL)
                .max()
                .orElse(-1);
        var bends = wire.program().bends();
        for (int end = 0; end < 2 && balled >= 0; end++) {
            int nearest = bends.get(end == 1 ? bends.size() - 1 : 0).step();
            boolean late = own.subList(0, balled).stream()
                    .anyMatch(step -> step.id() == nearest && BENDS.contains(step.kind()));
            if (wire.ends().get(end) == EndState.BALLED && late) {
                faults.add("balled after it is bent there");
            }
        }
    }

    /** What a loop carries goes in when it is turned and before it is wrapped for good. */
    private static void carriedBeforeWrapped(List<FormStep> own, List<String> faults) {
        for (int i = 0; i < own.size(); i++) {
            FormStep step = own.get(i);
            boolean carried = step.kind() == Kind.THREAD
                    && (step.part().contains("loop carries") || step.part().contains("second loop"));
            if (carried) {
                int at = i;
                FormStep before = at == 0 ? null : own.get(at - 1);
                if (before == null || before.kind() != Kind.LOOP) {
                    faults.add("threads %s when no loop was just turned".formatted(step.part()));
                }
                boolean opens = step.part().contains("opened sideways");
                boolean wrapped = own.stream()
                        .anyMatch(one -> one.kind() == Kind.WRAP
                                && before != null
                                && one.part().equals(before.part()));
                if (wrapped && opens || wrapped && own.get(at + 1).kind() != Kind.WRAP) {
                    faults.add("opens a loop that is wrapped: " + step.part());
                }
            }
        }
    }

    /** Beads go on while one end of their wire is still straight: a loop turned at each end holds them off. */
    private static void beadsOnWhileAnEndIsOpen(List<FormStep> own, List<String> faults) {
        for (int i = 0; i < own.size(); i++) {
            FormStep step = own.get(i);
            if (step.kind() == Kind.THREAD && step.part().matches("(?s).*(bead|spacer|cap).*")) {
                Set<String> closed = own.subList(0, i).stream()
                        .filter(one -> one.kind() == Kind.LOOP || one.kind() == Kind.FOLD || one.kind() == Kind.SPIRAL)
                        .map(FormStep::part)
                        .collect(java.util.stream.Collectors.toSet());
                if (closed.size() > 1) {
                    faults.add("a bead goes on after both ends are closed: " + closed);
                }
            }
        }
    }

    /** "Hold the loop flat" only where there is one. */
    private static void wrapsHaveALoopToHold(List<FormStep> own, List<String> faults) {
        for (int i = 0; i < own.size(); i++) {
            if (own.get(i).kind() == Kind.WRAP
                    && own.subList(0, i).stream().noneMatch(one -> one.kind() == Kind.LOOP)) {
                faults.add("wraps where no loop is: " + own.get(i).part());
            }
        }
    }

    /** A coil is wound before it is slid on; a coil that is fanned or stretched is so before it is bound. */
    private static void madeBeforeItIsUsed(FormWork work, List<String> faults) {
        List<FormStep> steps = work.steps();
        for (int i = 0; i < steps.size(); i++) {
            FormStep step = steps.get(i);
            if (step.kind() == Kind.THREAD && step.part().contains("coil")) {
                int at = i;
                boolean wound = steps.subList(0, at).stream()
                        .anyMatch(one -> one.kind() == Kind.COIL && !one.wire().equals(step.wire()));
                if (!wound) {
                    faults.add("slides on a coil that is not wound yet");
                }
            }
            if (step.kind() == Kind.TWIST && steps.subList(0, i).stream().anyMatch(one -> one.kind() == Kind.BIND)) {
                faults.add("fanned after it is bound");
            }
        }
    }

    static int first(FormWork work, java.util.function.Predicate<FormStep> wanted) {
        return IntStream.range(0, work.steps().size())
                .filter(i -> wanted.test(work.steps().get(i)))
                .findFirst()
                .orElse(-1);
    }

    private static int last(FormWork work, java.util.function.Predicate<FormStep> wanted) {
        return IntStream.range(0, work.steps().size())
                .filter(i -> wanted.test(work.steps().get(i)))
                .reduce((a, b) -> b)
                .orElse(-1);
    }
}
