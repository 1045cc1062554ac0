package toroid.server.work;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;

/** What is shown of one run beside its plan, as it stood when the run began. */
@Entity
class RunView {
    @Id
    private UUID runId;

    private String shown;

    protected RunView() {}

    String shown() {
        return shown;
    }
}
