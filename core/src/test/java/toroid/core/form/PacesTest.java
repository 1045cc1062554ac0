package toroid.core.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import toroid.core.form.Paces.Timing;

class PacesTest {
    @Test
    void whileNothingIsTimedTheStatedTimesStand() {
        Pace pace = Paces.STATED.of(HandWork.CLOSE);
        assertThat(pace.factor()).isEqualTo(1);
        assertThat(pace.within()).isCloseTo(2, within(1e-12));
        // and one copy by itself lies further off: √(ln² 2 + ln² 1.5)
        assertThat(pace.next()).isCloseTo(Math.exp(Math.hypot(Math.log(2), Math.log(1.5))), within(1e-12));
        assertThat(pace.all()).isZero();
        assertThat(Paces.STATED.total(List.of()).minutes()).isZero();
    }

    /** By hand: p² + t² = (ln 2 / 1.96)², s = ln 1.5 / 1.96; one timing of twice as long: ln k = 0.6931 × 23.37 / 31.36 = 0.5164. */
    @Test
    void oneTimingByHand() {
        Paces paces = Paces.by(List.of(new Timing("FORM/s-hook", 20, 10)));
        Pace pace = paces.of("FORM/s-hook");
        assertThat(Math.log(pace.factor())).isCloseTo(0.5164, within(2e-4));
        assertThat(pace.within()).isCloseTo(Math.exp(1.96 / Math.sqrt(7.996 + 23.367)), within(1e-3));
        // what was never timed goes with it, most of the way and less surely
        Pace other = paces.of(HandWork.CLOSE);
        assertThat(Math.log(other.factor())).isBetween(0.3, 0.5);
        assertThat(other.within()).isGreaterThan(pace.within());
        assertThat(other.timings()).isZero();
        assertThat(other.all()).isEqualTo(1);
    }

    /** Slow at closing, quick at winding: each is told by its own. */
    @Test
    void eachWorkHasItsOwn() {
        var timings = new ArrayList<Timing>();
        for (int i = 0; i < 30; i++) {
            timings.add(new Timing(HandWork.CLOSE, 15, 10));
            timings.add(new Timing(HandWork.WIND, 7, 10));
        }
        Paces paces = Paces.by(timings);
        assertThat(paces.of(HandWork.CLOSE).factor()).isCloseTo(1.5, within(0.05));
        assertThat(paces.of(HandWork.WIND).factor()).isCloseTo(0.7, within(0.05));
        Paces.Expected all = paces.total(List.of(
                new HandWork(HandWork.CLOSE, 4), new HandWork(HandWork.WIND, 2), new HandWork(HandWork.CLOSE, 4)));
        assertThat(all.minutes()).isCloseTo(8 * 1.5 + 2 * 0.7, within(0.4));
        assertThat(all.timings()).isEqualTo(60);
        assertThat(all.within()).isCloseTo(paces.of(HandWork.CLOSE).within(), within(1e-9));
        assertThat(paces.misfits(HandWork.CLOSE)).isEmpty();
        timings.add(new Timing(HandWork.CLOSE, 900, 10));
        assertThat(Paces.by(timings).misfits(HandWork.CLOSE)).containsExactly(30);
    }
}
