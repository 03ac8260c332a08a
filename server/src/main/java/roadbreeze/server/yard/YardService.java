package roadbreeze.server.yard;

import jakarta.persistence.EntityManager;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.server.problem.StaleVersionException;

/** Reads and writes the yard's settings. */
@Service
public class YardService {
  private final EntityManager database;

  YardService(EntityManager database) {
    this.database = database;
  }

  @Transactional(readOnly = true)
  public Yard yard() {
    return row().yard();
  }

  /**
   * @throws StaleVersionException if somebody else has saved since the version given
   */
  @Transactional
  public Yard save(Yard yard) {
    YardRow row = row();
    if (row.yard().version() != yard.version()) {
      throw new StaleVersionException(row.yard());
    }
    row.write(yard);
    database.flush(); // the answer carries the new version
    return row.yard();
  }

  private YardRow row() {
    return database.find(YardRow.class, YardRow.ONLY);
  }
}
