package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static toroid.core.piece.PartsTest.lists;
import static toroid.core.piece.PartsTest.parts;
import static toroid.core.piece.PartsTest.solve;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import toroid.core.form.Solid;
import toroid.core.piece.part.Body;
import toroid.core.piece.part.PartWork;

/** Beads on beading wire. */
class StrandTest {
    /** Twelve beads of 6, slack 1.5 in a hundred, two tubes of 2 and two loops of 3: 72 · 1.015 + 4 + 6 = 83.08. By hand. */
    @Test
    void aStrandIsItsBeadsItsCrimpsAndItsLoops() {
        String line = "strand 0.38 (12 * bead 6/1)";
        assertThat(solve(line).lengthMm()).isCloseTo(83.08, within(1e-9));
        assertThat(lists(line).bought())
                .extracting(PartWork.Bought::kind)
                .containsExactly(
                        PartWork.Bought.Kind.BEAD, PartWork.Bought.Kind.BEADING_WIRE, PartWork.Bought.Kind.CRIMP);
        assertThat(lists(line).bought().get(0).amount()).isEqualTo(12);
        assertThat(solve(line + " - ring 0.8/3 soldered").joints().get(0).way()).isEqualTo(Joint.Way.CLOSED_ROUND);
    }

    /**
     * Two strands that share the large beads: three of 4 on each between two of 8. Side by side they lie 2 out; the first and the last lean there:
     * 12 − 2 (4 − √12) = 10.93; with the two of 8 26.93 · 1.015, two tubes of 1 and two loops of 3. By hand.
     */
    @Test
    void strandsPartAndMeetInABead() {
        String line = "strand 0.25 strands=2 (bead 8/1.2 - each 3 * bead 4/1 - bead 8/1.2)";
        double leaning = 12 - 2 * (4 - Math.sqrt(12));
        double tubes = solve(line).lengthMm() - 1.015 * (16 + leaning) - 6;
        assertThat(tubes).isCloseTo(2, within(1e-9));
        assertThat(lists(line).bought().get(0).amount()).isEqualTo(2);
        assertThat(lists(line).bought().get(1).amount()).isEqualTo(6);
        Body body = solve(line).parts().get(0).spec().body(parts());
        assertThat(body.solids()).hasSize(8);
        // no bead in another
        for (Solid one : body.solids()) {
            for (Solid other : body.solids()) {
                if (one != other) {
                    assertThat(one.centre().distance(other.centre()))
                            .isGreaterThan(0.85 * (one.diameterMm() + other.diameterMm()) / 2);
                }
            }
        }
        // small holes take one strand, the large ones both, at the ends out and back
        assertThat(solve(line.replace("4/1", "4/0.3")).faults()).isEmpty();
        assertThat(solve(line.replace("8/1.2", "8/0.4")).faults()).isNotEmpty();
    }

    /** Common practice (4.3): a 2×2 tube takes 0.019 in out and back; a 3×3 three strands doubled. */
    @ParameterizedTest
    @CsvSource({"0.4826, 1, 2", "0.4826, 3, 3", "0.254, 1, 1"})
    void theCrimpTakesEveryPass(double wire, int strands, double tube) {
        String line = "strand " + wire + (strands > 1 ? " strands=" + strands : "") + " (bead 8/3)";
        assertThat(solve(line).faults()).isEmpty();
        assertThat(lists(line).bought().get(2).sizesMm().get(0)).isEqualTo(tube);
    }
}
