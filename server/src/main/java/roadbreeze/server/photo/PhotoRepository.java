package roadbreeze.server.photo;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PhotoRepository extends JpaRepository<PhotoRow, UUID> {
  int countByJobId(UUID job);
}
