package toroid.server.weave;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import toroid.core.quantity.Figure;
import toroid.core.ring.Tightness;
import toroid.core.weave.assembly.PreClosed;
import toroid.core.weave.composition.Composition;
import toroid.core.weave.composition.CompositionStage;
import toroid.core.weave.composition.CompositionWork;

/**
 * What a composition takes and how it lies. Lengths mm.
 *
 * @param ringCount small rings, larger rings
 * @param rowCounts rings in each row of the longest arm, from the middle out
 * @param hubSmallestMm inside of the smallest larger ring that goes in
 * @param hubUsualMm of the usual one
 * @param hubLargestMm of the largest; null for any size
 * @param hubInnerDiameterMm of the one chosen: the maker's own, or the usual one
 * @param laidAboutMm of the one the rings are laid about: that, or the nearest that goes in
 * @param fit how that one goes in
 * @param arms how the small rings sit in it all
 * @param stages what is made after what
 * @param beside what to look at first when the last ring will not close
 * @param colourCounts small and larger rings of the first colour, then of the second
 * @param palette both colours
 * @param rings seven numbers for each: centre, normal, radius
 * @param ringWireMm wire of each
 * @param colours place in the palette of each
 * @param steps in the order of assembly
 * @param closedBefore places of the rings closed beforehand
 */
public record CompositionAnswer(
        @NotNull List<Integer> ringCount,
        @NotNull List<Integer> rowCounts,
        @NotNull double hubSmallestMm,
        @NotNull double hubUsualMm,
        Double hubLargestMm,
        @NotNull double hubInnerDiameterMm,
        @NotNull double laidAboutMm,
        @NotNull CompositionWork.HubFit fit,
        @NotNull Tightness arms,
        @NotNull PreClosed preClosed,
        @NotNull int opened,
        @NotNull List<@NotNull CompositionStage> stages,
        @NotNull List<Beside> beside,
        @NotNull List<List<Integer>> colourCounts,
        @NotNull List<String> palette,
        @NotNull double[] rings,
        @NotNull double[] ringWireMm,
        @NotNull int[] colours,
        @NotNull List<PatchAnswers.PatchStep> steps,
        @NotNull int[] closedBefore,
        @NotNull List<Figure> figures) {

    /** A ring to look at: what it is for, in which part. */
    public record Beside(
            @NotNull Composition.Role role, @NotNull int part) {}
}
