package toroid.server.weave;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;
import toroid.core.numeric.Checks;
import toroid.core.numeric.Refusal;
import toroid.core.numeric.Remedy;
import toroid.core.numeric.Unit;
import toroid.core.weave.pattern.WeaveJson;
import toroid.core.weave.pattern.WeavePattern;
import toroid.core.weave.solve.WeaveSolver;
import toroid.server.store.NotKept;
import toroid.server.store.ServerCode;

/**
 * The weaves there are: those shipped with the application, every file in the folder {@code weaves}; and the maker's own, brought in
 * as files of the same format. One more file is one more weave.
 */
@Component
public class WeaveFiles {
    /**
     * A weave and the sum of its text.
     *
     * @param sum changes when a letter of the file does
     * @param own the maker's, under that id; null for one shipped
     */
    public record Filed(WeavePattern pattern, String text, String sum, UUID own) {}

    private static final int LONGEST_FILE = 200_000;
    private static final int MOST_OWN = 200;

    private final Map<String, Filed> byId = new LinkedHashMap<>();
    private final OwnWeaveRepository own;
    private final Clock clock;

    WeaveFiles(OwnWeaveRepository own, Clock clock) {
        this.own = own;
        this.clock = clock;
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
            return filed(text, null);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static Filed filed(String text, UUID own) {
        return new Filed(WeaveJson.read(text), text, sum(text), own);
    }

    private static String sum(String text) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest, 0, 12);
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }

    /** Shipped first, then the maker's own in the order they came. */
    public List<Filed> all() {
        var all = new ArrayList<>(byId.values());
        own.findByDeletedAtIsNullOrderByCreatedAt().forEach(one -> all.add(filed(one.text(), one.id())));
        return all;
    }

    /** @throws Refusal when there is none of that name */
    public Filed byId(String id) {
        Filed filed = byId.get(id);
        return filed != null
                ? filed
                : all().stream()
                        .filter(one -> one.pattern().id().equals(id))
                        .findFirst()
                        .orElseThrow(() -> Refusal.of(ServerCode.UNKNOWN_WEAVE, "weave", id));
    }

    /**
     * Takes a weave in, after it was found to be what it says: linked as told, rings apart, cells hanging together, solvable.
     *
     * @throws Refusal with the place in the file and the reason; nothing is kept then
     */
    Filed take(String text) {
        Checks.within("file", text.length(), 2, LONGEST_FILE, Unit.LETTERS, Remedy.A_WEAVES_FILE_IS_SHORT);
        Filed filed = filed(text, UUID.randomUUID());
        WeavePattern pattern = filed.pattern();
        if (!pattern.id().matches("[a-z0-9-]{1,80}")) {
            throw Refusal.of(ServerCode.BAD_WEAVE_ID, "id", pattern.id());
        }
        List<Filed> there = all();
        Checks.within("weaves", there.size() - byId.size(), 0, MOST_OWN - 1.0, Unit.OWN_WEAVES, Remedy.TAKE_ONE_AWAY);
        if (there.stream().anyMatch(one -> one.pattern().id().equals(pattern.id()))) {
            throw Refusal.of(ServerCode.WEAVE_ID_TAKEN, "id", pattern.id());
        }
        double[] usual = pattern.classes().stream()
                .mapToDouble(WeavePattern.RingClass::usualRatio)
                .toArray();
        if (!WeaveSolver.closest(pattern, usual).solved()) {
            throw Refusal.of(ServerCode.WEAVE_DOES_NOT_REST, "rings", null);
        }
        var kept = new OwnWeave();
        kept.fill(filed.own(), text, clock.instant());
        own.saveAndFlush(kept);
        return filed;
    }

    /**
     * Whether a file come from elsewhere may be one of the maker's own.
     *
     * @param id of its row
     * @throws Refusal when it is no weave, or called as another that is here
     */
    void demandOwn(String text, UUID id) {
        Checks.within("file", text.length(), 2, LONGEST_FILE, Unit.LETTERS, Remedy.A_WEAVES_FILE_IS_SHORT);
        WeavePattern pattern = WeaveJson.read(text);
        if (all().stream().anyMatch(one -> one.pattern().id().equals(pattern.id()) && !id.equals(one.own()))) {
            throw Refusal.of(ServerCode.WEAVE_ID_TAKEN, "id", pattern.id());
        }
    }

    /** The id in the file of one of the maker's own. */
    String nameOf(UUID id) {
        OwnWeave kept = own.findById(id).orElseThrow(() -> new NotKept("weave", id));
        return WeaveJson.read(kept.text()).id();
    }

    /** Takes one of the maker's own away, or brings it back. */
    void away(UUID id, boolean gone) {
        OwnWeave kept = own.findById(id).orElseThrow(() -> new NotKept("weave", id));
        String name = nameOf(id);
        if (!gone && all().stream().anyMatch(one -> one.pattern().id().equals(name) && !id.equals(one.own()))) {
            throw Refusal.of(ServerCode.WEAVE_ID_TAKEN_MEANWHILE, "id", name);
        }
        if (gone) {
            kept.takeAway(clock.instant());
        } else {
            kept.bringBack(clock.instant());
        }
        own.saveAndFlush(kept);
    }
}
