package roadbreeze.core.workorder;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class WorkOrderTest {
  @Test
  void nothingIsDoneBeforeWhatItNeeds() {
    List<Task> order = WorkOrder.plan(new WorkScope(EnumSet.allOf(WorkScope.Part.class)));
    assertThat(order).containsExactlyInAnyOrder(Task.values());
    for (Task task : order) {
      for (Task first : task.after()) {
        assertThat(order.indexOf(first))
            .as("%s before %s", first, task)
            .isLessThan(order.indexOf(task));
      }
    }
  }

  @Test
  void leavesOutWhatThePlanDoesNotTouch() {
    List<Task> order = WorkOrder.plan(new WorkScope(Set.of(WorkScope.Part.FAN_REPAIR)));
    assertThat(order)
        .containsExactly(
            Task.PARK,
            Task.DISCONNECT,
            Task.REPAIR_FAN,
            Task.RECONNECT,
            Task.CHECK_FAN,
            Task.PROVE);
  }

  @Test
  void everyStepThatCanHurtSaysSo() {
    assertThat(Task.values()).allSatisfy(task -> assertThat(task.cautions()).isNotEmpty());
  }
}
