package toroid.server.bench;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.UUID;

/** The piece of one weave run, ring by ring, as it stood when the run began. */
@Entity
class FrozenPiece {
    @Id
    private UUID runId;

    private String piece;

    protected FrozenPiece() {}

    String piece() {
        return piece;
    }
}
