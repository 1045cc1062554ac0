package toroid.server.metal;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MetalPriceRepository extends JpaRepository<MetalPriceRow, UUID> {}
