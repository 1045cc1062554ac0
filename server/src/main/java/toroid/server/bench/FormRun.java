package toroid.server.bench;

import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import toroid.server.store.Stored;

@Entity
class FormRun extends Stored {
    private UUID jobId;
    private String plan;
    private int place;
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

    void progress(int newPlace, String newCounts, double newWireUsedMm, String newNote, Instant finished, Instant now) {
        place = newPlace;
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

    int place() {
        return place;
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
