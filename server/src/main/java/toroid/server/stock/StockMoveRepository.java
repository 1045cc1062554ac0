package toroid.server.stock;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StockMoveRepository extends JpaRepository<StockMove, UUID> {
    @Query("select coalesce(sum(m.amount), 0) from StockMove m where m.lotId = :lot")
    double balance(UUID lot);

    /** What a lot holds by its moves; below zero where more was used than it was said to hold. */
    record Balance(UUID lot, double amount) {}

    @Query(
            "select new toroid.server.stock.StockMoveRepository$Balance(m.lotId, sum(m.amount)) from StockMove m group by m.lotId")
    List<Balance> balances();

    List<StockMove> findByLotIdOrderByMovedAtDescIdAsc(UUID lotId, Limit most);

    /** In the same order, those after the move that was made then under that id. */
    @Query("select m from StockMove m where m.lotId = :lot and (m.movedAt < :at or (m.movedAt = :at and m.id > :id))"
            + " order by m.movedAt desc, m.id asc")
    List<StockMove> earlier(UUID lot, Instant at, UUID id, Limit most);

    List<StockMove> findByStocktakingIdOrderByIdAsc(UUID stocktaking);

    Optional<StockMove> findByUndoes(UUID move);

    @Query("select m.undoes from StockMove m where m.lotId = :lot and m.undoes is not null")
    List<UUID> undone(UUID lot);

    List<StockMove> findByCutIdOrderByIdAsc(UUID cut);

    /** What moved for a job as it was cut, or as it turned out to be cut before; below zero where it is cut and not used. */
    @Query("select new toroid.server.stock.StockMoveRepository$Balance(m.lotId, sum(m.amount)) from StockMove m"
            + " where m.jobId = :job group by m.lotId having abs(sum(m.amount)) > 0.000001")
    List<Balance> ahead(UUID job);

    @Query("select coalesce(sum(m.amount), 0) from StockMove m where m.runId = :run and m.operation = :operation"
            + " and m.lotId = :lot and m.why = toroid.server.stock.StockMove$Why.USED")
    double usedBy(UUID run, String operation, UUID lot);

    @Query("select coalesce(sum(m.amount), 0) from StockMove m where m.runId = :run and m.operation = :operation"
            + " and m.lotId = :lot and m.why = toroid.server.stock.StockMove$Why.WAS_CUT")
    double putBack(UUID run, String operation, UUID lot);

    /** Until this transaction ends nobody else holds that number. */
    @Query(value = "select cast(pg_advisory_xact_lock(:key) as text)", nativeQuery = true)
    String hold(long key);
}
