package toroid.core.weave;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import toroid.core.ring.DrapeWindow;
import toroid.core.ring.Tightness;
import toroid.core.ring.WeaveFit;
import toroid.core.ring.WeaveFit.Known;
import toroid.core.ring.WeaveFit.Rod;
import toroid.core.weave.pattern.WeavePattern;

class WeaveFitTest {
    private static final Known BYZANTINE = new Known("byzantine", "byzantine", 3.266, 3.3, 4.2);

    private static WeaveFit fit(double ratio, List<Rod> shelf) {
        return WeaveFit.judge(ratio, List.of(BYZANTINE), shelf).get(0);
    }

    /** The sheet says what the judge says, ring by ring. */
    @Test
    void isTheOneJudgement() {
        for (double ratio = 2; ratio < 7; ratio += 0.07) {
            assertThat(fit(ratio, List.of()).fit()).isEqualTo(Tightness.of(ratio, 3.266));
        }
        assertThat(WeaveFit.judge(4, List.of(new Known("new", "new", null, null, null)), List.of())
                        .get(0)
                        .fit())
                .isNull();
    }

    @Test
    void theRodThatWouldDoIsTheOneNearestTheMiddle() {
        List<Rod> shelf = List.of(new Rod(3, 3.1), new Rod(3.5, 3.62), new Rod(3.8, 3.95), new Rod(4.5, 4.7));
        assertThat(fit(6, shelf).betterMandrelMm()).isEqualTo(3.8);
        assertThat(fit(3.95, shelf).betterMandrelMm()).isNull();
        assertThat(fit(6, List.of(new Rod(2, 2.1))).betterMandrelMm()).isNull();
    }

    static java.util.stream.Stream<String> ids() {
        return Weaves.ids();
    }

    /**
     * A habit of the trade that begins where the weave cannot close is a slip of ours: nominal aspect ratios come out up to a twentieth
     * larger (springback), so the window's low end times 1.05 must reach the solved minimum; and the habit must not end before it drapes.
     */
    @ParameterizedTest
    @MethodSource("ids")
    void habitAndGeometryAgree(String id) {
        WeavePattern pattern = Weaves.byId(id);
        if (pattern.usual() == null) {
            return;
        }
        double smallest = Weaves.closest(pattern.id()).aspectRatioMin();
        assertThat(1.05 * pattern.usual().low()).as("low end").isGreaterThanOrEqualTo(smallest);
        assertThat(pattern.usual().high())
                .as("high end")
                .isGreaterThan(DrapeWindow.of(smallest).from());
    }
}
