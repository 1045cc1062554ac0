package toroid.server.stock;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StocktakingRepository extends JpaRepository<Stocktaking, UUID> {
    List<Stocktaking> findTop50ByOrderByTakenAtDescIdAsc();
}
