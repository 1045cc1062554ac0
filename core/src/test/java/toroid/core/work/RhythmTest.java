package toroid.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import toroid.core.form.Family;
import toroid.core.form.FormStep;

class RhythmTest {
    /** Whatever the rhythm, every piece gets every step once. */
    @Property(tries = 200)
    void everyPieceGetsEveryStep(
            @ForAll @IntRange(min = 1, max = 60) int pieces,
            @ForAll @IntRange(min = 1, max = 20) int steps,
            @ForAll @IntRange(min = 1, max = 60) int group,
            @ForAll @IntRange(min = 0, max = 3) int ahead) {
        var rhythm = new Rhythm(pieces, Math.min(group, pieces), steps, Math.min(ahead, pieces - 1));
        int[] done = new int[steps];
        for (int place = 0; place < rhythm.places(); place++) {
            done[rhythm.stepAt(place)] += rhythm.copiesAt(place);
        }
        assertThat(done).containsOnly(pieces);
        assertThat(rhythm.copiesDone(rhythm.places())).isEqualTo(pieces);
    }

    @Test
    void pairsInTandemFinishTwoByTwo() {
        var rhythm = new Rhythm(5, 2, 4);
        assertThat(rhythm.groups()).isEqualTo(3);
        assertThat(rhythm.copiesDone(8)).isEqualTo(4);
        assertThat(rhythm.copiesAt(11)).isEqualTo(1);
    }

    @Test
    void whatCanHurtComesWithItsCaution() {
        assertThat(FormPlan.cautions(step(FormStep.Kind.CUT), Family.PINS))
                .isEqualTo(List.of(Caution.GLASSES_ENDS_FLY));
        assertThat(FormPlan.cautions(step(FormStep.Kind.SOLDER), Family.FRAMES)).isEqualTo(List.of(Caution.TORCH));
        assertThat(FormPlan.cautions(step(FormStep.Kind.DRILL), Family.FRAMES)).isEqualTo(List.of(Caution.DRILLING));
        assertThat(FormPlan.cautions(step(FormStep.Kind.FILE), Family.EAR_FINDINGS))
                .isEqualTo(List.of(Caution.WORN_IN_AN_EAR));
        assertThat(FormPlan.cautions(step(FormStep.Kind.FILE), Family.PINS)).isEmpty();
        for (FormStep.Kind kind : FormStep.Kind.values()) {
            assertThat(FormPlan.stageOf(step(kind))).isNotNull();
        }
    }

    private static FormStep step(FormStep.Kind kind) {
        return FormStep.plain(kind, "", "");
    }
}
