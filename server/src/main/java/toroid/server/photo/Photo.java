package toroid.server.photo;

import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import toroid.server.store.Stored;

/** What is told of a photo; the picture itself is kept beside it ({@link PhotoPicture}). */
@Entity
class Photo extends Stored {
    private UUID runId;
    private String operation;
    private String note;
    private int width;
    private int height;

    static Photo taken(UUID id, UUID run, String operation, Developed picture, Instant now) {
        var photo = new Photo();
        photo.begin(id, now);
        photo.runId = run;
        photo.operation = operation;
        photo.note = "";
        photo.width = picture.width();
        photo.height = picture.height();
        return photo;
    }

    void note(String newNote) {
        note = newNote;
    }

    PhotoData data() {
        return new PhotoData(runId, operation, note, width, height);
    }
}
