package toroid.server.form;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import toroid.core.form.Schools;
import toroid.core.metal.Temper;
import toroid.server.store.Stored;

@Entity
class FormJob extends Stored {
    private String name;
    private String formId;
    private UUID spoolId;
    private String metal;

    @Enumerated(EnumType.STRING)
    private Temper temper;

    private double wireDiameterMm;

    @JdbcTypeCode(SqlTypes.JSON)
    private Map<String, Object> parameters;

    @Enumerated(EnumType.STRING)
    private FormJobData.Hand hand;

    private int pieces;

    @Enumerated(EnumType.STRING)
    private FormJobData.Rhythm rhythm;

    @Enumerated(EnumType.STRING)
    private Schools.Cutting cutting;

    private Double plainFromMm;
    private double tailFactor;
    private String note;

    void fill(FormJobData data) {
        name = data.name();
        formId = data.formId();
        spoolId = data.spoolId();
        metal = data.metal();
        temper = data.temper();
        wireDiameterMm = data.wireDiameterMm();
        parameters = data.parameters();
        hand = data.hand();
        pieces = data.pieces();
        rhythm = data.rhythm();
        cutting = data.cutting();
        plainFromMm = data.plainFromMm();
        tailFactor = data.tailFactor();
        note = data.note();
    }

    FormJobData data() {
        return new FormJobData(
                name,
                formId,
                spoolId,
                metal,
                temper,
                wireDiameterMm,
                parameters,
                hand,
                pieces,
                rhythm,
                cutting,
                plainFromMm,
                tailFactor,
                note);
    }
}
