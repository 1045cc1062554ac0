package toroid.server.work;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import toroid.server.stock.Reservations;
import toroid.server.store.Edit;
import toroid.server.store.Keeper;
import toroid.server.store.Kept;
import toroid.server.store.NotKept;

/** Keeps the jobs, of every kind. */
@Service
public class Jobs extends Keeper<Job, JobData> {
    private final JobRepository repository;
    private final JobKinds kinds;
    private final WorkJson json;
    private final Reservations reservations;

    Jobs(JobRepository repository, JobKinds kinds, WorkJson json, Reservations reservations, Clock clock) {
        super("job", repository, clock);
        this.repository = repository;
        this.kinds = kinds;
        this.json = json;
        this.reservations = reservations;
    }

    /** Of one kind, oldest first. */
    @Transactional(readOnly = true)
    public List<Kept<JobData>> all(String kind) {
        kinds.byId(kind);
        return repository.findByKindAndDeletedAtIsNullOrderByCreatedAtAscIdAsc(kind).stream()
                .map(this::kept)
                .toList();
    }

    /** @throws NotKept when there is none of that kind under that id */
    @Transactional(readOnly = true)
    public Kept<JobData> get(String kind, UUID id) {
        kinds.byId(kind);
        if (!repository.kindOf(id).filter(kind::equals).isPresent()) {
            throw new NotKept(kind + " job", id);
        }
        return get(id);
    }

    /** A job's content, of a kind known beforehand. */
    @Transactional(readOnly = true)
    public <C> C content(JobKind<C, ?> kind, UUID id) {
        return kind.content().cast(get(kind.id(), id).data().content());
    }

    /**
     * The wire a job has cut; nothing is held while it is worked out.
     *
     * @throws toroid.core.numeric.Refusal when it cannot be made
     */
    public List<WireLength> lengths(JobData job) {
        return lengths(kinds.byId(job.kind()), job.content());
    }

    private static <C> List<WireLength> lengths(JobKind<C, ?> kind, Object content) {
        return kind.lengths(kind.content().cast(content));
    }

    public <C> Kept<JobData> put(JobKind<C, ?> kind, UUID id, Edit<C> edit) {
        if (repository.kindOf(id).filter(kept -> !kept.equals(kind.id())).isPresent()) {
            throw new NotKept(kind.id() + " job", id);
        }
        return put(id, new Edit<>(edit.version(), new JobData(kind.id(), edit.data())));
    }

    /** What it had put by of the shelf is free again. */
    @Override
    public Kept<JobData> delete(UUID id, int version) {
        Kept<JobData> gone = super.delete(id, version);
        reservations.putBy(id, Map.of());
        return gone;
    }

    /** What was laid out for that job, of one kind, oldest first; until this transaction ends nobody else lays out anything for it. */
    List<Kept<JobData>> childrenOf(UUID parent, JobKind<?, ?> kind) {
        repository.locked(parent);
        return children(parent, kind).map(this::kept).toList();
    }

    /** The same as they stand, of a kind known beforehand. */
    @Transactional(readOnly = true)
    public <C> List<C> laidOutFor(UUID parent, JobKind<C, ?> kind) {
        return children(parent, kind)
                .map(job -> kind.content().cast(dataOf(job).content()))
                .toList();
    }

    private Stream<Job> children(UUID parent, JobKind<?, ?> kind) {
        return repository.findByParentIdAndKindAndDeletedAtIsNullOrderByCreatedAtAscIdAsc(parent, kind.id()).stream();
    }

    /** The job it was laid out for. */
    @Transactional(readOnly = true)
    public Optional<UUID> parentOf(UUID id) {
        return repository.findById(id).map(Job::parentId);
    }

    /** Lays out a job for another one. */
    <C> Kept<JobData> child(JobKind<C, ?> kind, UUID parent, C content) {
        UUID id = UUID.randomUUID();
        put(kind, id, new Edit<>(null, content));
        Job child = find(id);
        child.under(parent);
        return kept(repository.saveAndFlush(child));
    }

    @Override
    protected Job blank() {
        return new Job();
    }

    @Override
    protected void fill(Job job, JobData data) {
        fill(job, kinds.byId(data.kind()), data.content());
    }

    private <C> void fill(Job job, JobKind<C, ?> kind, Object content) {
        String name = kind.nameOf(kind.content().cast(content));
        job.fill(kind.id(), name, json.write(content), kind.contentVersion());
    }

    @Override
    protected JobData dataOf(Job job) {
        JobKind<?, ?> kind = kinds.byId(job.kind());
        return new JobData(job.kind(), json.content(kind, job.contentVersion(), job.content()));
    }

    @Override
    protected void check(JobData data) {
        check(kinds.byId(data.kind()), data.content());
    }

    /** The maker's name of it. */
    public String nameOf(JobData job) {
        return nameOf(kinds.byId(job.kind()), job.content());
    }

    private static <C> String nameOf(JobKind<C, ?> kind, Object content) {
        return kind.nameOf(kind.content().cast(content));
    }

    private static <C> void check(JobKind<C, ?> kind, Object content) {
        kind.check(kind.content().cast(content));
    }
}
