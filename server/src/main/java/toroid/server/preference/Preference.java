package toroid.server.preference;

import jakarta.persistence.Entity;
import toroid.server.store.Stored;

@Entity
class Preference extends Stored {
    private String choices;

    void fill(String json) {
        choices = json;
    }

    String choices() {
        return choices;
    }
}
