package toroid.server.wire;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Objects;
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

    /** Wound off it beyond what it was said to hold, mm: nothing is left then, and what comes back comes off this first. */
    private double overdrawnMm;

    private Double pricePerMetre;
    private String note;

    void fill(SpoolData data) {
        name = data.name();
        metal = data.metal();
        temper = data.temper();
        wireDiameterMm = data.wireDiameterMm();
        if (!Objects.equals(lengthLeftMm, data.lengthLeftMm())) {
            lengthLeftMm = data.lengthLeftMm();
            overdrawnMm = 0;
        }
        pricePerMetre = data.pricePerMetre();
        note = data.note();
    }

    /** Takes wire off; a negative length puts it back, to the last millimetre of what was taken. */
    void take(double lengthMm) {
        if (lengthLeftMm != null) {
            double balance = lengthLeftMm - overdrawnMm - lengthMm;
            lengthLeftMm = Math.max(0, balance);
            overdrawnMm = Math.max(0, -balance);
        }
    }

    SpoolData data() {
        return new SpoolData(name, metal, temper, wireDiameterMm, lengthLeftMm, pricePerMetre, note);
    }
}
