package toroid.server.bench;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

interface FrozenFormRepository extends JpaRepository<FrozenForm, UUID> {
    /** Keeps it unless there is one; two who ask at once do not hinder each other. */
    @Modifying
    @Transactional
    @Query(
            value = "insert into frozen_form (run_id, form) values (:runId, :form) on conflict do nothing",
            nativeQuery = true)
    void keep(UUID runId, String form);
}
