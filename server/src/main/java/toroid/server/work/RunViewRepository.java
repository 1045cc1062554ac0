package toroid.server.work;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

interface RunViewRepository extends JpaRepository<RunView, UUID> {
    /** Keeps it unless there is one; two who ask at once do not hinder each other. */
    @Modifying
    @Transactional
    @Query(
            value = "insert into run_view (run_id, shown) values (:runId, :shown) on conflict do nothing",
            nativeQuery = true)
    void keep(UUID runId, String shown);
}
