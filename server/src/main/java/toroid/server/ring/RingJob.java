package toroid.server.ring;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.UUID;
import toroid.core.metal.Temper;
import toroid.core.ring.RingAim;
import toroid.server.store.Stored;

@Entity
class RingJob extends Stored {
    private String name;
    private UUID spoolId;
    private String metal;

    @Enumerated(EnumType.STRING)
    private Temper temper;

    private double wireDiameterMm;

    @Enumerated(EnumType.STRING)
    private RingAim.Convention convention;

    private double aimValue;
    private int ringCount;
    private double sparePercent;
    private int turnsPerRing;
    private String cutMethod;
    private double cutLossMm;
    private boolean cutFlipped;

    @Enumerated(EnumType.STRING)
    private RingJobData.Winding winding;

    private double leadMm;
    private double tailMm;
    private int spoiltTurnsPerEnd;
    private double usableMandrelMm;
    private String note;

    void fill(RingJobData data) {
        name = data.name();
        spoolId = data.spoolId();
        metal = data.metal();
        temper = data.temper();
        wireDiameterMm = data.wireDiameterMm();
        convention = data.convention();
        aimValue = data.aimValue();
        ringCount = data.ringCount();
        sparePercent = data.sparePercent();
        turnsPerRing = data.turnsPerRing();
        cutMethod = data.cut().storedMethod(wireDiameterMm);
        cutLossMm = data.cut().lossMm(wireDiameterMm);
        cutFlipped = data.cut().storedFlipped();
        winding = data.winding();
        leadMm = data.leadMm();
        tailMm = data.tailMm();
        spoiltTurnsPerEnd = data.spoiltTurnsPerEnd();
        usableMandrelMm = data.usableMandrelMm();
        note = data.note();
    }

    RingJobData data() {
        return new RingJobData(
                name,
                spoolId,
                metal,
                temper,
                wireDiameterMm,
                convention,
                aimValue,
                ringCount,
                sparePercent,
                turnsPerRing,
                CutData.stored(cutMethod, cutLossMm, cutFlipped),
                winding,
                leadMm,
                tailMm,
                spoiltTurnsPerEnd,
                usableMandrelMm,
                note);
    }
}
