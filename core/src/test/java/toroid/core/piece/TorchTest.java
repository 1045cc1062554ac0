package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.jgrapht.Graph;
import org.jgrapht.alg.connectivity.ConnectivityInspector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleGraph;
import org.junit.jupiter.api.Test;
import toroid.core.form.FormSolver;
import toroid.core.form.Schools;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.piece.finish.Withstands;
import toroid.core.piece.part.PartMaker;

/** Rings soldered where they hang: only among wire, and before anything comes near that does not stand it. */
class TorchTest {
    /** Of three soldered rings in a row the outer two are soldered alone, the middle one in its place: one torch job in the piece, not two. */
    @Test
    void everySecondLinkIsSolderedAlone() {
        PieceWork chain = PartsTest.solve("3 * ring 1/4 soldered");
        assertThat(chain.canBeMade()).isTrue();
        assertThat(chain.joining()).hasSize(1);
        AssemblyStep step = chain.joining().get(0);
        assertThat(step.act()).isEqualTo(AssemblyStep.Act.SOLDER_ROUND);
        assertThat(step.part()).isEqualTo(1);
        assertThat(step.joints()).hasSize(2);
        assertThat(PieceLists.of(chain, false, 0).rings().get(0).preClosed()).isEqualTo(2);
        assertThat(PartsTest.solve("round 8 * ring 1/4 soldered").joining()).hasSize(4);
    }

    /** A neighbour that opens is opened; nothing is soldered in the piece that need not be. */
    @Test
    void whatOpensIsOpened() {
        PieceWork row = PartsTest.solve("ring 1/4 soldered - ring 1/4 - ring 1/4 soldered");
        assertThat(row.joining()).allMatch(step -> step.act() == AssemblyStep.Act.OPEN_AND_CLOSE);
    }

    @Test
    void neverBesideWhatBurnsNorInAMetalThatIsNotSoldered() {
        assertThat(PartsTest.solve("ring 1/4 soldered - chain 3/0.6 links=9 soldered")
                        .canBeMade())
                .isFalse();
        assertThat(PartsTest.solve("finding pendant - ring 1/4 soldered").canBeMade())
                .isFalse();
        var aluminium = new PartMaker.Stuff(Metals.byId("aluminium"), Temper.HALF_HARD, Schools.USUAL);
        var parts = new PartMaker(aluminium, FormSolver::solve, PartMaker.NO_WEAVES);
        assertThat(PieceSolver.solve(PieceLine.read("2 * ring 1/4 soldered"), parts)
                        .canBeMade())
                .isFalse();
    }

    private static final List<String> KINDS = List.of(
            "ring 1/4 soldered",
            "ring 1/4 soldered",
            "ring 1/4",
            "figure-eight",
            "bead-link first=wrapped second=wrapped",
            "chain 3/0.6 links=9 soldered",
            "finding pendant-on-a-bail");

    /** Played as hands would: whatever hangs together with a ring when it is soldered is wire and nothing else. */
    @Test
    void theTorchComesFirst() {
        var chance = new Random(31);
        int soldered = 0;
        for (int piece = 0; piece < 400; piece++) {
            var line = new StringBuilder("ring 1/4 soldered");
            for (int i = 0; i < 5; i++) {
                line.append(" - ").append(KINDS.get(chance.nextInt(KINDS.size() - (i < 4 ? 1 : 0))));
            }
            PieceWork work = PartsTest.solve(line.toString());
            Graph<Integer, DefaultEdge> joined = new SimpleGraph<>(DefaultEdge.class);
            for (int i = 0; i < work.parts().size(); i++) {
                joined.addVertex(i);
            }
            for (AssemblyStep step : work.steps()) {
                step.joints()
                        .forEach(at -> joined.addEdge(
                                work.joints().get(at).a(), work.joints().get(at).b()));
                if (step.act() == AssemblyStep.Act.SOLDER_ROUND) {
                    soldered++;
                    assertThat(new ConnectivityInspector<>(joined).connectedSetOf(step.part()))
                            .as("%s, at %d", line, step.part())
                            .allMatch(part -> Withstands.torch(work.parts().get(part)));
                }
            }
        }
        assertThat(soldered).isGreaterThan(50);
    }
}
