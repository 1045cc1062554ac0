package toroid.server.weave;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import toroid.core.quantity.Figure;
import toroid.core.quantity.Note;
import toroid.core.ring.Tightness;
import toroid.core.weave.WeaveAnswer;
import toroid.core.weave.WeaveBend;
import toroid.core.weave.pattern.Lattice;

/** What is asked of weaves and what is answered. Lengths mm. */
final class WeaveAnswers {
    private WeaveAnswers() {}

    /**
     * Rings for a weave.
     *
     * @param wireDiameterMm as measured
     * @param innerDiameterMm closed, as measured; one for each ring size of the weave
     * @param metal copper when left out
     */
    record WeaveQuestion(
            @NotNull double wireDiameterMm, @NotNull List<@NotNull Double> innerDiameterMm, String metal) {}

    /**
     * One weave of the catalogue.
     *
     * @param links ring, other ring, cells along, cells across, link after link
     * @param own its id among the maker's own; null for one shipped
     * @param usualLow nominal aspect ratio its usual window begins at; null where the trade has none
     * @param aspectRatioMin of the first ring size, the others in their usual proportion; null until it is solved
     * @param tightFrom true aspect ratio from which it is no longer on the edge
     * @param usualFrom true aspect ratio from which it drapes
     * @param usualTo true aspect ratio up to which it keeps its pattern
     * @param floppyFrom true aspect ratio from which it no longer does
     */
    record WeaveEntry(
            @NotNull String id,
            @NotNull String name,
            @NotNull String unit,
            @NotNull Lattice.Kind kind,
            @NotNull List<WeaveSize> sizes,
            @NotNull int ringsInCell,
            @NotNull int[] links,
            UUID own,
            @NotNull List<String> sources,
            Double usualLow,
            Double usualHigh,
            Double aspectRatioMin,
            Double tightFrom,
            Double usualFrom,
            Double usualTo,
            Double floppyFrom) {}

    /** Where a weave drapes on one ring's nominal scale, and whether that ring does. */
    record WeaveWindow(
            @NotNull String weaveId,
            @NotNull double low,
            @NotNull double high,
            @NotNull boolean fits) {}

    /** A ring size a weave mixes. */
    record WeaveSize(
            @NotNull String id,
            @NotNull String name,
            @NotNull double usualRatio) {}

    /** How tightly a weave bends, each way it can be; none for what is finite, does not fit or closes to no loop. */
    record WeaveBends(@NotNull String weaveId, @NotNull List<WeaveBendAnswer> bends) {}

    /** One way it is bent: the rod it just lies round, the cell that was solved and what it is short of fitting by. */
    record WeaveBendAnswer(
            @NotNull WeaveBend.Way way,
            @NotNull Figure figure,
            @NotNull int cells,
            @NotNull int ringsInCell,
            @NotNull double residualMm,
            @NotNull boolean linksVerified) {
        static WeaveBendAnswer of(WeaveBend bend) {
            return new WeaveBendAnswer(
                    bend.way(),
                    bend.figure(),
                    bend.cells(),
                    bend.ringsInCell(),
                    bend.residualMm(),
                    bend.linksVerified());
        }
    }

    /** How rings sit in a weave, without its pitches: there at once. */
    record WeaveJudged(
            @NotNull String weaveId,
            @NotNull Tightness tightness,
            @NotNull double aspectRatio,
            @NotNull double aspectRatioMin,
            @NotNull double playPercent,
            @NotNull List<Note> notes) {}

    /** A weave solved for rings: the core's figures, and what is to be said of them. */
    record WeaveSolved(
            @NotNull String weaveId,
            @NotNull boolean fits,
            @NotNull Tightness tightness,
            @NotNull double aspectRatio,
            @NotNull double aspectRatioMin,
            @NotNull double playPercent,
            Double tautPitchMm,
            Double shortestPitchMm,
            Double restPitchMm,
            Double acrossTautMm,
            Double acrossShortestMm,
            @NotNull int ringsPerUnit,
            Double ringsPer100mm,
            Double ringsPerSquareCm,
            Double massPer100mmG,
            @NotNull double residualMm,
            @NotNull boolean linksVerified,
            @NotNull List<Figure> figures,
            @NotNull List<Note> notes) {
        static WeaveSolved of(String weaveId, WeaveAnswer answer, List<Figure> figures, List<Note> notes) {
            return new WeaveSolved(
                    weaveId,
                    answer.fits(),
                    answer.tightness(),
                    answer.aspectRatio(),
                    answer.aspectRatioMin(),
                    100 * answer.play(),
                    answer.tautPitchMm(),
                    answer.shortestPitchMm(),
                    answer.restPitchMm(),
                    answer.acrossTautMm(),
                    answer.acrossShortestMm(),
                    answer.ringsPerUnit(),
                    answer.ringsPer100mm(),
                    answer.ringsPerSquareCm(),
                    answer.massPer100mmG(),
                    answer.residualMm(),
                    answer.linksVerified(),
                    figures,
                    notes);
        }
    }

    /**
     * The rings of one cell, and how cells repeat: image (i, j) is turned by {@code i·turn + j·acrossTurn} about x, then moved by
     * {@code pitch·(i, 0, 0) + j·second}.
     *
     * @param rings x, y, z of the centre, x, y, z of the normal, radius to the middle of the wire, for one ring after another
     * @param second where a step in the second direction leads, mm
     * @param around how many cells close a tube; 0 for none
     * @param atRest whether this is the pose at rest
     */
    record WeavePose(
            @NotNull double pitchMm,
            @NotNull boolean atRest,
            @NotNull double[] second,
            @NotNull double turn,
            @NotNull double acrossTurn,
            @NotNull int around,
            @NotNull double[] rings) {}

    /** One ring of the shelf in every weave of one ring size. */
    record WeaveShelf(
            @NotNull double wireDiameterMm,
            @NotNull double innerDiameterMm,
            @NotNull double aspectRatio,
            @NotNull List<WeaveOnShelf> weaves) {}

    /** How a weave sits in that ring. */
    record WeaveOnShelf(
            @NotNull String weaveId,
            @NotNull Tightness tightness,
            @NotNull double playPercent) {}
}
