package toroid.server.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import toroid.server.work.RunCuts.SoFar;
import toroid.server.work.RunCuts.Taken;

/** Which lengths a run has cut, told from what its operations took. */
class RunCutsTest {
    private static SoFar after(Taken... taken) {
        return new SoFar(null, List.of(taken));
    }

    @Test
    void aFormsLengthsAreTakenOneByOne() {
        SoFar soFar = after(new Taken(null, 1, List.of(66.4), 4), new Taken(null, 1, List.of(30.0), 4));
        assertThat(soFar.of("hook", 66.4)).isEqualTo(4);
        assertThat(soFar.of("binding", 30)).isEqualTo(4);
        assertThat(soFar.of("hook", 33.2)).isZero();
    }

    /** Three of a part at once: their three lengths; a part that is twice as long, of the same name, is another. */
    @Test
    void aPartsLengthsAreTakenTogether() {
        SoFar small = after(new Taken("bead link", 3, List.of(180.0), 1));
        assertThat(small.of("bead link", 60)).isEqualTo(3);
        assertThat(small.of("bead link", 120)).isZero();
        assertThat(small.of("bead link", 180)).isZero();
        assertThat(small.of("hook", 60)).isZero();
        SoFar large = after(new Taken("bead link", 2, List.of(240.0), 1));
        assertThat(large.of("bead link", 120)).isEqualTo(2);
        assertThat(large.of("bead link", 60)).isZero();
    }

    /** Several wires of one part, and a length that came from two lots because neither had all of it. */
    @Test
    void severalWiresAndSeveralLots() {
        SoFar bound = after(new Taken("bound link", 3, List.of(180.0, 90.0), 2));
        assertThat(bound.of("bound link", 60)).isEqualTo(6);
        assertThat(bound.of("bound link", 30)).isEqualTo(6);
        SoFar lots = after(new Taken("bead link", 5, List.of(180.0, 120.0), 1));
        assertThat(lots.of("bead link", 60)).isEqualTo(5);
    }
}
