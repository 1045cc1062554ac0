package toroid.server.wire;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import toroid.core.metal.Temper;
import toroid.server.store.Stored;

@Entity
class Spool extends Stored {
    private String name;
    private String metal;

    @Enumerated(EnumType.STRING)
    private Temper temper;

    private double wireDiameterMm;
    /** Whether anyone said how much there is; what is left is the sum of its moves then. */
    private boolean lengthKnown;

    private Double pricePerMetre;
    private String note;

    void fill(SpoolData data) {
        name = data.name();
        metal = data.metal();
        temper = data.temper();
        wireDiameterMm = data.wireDiameterMm();
        lengthKnown = data.lengthLeftMm() != null;
        pricePerMetre = data.pricePerMetre();
        note = data.note();
    }

    boolean isLengthKnown() {
        return lengthKnown;
    }

    /** @param balanceMm the sum of its moves; nothing is left where it is below zero */
    SpoolData data(double balanceMm) {
        Double left = lengthKnown ? Double.valueOf(Math.max(0, balanceMm)) : null;
        return new SpoolData(name, metal, temper, wireDiameterMm, left, pricePerMetre, note);
    }
}
