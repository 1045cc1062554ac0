package toroid.server.calibration;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MeasurementRepository extends JpaRepository<Measurement, UUID> {
    List<Measurement> findBySpoolIdAndDeletedAtIsNullOrderByTakenAt(UUID spoolId);

    List<Measurement> findBySpoolIdOrderByTakenAt(UUID spoolId);

    List<Measurement> findByRunIdOrderByTakenAt(UUID runId);

    List<Measurement> findByRunIdIsNotNullAndDeletedAtIsNullOrderByTakenAt();
}
