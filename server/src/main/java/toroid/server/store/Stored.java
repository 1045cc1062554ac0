package toroid.server.store;

import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/** What every kept thing has. A null version marks one not written yet. */
@MappedSuperclass
public abstract class Stored {
    @Id
    private UUID id;

    @Version
    private Integer version;

    /** Filled in as it is written, and held to as it is read: no query says it. */
    @TenantId
    private UUID workshopId;

    private Instant createdAt;
    private Instant updatedAt;
    private Instant deletedAt;

    public UUID id() {
        return id;
    }

    public int version() {
        return version == null ? 0 : version;
    }

    public Instant createdAt() {
        return createdAt;
    }

    public Instant updatedAt() {
        return updatedAt;
    }

    public boolean isDeleted() {
        return deletedAt != null;
    }

    /** When it was taken away; null where it is there. */
    public Instant awaySince() {
        return deletedAt;
    }

    protected void begin(UUID newId, Instant now) {
        id = newId;
        createdAt = now;
        updatedAt = now;
    }

    protected void touch(Instant now) {
        updatedAt = now;
    }

    protected void delete(Instant now) {
        deletedAt = now;
        updatedAt = now;
    }

    protected void restore(Instant now) {
        deletedAt = null;
        updatedAt = now;
    }
}
