package toroid.server.tool;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import toroid.server.store.Stored;

@Entity
class Cutter extends Stored {
    private String name;

    @Enumerated(EnumType.STRING)
    private CutterData.Method method;

    private double lossMm;
    private boolean flipped;
    private String note;

    void fill(CutterData data) {
        name = data.name();
        method = data.method();
        lossMm = data.lossMm();
        flipped = data.flipped();
        note = data.note();
    }

    CutterData data() {
        return new CutterData(name, method, lossMm, flipped, note);
    }
}
