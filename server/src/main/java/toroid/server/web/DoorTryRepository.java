package toroid.server.web;

import java.time.Instant;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface DoorTryRepository extends JpaRepository<DoorTry, UUID> {
    long countByAddress(String address);

    @Modifying
    @Query("delete from DoorTry t where t.triedAt < :before or t.triedAt > :after")
    void forget(Instant before, Instant after);

    /** Until this transaction ends nobody else counts tries. */
    @Query(value = "select cast(pg_advisory_xact_lock(:key) as text)", nativeQuery = true)
    String hold(long key);
}
