package toroid.server.stock;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface CutRepository extends JpaRepository<Cut, UUID> {
    /** Those that count, the newest first. */
    List<Cut> findByUndoneAtIsNullOrderByCutAtDescIdAsc(Limit newest);
}
