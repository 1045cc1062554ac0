package toroid.server.photo;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;
import org.hibernate.annotations.TenantId;
import org.springframework.data.domain.Persistable;

/** A photo's picture in both sizes, JPEG. It never changes. */
@Entity
class PhotoPicture implements Persistable<UUID> {
    @Id
    private UUID id;

    @TenantId
    private UUID workshopId;

    private byte[] whole;
    private byte[] small;

    static PhotoPicture of(UUID photo, Developed picture) {
        var kept = new PhotoPicture();
        kept.id = photo;
        kept.whole = picture.whole();
        kept.small = picture.small();
        return kept;
    }

    @Override
    public UUID getId() {
        return id;
    }

    /** Only ever written once. */
    @Override
    public boolean isNew() {
        return true;
    }

    byte[] whole() {
        return whole;
    }

    byte[] small() {
        return small;
    }
}
