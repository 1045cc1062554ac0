package toroid.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import toroid.core.form.FormSolver;
import toroid.core.form.Schools;
import toroid.core.form.Toolbox;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.piece.PieceLine;
import toroid.core.piece.PieceSolver;
import toroid.core.piece.PieceWork;
import toroid.core.piece.Starters;
import toroid.core.piece.Supply;
import toroid.core.piece.part.PartMaker;

/** What is looked at follows from what the piece is made of; common practice of the trade ({@link PieceInspection}). */
class PieceInspectionTest {
    private static Plan plan(String line, boolean pair) {
        var copper = new PartMaker.Stuff(Metals.byId("copper"), Temper.HALF_HARD, Schools.USUAL);
        var maker = new PartMaker(copper, FormSolver::solve, PartMaker.NO_WEAVES);
        PieceWork work = PieceSolver.solve(PieceLine.read(line), maker);
        return PiecePlan.of(work, maker, pair, Supply.NONE, Toolbox.EMPTY);
    }

    private static List<Check> checks(Plan plan) {
        return ((Inspected) plan.operation(PiecePlan.INSPECT).detail()).checks();
    }

    private static Check check(Plan plan, Check.Kind kind) {
        return checks(plan).stream()
                .filter(one -> one.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everyKindOfPartIsLookedAtAsItNeeds() {
        Plan plan = plan("s-hook - ring 1/4 - 3 * (bead-link bead=6 - ring 1/4)", false);
        assertThat(checks(plan))
                .extracting(Check::kind)
                .containsExactly(
                        Check.Kind.LENGTH,
                        Check.Kind.WEIGHT,
                        Check.Kind.RINGS_FLUSH,
                        Check.Kind.LOOPS_CLOSED,
                        Check.Kind.WRAPS_EQUAL,
                        Check.Kind.ENDS_SMOOTH,
                        Check.Kind.ENDS_SMOOTH,
                        Check.Kind.MOVES_FREELY,
                        Check.Kind.CLASP_HOLDS);
        assertThat(check(plan, Check.Kind.RINGS_FLUSH).count()).isEqualTo(4);
        assertThat(check(plan, Check.Kind.LOOPS_CLOSED).count()).isEqualTo(6);
        assertThat(check(plan, Check.Kind.WRAPS_EQUAL).target()).isEqualTo(3);
        Operation inspect = plan.operation(PiecePlan.INSPECT);
        assertThat(inspect.stage()).isEqualTo(Stage.CHECK);
        assertThat(inspect.times()).isEqualTo(checks(plan).size());
        assertThat(inspect.measurable()).extracting(Measurable::quantity).containsExactly("LENGTH", "WEIGHT");
        assertThat(inspect.after()).containsExactly(PiecePlan.JOIN);
    }

    @Test
    void crimpsPairsAndSolderedRingsHaveTheirOwn() {
        Plan strand = plan("finding clasp - ring 0.8/3 - strand 0.38 (9 * bead 6/1) - ring 0.8/3", false);
        assertThat(check(strand, Check.Kind.CRIMPS_HOLD).count()).isEqualTo(2);
        Plan pair = plan("fish-hook - ring 0.8/3 - beaded-dangle", true);
        assertThat(checks(pair)).extracting(Check::kind).contains(Check.Kind.PAIR_MIRRORED);
        assertThat(check(pair, Check.Kind.LENGTH).pairWithin()).isEqualTo(Check.PAIR_MM);
        assertThat(checks(plan("3 * ring 1/4 soldered", false)))
                .extracting(Check::kind)
                .doesNotContain(Check.Kind.RINGS_FLUSH);
    }

    /** Simulated chains whose rings of one coil are off together, forms each by itself: within what is allowed nineteen times of twenty. */
    @Test
    void whatIsAllowedIsWhatPartsMadeWellAddUpTo() {
        Plan plan = plan("s-hook - ring 1/5 - 12 * (bead-link bead=6 - ring 1/5)", false);
        Check length = check(plan, Check.Kind.LENGTH);
        var chance = new Random(3);
        int passed = 0;
        int made = 4000;
        for (int i = 0; i < made; i++) {
            // bands are 95 %: half a band is a standard deviation
            double off = 13 * 5 * PieceInspection.RING_SHARE / 2 * chance.nextGaussian();
            for (int part = 0; part < 13; part++) {
                off += 0.05 * chance.nextGaussian() + 0.05 * chance.nextGaussian();
            }
            passed += Math.abs(off) <= length.within() ? 1 : 0;
        }
        assertThat((double) passed / made).isCloseTo(0.95, within(0.02));
    }

    @Test
    void eachCopyIsJudgedByPlanAndTwin() {
        Plan plan = plan("fish-hook - ring 0.8/3 - beaded-dangle", true);
        Check length = check(plan, Check.Kind.LENGTH);
        double target = length.target();
        assertThat(Findings.of(plan, List.of())).allMatch(one -> one.found().isEmpty() && one.apart() == null);
        var first = measured(target + 0.2, 0);
        var slip = measured(target + 9, 1);
        var second = measured(target - 0.1, 1);
        var elsewhere = new FirstOne.Taken("make-0-1", "LENGTH", 1, 1, 0);
        Findings.Finding found =
                Findings.of(plan, List.of(first, slip, second, elsewhere)).get(0);
        assertThat(found.found()).extracting(Findings.Found::copy).containsExactly(0, 1);
        assertThat(found.found().get(0).off()).isCloseTo(0.2, within(1e-9));
        assertThat(found.found()).allMatch(Findings.Found::passes);
        assertThat(found.apart()).isCloseTo(0.3, within(1e-9));
        assertThat(found.matches()).isTrue();
        Findings.Finding unlike =
                Findings.of(plan, List.of(measured(target + 0.45, 0), second)).get(0);
        assertThat(unlike.found()).allMatch(Findings.Found::passes);
        assertThat(unlike.matches()).isFalse();
        assertThat(Findings.of(plan, List.of(first, slip)).get(0).found().get(1).passes())
                .isFalse();
    }

    private static FirstOne.Taken measured(double mm, int copy) {
        return new FirstOne.Taken(PiecePlan.INSPECT, "LENGTH", mm, copy, 0);
    }

    /** Whatever is begun from ends with being looked at, every check with something to look at and a band above zero. */
    @Test
    void everyStarterEndsWithIt() {
        int looked = 0;
        for (Starters.Starter starter : Starters.all()) {
            Plan plan;
            try {
                plan = plan(starter.line(), starter.line().startsWith("pair"));
            } catch (Refusal woven) {
                continue;
            }
            looked++;
            List<Operation> operations = plan.operations();
            assertThat(operations.get(operations.size() - 1).id()).isEqualTo(PiecePlan.INSPECT);
            assertThat(checks(plan)).as(starter.id()).allSatisfy(check -> {
                assertThat(check.count()).isPositive();
                assertThat(check.quantity() == null || check.target() > 0 && check.within() > 0)
                        .isTrue();
            });
        }
        assertThat(looked).isGreaterThan(10);
    }
}
