package toroid.server.stock;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import java.io.Serializable;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/** What a job not yet made will take of a lot, in the lot's unit. */
@Entity
class Reservation {
    /** Which job, which lot. */
    @Embeddable
    record Key(UUID jobId, UUID lotId) implements Serializable {}

    @EmbeddedId
    private Key key;

    @TenantId
    private UUID workshopId;

    private double amount;

    protected Reservation() {}

    UUID job() {
        return key.jobId();
    }

    UUID lot() {
        return key.lotId();
    }

    double amount() {
        return amount;
    }
}
