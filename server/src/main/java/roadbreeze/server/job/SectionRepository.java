package roadbreeze.server.job;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SectionRepository extends JpaRepository<SectionRow, SectionRow.Key> {
  List<SectionRow> findByKeyJobIdOrderByPosition(UUID jobId);

  List<SectionRow> findAllByOrderByPosition();

  void deleteByKeyJobId(UUID jobId);
}
