package toroid.server.bench;

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
                    .get("PUT /api/" + kind + "-jobs/{id}")
                    .at("/body/data");
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
