package toroid.server.bench;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.repository.NoRepositoryBean;

@NoRepositoryBean
interface RunRepository<R extends StoredRun> extends JpaRepository<R, UUID> {
    Optional<R> findByJobIdAndFinishedAtIsNullAndDeletedAtIsNull(UUID jobId);

    List<R> findByDeletedAtIsNullOrderByCreatedAtDesc();
}
