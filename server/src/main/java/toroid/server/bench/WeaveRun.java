package toroid.server.bench;

import jakarta.persistence.Entity;

/** A run of a weave job. */
@Entity
class WeaveRun extends StoredRun {}
