package roadbreeze.core.workorder;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** The steps of a scope in working order. */
public final class WorkOrder {
  private WorkOrder() {}

  /**
   * Takes, again and again, the first task whose forerunners are all done: few enough tasks that
   * the plain way is the clear one.
   */
  public static List<Task> plan(WorkScope scope) {
    Set<Task> open = EnumSet.noneOf(Task.class);
    for (Task task : Task.values()) {
      if (task.belongsTo(scope)) {
        open.add(task);
      }
    }
    List<Task> order = new ArrayList<>();
    while (!open.isEmpty()) {
      Task next =
          open.stream()
              .filter(task -> task.after().stream().noneMatch(open::contains))
              .findFirst()
              .orElseThrow(() -> new IllegalStateException("tasks wait for each other: " + open));
      open.remove(next);
      order.add(next);
    }
    return order;
  }

  /** Time of one person’s hands for all of it, min. */
  public static int hands(WorkScope scope) {
    return plan(scope).stream().mapToInt(Task::hands).sum();
  }
}
