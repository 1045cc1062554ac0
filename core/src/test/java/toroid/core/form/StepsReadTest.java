package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.form.FormStep.Kind;

/**
 * Every form's steps read by hands that know nothing else: each says where and on what it is bent, no two say the same of one wire, what goes
 * on from a bend has one to go on from, beads are threaded before they are bound, and what is slid on has no tails. All forms, with every choice
 * they offer, at the usual and at random sizes.
 */
class StepsReadTest {
    private static final Set<Kind> BENDS =
            Set.of(Kind.BEND, Kind.LOOP, Kind.WRAP, Kind.COIL, Kind.SPIRAL, Kind.FORM, Kind.FOLD);
    private static final Set<Kind> ON_A_TOOL = Set.of(Kind.LOOP, Kind.FORM, Kind.COIL);

    @ParameterizedTest
    @MethodSource("toroid.core.form.HandsTest#ids")
    void eachStepSaysWhatHandsNeed(String id) {
        HandsTest.everyWay(id, StepsReadTest::read);
    }

    private static void read(FormWork work, List<String> faults) {
        for (FormedWire wire : work.wires()) {
            List<FormStep> own = work.steps().stream()
                    .filter(step -> step.wire().equals(wire.name()))
                    .toList();
            own.stream().filter(step -> BENDS.contains(step.kind())).forEach(step -> whereAndOnWhat(step, faults));
            noneAlike(own, faults);
            goesOnFromABend(own, faults);
        }
        beadsAreThreaded(work, faults);
        tailsOffBeforeItIsSlidOn(work, faults);
    }

    /** Legs that lie side by side, soldered or not, are bent as one: once, from the middle, as far as each of them turns. */
    @ParameterizedTest
    @CsvSource({"teardrop-link, 'doubled tail, curled', 220", "hook-doubled, 'hook, both legs together', 180"})
    void doubledWireIsBentAsOne(String id, String part, double degrees) {
        List<FormStep> bent = EveryForm.solve(id, Forms.byId(id).info().usualWireMm(), Map.of()).steps().stream()
                .filter(step -> step.part().equals(part))
                .toList();
        assertThat(bent).hasSize(1);
        assertThat(bent.get(0).half()).isNull();
        assertThat(bent.get(0).fromMiddleMm()).isPositive();
        assertThat(bent.get(0).degrees()).isCloseTo(degrees, within(1e-6));
    }

    private static void whereAndOnWhat(FormStep step, List<String> faults) {
        if (step.id() >= 0 && !step.goesOn() && step.gripMm() == null) {
            faults.add("no word where to grip for " + step.part());
        }
        if (ON_A_TOOL.contains(step.kind()) && step.insideMm() == null) {
            faults.add("no word how wide: " + step.part());
        }
        if (step.kind() == Kind.COIL && step.turns() == null) {
            faults.add("no word how many turns: " + step.part());
        }
    }

    /** The same words twice are done once. */
    private static void noneAlike(List<FormStep> own, List<String> faults) {
        record Told(Kind kind, String part, Double grip, FormStep.Half half, boolean goesOn) {}
        var told = new HashSet<Told>();
        for (FormStep step : own) {
            Double grip = step.goesOn() ? null : step.fromMiddleMm() == null ? step.gripMm() : step.fromMiddleMm();
            if (BENDS.contains(step.kind())
                    && !told.add(new Told(step.kind(), step.part(), grip, step.half(), step.goesOn()))) {
                faults.add("told twice alike: " + step.part());
            }
        }
    }

    private static void goesOnFromABend(List<FormStep> own, List<String> faults) {
        for (int i = 0; i < own.size(); i++) {
            FormStep step = own.get(i);
            boolean bent = own.subList(0, i).stream()
                    .anyMatch(before -> BENDS.contains(before.kind())
                            && (step.half() == null || before.half() == null || before.half() == step.half()));
            if (BENDS.contains(step.kind()) && step.goesOn() && !bent) {
                faults.add("goes on from no bend: " + step.part());
            }
        }
    }

    /** By a step that says so, by the binding that carries them; a cap is pressed on its bead. */
    private static void beadsAreThreaded(FormWork work, List<String> faults) {
        boolean beads = work.solids().stream().anyMatch(solid -> solid.kind() == Solid.Kind.BEAD);
        boolean threaded = work.steps().stream()
                .anyMatch(step -> step.kind() == Kind.THREAD
                        || step.kind() == Kind.DOME
                        || (step.kind() == Kind.BIND && step.part().contains("bead")));
        int bound = HandsTest.first(work, step -> step.kind() == Kind.BIND);
        int on = HandsTest.first(
                work, step -> step.kind() == Kind.THREAD && step.part().contains("big beads"));
        if (beads && !threaded) {
            faults.add("nobody threads its beads");
        }
        if (on >= 0 && bound >= 0 && bound < on) {
            faults.add("beads go on a wire that is bound already");
        }
    }

    /** Nothing slides on over a handling tail. */
    private static void tailsOffBeforeItIsSlidOn(FormWork work, List<String> faults) {
        List<FormStep> steps = work.steps();
        for (int i = 0; i < steps.size(); i++) {
            FormStep slid = steps.get(i);
            if (slid.kind() != Kind.THREAD || !slid.part().contains("coil")) {
                continue;
            }
            int at = i;
            work.wires().stream()
                    .map(FormedWire::name)
                    .filter(wire -> steps.subList(0, at).stream()
                            .anyMatch(step ->
                                    step.kind() == Kind.COIL && step.wire().equals(wire)))
                    .filter(wire -> !wire.equals(slid.wire()))
                    .filter(wire -> steps.subList(at, steps.size()).stream()
                            .anyMatch(step ->
                                    step.kind() == Kind.TRIM && step.wire().equals(wire)))
                    .forEach(wire -> faults.add("slid on with its tails: " + wire));
        }
    }
}
