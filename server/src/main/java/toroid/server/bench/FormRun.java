package toroid.server.bench;

import jakarta.persistence.Entity;

/** A run of a form job. */
@Entity
class FormRun extends StoredRun {}
