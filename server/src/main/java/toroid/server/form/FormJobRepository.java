package toroid.server.form;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FormJobRepository extends JpaRepository<FormJob, UUID> {}
