package toroid.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import toroid.core.form.FormSolver;
import toroid.core.form.FormStep;
import toroid.core.form.Schools;
import toroid.core.form.Toolbox;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.piece.AssemblyStep;
import toroid.core.piece.Joint;
import toroid.core.piece.Piece;
import toroid.core.piece.PieceLine;
import toroid.core.piece.PieceSolver;
import toroid.core.piece.PieceWork;
import toroid.core.piece.Starters;
import toroid.core.piece.finish.Finish;
import toroid.core.piece.finish.FinishOrder;
import toroid.core.piece.finish.FinishWork;
import toroid.core.piece.finish.Finishing;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartWork;

/** Pieces coloured, rubbed back, tumbled and waxed, played as hands would: nothing meets what it does not withstand. */
class FinishedPieceTest {
    private static final Set<FormStep.Kind> FIRE =
            Set.of(FormStep.Kind.BALL, FormStep.Kind.SOLDER, FormStep.Kind.ANNEAL);

    private static final List<String> PARTS = List.of(
            "ring 1/4",
            "ring 1/4 soldered",
            "ring 1/5 bead=4",
            "ring 1.4/7 hammered=1",
            "figure-eight",
            "bead-link first=wrapped second=wrapped",
            "bead-link first=plain second=plain",
            "balled-link",
            "cord 2 length=60",
            "strand 0.38 (9 * bead 6/1)",
            "chain 3/0.6 links=9",
            "ring 1/5 [ring 0.8/3 - stone 14/1.2]",
            "ring 1/5 [beaded-dangle]",
            "ring 1/5 [finding pendant-on-a-bail]");

    /** One that is worked out, and how it is made. */
    private record Worked(String line, PieceWork work, PartMaker maker) {
        Plan plan(Asked asked) {
            return PiecePlan.of(work, maker, false, PiecePlanTest.FULL, Toolbox.EMPTY, asked);
        }
    }

    /** Null for what is woven, or cannot be made. */
    private static Worked worked(String line, String metal) {
        var stuff = new PartMaker.Stuff(Metals.byId(metal), Metals.byId(metal).soldIn(Temper.HALF_HARD), Schools.USUAL);
        var maker = new PartMaker(stuff, FormSolver::solve, PartMaker.NO_WEAVES);
        try {
            Piece piece = PieceLine.read(line);
            PieceWork work = PieceSolver.solve(piece, maker);
            return work.canBeMade() ? new Worked(line, work, maker) : null;
        } catch (Refusal woven) {
            return null;
        }
    }

    /** Every choice of finishes there is, with soft beads and hard ones. */
    private static List<Finishing> choices() {
        var choices = new ArrayList<Finishing>();
        for (int bits = 0; bits < 1 << Finish.values().length; bits++) {
            var some = new ArrayList<Finish>();
            for (Finish finish : Finish.values()) {
                if ((bits >> finish.ordinal() & 1) == 1) {
                    some.add(finish);
                }
            }
            if (!some.contains(Finish.RUB_BACK) || some.contains(Finish.COLOUR)) {
                choices.add(new Finishing(some, false));
                choices.add(new Finishing(some, true));
            }
        }
        return choices;
    }

    @Test
    void everyStarterIsFinishedEveryWay() {
        int looked = 0;
        for (Starters.Starter starter : Starters.all()) {
            Worked worked = worked(starter.line(), "copper");
            if (worked == null) {
                continue;
            }
            for (Finishing finishing : choices()) {
                played(worked, new Asked(finishing, true));
                looked++;
            }
        }
        assertThat(looked).isGreaterThan(300);
    }

    @Test
    void soIsWhateverIsPutTogether() {
        var chance = new Random(7);
        int looked = 0;
        int early = 0;
        int burnt = 0;
        List<Finishing> choices = choices();
        for (int piece = 0; piece < 160; piece++) {
            var line = new StringBuilder("s-hook wire=1.4 - ring 1/5");
            for (int i = 0; i < 5; i++) {
                line.append(" - ").append(PARTS.get(chance.nextInt(PARTS.size())));
                line.append(chance.nextInt(3) == 0 ? "" : " - ring 1/4");
            }
            Worked worked = worked(line.toString(), "copper");
            if (worked == null) {
                continue;
            }
            for (int i = 0; i < 4; i++) {
                Finishing finishing = choices.get(chance.nextInt(choices.size()));
                try {
                    Plan plan = played(worked, new Asked(finishing, chance.nextBoolean()));
                    looked++;
                    early += finishes(plan).stream().anyMatch(one -> !one.whole()) ? 1 : 0;
                } catch (Refusal refused) {
                    assertThat(refused.code()).isEqualTo("finish-before-the-torch");
                    burnt++;
                }
            }
        }
        assertThat(looked).isGreaterThan(200);
        assertThat(early).isGreaterThan(60);
        assertThat(burnt).isLessThan(looked / 5);
    }

    private static Plan played(Worked worked, Asked asked) {
        String told = worked.line() + " " + asked;
        Plan plan = worked.plan(asked);
        sameAsUnfinished(worked, plan, told);
        eachOnceInOrder(asked.finishing(), plan, told);
        nothingMeetsWhatItDoesNotStand(worked, asked.finishing(), plan, told);
        wholeIsWhole(worked, plan, told);
        return plan;
    }

    /** No join, no step, no minute and no gram is lost or doubled by finishing between. */
    private static void sameAsUnfinished(Worked worked, Plan plan, String told) {
        Plan bare = worked.plan(Asked.NOTHING);
        assertThat(forming(plan)).as(told).containsExactlyInAnyOrderElementsOf(forming(bare));
        assertThat(plan.draws().keySet()).as(told).isEqualTo(bare.draws().keySet());
        plan.draws()
                .forEach((lot, amount) -> assertThat(amount)
                        .as("%s of %s", lot, told)
                        .isCloseTo(bare.draws().get(lot), within(1e-9)));
        int joined = 0;
        for (PartsHandled one : joins(plan)) {
            assertThat(one.from()).as(told).isEqualTo(joined);
            joined += one.parts();
            int from = one.from();
            int to = joined;
            assertThat(one.rounds().stream().flatMap(round -> round.joins().stream()))
                    .as(told)
                    .allMatch(join -> join >= from && join < to);
        }
        assertThat(joined).as(told).isEqualTo(worked.work().joining().size());
        assertThat(roundJoins(plan)).as(told).isEqualTo(roundJoins(bare));
        double added = finishing(plan).mapToDouble(FinishedPieceTest::minutes).sum();
        assertThat(minutes(plan) - added).as(told).isCloseTo(minutes(bare), within(1e-9));
    }

    private static void eachOnceInOrder(Finishing finishing, Plan plan, String told) {
        assertThat(finishes(plan))
                .as(told)
                .extracting(FinishWork::finish)
                .containsExactlyElementsOf(finishing.finishes());
        if (finishing.has(Finish.SEAL)) {
            List<Operation> all = plan.operations();
            assertThat(all.get(all.size() - 2).verb()).as(told).isEqualTo("SEAL");
        }
    }

    private static void nothingMeetsWhatItDoesNotStand(Worked worked, Finishing finishing, Plan plan, String told) {
        Set<String> drawn = new HashSet<>();
        int joined = 0;
        boolean coloured = false;
        for (Operation operation : plan.operations()) {
            if (operation.detail() instanceof FinishStep step
                    && step.work().finish().asksAll()) {
                assertThat(drawn.stream().filter(lot -> !stands(lot, finishing)))
                        .as("%s, at %s", told, operation.id())
                        .isEmpty();
                for (AssemblyStep join : worked.work().joining().subList(0, joined)) {
                    assertThat(touched(worked.work(), join))
                            .as("%s, at %s", told, operation.id())
                            .allMatch(part -> part.takes().bought().stream()
                                    .allMatch(one -> stands(one.kind().name(), finishing)));
                }
                coloured |= step.work().finish() == Finish.COLOUR;
            }
            assertThat(coloured && isByFire(operation))
                    .as("%s, fire at %s", told, operation.id())
                    .isFalse();
            operation.draws().forEach(draw -> drawn.add(draw.lot()));
            joined += operation.detail() instanceof PartsHandled handled
                            && handled.kind() == PartsHandled.Kind.PUT_TOGETHER
                    ? handled.parts()
                    : 0;
        }
    }

    private static boolean stands(String lot, Finishing finishing) {
        return switch (lot) {
            case "BEAD", "STONE" -> finishing.hardBeads();
            case "CHAIN", "CORD", "BEADING_WIRE", "CRIMP", "FINDING" -> false;
            default -> true;
        };
    }

    private static Stream<PartWork> touched(PieceWork work, AssemblyStep join) {
        return Stream.concat(
                        Stream.of(join.part()),
                        join.joints().stream()
                                .map(work.joints()::get)
                                .flatMap(joint -> Stream.of(joint.a(), joint.b())))
                .map(work.parts()::get);
    }

    private static boolean isByFire(Operation operation) {
        return operation.verb().equals("SOLDER_FIRST")
                || Wait.PICKLE.equals(operation.waits())
                || operation.detail() instanceof FormingStep forming
                        && FIRE.contains(forming.step().kind());
    }

    /** What goes into the barrel whole was made to its last step, and is closed round its neighbours. */
    private static void wholeIsWhole(Worked worked, Plan plan, String told) {
        Set<Integer> finished = new HashSet<>();
        int joined = 0;
        List<Operation> all = plan.operations();
        for (int at = 0; at < all.size(); at++) {
            if (all.get(at).detail() instanceof PartsHandled handled
                    && handled.kind() == PartsHandled.Kind.PUT_TOGETHER) {
                joined += handled.parts();
            }
            if (!(all.get(at).detail() instanceof FinishStep step)
                    || step.work().finish() != Finish.TUMBLE) {
                continue;
            }
            step.work().lots().stream()
                    .filter(lot -> lot.going() == FinishOrder.Going.WHOLE)
                    .forEach(lot -> finished.add(lot.first()));
            for (Operation after : all.subList(at, all.size())) {
                assertThat(after.detail() instanceof FormingStep forming
                                && finished.contains(forming.of().part()))
                        .as("%s, %s after the barrel", told, after.id())
                        .isFalse();
            }
            for (AssemblyStep join : worked.work()
                    .joining()
                    .subList(joined, worked.work().joining().size())) {
                boolean formed = join.joints().stream()
                        .map(worked.work().joints()::get)
                        .anyMatch(joint -> joint.way() == Joint.Way.CLOSED_ROUND);
                assertThat(formed && finished.contains(join.part()))
                        .as("%s, part %d is still open in the barrel", told, join.part())
                        .isFalse();
            }
        }
    }

    private static List<String> forming(Plan plan) {
        return plan.operations().stream()
                .filter(one -> !(one.detail() instanceof FinishStep) && !(one.detail() instanceof Inspected))
                .filter(one -> !one.id().startsWith(PiecePlan.JOIN))
                .map(one -> one.id() + " " + one.verb() + " " + one.times())
                .toList();
    }

    private static List<PartsHandled> joins(Plan plan) {
        return plan.operations().stream()
                .map(Operation::detail)
                .filter(PartsHandled.class::isInstance)
                .map(PartsHandled.class::cast)
                .filter(one -> one.kind() == PartsHandled.Kind.PUT_TOGETHER)
                .toList();
    }

    private static Set<Integer> roundJoins(Plan plan) {
        return joins(plan).stream()
                .flatMap(one -> one.rounds().stream())
                .flatMap(round -> round.joins().stream())
                .collect(Collectors.toSet());
    }

    private static Stream<Operation> finishing(Plan plan) {
        return plan.operations().stream().filter(one -> one.detail() instanceof FinishStep);
    }

    private static List<FinishWork> finishes(Plan plan) {
        return finishing(plan).map(one -> ((FinishStep) one.detail()).work()).toList();
    }

    private static double minutes(Plan plan) {
        return plan.operations().stream()
                .mapToDouble(FinishedPieceTest::minutes)
                .sum();
    }

    private static double minutes(Operation operation) {
        return operation.measurable().stream()
                .filter(one -> one.quantity().equals(Measurable.MINUTES))
                .mapToDouble(Measurable::planned)
                .sum();
    }

    private static Finishing all(boolean hardBeads) {
        return new Finishing(List.of(Finish.values()), hardBeads);
    }

    private static List<String> verbs(Plan plan) {
        return plan.operations().stream().map(Operation::verb).distinct().toList();
    }

    /** Wire alone is finished when all is joined, in the order of the trade, whatever order they are asked in. */
    @Test
    void wireAloneIsFinishedAtTheEnd() {
        Worked chain = worked("s-hook wire=1.2 - 9 * ring 1.2/5.5", "copper");
        Finishing backwards =
                new Finishing(List.of(Finish.SEAL, Finish.TUMBLE, Finish.RUB_BACK, Finish.COLOUR, Finish.SEAL), false);
        assertThat(verbs(chain.plan(new Asked(backwards, false))))
                .endsWith("PUT_TOGETHER", "COLOUR", "RUB_BACK", "TUMBLE", "SEAL", "INSPECT");
        assertThat(finishes(chain.plan(new Asked(backwards, false)))).allMatch(FinishWork::whole);
    }

    /** Pearls neither darken nor tumble: their links' wire is coloured before they go on, and polished by cloth; glass goes in with all. */
    @Test
    void beadsGoOnAfterTheBathUnlessTheyAreHard() {
        Worked links = worked("s-hook wire=1.2 - 2 * (ring 1/4 - bead-link bead=6) - ring 1/4", "sterling-silver");
        Plan soft = links.plan(new Asked(all(false), false));
        List<String> ids = soft.operations().stream().map(Operation::id).toList();
        String thread = soft.operations().stream()
                .filter(one -> one.verb().equals("THREAD"))
                .findFirst()
                .orElseThrow()
                .id();
        assertThat(ids.indexOf("colour")).isLessThan(ids.indexOf(thread));
        assertThat(ids.indexOf("tumble")).isLessThan(ids.indexOf(thread));
        assertThat(ids.indexOf("seal")).isGreaterThan(ids.indexOf(PiecePlan.JOIN));
        assertThat(soft.operation(thread).after()).contains("colour", "tumble");
        Map<Finish, List<FinishOrder.Going>> goes = new EnumMap<>(Finish.class);
        finishes(soft)
                .forEach(step -> goes.put(
                        step.finish(),
                        step.lots().stream().map(FinishWork.Lot::going).toList()));
        assertThat(goes.get(Finish.COLOUR)).contains(FinishOrder.Going.WHOLE, FinishOrder.Going.BEFORE_THREADING);
        assertThat(finishes(links.plan(new Asked(all(true), false)))).allMatch(FinishWork::whole);
    }

    @Test
    void whatCannotBeIsRefused() {
        Worked titanium = worked("s-hook wire=1.2 - 3 * ring 1.2/5.5", "titanium");
        assertThatThrownBy(() -> titanium.plan(new Asked(all(true), false)))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.code()).isEqualTo("metal-does-not-darken"));
        assertThat(titanium.plan(new Asked(new Finishing(List.of(Finish.TUMBLE), false), false))
                        .operations())
                .isNotEmpty();
        assertThatThrownBy(() -> new Finishing(List.of(Finish.RUB_BACK), false))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.code()).isEqualTo("nothing-to-rub-back"));
    }
}
