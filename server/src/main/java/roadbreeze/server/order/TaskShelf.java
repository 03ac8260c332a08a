package roadbreeze.server.order;

import jakarta.persistence.EntityManager;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.ConstraintViolationException;
import jakarta.validation.Validator;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.core.explain.Finding;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.StaleVersionException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** The tasks that the yard works with: what ships, under what it has written itself. */
@Service
public class TaskShelf {
  private static final long NOTHING_YET = -1;

  private final EntityManager database;
  private final Validator validator;
  private final YardPace pace;

  TaskShelf(EntityManager database, Validator validator, YardPace pace) {
    this.pace = pace;
    this.database = database;
    this.validator = validator;
  }

  @Transactional(readOnly = true)
  public Tasks tasks() {
    return Tasks.with(own().file()).at(pace.paces());
  }

  @Transactional(readOnly = true)
  public OwnTasks own() {
    OwnTasksRow row = row();
    return row == null ? new OwnTasks(TaskFile.none(), NOTHING_YET) : row.own();
  }

  /**
   * @throws StaleVersionException if somebody else has saved since the version given
   * @throws roadbreeze.server.problem.RefusedRequestException if tasks do not go together
   */
  @Transactional
  public OwnTasks save(OwnTasks changed) {
    OwnTasks now = own();
    if (now.version() != changed.version()) {
      throw new StaleVersionException(now);
    }
    List<Finding> faults = Tasks.with(changed.file()).faults();
    if (!faults.isEmpty()) {
      throw Refusal.TASKS_DO_NOT_FIT.refuse(faults);
    }
    OwnTasksRow row = row();
    if (row == null) {
      row = new OwnTasksRow(changed.file());
      database.persist(row);
    } else {
      row.write(changed.file());
    }
    database.flush(); // the answer carries the new version
    return row.own();
  }

  /**
   * A file of tasks that somebody has written or edited.
   *
   * @throws roadbreeze.server.problem.RefusedRequestException if it is none, or a newer one
   * @throws ConstraintViolationException if a value cannot be
   */
  TaskFile read(JsonNode file) {
    if (!TaskFile.FORMAT.equals(file.path("format").asString(""))
        || !file.path("formatVersion").isInt()) {
      throw Refusal.NOT_TASKS.refuse();
    }
    int version = file.get("formatVersion").asInt();
    if (version > TaskFile.VERSION) {
      throw Refusal.NEWER_FORMAT.refuse(version);
    }
    TaskFile tasks;
    try {
      tasks = Tasks.JSON.treeToValue(file, TaskFile.class);
    } catch (JacksonException e) {
      throw Refusal.TASK_UNREADABLE.refuse(where(e));
    }
    Set<ConstraintViolation<TaskFile>> broken = validator.validate(tasks);
    if (!broken.isEmpty()) {
      throw new ConstraintViolationException(broken);
    }
    return tasks;
  }

  /** The field that cannot be read, as a person finds it in the file. */
  private static String where(JacksonException e) {
    StringBuilder path = new StringBuilder();
    e.getPath()
        .forEach(
            r -> {
              String name = r.getPropertyName();
              path.append(name == null ? "[" + (r.getIndex() + 1) + "]" : "." + name);
            });
    return path.isEmpty() ? "the file" : path.substring(path.charAt(0) == '.' ? 1 : 0);
  }

  private OwnTasksRow row() {
    return database.find(OwnTasksRow.class, OwnTasksRow.ONLY);
  }
}
