package roadbreeze.server.followup;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import tools.jackson.databind.json.JsonMapper;

/** What became of a follow-up. */
@Entity
@Table(name = "follow_up_event")
class FollowUpEventRow {
  @Id private UUID id;
  private UUID followUpId;
  private Instant at;

  @JdbcTypeCode(SqlTypes.JSON)
  private String body;

  protected FollowUpEventRow() {}

  FollowUpEventRow(UUID followUp, Instant at, FollowUpEvent event) {
    id = event.id();
    followUpId = followUp;
    this.at = at;
    body = JsonMapper.shared().writeValueAsString(event);
  }

  UUID followUp() {
    return followUpId;
  }

  FollowUpEvent event() {
    return JsonMapper.shared().readValue(body, FollowUpEvent.class);
  }
}
