package toroid.server.stock;

import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What jobs have put by: told by whoever plans them, whole and anew each time. */
@Service
@Transactional
public class Reservations {
    private final ReservationRepository repository;

    Reservations(ReservationRepository repository) {
        this.repository = repository;
    }

    /** What a job will still take of each lot, in the lot's unit; what it had put by before is free again. */
    public void putBy(UUID job, Map<UUID, Double> amounts) {
        repository.freeAll(job);
        new TreeMap<>(amounts).forEach((lot, amount) -> {
            if (amount > 0) {
                repository.putBy(job, lot, amount);
            }
        });
    }

    /** What every job has put by, by lot, in its unit. */
    @Transactional(readOnly = true)
    public Map<UUID, Map<UUID, Double>> byJob() {
        return repository.findAll().stream()
                .collect(Collectors.groupingBy(
                        Reservation::job,
                        Collectors.toMap(Reservation::lot, Reservation::amount, Double::sum, TreeMap::new)));
    }

    /** What is put by of each lot, in its unit. */
    @Transactional(readOnly = true)
    Map<UUID, Double> sums() {
        return repository.sums().stream()
                .collect(Collectors.toMap(ReservationRepository.PutBy::lot, ReservationRepository.PutBy::amount));
    }

    /** Who has put by of a lot, and how much. */
    @Transactional(readOnly = true)
    Map<UUID, Double> of(UUID lot) {
        return repository.findByKeyLotId(lot).stream().collect(Collectors.toMap(Reservation::job, Reservation::amount));
    }
}
