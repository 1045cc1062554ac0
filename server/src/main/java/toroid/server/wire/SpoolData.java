package toroid.server.wire;

import jakarta.validation.constraints.NotNull;
import toroid.core.metal.Metal;
import toroid.core.metal.Metals;
import toroid.core.metal.Temper;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.wire.Wire;
import toroid.server.store.Words;

/**
 * A spool's content.
 *
 * @param name the maker's
 * @param metal id of a metal kept in the core
 * @param wireDiameterMm as a caliper says
 * @param lengthLeftMm null when not known; up to 10 km
 * @param pricePerMetre in the workshop's money; null when not known
 */
public record SpoolData(
        @NotNull String name,
        @NotNull String metal,
        @NotNull Temper temper,
        @NotNull double wireDiameterMm,
        Double lengthLeftMm,
        Double pricePerMetre,
        @NotNull String note) {
    static final double LONGEST_MM = 1e7;

    /** @throws toroid.core.numeric.Refusal when it cannot be kept */
    void check() {
        Words.checkName(name);
        Words.checkNote(note);
        metalKept().yieldStrength(temper);
        Wire.checkDiameter(wireDiameterMm);
        if (lengthLeftMm != null) {
            Checks.within("lengthLeftMm", lengthLeftMm, 0, LONGEST_MM, Unit.MM, Remedy.WEIGH_THE_SPOOL);
        }
        if (pricePerMetre != null) {
            Checks.within("pricePerMetre", pricePerMetre, 0, 1e6, Unit.PER_METRE, Remedy.CHECK_THE_PRICE);
        }
    }

    public Metal metalKept() {
        return Metals.byId(metal);
    }
}
