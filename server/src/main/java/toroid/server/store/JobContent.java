package toroid.server.store;

import java.util.UUID;

/** What the content of every kind of job says of itself. */
public interface JobContent {
    String name();

    /** The lot it is made from; null for wire not in stock. */
    UUID spoolId();

    /**
     * Refuses values that no job of the kind can have, whatever the stock.
     *
     * @throws toroid.core.numeric.Refusal with the value and its range
     */
    void check();
}
