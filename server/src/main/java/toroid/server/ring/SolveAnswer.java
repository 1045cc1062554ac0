package toroid.server.ring;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import toroid.core.quantity.Note;

/**
 * The ring and its coil. Lengths mm.
 *
 * @param innerDiameterMm as sprung, before cutting
 * @param wirePerRingMm circle through the middle of the wire, π (ID + d), times the turns per ring
 * @param massPerRingG torus; null when no metal is named
 * @param closedInnerDiameterMm after cutting and closing flush
 * @param coilLengthMm (turns + 1) d of the sprung coil
 * @param totalWireMm turns of the coil, trims, lead and tail
 * @param turnsToWind on the mandrel, so many that springback leaves enough; whole turns
 * @param mandrelForThisMm rod that gives this ring; null when no metal is named
 * @param openingForceN unsoldered; null when no metal is named
 */
record SolveAnswer(
        @NotNull double wireDiameterMm,
        @NotNull double innerDiameterMm,
        @NotNull double outerDiameterMm,
        @NotNull double meanDiameterMm,
        @NotNull double aspectRatio,
        @NotNull double wirePerRingMm,
        Double massPerRingG,
        @NotNull double closedInnerDiameterMm,
        @NotNull double closedOuterDiameterMm,
        @NotNull double closedAspectRatio,
        @NotNull double coilLengthMm,
        @NotNull double totalWireMm,
        @NotNull int ringCount,
        @NotNull int turnsToWind,
        Double mandrelForThisMm,
        Double openingForceN,
        @NotNull double strainPercent,
        @NotNull List<Note> notes) {}
