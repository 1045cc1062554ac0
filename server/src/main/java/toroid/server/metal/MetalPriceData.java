package toroid.server.metal;

import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import toroid.core.metal.MetalPrice;
import toroid.core.numeric.Refusal;
import toroid.server.store.ServerCode;
import toroid.server.store.Words;

/**
 * A metal's price on a day.
 *
 * @param metal id of a metal kept in the core
 * @param perGram in the workshop's money
 * @param note who told it
 */
public record MetalPriceData(
        @NotNull String metal,
        @NotNull LocalDate day,
        @NotNull double perGram,
        @NotNull String note) {
    private static final LocalDate EARLIEST = LocalDate.of(1900, 1, 1);
    private static final LocalDate LATEST = LocalDate.of(2200, 1, 1);

    /** @throws Refusal when it cannot be kept */
    MetalPriceData checked() {
        toCore();
        Words.checkNote(note);
        if (day.isBefore(EARLIEST) || day.isAfter(LATEST)) {
            throw Refusal.of(ServerCode.BAD_DAY, "day", day);
        }
        return this;
    }

    MetalPrice toCore() {
        return new MetalPrice(metal, day.toEpochDay(), perGram);
    }
}
