package toroid.server.wire;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StockMoveRepository extends JpaRepository<StockMove, UUID> {
    @Query("select coalesce(sum(m.lengthMm), 0) from StockMove m where m.lotId = :lot")
    double balance(UUID lot);

    /** What a lot holds by its moves, mm; below zero where more was used than it was said to hold. */
    record Balance(UUID lot, double lengthMm) {}

    @Query(
            "select new toroid.server.wire.StockMoveRepository$Balance(m.lotId, sum(m.lengthMm)) from StockMove m group by m.lotId")
    List<Balance> balances();

    List<StockMove> findTop200ByLotIdOrderByMovedAtDescIdAsc(UUID lotId);
}
