package toroid.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import toroid.core.form.FormSolver;
import toroid.core.form.Opening;
import toroid.core.form.Schools;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.piece.Joint;
import toroid.core.piece.MadeInPlace;
import toroid.core.piece.PieceLine;
import toroid.core.piece.PieceSolver;
import toroid.core.piece.PieceWork;
import toroid.core.piece.finish.Finishing;
import toroid.core.piece.part.PartMaker;

/** What is done to the rings of a piece before anything hangs in them. */
class RingsReadiedTest {
    /** Hammered closed, a bead threaded on, then closed or opened; glasses on. */
    @Test
    void ringsAreReadiedBeforeTheyAreJoined() {
        Plan plan = PiecePlanTest.plan("ring 1/5 - 2 * (ring 1.4/7 hammered=1 - ring 1/5) - ring 1.6/9 bead=6", false);
        assertThat(PiecePlanTest.told(plan)).contains("HAMMER_FIRST 2", "BEAD_FIRST 1");
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

    /** A ring is opened once: for its bead, or to hang something in it. */
    @Test
    void whatABeadWasPutOnIsOpenAlready() {
        // wrapped links open for nothing, so that the rings between them have to
        Plan plan = PiecePlanTest.plan("bead-link - 2 * (ring 1.6/9 bead=6 - bead-link)", false);
        assertThat(PiecePlanTest.told(plan)).contains("BEAD_FIRST 2").noneMatch(one -> one.startsWith("OPEN_FIRST"));
        assertThat(PiecePlanTest.told(PiecePlanTest.plan("bead-link - 2 * (ring 1.6/9 - bead-link)", false)))
                .contains("OPEN_FIRST 2");
        Plan turned = PiecePlanTest.plan("bead-link - ring 1/9 turns=2 bead=6 - bead-link", false);
        assertThat(PiecePlanTest.told(turned))
                .contains("BEAD_FIRST 1", "PRESS_FIRST 1")
                .noneMatch(one -> one.matches("(OPEN|CLOSE)_FIRST.*"));
    }

    /** Of several turns they have no gap: pressed together, neither closed nor opened, their neighbours turned on; soldered ones pressed too. */
    @Test
    void ringsOfSeveralTurnsAreTurnedOn() {
        Plan plan = PiecePlanTest.plan("s-hook - 5 * ring 0.8/4 turns=2", false);
        assertThat(PiecePlanTest.told(plan))
                .contains("PRESS_FIRST 5")
                .noneMatch(one -> one.matches("(OPEN|CLOSE)_FIRST.*"));
        var maker = new PartMaker(
                new PartMaker.Stuff(Metals.byId("copper"), Temper.HALF_HARD, Schools.USUAL),
                FormSolver::solve,
                PartMaker.NO_WEAVES);
        PieceWork work = PieceSolver.solve(PieceLine.read("s-hook - 5 * ring 0.8/4 turns=2"), maker);
        assertThat(work.joints())
                .filteredOn(joint -> joint.way() == Joint.Way.OPENED)
                .isNotEmpty()
                .allSatisfy(joint -> assertThat(joint.makersPort().opens()).isEqualTo(Opening.TURNED_ON));
        assertThat(PieceInspection.of(work, MadeInPlace.of(work, maker), false, Finishing.NONE))
                .extracting(Check::kind)
                .doesNotContain(Check.Kind.RINGS_FLUSH);
        assertThat(PiecePlanTest.told(PiecePlanTest.plan(
                        "ring 0.8/4 turns=3 soldered - ring 1/6 - ring 0.8/4 turns=3 soldered", false)))
                .contains("PRESS_FIRST 2", "SOLDER_FIRST 2", "OPEN_FIRST 1", "PUT_TOGETHER 1");
    }

    /** Those that can be are soldered by themselves, the others in the piece; the torch's cautions at both. */
    @Test
    void soldersBeforeItJoins() {
        Plan chain = PiecePlanTest.plan("3 * ring 1/4 soldered", false);
        assertThat(PiecePlanTest.told(chain))
                .startsWith("CLOSE_FIRST 2", "SOLDER_FIRST 2", "OPEN_FIRST 1", "PUT_TOGETHER 1");
        assertThat(chain.operations().get(1).cautions()).containsExactly(Caution.TORCH);
        assertThat(chain.operations().get(1).after())
                .containsExactly(chain.operations().get(0).id());
        assertThat(chain.operations().get(3).cautions()).containsExactly(Caution.TORCH);
        assertThat(PiecePlanTest.plan("3 * ring 1/4", false).operations().get(2).cautions())
                .isEmpty();
    }
}
