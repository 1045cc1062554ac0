package toroid.server.wire;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.TenantId;

/** So much more of a lot, or less; never changed. */
@Entity
@Immutable
class StockMove {
    /** Counted or weighed anew, or used by a run and given back. */
    public enum Why {
        COUNTED,
        USED
    }

    @Id
    private UUID id;

    @TenantId
    private UUID workshopId;

    private UUID lotId;
    private double lengthMm;

    @Enumerated(EnumType.STRING)
    private Why why;

    private UUID runId;
    private String operation;
    private Instant movedAt;

    protected StockMove() {}

    private StockMove(UUID lotId, double lengthMm, Why why, Instant movedAt) {
        this.id = UUID.randomUUID();
        this.lotId = lotId;
        this.lengthMm = lengthMm;
        this.why = why;
        this.movedAt = movedAt;
    }

    /** What is there turned out to be so much more, or less. */
    static StockMove counted(UUID lotId, double moreMm, Instant now) {
        return new StockMove(lotId, moreMm, Why.COUNTED, now);
    }

    /** A run's operation took so much; a negative length is given back. */
    static StockMove used(UUID lotId, double lengthMm, UUID runId, String operation, Instant now) {
        var move = new StockMove(lotId, -lengthMm, Why.USED, now);
        move.runId = runId;
        move.operation = operation;
        return move;
    }

    MoveView view() {
        return new MoveView(movedAt, lengthMm, why, runId, operation);
    }
}
