package toroid.server.export;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.springframework.stereotype.Component;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.RefusalCode;
import toroid.server.piece.PieceJobData;
import toroid.server.store.ServerCode;

/** A piece as JSON, version 1: its line, its metal, whom it is for. docs/piece.schema.json is its schema. */
@Component
class PieceJson {
    static final String FORMAT = "toroid-piece";
    static final int VERSION = 1;

    private final ObjectMapper mapper;

    PieceJson(ObjectMapper mapper) {
        this.mapper = mapper;
    }

    String of(PieceJobData job) {
        ObjectNode root = mapper.createObjectNode();
        root.put("format", FORMAT).put("version", VERSION);
        ObjectNode data = mapper.valueToTree(job);
        data.remove("spoolId");
        return root.setAll(data).toPrettyString();
    }

    /** @throws Refusal with the reason, when it is not what it says */
    PieceJobData read(String text) {
        JsonNode root = parsed(text);
        if (!FORMAT.equals(root.path("format").asText())) {
            throw Refusal.of(
                    ServerCode.NO_PIECE_FILE, "format", root.path("format").asText());
        }
        if (root.path("version").asInt() != VERSION) {
            throw Refusal.of(
                    ServerCode.PIECE_OF_OTHER_VERSION,
                    "version",
                    root.path("version").asText());
        }
        ObjectNode data = (ObjectNode) root;
        data.remove("format");
        data.remove("version");
        try {
            PieceJobData read = mapper.treeToValue(data, PieceJobData.class);
            read.check();
            return read;
        } catch (JsonProcessingException | NullPointerException unreadable) {
            throw Refusal.of(ServerCode.NO_PIECE_FILE, "file", null);
        }
    }

    private JsonNode parsed(String text) {
        try {
            JsonNode root = mapper.readTree(text);
            if (root != null && root.isObject()) {
                return root;
            }
        } catch (JsonProcessingException broken) {
            // said below, in words a maker can use
        }
        throw Refusal.of(RefusalCode.FILE_IS_NO_JSON, "file", null);
    }
}
