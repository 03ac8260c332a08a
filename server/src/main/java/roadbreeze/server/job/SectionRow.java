package roadbreeze.server.job;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.io.Serializable;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A section of a job: its body as JSON, its own version, its place among those of its kind. */
@Entity
@Table(name = "job_section")
class SectionRow {
  @EmbeddedId private Key key;
  @Version private long version;
  private int position;
  private Instant savedAt;

  @JdbcTypeCode(SqlTypes.JSON)
  private String body;

  /**
   * Which section of which job.
   *
   * @param name {@code about}, {@code rig}, {@code nose}, {@code haul}, {@code checks}, or {@code
   *     build/} and the build's id
   */
  @Embeddable
  record Key(UUID jobId, String name) implements Serializable {}

  protected SectionRow() {}

  SectionRow(UUID job, String name, int position) {
    key = new Key(job, name);
    this.position = position;
  }

  void write(String newBody, Instant at) {
    body = newBody;
    savedAt = at;
  }

  UUID jobId() {
    return key.jobId();
  }

  String name() {
    return key.name();
  }

  long version() {
    return version;
  }

  int position() {
    return position;
  }

  Instant savedAt() {
    return savedAt;
  }

  String body() {
    return body;
  }
}
