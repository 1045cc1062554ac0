package toroid.server.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;

/** The form of one form run as it stood when the run began. */
@Entity
class FrozenForm {
    @Id
    private UUID runId;

    private String form;

    protected FrozenForm() {}

    String form() {
        return form;
    }
}
