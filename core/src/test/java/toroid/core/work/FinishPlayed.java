package toroid.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
import toroid.core.piece.finish.Finish;
import toroid.core.piece.finish.FinishOrder;
import toroid.core.piece.finish.FinishWork;
import toroid.core.piece.finish.Finishing;
import toroid.core.piece.part.PartMaker;
import toroid.core.piece.part.PartWork;

/** A finished piece's plan, played as hands would: whatever it finds wrong fails the test. */
final class FinishPlayed {
    private FinishPlayed() {}

    private static final Set<FormStep.Kind> FIRE =
            Set.of(FormStep.Kind.BALL, FormStep.Kind.SOLDER, FormStep.Kind.ANNEAL);

    /** One that is worked out, and how it is made. */
    record Worked(String line, PieceWork work, PartMaker maker) {
        Plan plan(Asked asked) {
            return PiecePlan.of(work, maker, false, PiecePlanTest.FULL, Toolbox.EMPTY, asked);
        }
    }

    /** Null for what is woven, or cannot be made. */
    static Worked worked(String line, String metal) {
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

    static Plan played(Worked worked, Asked asked) {
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
        double added = finishing(plan).mapToDouble(FinishPlayed::minutes).sum();
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

    static boolean isByFire(Operation operation) {
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

    static List<FinishWork> finishes(Plan plan) {
        return finishing(plan).map(one -> ((FinishStep) one.detail()).work()).toList();
    }

    private static double minutes(Plan plan) {
        return plan.operations().stream().mapToDouble(FinishPlayed::minutes).sum();
    }

    private static double minutes(Operation operation) {
        return operation.measurable().stream()
                .filter(one -> one.quantity().equals(Measurable.MINUTES))
                .mapToDouble(Measurable::planned)
                .sum();
    }
}
