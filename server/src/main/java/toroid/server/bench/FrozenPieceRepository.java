package toroid.server.bench;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FrozenPieceRepository extends JpaRepository<FrozenPiece, UUID> {}
