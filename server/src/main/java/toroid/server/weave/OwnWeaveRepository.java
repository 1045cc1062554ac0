package toroid.server.weave;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnWeaveRepository extends JpaRepository<OwnWeave, UUID> {
    List<OwnWeave> findByDeletedAtIsNullOrderByCreatedAt();
}
