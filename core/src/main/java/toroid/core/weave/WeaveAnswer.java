package toroid.core.weave;

import toroid.core.ring.Tightness;

/**
 * A weave solved for the maker's rings. Lengths mm, masses g. A figure that was not reached is null, never a guess.
 *
 * @param fits whether wire of that thickness goes in, rings round and rigid
 * @param tightness what that means at the bench
 * @param aspectRatio true aspect ratio of the first size
 * @param aspectRatioMin the smallest of that size at these proportions
 * @param play how much thicker wire would still go in, as a share
 * @param tautPitchMm the longest cell
 * @param shortestPitchMm the shortest cell
 * @param restPitchMm the cell with its rings as far from touching as they come, evenly about a chain's axis where that fits
 * @param acrossTautMm the longest cell in a sheet's second direction; null without one
 * @param acrossShortestMm the shortest
 * @param ringsPerUnit rings of one cell; for a tube, of one cell all round
 * @param ringsPer100mm of a chain or tube pulled taut
 * @param ringsPerSquareCm of a sheet at rest
 * @param massPer100mmG of a chain or tube pulled taut, rings closed
 * @param residualMm how far the worst pose told is short of fitting, at most
 * @param linksVerified whether every ring is linked as the weave says, and no other
 */
public record WeaveAnswer(
        boolean fits,
        Tightness tightness,
        double aspectRatio,
        double aspectRatioMin,
        double play,
        Double tautPitchMm,
        Double shortestPitchMm,
        Double restPitchMm,
        Double acrossTautMm,
        Double acrossShortestMm,
        int ringsPerUnit,
        Double ringsPer100mm,
        Double ringsPerSquareCm,
        Double massPer100mmG,
        double residualMm,
        boolean linksVerified) {
    /**
     * The same weave of the same aspect ratios in other wire: lengths go with the wire, weights with its square and the density.
     *
     * @param factor new wire ÷ old
     * @param density new density ÷ old
     */
    public WeaveAnswer scaled(double factor, double density) {
        return new WeaveAnswer(
                fits,
                tightness,
                aspectRatio,
                aspectRatioMin,
                play,
                times(tautPitchMm, factor),
                times(shortestPitchMm, factor),
                times(restPitchMm, factor),
                times(acrossTautMm, factor),
                times(acrossShortestMm, factor),
                ringsPerUnit,
                times(ringsPer100mm, 1 / factor),
                times(ringsPerSquareCm, 1 / (factor * factor)),
                times(massPer100mmG, factor * factor * density),
                residualMm * factor,
                linksVerified);
    }

    private static Double times(Double value, double factor) {
        return value == null ? null : value * factor;
    }
}
