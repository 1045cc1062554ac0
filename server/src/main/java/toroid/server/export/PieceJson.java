package toroid.server.export;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import org.springframework.stereotype.Component;
import toroid.core.numeric.Refusal;
import toroid.server.piece.PieceJobData;
import toroid.server.store.ServerCode;

/** A piece as JSON, version 1: its line, its metal, whom it is for. docs/piece.schema.json is its schema. */
@Component
class PieceJson {
    private static final OwnFile FILE =
            new OwnFile("toroid-piece", 1, ServerCode.NO_PIECE_FILE, ServerCode.PIECE_OF_OTHER_VERSION);

    private static final List<String> NEEDED = List.of("name", "line", "metal", "temper", "sparePercent", "note");

    private final ObjectMapper mapper;

    PieceJson(ObjectMapper mapper) {
        this.mapper = mapper;
    }

    String of(PieceJobData job) {
        ObjectNode data = mapper.valueToTree(job);
        data.remove("spoolId");
        return FILE.begun(mapper).setAll(data).toPrettyString();
    }

    /** @throws Refusal with the reason, when it is not what it says */
    PieceJobData read(String text) {
        ObjectNode data = FILE.opened(mapper, text);
        data.remove(List.of("format", "version"));
        try {
            for (String field : NEEDED) {
                if (!data.hasNonNull(field)) {
                    throw Refusal.of(ServerCode.NO_PIECE_FILE, field, null);
                }
            }
            PieceJobData read = mapper.treeToValue(data, PieceJobData.class);
            read.check();
            return read;
        } catch (JsonProcessingException unreadable) {
            throw Refusal.of(ServerCode.NO_PIECE_FILE, "file", null);
        }
    }
}
