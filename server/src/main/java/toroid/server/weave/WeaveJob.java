package toroid.server.weave;

import jakarta.persistence.Entity;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import toroid.server.store.Stored;

@Entity
class WeaveJob extends Stored {
    private String name;
    private String weaveId;
    private UUID spoolId;
    private String metal;
    private double wireDiameterMm;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<Double> innerDiameterMm;

    @JdbcTypeCode(SqlTypes.JSON)
    private PieceSpec piece;

    @JdbcTypeCode(SqlTypes.JSON)
    private ColourSpec colours;

    private String note;

    void fill(WeaveJobData data) {
        name = data.name();
        weaveId = data.weaveId();
        spoolId = data.spoolId();
        metal = data.metal();
        wireDiameterMm = data.wireDiameterMm();
        innerDiameterMm = data.innerDiameterMm();
        piece = data.piece();
        colours = data.colours();
        note = data.note();
    }

    WeaveJobData data() {
        return new WeaveJobData(name, weaveId, spoolId, metal, wireDiameterMm, innerDiameterMm, piece, colours, note);
    }
}
