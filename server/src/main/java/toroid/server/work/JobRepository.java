package toroid.server.work;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface JobRepository extends JpaRepository<Job, UUID> {
    List<Job> findByKindAndDeletedAtIsNullOrderByCreatedAtAscIdAsc(String kind);

    List<Job> findByParentIdAndKindAndDeletedAtIsNullOrderByCreatedAtAscIdAsc(UUID parentId, String kind);

    /** Nobody else lays out what it needs cut meanwhile. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select j from Job j where j.id = :id")
    Optional<Job> locked(UUID id);

    /** A job at a glance. */
    record Row(UUID id, int version, Instant updatedAt, String kind, String name, UUID parentId, String glance) {}

    @Query("select new toroid.server.work.JobRepository$Row"
            + "(j.id, j.version, j.updatedAt, j.kind, j.name, j.parentId, j.glance)"
            + " from Job j where j.deletedAt is null")
    List<Row> rows();

    @Query("select j.id from Job j where j.deletedAt is null and j.glance is null")
    List<UUID> unseen();

    /** Kept only for the very content it was seen in; the job itself is not touched by it. */
    @Modifying
    @Query("update Job j set j.glance = :glance where j.id = :id and j.version = :version")
    int see(UUID id, int version, String glance);

    /** Those whose content names that lot. */
    @Modifying
    @Query("update Job j set j.glance = null where cast(j.content as String) like concat('%', :lot, '%')")
    void unsee(String lot);

    /** All of one kind. */
    @Modifying
    @Query("update Job j set j.glance = null where j.kind = :kind")
    void unseeKind(String kind);

    @Query("select j.kind from Job j where j.id = :id")
    Optional<String> kindOf(UUID id);

    @Query("select count(j) from Job j where j.deletedAt is null"
            + " and function('jsonb_extract_path_text', j.content, 'weaveId') = :weave")
    long ofWeave(String weave);
}
