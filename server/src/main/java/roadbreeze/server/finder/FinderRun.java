package roadbreeze.server.finder;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A search: what was asked, as it was asked, and whether it is wanted any more. */
@Entity
@Table(name = "finder_run")
class FinderRun {
  @Id private UUID id;

  @JdbcTypeCode(SqlTypes.JSON)
  private String request;

  private int parts;
  private Instant startedAt;
  private boolean cancelled;
  private boolean failed;

  protected FinderRun() {}

  FinderRun(UUID id, String request, int parts, Instant startedAt) {
    this.id = id;
    this.request = request;
    this.parts = parts;
    this.startedAt = startedAt;
  }

  UUID id() {
    return id;
  }

  /** A {@link FinderRequest} as JSON. */
  String request() {
    return request;
  }

  int parts() {
    return parts;
  }

  Instant startedAt() {
    return startedAt;
  }

  boolean cancelled() {
    return cancelled;
  }

  boolean failed() {
    return failed;
  }

  void fail() {
    failed = true;
  }

  void cancel() {
    cancelled = true;
  }
}
