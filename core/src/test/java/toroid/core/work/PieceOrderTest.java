package toroid.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import toroid.core.form.FormStep;
import toroid.core.piece.AssemblyStep;
import toroid.core.piece.Joint;
import toroid.core.piece.MadeInPlace;
import toroid.core.piece.Starters;

/** The order of a whole piece, whatever is begun from and whatever is put together: fire before glue, hard before easy, beads before what closes them in. */
class PieceOrderTest {
    private static final List<String> PARTS = List.of(
            "ring 1/4",
            "ring 1/4 soldered",
            "ring 1/5 bead=4",
            "balled-link",
            "bead-link first=wrapped second=wrapped",
            "cord 2 length=60",
            "strand 0.38 (9 * bead 6/1)",
            "chain 3/0.6 links=9 soldered",
            "figure-eight");

    @Test
    void everyStarterKeepsToIt() {
        int looked = 0;
        for (Starters.Starter starter : Starters.all()) {
            FinishPlayed.Worked worked = FinishPlayed.worked(starter.line(), "copper");
            if (worked != null) {
                looked++;
                keeps(worked);
            }
        }
        assertThat(looked).isGreaterThan(10);
    }

    @Test
    void soDoesWhateverIsPutTogether() {
        var chance = new Random(19);
        int soldered = 0;
        int glued = 0;
        for (int piece = 0; piece < 150; piece++) {
            var line = new StringBuilder("s-hook wire=1.4 - ring 1/5");
            for (int i = 0; i < 5; i++) {
                line.append(" - ").append(PARTS.get(chance.nextInt(PARTS.size())));
            }
            FinishPlayed.Worked worked =
                    FinishPlayed.worked(line.append(" - ring 1/5").toString(), "copper");
            if (worked != null) {
                List<Operation> operations = keeps(worked);
                soldered += operations.stream().anyMatch(PieceOrderTest::isEasy) ? 1 : 0;
                glued += operations.stream().anyMatch(PieceOrderTest::isCord) ? 1 : 0;
            }
        }
        assertThat(soldered).isPositive();
        assertThat(glued).isGreaterThan(10);
    }

    private static List<Operation> keeps(FinishPlayed.Worked worked) {
        List<Operation> operations = worked.plan(new Asked(toroid.core.piece.finish.Finishing.NONE, true))
                .operations();
        none(worked, operations, PieceOrderTest::isGlued, FinishPlayed::isByFire, "of the same part");
        none(worked, operations, PieceOrderTest::isEasy, PieceOrderTest::isHard, "hard solder after easy");
        none(worked, operations, is("CRIMP"), is("STRING"), "strung after it was crimped");
        for (Operation operation : operations) {
            if (operation.verb().equals("BEAD_FIRST")) {
                String size = operation.id().substring("bead-".length());
                assertThat(operations.subList(0, operations.indexOf(operation)))
                        .as(worked.line())
                        .noneMatch(one ->
                                one.id().equals("close-" + size) || one.id().equals("open-" + size));
            }
        }
        madeBeforeItIsJoined(worked, operations);
        return operations;
    }

    /** By hand, one operation after another: nothing is joined that is not made by then, as far as it is made by itself. */
    private static void madeBeforeItIsJoined(FinishPlayed.Worked worked, List<Operation> operations) {
        var made = MadeInPlace.of(worked.work(), worked.maker());
        Map<Integer, Integer> left = new HashMap<>();
        made.parts()
                .forEach(same -> same.places()
                        .forEach(place -> left.put(place, (int) operations.stream()
                                .filter(one -> isOf(one, same.first()))
                                .count())));
        assertThat(left.values()).as(worked.line()).allMatch(steps -> steps > 0);
        int joined = 0;
        for (Operation operation : operations) {
            made.parts().stream()
                    .filter(same -> isOf(operation, same.first()))
                    .forEach(same -> same.places().forEach(place -> left.merge(place, -1, Integer::sum)));
            if (operation.detail() instanceof PartsHandled handled
                    && handled.kind() == PartsHandled.Kind.PUT_TOGETHER) {
                for (AssemblyStep join : worked.work().joining().subList(joined, joined + handled.parts())) {
                    for (int at : join.joints()) {
                        Joint joint = worked.work().joints().get(at);
                        for (int part : new int[] {joint.a(), joint.b()}) {
                            assertThat(left.getOrDefault(part, 0))
                                    .as("%s: part %d at %s", worked.line(), part, operation.id())
                                    .isZero();
                        }
                    }
                }
                joined += handled.parts();
            }
        }
        assertThat(joined).isEqualTo(worked.work().joining().size());
    }

    /** Its own steps, its crimps, its doming. */
    private static boolean isOf(Operation operation, int first) {
        return operation.id().matches("(make|crimp|dome)-" + first + "(-\\d+)?");
    }

    /** What closes it is cut when the rest was held to the body, and comes on at the end; finished on the way, it is made with the rest. */
    @Test
    void theClaspIsCutWhenTheRestWasHeldToTheBody() {
        List<String> rests = List.of(
                "9 * ring 1.2/5.5",
                "ring 1/5 - 5 * bead-link wire=0.8 bead=6 - ring 1/5",
                "ring 1/5 - figure-eight - ring 1/5 - figure-eight - ring 1/5 - figure-eight - ring 1/5");
        for (String rest : rests) {
            for (String clasp : List.of("s-hook wire=1.4", "hook-curled wire=1.2")) {
                for (String line : List.of(clasp + " - " + rest, rest + " - " + clasp)) {
                    FinishPlayed.Worked worked = FinishPlayed.worked(line, "copper");
                    List<Operation> operations = keeps(worked);
                    List<String> ids = operations.stream().map(Operation::id).toList();
                    int held = ids.indexOf(PiecePlan.TRY_ON);
                    assertThat(held).as(line).isPositive();
                    List<Operation> after = operations.subList(held + 1, operations.size());
                    String name = after.get(0).part();
                    assertThat(after.get(0).stage()).as(line).isEqualTo(Stage.CUT);
                    assertThat(name).as(line).contains("hook");
                    assertThat(operations.subList(0, held))
                            .as(line)
                            .noneMatch(one -> one.part().equals(name));
                    assertThat(after.get(0).after()).contains(PiecePlan.TRY_ON);
                    // one that comes to nothing then is cut again, and nothing else with it
                    String bent = after.stream()
                            .filter(one -> one.part().equals(name))
                            .reduce((first, second) -> second)
                            .orElseThrow()
                            .id();
                    Plan plan = worked.plan(new Asked(toroid.core.piece.finish.Finishing.NONE, true));
                    assertThat(plan.chain(bent))
                            .as(line)
                            .allMatch(one -> one.part().equals(name));
                }
            }
        }
    }

    /** Of the same part nothing of the one comes after anything of the other; of the whole piece likewise. */
    private static void none(
            FinishPlayed.Worked worked,
            List<Operation> operations,
            Predicate<Operation> first,
            Predicate<Operation> never,
            String why) {
        var before = new ArrayList<Operation>();
        for (Operation operation : operations) {
            boolean after = never.test(operation)
                    && before.stream()
                            .anyMatch(one -> one.part().equals(operation.part())
                                    || one.part().isEmpty());
            assertThat(after)
                    .as("%s, at %s: %s", worked.line(), operation.id(), why)
                    .isFalse();
            if (first.test(operation)) {
                before.add(operation);
            }
        }
    }

    private static Predicate<Operation> is(String verb) {
        return operation -> operation.verb().equals(verb);
    }

    private static boolean isGlued(Operation operation) {
        return isCord(operation)
                || operation.detail() instanceof FormingStep forming
                        && forming.step().kind() == FormStep.Kind.GLUE;
    }

    private static boolean isCord(Operation operation) {
        return operation.part().equals("cord");
    }

    private static boolean isEasy(Operation operation) {
        return operation.draws().stream().anyMatch(draw -> draw.lot().equals("EASIER"));
    }

    private static boolean isHard(Operation operation) {
        return operation.draws().stream().anyMatch(draw -> draw.lot().equals("HARD"));
    }
}
