package toroid.server.ring;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import toroid.core.quantity.Figure;
import toroid.core.quantity.Note;
import toroid.core.quantity.WireNames;
import toroid.core.ring.Coil;
import toroid.core.ring.Tightness;

/**
 * Everything the Rings place shows of one ring. Lengths mm.
 *
 * @param ring the ring from mandrel to closed
 * @param handbook the same by the handbook alone, to set theory beside own measurement
 * @param names what the wire is called
 * @param figures every number with its why
 * @param coils the coil plan
 * @param ringsMade wanted plus spare
 * @param stock what the spool has for it; null when no spool is chosen or its length is not known
 * @param notes judgement, as codes
 * @param weaves against the customary windows
 * @param rods the shelf's rods and the ring each would give
 * @param closestRodId the shelf's rod whose closed ring comes nearest; null for an empty shelf
 */
public record RingSheet(
        @NotNull RingSizes ring,
        @NotNull RingSizes handbook,
        @NotNull WireNames names,
        @NotNull List<Figure> figures,
        @NotNull List<Coil> coils,
        @NotNull int ringsMade,
        StockView stock,
        @NotNull List<Note> notes,
        @NotNull List<WeaveView> weaves,
        @NotNull List<RodView> rods,
        UUID closestRodId) {

    /** What the spool has: wire left, whole rings it gives, wire short (0 when enough), cost of the wire if priced. */
    public record StockView(
            Double lengthLeftMm,
            Integer ringsPossible,
            @NotNull double shortMm,
            Double cost,
            Double costPerRing) {}

    /**
     * One weave's usual window, nominal, and how this ring sits in it as solved.
     *
     * @param fit null while it is not solved yet
     */
    public record WeaveView(
            @NotNull String id,
            @NotNull String name,
            @NotNull double low,
            @NotNull double high,
            Tightness fit,
            Double betterMandrelMm) {}

    /** One rod of the shelf; sizes null when this wire takes no ring on it, then {@code refusal} is the code. */
    public record RodView(
            @NotNull UUID id,
            @NotNull String name,
            @NotNull double diameterMm,
            @NotNull double usableLengthMm,
            Double closedInnerMm,
            Double aspectRatio,
            String refusal) {}
}
