package roadbreeze.server.followup;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import tools.jackson.databind.json.JsonMapper;

/** How a job's truck is used. */
@Entity
@Table(name = "truck_use")
class TruckUseRow {
  @Id private UUID jobId;
  @Version private long version;

  @JdbcTypeCode(SqlTypes.JSON)
  private String body;

  protected TruckUseRow() {}

  TruckUseRow(UUID job, TruckUse use) {
    jobId = job;
    write(use);
  }

  UUID job() {
    return jobId;
  }

  long version() {
    return version;
  }

  final void write(TruckUse use) {
    body = JsonMapper.shared().writeValueAsString(use);
  }

  TruckUse use() {
    return JsonMapper.shared().readValue(body, TruckUse.class);
  }
}
