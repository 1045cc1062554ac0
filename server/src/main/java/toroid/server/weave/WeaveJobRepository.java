package toroid.server.weave;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface WeaveJobRepository extends JpaRepository<WeaveJob, UUID> {}
