package toroid.server.export;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import toroid.core.numeric.Refusal;
import toroid.core.piece.PieceLine;
import toroid.core.weave.pattern.WeaveJson;
import toroid.core.weave.pattern.WeavePattern;
import toroid.server.piece.PieceJobData;
import toroid.server.store.ServerCode;
import toroid.server.weave.WeaveFiles;

/**
 * A piece as JSON: its line, its metal, whom it is for; and the maker's own weaves it has, so that another workshop can make it. Version 3 says how it
 * is finished, 2 has such weaves, 1 neither. docs/piece.schema.json is its schema.
 */
@Component
class PieceJson {
    private static final int WITH_WEAVES = 2;
    private static final int FINISHED = 3;
    private static final OwnFile FILE =
            new OwnFile("toroid-piece", FINISHED, ServerCode.NO_PIECE_FILE, ServerCode.PIECE_OF_OTHER_VERSION);

    private static final List<String> NEEDED = List.of("name", "line", "metal", "temper", "sparePercent", "note");
    private static final String WEAVES = "weaves";

    private final ObjectMapper mapper;
    private final WeaveFiles files;

    PieceJson(ObjectMapper mapper, WeaveFiles files) {
        this.mapper = mapper;
        this.files = files;
    }

    /**
     * A piece that was read.
     *
     * @param weaves those it has that are not here, each as its file
     */
    record PieceRead(@NotNull PieceJobData piece, @NotNull List<String> weaves) {}

    String of(PieceJobData job) {
        ObjectNode data = mapper.valueToTree(job);
        data.remove("spoolId");
        if (job.finish() == null) {
            data.remove("finish");
        }
        ArrayNode own = mapper.createArrayNode();
        PieceLine.read(job.line()).weaves().stream()
                .map(files::byId)
                .filter(weave -> weave.own() != null)
                .forEach(weave -> own.add(tree(weave.text())));
        int bare = own.isEmpty() ? 1 : WITH_WEAVES;
        ObjectNode file =
                FILE.begun(mapper, job.finish() == null ? bare : FINISHED).setAll(data);
        if (!own.isEmpty()) {
            file.set(WEAVES, own);
        }
        return file.toPrettyString();
    }

    private JsonNode tree(String text) {
        try {
            return mapper.readTree(text);
        } catch (JsonProcessingException never) {
            throw new IllegalStateException("a kept weave is no JSON", never);
        }
    }

    /** @throws Refusal with the reason, when it is not what it says, or a weave of it is called as another one here */
    PieceRead read(String text) {
        ObjectNode data = FILE.opened(mapper, text);
        data.remove(List.of("format", "version"));
        JsonNode weaves = data.remove(WEAVES);
        try {
            for (String field : NEEDED) {
                if (!data.hasNonNull(field)) {
                    throw Refusal.of(ServerCode.NO_PIECE_FILE, field, null);
                }
            }
            PieceJobData read = mapper.treeToValue(data, PieceJobData.class);
            read.check();
            return new PieceRead(read, weaves == null ? List.of() : lacking(weaves));
        } catch (JsonProcessingException unreadable) {
            throw Refusal.of(ServerCode.NO_PIECE_FILE, "file", null);
        }
    }

    private List<String> lacking(JsonNode weaves) {
        var lacking = new ArrayList<String>();
        for (JsonNode weave : weaves) {
            String text = weave.toPrettyString();
            WeavePattern pattern = WeaveJson.read(text);
            List<WeaveFiles.Filed> here = files.all().stream()
                    .filter(one -> one.pattern().id().equals(pattern.id()))
                    .toList();
            if (here.isEmpty()) {
                lacking.add(text);
            } else if (!here.get(0).pattern().equals(pattern)) {
                throw Refusal.of(ServerCode.WEAVE_ID_TAKEN, "id", pattern.id());
            }
        }
        return lacking;
    }
}
