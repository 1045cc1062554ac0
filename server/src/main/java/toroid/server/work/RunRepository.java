package toroid.server.work;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface RunRepository extends JpaRepository<Run, UUID> {
    Optional<Run> findByJobIdAndFinishedAtIsNullAndDeletedAtIsNull(UUID jobId);

    boolean existsByJobIdAndDeletedAtIsNull(UUID jobId);

    @Query("select max(r.finishedAt) from Run r where r.jobId = :job and r.deletedAt is null")
    Instant lastFinished(UUID job);

    /** A run at a glance; its plan is not read. */
    record Row(
            UUID id,
            UUID jobId,
            String kind,
            String name,
            Instant createdAt,
            Instant updatedAt,
            Instant finishedAt,
            String drawn,
            String note,
            String glance) {}

    String ROW =
            "select new toroid.server.work.RunRepository$Row(r.id, r.jobId, r.kind, r.name, r.createdAt, r.updatedAt,"
                    + " r.finishedAt, r.drawn, r.note, r.glance) from Run r where r.deletedAt is null";

    /** The latest of each job. */
    @Query(ROW
            + " and r.createdAt = (select max(l.createdAt) from Run l where l.jobId = r.jobId and l.deletedAt is null)")
    List<Row> latest();

    /**
     * Newest first, those begun before that run; of all where there is none.
     *
     * @param pattern that is to be found in a run's name, its note, or what its glance tells, whatever the case; an empty one is in all
     */
    @Query(ROW
            + " and (r.createdAt < :began or (r.createdAt = :began and r.id < :before))"
            + " and cast(regexp_like(concat(r.name, ' ', r.note, ' ',"
            + " cast(regexp_replace(coalesce(r.glance, ''), '\"[^\"]*\":(-?[0-9][^,}]*|true|false|null)?', '', 'g') as String)),"
            + " :pattern, 'i') as Boolean) = true"
            + " order by r.createdAt desc, r.id desc")
    List<Row> page(String pattern, Instant began, UUID before, Limit most);

    @Query(ROW + " and r.id = :id")
    Optional<Row> row(UUID id);

    /** A run's name alone. */
    record Named(UUID id, String name) {}

    @Query("select new toroid.server.work.RunRepository$Named(r.id, r.name) from Run r where r.id in :ids")
    List<Named> names(Collection<UUID> ids);

    @Query("select r.id from Run r where r.deletedAt is null and r.glance is null")
    List<UUID> unseen();

    @Modifying
    @Query("update Run r set r.glance = :glance where r.id = :id and r.version = :version")
    void see(UUID id, int version, String glance);
}
