package toroid.server.ring;

import jakarta.validation.constraints.NotNull;
import toroid.core.ring.RingWork;

/** A ring from mandrel to closed, mm; bands are 95 %. */
public record RingSizes(
        @NotNull double wireDiameterMm,
        @NotNull double mandrelDiameterMm,
        @NotNull double sprungInnerMm,
        @NotNull double sprungLowMm,
        @NotNull double sprungHighMm,
        @NotNull double closedInnerMm,
        @NotNull double closedLowMm,
        @NotNull double closedHighMm,
        @NotNull double closedOuterMm,
        @NotNull double aspectRatio,
        @NotNull double nominalAspectRatio,
        @NotNull int measurements) {
    public static RingSizes of(RingWork work) {
        return new RingSizes(
                work.closed().wireDiameterMm(),
                work.mandrelDiameterMm(),
                work.sprung().innerDiameterMm(),
                work.sprungLowMm(),
                work.sprungHighMm(),
                work.closed().innerDiameterMm(),
                work.closedLowMm(),
                work.closedHighMm(),
                work.closed().outerDiameterMm(),
                work.closed().aspectRatio(),
                work.nominalAspectRatio(),
                work.flow().measurements());
    }
}
