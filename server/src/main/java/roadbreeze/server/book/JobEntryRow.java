package roadbreeze.server.book;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** Which truck a job is about, and which trailer it tows. */
@Entity
@Table(name = "job_entry")
class JobEntryRow {
  @Id private UUID jobId;
  private UUID truckId;
  private UUID trailerId;

  protected JobEntryRow() {}

  JobEntryRow(UUID job) {
    jobId = job;
  }

  void write(UUID truck, UUID trailer) {
    truckId = truck;
    trailerId = trailer;
  }

  UUID job() {
    return jobId;
  }

  UUID truck() {
    return truckId;
  }

  UUID trailer() {
    return trailerId;
  }
}
