package toroid.server.bench;

import jakarta.persistence.Entity;

/** A run of a ring job. */
@Entity
class RingRun extends StoredRun {}
