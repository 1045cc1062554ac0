package toroid.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import toroid.core.form.FormSolver;
import toroid.core.form.Schools;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Refusal;
import toroid.core.piece.PieceLine;
import toroid.core.piece.PieceSolver;
import toroid.core.piece.PieceWork;
import toroid.core.piece.part.PartMaker;

class PiecePlanTest {
    private static Plan plan(String line, boolean pair) {
        var copper = new PartMaker.Stuff(Metals.byId("copper"), Temper.HALF_HARD, Schools.USUAL);
        PieceWork work =
                PieceSolver.solve(PieceLine.read(line), new PartMaker(copper, FormSolver::solve, PartMaker.NO_WEAVES));
        return PiecePlan.of(work, pair);
    }

    private static List<String> told(Plan plan) {
        return plan.operations().stream()
                .map(one -> one.verb() + " " + one.times())
                .toList();
    }

    /** A strand is strung and a cord's ends are wound; a bought clasp, a chain, a stone are not made. */
    @Test
    void everythingHandsMakeIsMade() {
        assertThat(told(plan("finding clasp - ring 0.8/3 - strand 0.38 (9 * bead 6/1) - ring 0.8/3", false)))
                .containsExactly("OPEN_FIRST 2", "MAKE 1", "PUT_TOGETHER 2");
        assertThat(told(plan("finding clasp - ring 0.8/3.5 - cord 2 - ring 0.8/3.5", false)))
                .contains("MAKE 1");
        assertThat(told(plan("ring 0.8/3 - chain 3/0.6 links=9 - ring 0.8/3 - stone 14/1.2", false)))
                .noneMatch(one -> one.startsWith("MAKE"));
    }

    /** Parts of one name and different sizes are made apart, each told by its own place. */
    @Test
    void eachSizeIsMadeByItself() {
        List<PartsHandled> made = plan("3 * (bead-link bead=4..8 - ring 1/4)", false).operations().stream()
                .map(Operation::detail)
                .map(PartsHandled.class::cast)
                .filter(detail -> detail.kind() == PartsHandled.Kind.MAKE)
                .toList();
        assertThat(made).extracting(PartsHandled::part).containsExactly(0, 2, 4);
    }

    /** Hammered closed, a bead threaded on, then closed or opened; glasses on. */
    @Test
    void ringsAreReadiedBeforeTheyAreJoined() {
        Plan plan = plan("ring 1/5 - 2 * (ring 1.4/7 hammered=1 - ring 1/5) - ring 1.6/9 bead=6", false);
        assertThat(told(plan)).contains("HAMMER_FIRST 2", "BEAD_FIRST 1");
        Operation hammer = plan.operations().stream()
                .filter(one -> one.verb().equals("HAMMER_FIRST"))
                .findFirst()
                .orElseThrow();
        assertThat(hammer.cautions()).containsExactly(Caution.HAMMERING);
        assertThat(((PartsHandled) hammer.detail()).toMm()).isEqualTo(1);
        assertThat(plan.operations().stream()
                        .filter(one -> one.after().contains(hammer.id()) && one.stage() == Stage.JOIN))
                .isNotEmpty();
    }

    /** Those that can be are soldered by themselves, the others in the piece; the torch's cautions at both. */
    @Test
    void soldersBeforeItJoins() {
        Plan chain = plan("3 * ring 1/4 soldered", false);
        assertThat(told(chain)).containsExactly("CLOSE_FIRST 2", "SOLDER_FIRST 2", "OPEN_FIRST 1", "PUT_TOGETHER 1");
        assertThat(chain.operations().get(1).cautions()).containsExactly(Caution.TORCH);
        assertThat(chain.operations().get(1).after())
                .containsExactly(chain.operations().get(0).id());
        assertThat(chain.operations().get(3).cautions()).containsExactly(Caution.TORCH);
        assertThat(plan("3 * ring 1/4", false).operations().get(2).cautions()).isEmpty();
    }

    /** What is domed is so when it is made, before anything hangs in it. */
    @Test
    void domesWhatIsMade() {
        Plan plan = plan("ring 1/4 - 2 * (hammered-bar long=30 domed=54 - ring 1/4)", false);
        Operation dome = plan.operations().stream()
                .filter(one -> one.verb().equals("DOME"))
                .findFirst()
                .orElseThrow();
        assertThat(((PartsHandled) dome.detail()).toMm()).isEqualTo(54);
        assertThat(dome.times()).isEqualTo(2);
        assertThat(dome.after()).hasSize(1).allMatch(id -> id.startsWith("make-"));
        assertThat(told(plan("ring 1/4 - hammered-bar - ring 1/4", false))).noneMatch(one -> one.startsWith("DOME"));
    }

    @Test
    void aPairIsTwoCopiesInTandem() {
        Plan pair = plan("fish-hook - ring 0.8/3 - beaded-dangle", true);
        assertThat(pair.copies()).isEqualTo(2);
        assertThat(told(pair)).isEqualTo(told(plan("fish-hook - ring 0.8/3 - beaded-dangle", false)));
    }

    @Test
    void whatCannotBeJoinedIsNotPlanned() {
        assertThatThrownBy(() -> plan("ring 1/5 soldered - finding pendant", false))
                .isInstanceOfSatisfying(
                        Refusal.class, refusal -> assertThat(refusal.code()).isEqualTo("piece-cannot-be-joined"));
    }
}
