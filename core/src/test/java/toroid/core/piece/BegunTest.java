package toroid.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.form.Forms;
import toroid.core.piece.part.FormPart;

class BegunTest {
    /** Every form that hangs from something. */
    static List<String> forms() {
        return EndsTest.everything().stream()
                .filter(part ->
                        Forms.all().stream().anyMatch(form -> form.info().id().equals(part)))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("forms")
    void aPieceOfAnyFormCanBeJoinedAsItStands(String form) {
        Begun begun = Begun.of(new FormPart(form, null, null, Map.of()), PartsTest.parts());
        PieceWork work = PieceSolver.solve(begun.piece(), PartsTest.parts());
        assertThat(work.canBeMade()).isTrue();
        assertThat(work.faults()).isEmpty();
        assertThat(work.parts())
                .anyMatch(part ->
                        part.spec() instanceof FormPart one && one.formId().equals(form));
        if (begun.body() == BodyPart.WRIST) {
            var fit = new BodyFit(165, 12);
            double longest = work.parts().stream()
                    .mapToDouble(part -> part.spanMm())
                    .max()
                    .orElseThrow();
            assertThat(fit.remainderMm(work)).isCloseTo(0, within(0.5 * longest + 6));
            assertThat(Worn.of(work, BodyPart.WRIST, 165).closure())
                    .as(PieceLine.write(begun.piece()))
                    .isEqualTo(Closure.HOOK);
        } else {
            assertThat(begun.piece().pair()).isTrue();
        }
    }

    @Test
    void aHookClosesAChainOfRings() {
        Begun begun = Begun.of(new FormPart("hook-curled", null, 1.2, Map.of()), PartsTest.parts());
        assertThat(PieceLine.write(begun.piece())).matches("hook-curled wire=1.2 - \\d+ \\* ring 1/5");
    }
}
