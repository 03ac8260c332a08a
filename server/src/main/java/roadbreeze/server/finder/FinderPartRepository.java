package roadbreeze.server.finder;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface FinderPartRepository extends JpaRepository<FinderPart, FinderPart.Key> {
  List<FinderPart> findByKeyRunIdOrderByKeyNumber(UUID runId);
}
