package roadbreeze.server.run;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import tools.jackson.databind.json.JsonMapper;

/** A run. */
@Entity
@Table(name = "run")
class RunRow {
  @Id private UUID id;
  private UUID jobId;
  @Version private long version;
  private Instant madeAt;
  private Instant beganAt;

  @JdbcTypeCode(SqlTypes.JSON)
  private String body;

  protected RunRow() {}

  RunRow(UUID job, Instant at, Run.RunData data) {
    id = UUID.randomUUID();
    jobId = job;
    madeAt = at;
    body = JsonMapper.shared().writeValueAsString(data);
  }

  /** One that comes from elsewhere, under its own id. */
  RunRow(UUID job, Run run) {
    id = run.id();
    jobId = job;
    madeAt = run.madeAt();
    beganAt = run.beganAt();
    body = JsonMapper.shared().writeValueAsString(run.data());
  }

  UUID id() {
    return id;
  }

  long version() {
    return version;
  }

  void write(Run.RunData data) {
    body = JsonMapper.shared().writeValueAsString(data);
  }

  /** When it began, as the first of its tracks says that has a date. */
  Instant began(Instant at) {
    beganAt = beganAt == null ? at : beganAt;
    return beganAt;
  }

  Run run(List<Track> tracks) {
    return new Run(
        id,
        jobId,
        version,
        madeAt,
        beganAt,
        JsonMapper.shared().readValue(body, Run.RunData.class),
        tracks);
  }
}
