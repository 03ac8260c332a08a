package roadbreeze.server.bay;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** Work that was begun. */
@Entity
@Table(name = "bay_order")
class BayOrderRow {
  @Id private UUID id;
  private UUID jobId;
  private String build;
  private String title;
  private Instant begunAt;
  private String begunBy;
  private Instant signedAt;
  private long last;

  protected BayOrderRow() {}

  BayOrderRow(UUID job, String build, String title, Instant at, String by) {
    id = UUID.randomUUID();
    jobId = job;
    this.build = build;
    this.title = title;
    begunAt = at;
    begunBy = by;
  }

  long next() {
    return ++last;
  }

  void signed(Instant at) {
    signedAt = at;
  }

  BayOrder order() {
    return new BayOrder(id, jobId, build, title, begunAt, begunBy, last, signedAt);
  }
}
