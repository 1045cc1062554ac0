package toroid.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import toroid.core.piece.part.Strung;

class StrungPlanTest {
    /** Bead by bead: those that all strands share once, a run that each has by itself as often as there are strands; two strands one after the other. */
    @Test
    void aStrandIsThreadedBeadByBead() {
        String strand = "strand 0.25 strands=2 (bead 8/1.2 - each 3 * bead 4/1 - 2 * bead 8/1.2)";
        Plan plan = PiecePlanTest.plan(strand + " - ring 0.8/3 - " + strand, false);
        Operation threading = plan.operations().stream()
                .filter(one -> one.verb().equals("STRING"))
                .findFirst()
                .orElseThrow();
        PartsHandled detail = (PartsHandled) threading.detail();
        assertThat(detail.strung()).extracting(Strung::beads).containsExactly(1, 6, 2);
        assertThat(detail.strung()).extracting(Strung::strands).containsExactly(2, 1, 2);
        assertThat(threading.times()).isEqualTo(2 * (1 + 6 + 2));
        assertThat(PiecePlanTest.told(plan)).contains("CRIMP 4");
        // hung in a hook without a ring between: that end is crimped round it
        assertThat(PiecePlanTest.told(PiecePlanTest.plan("finding clasp - " + strand + " - ring 0.8/3", false)))
                .contains("CRIMP 1");
        assertThat(detail.wireMm()).isEqualTo(0.25);
        double along = detail.strung().stream()
                .mapToDouble(one -> one.count() * one.lengthMm())
                .sum();
        assertThat(along).isCloseTo(8 + 3 * 4 + 16, within(1e-9));
    }
}
