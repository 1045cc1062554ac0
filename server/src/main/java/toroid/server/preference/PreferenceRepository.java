package toroid.server.preference;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PreferenceRepository extends JpaRepository<Preference, UUID> {}
