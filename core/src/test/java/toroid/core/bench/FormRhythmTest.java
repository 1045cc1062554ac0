package toroid.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import toroid.core.form.Family;
import toroid.core.form.FormStep;

class FormRhythmTest {
    /** Whatever the rhythm, every piece gets every step once. */
    @Property(tries = 200)
    void everyPieceGetsEveryStep(
            @ForAll @IntRange(min = 1, max = 60) int pieces,
            @ForAll @IntRange(min = 1, max = 20) int steps,
            @ForAll @IntRange(min = 1, max = 60) int group) {
        var rhythm = new FormRhythm(pieces, Math.min(group, pieces), steps);
        int[] done = new int[steps];
        for (int place = 0; place < rhythm.places(); place++) {
            done[rhythm.stepAt(place)] += rhythm.timesAt(place);
        }
        assertThat(done).containsOnly(pieces);
        assertThat(rhythm.piecesDone(rhythm.places())).isEqualTo(pieces);
    }

    @Test
    void pairsInTandemFinishTwoByTwo() {
        var rhythm = new FormRhythm(5, 2, 4);
        assertThat(rhythm.groups()).isEqualTo(3);
        assertThat(rhythm.piecesDone(8)).isEqualTo(4);
        assertThat(rhythm.timesAt(11)).isEqualTo(1);
    }

    @Test
    void whatCanHurtComesWithItsCaution() {
        assertThat(FormCautions.of(step(FormStep.Kind.CUT), Family.PINS)).isEqualTo(List.of(Caution.GLASSES_ENDS_FLY));
        assertThat(FormCautions.of(step(FormStep.Kind.SOLDER), Family.FRAMES)).isEqualTo(List.of(Caution.TORCH));
        assertThat(FormCautions.of(step(FormStep.Kind.DRILL), Family.FRAMES)).isEqualTo(List.of(Caution.DRILLING));
        assertThat(FormCautions.of(step(FormStep.Kind.FILE), Family.EAR_FINDINGS))
                .isEqualTo(List.of(Caution.WORN_IN_AN_EAR));
        assertThat(FormCautions.of(step(FormStep.Kind.FILE), Family.PINS)).isEmpty();
        for (FormStep.Kind kind : FormStep.Kind.values()) {
            assertThat(FormCautions.stageOf(step(kind))).isNotNull();
        }
    }

    private static FormStep step(FormStep.Kind kind) {
        return FormStep.plain(kind, "", "");
    }
}
