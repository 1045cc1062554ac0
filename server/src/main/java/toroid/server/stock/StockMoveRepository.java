package toroid.server.stock;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
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

    List<StockMove> findTop200ByLotIdOrderByMovedAtDescIdAsc(UUID lotId);

    List<StockMove> findByStocktakingIdOrderByIdAsc(UUID stocktaking);

    Optional<StockMove> findByUndoes(UUID move);

    @Query("select m.undoes from StockMove m where m.lotId = :lot and m.undoes is not null")
    List<UUID> undone(UUID lot);
}
