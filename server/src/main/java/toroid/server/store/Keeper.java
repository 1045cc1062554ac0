package toroid.server.store;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps one kind of thing. Writing is idempotent: the same edit sent twice (an answer lost on the way) is one edit.
 *
 * @param <E> the entity
 * @param <D> its content, a record
 */
@Transactional
public abstract class Keeper<E extends Stored, D> implements Keeping<D> {
    private final String what;
    private final JpaRepository<E, UUID> repository;
    protected final Clock clock;

    protected Keeper(String what, JpaRepository<E, UUID> repository, Clock clock) {
        this.what = what;
        this.repository = repository;
        this.clock = clock;
    }

    protected abstract E blank();

    protected abstract void fill(E entity, D data);

    protected abstract D dataOf(E entity);

    /** Refuses content that cannot be kept, before anything is written. */
    protected void check(D data) {}

    @Override
    @Transactional(readOnly = true)
    public List<Kept<D>> all() {
        return repository.findAll().stream()
                .filter(entity -> !entity.isDeleted())
                .sorted(java.util.Comparator.comparing(Stored::createdAt).thenComparing(Stored::id))
                .map(this::kept)
                .toList();
    }

    @Override
    @Transactional(readOnly = true)
    public Kept<D> get(UUID id) {
        return kept(find(id));
    }

    @Override
    public Kept<D> put(UUID id, Edit<D> edit) {
        check(edit.data());
        E entity = repository.findById(id).orElse(null);
        if (entity == null) {
            entity = blank();
            entity.begin(id, now());
        } else {
            if (dataOf(entity).equals(edit.data()) && !entity.isDeleted()) {
                return kept(entity);
            }
            demandVersion(entity, edit.version());
            entity.touch(now());
        }
        fill(entity, edit.data());
        return kept(repository.saveAndFlush(entity));
    }

    @Override
    public Kept<D> delete(UUID id, int version) {
        E entity = find(id);
        if (!entity.isDeleted()) {
            demandVersion(entity, version);
            entity.delete(now());
        }
        return kept(repository.saveAndFlush(entity));
    }

    @Override
    public Kept<D> restore(UUID id) {
        E entity = find(id);
        if (entity.isDeleted()) {
            entity.restore(now());
        }
        return kept(repository.saveAndFlush(entity));
    }

    protected E find(UUID id) {
        return repository.findById(id).orElseThrow(() -> new NotKept(what, id));
    }

    protected Kept<D> save(E entity) {
        entity.touch(now());
        return kept(repository.saveAndFlush(entity));
    }

    protected void demandVersion(E entity, Integer version) {
        if (!Objects.equals(entity.version(), version)) {
            throw new ChangedElsewhere(kept(entity));
        }
    }

    protected Kept<D> kept(E entity) {
        return Kept.of(entity, dataOf(entity));
    }

    /** Now, to the microsecond the database keeps. */
    protected Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
