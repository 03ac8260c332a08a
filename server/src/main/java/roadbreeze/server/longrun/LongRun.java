package roadbreeze.server.longrun;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A run: what was asked, with a snapshot of what it depends on, and whether it is still wanted. */
@Entity
@Table(name = "long_run")
class LongRun {
  @Id private UUID id;
  private String kind;

  @JdbcTypeCode(SqlTypes.JSON)
  private String request;

  private int parts;
  private Instant startedAt;
  private boolean cancelled;
  private boolean failed;

  protected LongRun() {}

  LongRun(UUID id, String kind, String request, int parts, Instant startedAt) {
    this.id = id;
    this.kind = kind;
    this.request = request;
    this.parts = parts;
    this.startedAt = startedAt;
  }

  UUID id() {
    return id;
  }

  String kind() {
    return kind;
  }

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

  void cancel() {
    cancelled = true;
  }

  void fail() {
    failed = true;
  }
}
