package toroid.server.calibration;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ReadingRepository extends JpaRepository<Reading, UUID> {
    List<Reading> findByRunIdOrderByTakenAt(UUID runId);

    List<Reading> findByRunIdIsNotNullAndDeletedAtIsNullOrderByTakenAt();

    List<Reading> findByFormIdAndDeletedAtIsNullOrderByTakenAt(String formId);

    List<Reading> findByLotIdAndQuantityInOrderByTakenAt(UUID lotId, Set<Quantity> quantities);

    List<Reading> findByLotIdAndQuantityInAndDeletedAtIsNullOrderByTakenAt(UUID lotId, Set<Quantity> quantities);

    List<Reading> findByQuantityAndDeletedAtIsNullOrderByTakenAtDesc(Quantity quantity, Limit newest);

    @Query(
            "select distinct r.formId from Reading r where r.formId is not null and r.deletedAt is null order by r.formId")
    List<String> forms();
}
