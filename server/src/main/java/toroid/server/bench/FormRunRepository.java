package toroid.server.bench;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FormRunRepository extends JpaRepository<FormRun, UUID> {
    Optional<FormRun> findByJobIdAndFinishedAtIsNullAndDeletedAtIsNull(UUID jobId);

    List<FormRun> findByDeletedAtIsNullOrderByCreatedAtDesc();
}
