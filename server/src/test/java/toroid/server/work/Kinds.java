package toroid.server.work;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/** A good job of each kind. */
final class Kinds {
    private Kinds() {}

    static JsonNode data(String kind) {
        try (InputStream file = Kinds.class.getResourceAsStream("/bodies.json")) {
            return new ObjectMapper()
                    .readTree(file)
                    .get("PUT /api/jobs/{kind}/{id} of a " + kind)
                    .at("/body/data");
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** The same, of wire not in stock. */
    static JsonNode kept(String kind) {
        var data = (com.fasterxml.jackson.databind.node.ObjectNode) data(kind);
        data.putNull("spoolId").remove("lots");
        return data;
    }
}
