package toroid.server.tool;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import toroid.server.store.Stored;

@Entity
class Mandrel extends Stored {
    private String name;

    @Enumerated(EnumType.STRING)
    private MandrelData.Kind kind;

    private double diameterMm;
    private double usableLengthMm;
    private String note;

    void fill(MandrelData data) {
        name = data.name();
        kind = data.kind();
        diameterMm = data.diameterMm();
        usableLengthMm = data.usableLengthMm();
        note = data.note();
    }

    MandrelData data() {
        return new MandrelData(name, kind, diameterMm, usableLengthMm, note);
    }
}
