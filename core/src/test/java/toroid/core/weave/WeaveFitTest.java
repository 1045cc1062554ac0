package toroid.core.weave;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import toroid.core.weave.CustomaryWindow.Fit;

class WeaveFitTest {
    private static Map<String, WeaveFit> judge(double wire, double mandrel, List<Double> shelf) {
        return WeaveFit.judge(wire, mandrel, shelf).stream()
                .collect(Collectors.toMap(f -> f.window().id(), f -> f));
    }

    /** Common practice: European 4-in-1 usually at AR 4, byzantine 3.3–4.2, full Persian 5–5.5, tight at 5. */
    @Test
    void usualWindows() {
        var at4 = judge(1, 4, List.of());
        assertThat(at4.get("european-4-in-1").fit()).isEqualTo(Fit.USUAL);
        assertThat(at4.get("byzantine").fit()).isEqualTo(Fit.USUAL);
        assertThat(at4.get("full-persian-6-in-1").fit()).isEqualTo(Fit.TIGHT);
        assertThat(at4.get("three-in-a-spiral").fit()).isEqualTo(Fit.LOOSE);
    }

    /** Nominal aspect ratio: mandrel ÷ wire, whatever springback makes of it. */
    @Test
    void theRodThatWouldDoIsTheOneNearestTheMiddle() {
        var fits = judge(1, 6, List.of(3.0, 3.5, 3.8, 4.5));
        assertThat(fits.get("byzantine").betterMandrelMm()).isEqualTo(3.8);
        assertThat(fits.get("half-persian-4-in-1").betterMandrelMm()).isNull();
        assertThat(fits.get("full-persian-6-in-1").betterMandrelMm()).isNull();
    }

    @Test
    void windowsAreOrderedAndHoldSomething() {
        assertThat(CustomaryWindow.all()).allSatisfy(w -> assertThat(w.low()).isLessThan(w.high()));
        assertThat(CustomaryWindow.all()).extracting(CustomaryWindow::id).doesNotHaveDuplicates();
    }
}
