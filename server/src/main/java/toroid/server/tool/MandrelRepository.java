package toroid.server.tool;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MandrelRepository extends JpaRepository<Mandrel, UUID> {}
