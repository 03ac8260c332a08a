package roadbreeze.server.live;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A drive that is recorded; who holds it, and how far it has come, is written past the mapper. */
@Entity
@Table(name = "live_drive")
class LiveDriveRow {
  @Id private UUID id;
  private UUID jobId;
  private String build;
  private UUID runId;
  private String address;
  private double fromKm;
  private Instant beganAt;
  private Instant endedAt;

  protected LiveDriveRow() {}

  LiveDriveRow(UUID job, String build, UUID run, String address, double fromKm, Instant at) {
    id = UUID.randomUUID();
    jobId = job;
    this.build = build;
    runId = run;
    this.address = address;
    this.fromKm = fromKm;
    beganAt = at;
  }

  LiveDrive drive() {
    return new LiveDrive(id, jobId, build, runId, address, fromKm, beganAt, endedAt);
  }
}
