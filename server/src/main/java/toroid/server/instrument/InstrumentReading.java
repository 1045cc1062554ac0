package toroid.server.instrument;

import jakarta.validation.constraints.NotNull;

/**
 * What an instrument says.
 *
 * @param value mm of a caliper, g of a scale
 * @param steady whether it has come to rest
 */
record InstrumentReading(
        @NotNull InstrumentKind kind,
        @NotNull double value,
        @NotNull boolean steady) {}
