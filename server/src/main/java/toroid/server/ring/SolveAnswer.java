package toroid.server.ring;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import toroid.core.quantity.Note;

/**
 * The ring and its coil. Lengths mm.
 *
 * @param innerDiameterMm as sprung, before cutting
 * @param wirePerRingMm what stays in one closed ring: π (ID + d) for one turn, helices for more; what a saw took is gone
 * @param massPerRingG of that wire; null when no metal is named
 * @param closedInnerDiameterMm after cutting and closing flush
 * @param coilLengthMm (turns + 1) d of the first coil, sprung
 * @param totalWireMm the whole turns wound, spoilt ones and trims included, with lead and tail; what the sheet says of the same rings
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
