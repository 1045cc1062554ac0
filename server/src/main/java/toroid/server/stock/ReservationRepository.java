package toroid.server.stock;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ReservationRepository extends JpaRepository<Reservation, Reservation.Key> {
    /** What is put by of a lot. */
    record PutBy(UUID lot, double amount) {}

    @Query(
            "select new toroid.server.stock.ReservationRepository$PutBy(r.key.lotId, sum(r.amount)) from Reservation r group by r.key.lotId")
    List<PutBy> sums();

    List<Reservation> findByKeyLotId(UUID lot);

    /** Told by several at once, one after the other. */
    @Modifying
    @Query(
            value = "insert into reservation (job_id, lot_id, workshop_id, amount)"
                    + " select :job, l.id, l.workshop_id, :amount from lot l where l.id = :lot"
                    + " on conflict (job_id, lot_id) do update set amount = excluded.amount",
            nativeQuery = true)
    void putBy(UUID job, UUID lot, double amount);

    @Modifying
    @Query("delete from Reservation r where r.key.jobId = :job")
    void freeAll(UUID job);
}
