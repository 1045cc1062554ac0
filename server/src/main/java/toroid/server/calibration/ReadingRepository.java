package toroid.server.calibration;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ReadingRepository extends JpaRepository<Reading, UUID> {
    List<Reading> findByRunIdOrderByTakenAt(UUID runId);

    List<Reading> findByRunIdInAndDeletedAtIsNullOrderByTakenAt(Collection<UUID> runIds);

    List<Reading> findByQuantityInAndRunIdIsNotNullAndDeletedAtIsNullOrderByTakenAtDesc(
            Set<Quantity> quantities, Limit newest);

    List<Reading> findByFormIdAndDeletedAtIsNullOrderByTakenAt(String formId);

    List<Reading> findByLotIdAndQuantityInOrderByTakenAt(UUID lotId, Set<Quantity> quantities);

    List<Reading> findByLotIdAndQuantityInAndDeletedAtIsNullOrderByTakenAt(UUID lotId, Set<Quantity> quantities);

    List<Reading> findByQuantityAndDeletedAtIsNullOrderByTakenAtDesc(Quantity quantity, Limit newest);

    List<Reading> findByExerciseAndDeletedAtIsNullOrderByTakenAtDesc(String exercise, Limit newest);

    /** Changes with any of them. */
    record Stamp(UUID workshop, long count, long edits, Instant last) {}

    @Query("select new toroid.server.calibration.ReadingRepository$Stamp("
            + "r.workshopId, count(r), sum(r.version), max(r.updatedAt))"
            + " from Reading r where r.quantity = :quantity group by r.workshopId")
    Optional<Stamp> stamp(Quantity quantity);

    @Query("select new toroid.server.calibration.ReadingRepository$Stamp("
            + "r.workshopId, count(r), sum(r.version), max(r.updatedAt)) from Reading r group by r.workshopId")
    Optional<Stamp> stamp();

    @Query(
            "select distinct r.formId from Reading r where r.formId is not null and r.deletedAt is null order by r.formId")
    List<String> forms();
}
