package toroid.server.stock;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.TenantId;

/** So much more of a lot, or less, in its measure's unit; never changed. */
@Entity
@Immutable
class StockMove {
    /** Why there is more of it, or less. */
    public enum Why {
        /** Counted or weighed anew: the difference. */
        COUNTED,
        /** Used by a run, or given back by its undo. */
        USED,
        /** Bought or found. */
        RECEIVED,
        /** Left over, and back on the shelf. */
        RETURNED,
        /** Spoilt, lost or given away. */
        LOST,
        /** Became a lot of its own, under the move's own id. */
        SPLIT,
        /** Cut for a job, ahead of its run. */
        CUT,
        /** Fell away as wire was cut: kerf, and ends too short to keep. */
        CUT_AWAY,
        /** Used by a run, but cut and gone before. */
        WAS_CUT,
        /** Takes another move back. */
        UNDONE
    }

    @Id
    private UUID id;

    @TenantId
    private UUID workshopId;

    private UUID lotId;
    private double amount;

    @Enumerated(EnumType.STRING)
    private Why why;

    private UUID runId;
    private String operation;
    private String note = "";
    private UUID stocktakingId;
    private UUID jobId;
    private UUID cutId;
    private UUID undoes;
    private Instant movedAt;

    protected StockMove() {}

    StockMove(UUID id, UUID lotId, double amount, Why why, Instant movedAt) {
        this.id = id;
        this.lotId = lotId;
        this.amount = amount;
        this.why = why;
        this.movedAt = movedAt;
    }

    /** What is there turned out to be so much more, or less. */
    static StockMove counted(UUID lotId, double more, Instant now) {
        return new StockMove(UUID.randomUUID(), lotId, more, Why.COUNTED, now);
    }

    /** A run's operation took so much; a negative amount is given back. */
    static StockMove used(UUID lotId, double amount, UUID runId, String operation, Instant now) {
        var move = new StockMove(UUID.randomUUID(), lotId, -amount, Why.USED, now);
        move.runId = runId;
        move.operation = operation;
        return move;
    }

    /** A run used so much that was cut before; a negative amount was given back. */
    static StockMove wasCut(UUID lotId, double amount, UUID job, UUID runId, String operation, Instant now) {
        var move = new StockMove(UUID.randomUUID(), lotId, amount, Why.WAS_CUT, now);
        move.jobId = job;
        move.runId = runId;
        move.operation = operation;
        return move;
    }

    /** As a strip was cut; for a job, or for none. */
    static StockMove cut(UUID lotId, double amount, Why why, UUID cut, UUID job, Instant now) {
        var move = new StockMove(UUID.randomUUID(), lotId, amount, why, now);
        move.cutId = cut;
        move.jobId = job;
        return move;
    }

    /** Takes this one back, under an id of its own. */
    StockMove undone(Instant now) {
        var move = new StockMove(UUID.randomUUID(), lotId, -amount, Why.UNDONE, now);
        move.undoes = id;
        move.jobId = jobId;
        return move;
    }

    StockMove noted(String words) {
        note = words;
        return this;
    }

    StockMove in(UUID stocktaking) {
        stocktakingId = stocktaking;
        return this;
    }

    UUID id() {
        return id;
    }

    Instant movedAt() {
        return movedAt;
    }

    UUID lotId() {
        return lotId;
    }

    double amount() {
        return amount;
    }

    boolean isSplit() {
        return why == Why.SPLIT;
    }

    /** Whether it is the shelf's own: what a run used is given back in the run, what was cut where it was cut. */
    boolean isUndoable() {
        return why != Why.USED && why != Why.WAS_CUT && why != Why.UNDONE && cutId == null;
    }

    MoveView view(boolean undone) {
        return new MoveView(id, movedAt, amount, why, runId, operation, jobId, note, undoes, undone, isUndoable());
    }
}
