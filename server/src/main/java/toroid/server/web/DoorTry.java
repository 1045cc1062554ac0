package toroid.server.web;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.TenantId;

/** A password tried from an address, counted before it is looked at. */
@Entity
class DoorTry {
    @Id
    private UUID id;

    @TenantId
    private UUID workshopId;

    private String address;
    private Instant triedAt;

    protected DoorTry() {}

    DoorTry(String address, Instant triedAt) {
        this.id = UUID.randomUUID();
        this.address = address;
        this.triedAt = triedAt;
    }

    UUID id() {
        return id;
    }
}
