package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.weave.WeaveRings;
import toroid.core.weave.Weaves;

/** A row that lies unpulled. */
class AtRestTest {
    private static double gives(String line) {
        return AtRest.givesMm(PartsTest.solve(line));
    }

    /** Each ring more is as much longer at rest as in the solved single chain, whose every gap is as wide as can be. */
    @ParameterizedTest
    @CsvSource({"1, 3", "1, 4", "0.8, 3.2", "1.2, 7"})
    void aChainOfRingsRestsAsTheSolvedOne(double wire, double inside) {
        var rings = new WeaveRings(wire, List.of(inside));
        double pitch = Weaves.work("single-chain", rings).restPose().pitch();
        double ring = inside - (gives(chain(wire, inside, 21)) - gives(chain(wire, inside, 20)));
        assertThat(ring).isCloseTo(pitch, within(1e-3 * inside));
    }

    private static String chain(double wire, double inside, int count) {
        return count + " * ring " + wire + "/" + inside;
    }

    /** By hand: a joint of two links of 2.4 inside in 0.8 wire gives (2.4 − 0.8)/2; a ring of 4 between them shares (4 − 1.6) in three. */
    @Test
    void aJointGivesTheLesserOfItsHoles() {
        assertThat(gives("wing - wing")).isGreaterThan(0);
        double links = gives("figure-eight wire=0.8 first=3 second=3 - figure-eight wire=0.8 first=3 second=3");
        assertThat(links).isCloseTo((3 - 0.8) / 2, within(1e-9));
        double withRing =
                gives("figure-eight wire=0.8 first=3 second=3 - ring 0.8/4 - figure-eight wire=0.8 first=3 second=3");
        assertThat(withRing).isCloseTo(2 * Math.min((3 - 0.8) / 2, (4 - 2 * 0.8) / 3), within(1e-9));
    }

    /** A chain of 40 links of pitch 3 in 0.6: 39 joints of (3 − 1.2)/3; a hanging drop gives nothing to the row but takes room. */
    @Test
    void whatHangsTakesRoomOnly() {
        assertThat(gives("chain 3/0.6 links=40")).isCloseTo(39 * 0.6, within(1e-9));
        String row = "ring 0.8/5 - ring 0.8/5%s - ring 0.8/5";
        double alone = gives(String.format(row, ""));
        double hung = gives(String.format(row, " [ring 0.8/3]"));
        assertThat(alone).isCloseTo(2 * (5 - 1.6) / 3, within(1e-9));
        assertThat(hung).isCloseTo(2 * (5 - 2.4) / 4, within(1e-9));
    }

    static List<Starters.Starter> starters() {
        return Starters.all();
    }

    /** Nothing is longer unpulled, and pushed together as far as it goes no piece is shorter than nothing. */
    @ParameterizedTest
    @MethodSource("starters")
    void everyStarterGivesSomethingAndNotAll(Starters.Starter starter) {
        PieceWork work = PartsTest.solve(starter.line());
        assertThat(AtRest.givesMm(work)).isBetween(0.0, work.lengthMm() / 2);
    }
}
