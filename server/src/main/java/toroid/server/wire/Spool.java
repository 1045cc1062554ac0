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
    private Double lengthLeftMm;
    private Double pricePerMetre;
    private String note;

    void fill(SpoolData data) {
        name = data.name();
        metal = data.metal();
        temper = data.temper();
        wireDiameterMm = data.wireDiameterMm();
        lengthLeftMm = data.lengthLeftMm();
        pricePerMetre = data.pricePerMetre();
        note = data.note();
    }

    void take(double lengthMm) {
        if (lengthLeftMm != null) {
            lengthLeftMm = Math.max(0, lengthLeftMm - lengthMm);
        }
    }

    SpoolData data() {
        return new SpoolData(name, metal, temper, wireDiameterMm, lengthLeftMm, pricePerMetre, note);
    }
}
