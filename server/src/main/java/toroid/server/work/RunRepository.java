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

    @Query("select max(r.createdAt) from Run r where r.jobId = :job")
    Instant lastBegun(UUID job);

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

    String COLUMNS =
            "select new toroid.server.work.RunRepository$Row(r.id, r.jobId, r.kind, r.name, r.createdAt, r.updatedAt,"
                    + " r.finishedAt, r.drawn, r.note, r.glance) from ";

    String ROW = COLUMNS + "Run r where r.deletedAt is null";

    /** The latest of each job; found job by job, however many each had. */
    @Query(COLUMNS
            + "Job j join Run r on r.jobId = j.id and r.createdAt ="
            + " (select max(l.createdAt) from Run l where l.jobId = j.id and l.deletedAt is null)"
            + " where r.deletedAt is null and j.deletedAt is null")
    List<Row> latest();

    String PAGE = ROW + " and (r.createdAt < :began or (r.createdAt = :began and r.id < :before))";

    String NEWEST = " order by r.createdAt desc, r.id desc";

    /** Newest first, those begun before that run. */
    @Query(PAGE + NEWEST)
    List<Row> page(Instant began, UUID before, Limit most);

    /**
     * The same.
     *
     * @param pattern that is to be found in a run's name, its note, or what its glance tells in words, whatever the case
     */
    @Query(PAGE
            + " and cast(regexp_like(concat(r.name, ' ', r.note, ' ',"
            + " cast(regexp_replace(coalesce(r.glance, ''), '\"[^\"]*\":(-?[0-9][^,}]*|true|false|null)?', '', 'g') as String)),"
            + " :pattern, 'i') as Boolean) = true"
            + NEWEST)
    List<Row> page(String pattern, Instant began, UUID before, Limit most);

    @Query(ROW + " and r.id = :id")
    Optional<Row> row(UUID id);

    @Query("select r.id from Run r where r.deletedAt < :before")
    List<UUID> removedBefore(Instant before);

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
