package toroid.server.wire;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SpoolRepository extends JpaRepository<Spool, UUID> {}
