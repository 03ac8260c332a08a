package roadbreeze.server.log;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import tools.jackson.databind.json.JsonMapper;

/** How files of one shape were read the last time. */
@Entity
@Table(name = "log_plan")
class LogPlanRow {
  @Id private String shape;
  private Instant usedAt;

  @JdbcTypeCode(SqlTypes.JSON)
  private String body;

  protected LogPlanRow() {}

  LogPlanRow(LogPlan plan, Instant at) {
    shape = plan.shape();
    usedAt = at;
    body = JsonMapper.shared().writeValueAsString(plan);
  }

  LogPlan plan() {
    return JsonMapper.shared().readValue(body, LogPlan.class);
  }
}
