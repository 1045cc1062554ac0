package toroid.server.store;

import com.fasterxml.jackson.databind.JsonNode;
import toroid.core.numeric.Refusal;

/** Who can tell whether a row of a table, come from elsewhere, is one this Toroid reads. */
public interface RowCheck {
    /** Of which table, as the database calls it. */
    String table();

    /**
     * @param row by the names of its columns; what is JSON itself as JSON
     * @throws Refusal when what it holds cannot be kept; any other exception means that it cannot be read
     */
    void check(JsonNode row);
}
