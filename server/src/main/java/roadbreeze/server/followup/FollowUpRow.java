package roadbreeze.server.followup;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import tools.jackson.databind.json.JsonMapper;

/** Something that is looked at again. */
@Entity
@Table(name = "follow_up")
class FollowUpRow {
  @Id private UUID id;
  private UUID jobId;
  private UUID orderId;
  private String kind;
  @Version private long version;

  @JdbcTypeCode(SqlTypes.JSON)
  private String body;

  protected FollowUpRow() {}

  /**
   * @param order signed work that brings it; null where somebody has added it
   */
  FollowUpRow(UUID job, UUID order, FollowUpData data) {
    id = UUID.randomUUID();
    jobId = job;
    orderId = order;
    kind = data.kind();
    write(data);
  }

  UUID id() {
    return id;
  }

  UUID job() {
    return jobId;
  }

  /** Null where somebody has added it. */
  UUID order() {
    return orderId;
  }

  long version() {
    return version;
  }

  final void write(FollowUpData data) {
    body = JsonMapper.shared().writeValueAsString(data);
  }

  FollowUpData data() {
    return JsonMapper.shared().readValue(body, FollowUpData.class);
  }
}
