package roadbreeze.server.job;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import roadbreeze.server.job.format.JobFormat;

/** A job, of which everything else stands in its sections. */
@Entity
@Table(name = "job")
class JobRow {
  @Id private UUID id;

  /** Shape of its sections' bodies. */
  private int format;

  protected JobRow() {}

  JobRow(UUID id) {
    this.id = id;
    format = JobFormat.CURRENT;
  }

  UUID id() {
    return id;
  }
}
