package toroid.server.photo;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PhotoRepository extends JpaRepository<Photo, UUID> {
    List<Photo> findByRunIdAndDeletedAtIsNullOrderByCreatedAtAscIdAsc(UUID runId);

    int countByRunIdAndDeletedAtIsNull(UUID runId);

    /** Those taken away before that, themselves or with their run. */
    @Query("select p from Photo p where p.deletedAt < :before or p.runId in :runs")
    List<Photo> takenAway(Instant before, List<UUID> runs);
}
