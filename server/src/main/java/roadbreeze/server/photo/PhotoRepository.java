package roadbreeze.server.photo;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PhotoRepository extends JpaRepository<PhotoRow, UUID> {
  int countByJobId(UUID job);

  /** Without what they show. */
  List<PhotoSent> findByJobIdOrderBySentAt(UUID job);
}
