package toroid.server.bench;

import jakarta.persistence.MappedSuperclass;
import java.time.Instant;
import java.util.UUID;
import toroid.server.store.Stored;

/** What every run keeps: its job, the plan it began with, where it is. */
@MappedSuperclass
abstract class StoredRun extends Stored {
    private UUID jobId;
    private String plan;
    private int step;
    private String counts;
    private double wireUsedMm;
    private Instant finishedAt;
    private String note;

    void start(UUID id, UUID newJobId, String newPlan, Instant now) {
        begin(id, now);
        jobId = newJobId;
        plan = newPlan;
        counts = "{}";
        note = "";
    }

    void progress(int newStep, String newCounts, double newWireUsedMm, String newNote, Instant finished, Instant now) {
        step = newStep;
        counts = newCounts;
        wireUsedMm = newWireUsedMm;
        note = newNote;
        finishedAt = finished;
        touch(now);
    }

    UUID jobId() {
        return jobId;
    }

    String plan() {
        return plan;
    }

    int step() {
        return step;
    }

    String counts() {
        return counts;
    }

    double wireUsedMm() {
        return wireUsedMm;
    }

    Instant finishedAt() {
        return finishedAt;
    }

    String note() {
        return note;
    }
}
