package toroid.server.stock;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import toroid.core.stock.Level;

/**
 * How a lot stands.
 *
 * @param code on its label
 * @param level null where nobody said how much there is
 * @param gramsPerUnit what a metre or a piece weighs; null where nothing tells it
 * @param worth what is left of it is worth; null where no price is known
 */
record Standing(@NotNull UUID lot, @NotNull String code, Level level, Double gramsPerUnit, Double worth) {}
