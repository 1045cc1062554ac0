package toroid.server.stock;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.TenantId;
import org.hibernate.type.SqlTypes;

/** A strip of wire as it was cut. What left the shelf with it are moves of its own. */
@Entity
class Cut {
    @Id
    private UUID id;

    @TenantId
    private UUID workshopId;

    private UUID lotId;

    @JdbcTypeCode(SqlTypes.JSON)
    private String content;

    private Instant cutAt;
    private Instant undoneAt;

    protected Cut() {}

    Cut(UUID id, UUID lotId, String content, Instant cutAt) {
        this.id = id;
        this.lotId = lotId;
        this.content = content;
        this.cutAt = cutAt;
    }

    UUID id() {
        return id;
    }

    UUID lotId() {
        return lotId;
    }

    String content() {
        return content;
    }

    Instant cutAt() {
        return cutAt;
    }

    boolean isUndone() {
        return undoneAt != null;
    }

    void undo(Instant now) {
        undoneAt = now;
    }
}
