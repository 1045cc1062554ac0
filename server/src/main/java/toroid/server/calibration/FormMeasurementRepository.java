package toroid.server.calibration;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FormMeasurementRepository extends JpaRepository<FormMeasurement, UUID> {
    List<FormMeasurement> findByRunIdOrderByTakenAt(UUID runId);

    List<FormMeasurement> findByFormIdAndDeletedAtIsNullOrderByTakenAt(String formId);
}
