package toroid.server.weave;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import toroid.core.metal.Metal;
import toroid.core.metal.MetalNames;
import toroid.core.numeric.Refusal;
import toroid.core.ring.Ring;
import toroid.core.weave.assembly.Way;
import toroid.core.weave.composition.ArmShape;
import toroid.core.weave.composition.Composition;
import toroid.core.weave.composition.StarColours;
import toroid.core.weave.composition.Ties;
import toroid.server.store.ServerCode;

/**
 * A composition in these rings; lengths mm.
 *
 * @param hubWireMm wire of the larger rings; that of the small ones when left out
 * @param hubInnerMm inside of the larger rings the maker has; the usual one when left out
 * @param arms how many
 * @param rows of each, of a chain
 * @param longerBy rows the first arm has more, of a chain
 * @param rowCounts rings in each row of an arm, of a sheet, from the middle out
 * @param longerCounts rings in each row the first arm has more, of a sheet
 * @param held row of the arms the larger rings go through; the first, 0, when left out
 * @param hubs larger rings in the middle
 * @param tieRow row of the arms the ties go through; no ties when left out
 * @param tieAll whether a tie goes through every ring of that row; through the nearest when left out
 * @param bail a ring at a short arm's end
 * @param hold loose closed rings picked up at a time
 * @param colours what has the second colour; all have the first when left out
 * @param secondColour a metal, or a colour as #rrggbb; the metal when left out
 */
public record CompositionQuestion(
        @NotNull double wireDiameterMm,
        @NotNull double innerDiameterMm,
        Double hubWireMm,
        Double hubInnerMm,
        String metal,
        @NotNull int arms,
        Integer rows,
        Integer longerBy,
        List<@NotNull Integer> rowCounts,
        List<@NotNull Integer> longerCounts,
        Integer held,
        @NotNull int hubs,
        Integer tieRow,
        Boolean tieAll,
        @NotNull boolean bail,
        Integer hold,
        StarColours colours,
        String secondColour) {
    /** @throws Refusal when it says too little or too much */
    Composition.Plan plan() {
        boolean sheet = rowCounts != null && !rowCounts.isEmpty();
        if (sheet == (rows != null)) {
            throw Refusal.of(ServerCode.NO_ARM_SIZE, "rows", null);
        }
        ArmShape shape = sheet
                ? new ArmShape.Sheet(rowCounts, longerCounts == null ? List.of() : longerCounts)
                : new ArmShape.Chain(rows, longerBy == null ? 0 : longerBy);
        return new Composition.Plan(
                arms,
                shape,
                held == null ? 0 : held,
                hubs,
                tieRow == null ? null : new Ties(tieRow, Boolean.TRUE.equals(tieAll)),
                bail);
    }

    Ring small() {
        return new Ring(wireDiameterMm, innerDiameterMm);
    }

    /** Wire of the larger rings, mm. */
    public double hubWire() {
        return hubWireMm == null ? wireDiameterMm : hubWireMm;
    }

    Metal metalOf() {
        return MetalNames.metalOrRefuse(metal == null ? "copper" : metal);
    }

    Way way() {
        return new Way(Way.USUAL.sheet(), Way.USUAL.doubling(), hold == null ? Way.USUAL.hold() : hold);
    }

    StarColours colouring() {
        return colours == null ? StarColours.PLAIN : colours;
    }

    /** Both colours, checked to be metals' names or #rrggbb. */
    List<String> palette() {
        String own = metalOf().id();
        var both = List.of(own, secondColour == null ? own : secondColour);
        new ColourSpec(both, toroid.core.weave.patch.Colouring.By.RING, List.of(0), List.of()).toCore();
        return both;
    }
}
