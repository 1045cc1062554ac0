package toroid.server.bench;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RingRunRepository extends JpaRepository<RingRun, UUID> {
    Optional<RingRun> findByJobIdAndFinishedAtIsNullAndDeletedAtIsNull(UUID jobId);

    List<RingRun> findByDeletedAtIsNullOrderByCreatedAtDesc();
}
