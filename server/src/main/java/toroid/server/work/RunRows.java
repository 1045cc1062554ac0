package toroid.server.work;

import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.server.store.NotKept;

/** Runs in lists, at a glance: their plans are not read, and however many there are, a list reads a page of them. */
@Service
@Transactional(readOnly = true)
public class RunRows {
    /** Before these no run began. */
    private static final Instant FIRST_OF_ALL = Instant.parse("9999-01-01T00:00:00Z");

    private static final UUID LAST = UUID.fromString("ffffffff-ffff-ffff-ffff-ffffffffffff");

    private static final int MOST_WORDS = 12;

    private final RunRepository repository;
    private final WorkJson json;

    RunRows(RunRepository repository, WorkJson json) {
        this.repository = repository;
        this.json = json;
    }

    /**
     * A run in a list.
     *
     * @param glance null until it was looked at
     */
    public record Row(
            UUID id,
            UUID jobId,
            String kind,
            String name,
            Instant startedAt,
            Instant finishedAt,
            Map<String, Double> drawn,
            String note,
            Glance glance) {
        /** Whether something of it is done, or it cannot be told. */
        public boolean isBegun() {
            return glance == null || glance.refusal() != null || glance.share() > 0;
        }
    }

    /**
     * Newest first.
     *
     * @param words that are all to be found in its name, its note or what is told of it; blank for any
     * @param before the run the page begins after; null for the newest
     */
    public List<Row> page(String words, UUID before, int most) {
        Instant began = before == null
                ? FIRST_OF_ALL
                : repository
                        .findById(before)
                        .orElseThrow(() -> new NotKept("run", before))
                        .createdAt();
        UUID last = before == null ? LAST : before;
        List<RunRepository.Row> page = words.isBlank()
                ? repository.page(began, last, Limit.of(most))
                : repository.page(pattern(words), began, last, Limit.of(most));
        return page.stream().map(this::row).toList();
    }

    /** All of the words, each anywhere, taken as they are written. */
    private static String pattern(String words) {
        return "^"
                + Arrays.stream(words.replaceAll("\\p{Cntrl}", " ").strip().split("\\s+"))
                        .limit(MOST_WORDS)
                        .map(word -> "(?=.*" + word.replaceAll("([^\\p{L}\\p{N}])", "\\\\$1") + ")")
                        .collect(Collectors.joining());
    }

    /** @throws NotKept when there is none */
    public Row get(UUID id) {
        return repository.row(id).map(this::row).orElseThrow(() -> new NotKept("run", id));
    }

    /** By their ids; what is not known is left out. */
    public Map<UUID, String> names(Collection<UUID> ids) {
        return repository.names(ids).stream()
                .collect(Collectors.toMap(RunRepository.Named::id, RunRepository.Named::name));
    }

    /** Those taken out of the notebook before that. */
    public List<UUID> removedBefore(Instant before) {
        return repository.removedBefore(before);
    }

    private Row row(RunRepository.Row run) {
        return new Row(
                run.id(),
                run.jobId(),
                run.kind(),
                run.name(),
                run.createdAt(),
                run.finishedAt(),
                json.drawn(run.drawn()),
                run.note(),
                run.glance() == null ? null : json.glance(run.glance()));
    }
}
