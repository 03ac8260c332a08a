package roadbreeze.server.order;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** The yard's file of tasks; kept as it was written, so that an older one can be read still. */
@Entity
@Table(name = "own_tasks")
class OwnTasksRow {
  static final int ONLY = 1;

  @Id private int id;
  @Version private Long version;

  @JdbcTypeCode(SqlTypes.JSON)
  private String file;

  protected OwnTasksRow() {}

  OwnTasksRow(TaskFile tasks) {
    id = ONLY;
    write(tasks);
  }

  void write(TaskFile tasks) {
    file = Tasks.JSON.writeValueAsString(tasks);
  }

  OwnTasks own() {
    return new OwnTasks(Tasks.JSON.readValue(file, TaskFile.class), version);
  }
}
