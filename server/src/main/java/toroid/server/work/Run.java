package toroid.server.work;

import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import toroid.server.store.Stored;

/** A job being made, or made: the plan it began with, and how far it is. */
@Entity
class Run extends Stored {
    private UUID jobId;
    private String kind;
    private String name;
    private String plan;
    private int planVersion;
    private String progress;
    private String drawn;
    private String glance;
    private Instant finishedAt;
    private String note;

    void start(UUID newJobId, String newKind, String newName, Instant now) {
        begin(UUID.randomUUID(), now);
        jobId = newJobId;
        kind = newKind;
        name = newName;
        progress = "{\"done\":{},\"counts\":{}}";
        drawn = "{}";
        note = "";
    }

    void plan(String newPlan, int version) {
        plan = newPlan;
        planVersion = version;
    }

    void progress(String newProgress, String newDrawn, String newNote, Instant finished, Instant now) {
        progress = newProgress;
        drawn = newDrawn;
        note = newNote;
        finishedAt = finished;
        touch(now);
    }

    void see(String newGlance) {
        glance = newGlance;
    }

    void away(Instant now) {
        delete(now);
    }

    void back(Instant now) {
        restore(now);
    }

    UUID jobId() {
        return jobId;
    }

    String kind() {
        return kind;
    }

    String plan() {
        return plan;
    }

    int planVersion() {
        return planVersion;
    }

    String progress() {
        return progress;
    }

    String drawn() {
        return drawn;
    }

    Instant finishedAt() {
        return finishedAt;
    }

    String note() {
        return note;
    }
}
