package toroid.server.weave;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;
import toroid.core.numeric.Refusal;
import toroid.core.weave.pattern.WeaveJson;
import toroid.core.weave.pattern.WeavePattern;

/** The weaves shipped with the application: every file in the folder {@code weaves}. One more file is one more weave. */
@Component
public class WeaveFiles {
    /**
     * A weave and the sum of its text.
     *
     * @param sum changes when a letter of the file does
     */
    public record Filed(WeavePattern pattern, String text, String sum) {}

    private final Map<String, Filed> byId = new LinkedHashMap<>();

    WeaveFiles() {
        try {
            Resource[] files = new PathMatchingResourcePatternResolver().getResources("classpath*:weaves/*.json");
            java.util.Arrays.stream(files)
                    .sorted(Comparator.comparing(Resource::getFilename))
                    .map(WeaveFiles::filed)
                    .forEach(filed -> byId.put(filed.pattern().id(), filed));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static Filed filed(Resource file) {
        try {
            String text = file.getContentAsString(StandardCharsets.UTF_8);
            return new Filed(WeaveJson.read(text), text, sum(text));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static String sum(String text) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest, 0, 12);
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }

    public List<Filed> all() {
        return List.copyOf(byId.values());
    }

    /** @throws Refusal when there is none of that name */
    public Filed byId(String id) {
        Filed filed = byId.get(id);
        if (filed == null) {
            throw Refusal.of(
                    "unknown-weave", "weave", id, "There is no weave \"" + id + "\".", "GET /api/weaves lists them.");
        }
        return filed;
    }
}
