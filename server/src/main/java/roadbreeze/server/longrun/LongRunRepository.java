package roadbreeze.server.longrun;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LongRunRepository extends JpaRepository<LongRun, UUID> {}
