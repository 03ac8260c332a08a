package roadbreeze.server.finder;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FinderRunRepository extends JpaRepository<FinderRun, UUID> {}
