package roadbreeze.server.run;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import tools.jackson.databind.json.JsonMapper;

/** What a recorded drive did to its truck; gone as soon as its rows change. */
@Entity
@Table(name = "run_use")
class RunUseRow {
  @Id private UUID runId;

  @JdbcTypeCode(SqlTypes.JSON)
  private String body;

  protected RunUseRow() {}

  RunUseRow(UUID run, RunUses.RunUseData data) {
    runId = run;
    body = JsonMapper.shared().writeValueAsString(data);
  }

  RunUses.RunUseData data() {
    return JsonMapper.shared().readValue(body, RunUses.RunUseData.class);
  }
}
