package toroid.server.weave;

import org.springframework.data.jpa.repository.JpaRepository;

interface SolvedWeaveRepository extends JpaRepository<SolvedWeave, String> {}
