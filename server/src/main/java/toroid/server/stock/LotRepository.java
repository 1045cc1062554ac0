package toroid.server.stock;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface LotRepository extends JpaRepository<Lot, UUID> {
    List<Lot> findByDeletedAtIsNullOrderByCreatedAtAscIdAsc();

    List<Lot> findByKindAndDeletedAtIsNullOrderByCreatedAtAscIdAsc(String kind);

    /**
     * A lot by its name and kind alone.
     *
     * @param counted whether it is on the shelf and anyone said how much there is
     */
    record Brief(UUID id, String name, String kind, boolean counted) {}

    /** Those taken away as well: what was taken of them was taken. */
    @Query("select new toroid.server.stock.LotRepository$Brief(l.id, l.name, l.kind,"
            + " case when l.known = true and l.deletedAt is null then true else false end) from Lot l")
    List<Brief> briefs();

    /** Nobody else moves anything of it until this is done. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select l from Lot l where l.id = :id")
    Optional<Lot> held(UUID id);
}
