package toroid.server.export;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import toroid.core.numeric.Code;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;

/**
 * JSON of a format of our own, with its version: read only where it is both.
 *
 * @param version the latest; those before it are read too
 */
record OwnFile(String format, int version, Code other, Code otherVersion) {
    /** Begun with its format and version. */
    ObjectNode begun(ObjectMapper mapper) {
        return begun(mapper, version);
    }

    /** Begun as the earliest version that says all that is in it. */
    ObjectNode begun(ObjectMapper mapper, int earliest) {
        return mapper.createObjectNode().put("format", format).put("version", earliest);
    }

    /** @throws Refusal with the reason, when it is not what it says */
    ObjectNode opened(ObjectMapper mapper, String text) {
        ObjectNode root = parsed(mapper, text);
        if (!format.equals(root.path("format").asText())) {
            throw Refusal.of(other, "format", root.path("format").asText());
        }
        int said = root.path("version").asInt();
        if (said < 1 || said > version) {
            throw Refusal.of(otherVersion, "version", root.path("version").asText());
        }
        return root;
    }

    private static ObjectNode parsed(ObjectMapper mapper, String text) {
        try {
            JsonNode root = mapper.readTree(text);
            if (root instanceof ObjectNode object) {
                return object;
            }
        } catch (JsonProcessingException broken) {
            // said below, in words a maker can use
        }
        throw Refusal.of(RefusalCode.FILE_IS_NO_JSON, "file", null);
    }
}
