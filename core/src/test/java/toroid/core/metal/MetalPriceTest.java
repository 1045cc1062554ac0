package toroid.core.metal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class MetalPriceTest {
    private static final long MAY = LocalDate.of(2026, 5, 1).toEpochDay();

    @Test
    void theLatestToldByThenIsInForce() {
        var told = List.of(
                new MetalPrice("sterling-silver", MAY + 30, 1.1),
                new MetalPrice("sterling-silver", MAY, 0.9),
                new MetalPrice("copper", MAY + 40, 0.02));
        assertThat(MetalPrice.inForce(told, "sterling-silver", MAY - 1)).isEmpty();
        assertThat(MetalPrice.inForce(told, "sterling-silver", MAY))
                .get()
                .extracting(MetalPrice::perGram)
                .isEqualTo(0.9);
        assertThat(MetalPrice.inForce(told, "sterling-silver", MAY + 29))
                .get()
                .extracting(MetalPrice::perGram)
                .isEqualTo(0.9);
        assertThat(MetalPrice.inForce(told, "sterling-silver", MAY + 730))
                .get()
                .extracting(MetalPrice::perGram)
                .isEqualTo(1.1);
        assertThat(MetalPrice.inForce(told, "copper", MAY)).isEmpty();
    }

    @Test
    void isOfAMetalAndNotBelowNothing() {
        assertThatThrownBy(() -> new MetalPrice("unobtainium", MAY, 1)).hasMessageContaining("unobtainium");
        assertThatThrownBy(() -> new MetalPrice("copper", MAY, -1)).hasMessageContaining("perGram");
    }
}
