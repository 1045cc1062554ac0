package toroid.server.weave;

import jakarta.persistence.Entity;
import java.time.Instant;
import java.util.UUID;
import toroid.server.store.Stored;

/** A weave the maker brought in: its file, as it came. */
@Entity
class OwnWeave extends Stored {
    private String text;

    void fill(UUID id, String newText, Instant now) {
        begin(id, now);
        text = newText;
    }

    void takeAway(Instant now) {
        delete(now);
    }

    void bringBack(Instant now) {
        restore(now);
    }

    String text() {
        return text;
    }
}
