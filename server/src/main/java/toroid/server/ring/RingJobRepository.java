package toroid.server.ring;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RingJobRepository extends JpaRepository<RingJob, UUID> {}
