package toroid.server.stock;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.TenantId;

/** Once through the shelf: what was counted then are moves of its own. */
@Entity
@Immutable
class Stocktaking {
    @Id
    private UUID id;

    @TenantId
    private UUID workshopId;

    private Instant takenAt;
    private String note;

    protected Stocktaking() {}

    Stocktaking(UUID id, Instant takenAt, String note) {
        this.id = id;
        this.takenAt = takenAt;
        this.note = note;
    }

    UUID id() {
        return id;
    }

    Instant takenAt() {
        return takenAt;
    }

    String note() {
        return note;
    }
}
