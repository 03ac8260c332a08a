package roadbreeze.server.longrun;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface LongRunPartRepository extends JpaRepository<LongRunPart, LongRunPart.Key> {
  List<LongRunPart> findByKeyRunIdOrderByKeyNumber(UUID runId);
}
