package toroid.server.calibration;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import toroid.server.store.Stored;

@Entity
class Reading extends Stored {
    private UUID runId;
    private String operation;
    private UUID lotId;
    private UUID sessionId;
    private String formId;

    @Enumerated(EnumType.STRING)
    private Quantity quantity;

    private double value;
    private Double planned;

    @JdbcTypeCode(SqlTypes.JSON)
    private ReadingContext context;

    private Instant takenAt;
    private String note;
    private Integer copy;
    private Integer lost;
    private String exercise;

    void fill(ReadingData data) {
        runId = data.runId();
        operation = data.operation();
        lotId = data.lotId();
        sessionId = data.sessionId();
        formId = data.context().formId();
        quantity = data.quantity();
        value = data.value();
        planned = data.planned();
        context = data.context();
        takenAt = data.takenAt().truncatedTo(ChronoUnit.MICROS);
        note = data.note();
        copy = data.copy();
        lost = data.lost();
        exercise = data.context().practised() == null
                ? null
                : data.context().practised().exercise();
    }

    void away(Instant when) {
        delete(when);
    }

    void back(Instant when) {
        restore(when);
    }

    ReadingData data() {
        return new ReadingData(
                runId, operation, lotId, sessionId, quantity, value, planned, context, takenAt, note, copy, lost);
    }
}
