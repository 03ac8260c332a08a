package roadbreeze.core.workorder;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

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

  /** What must come first whatever else changes, each for a reason a person can be hurt by. */
  @ParameterizedTest
  @CsvSource({
    "FIND_LINES, COOL_DOWN", // the engine runs warm to show which line is hot
    "FIND_LINES, RAISE", // with its wheels on the ground
    "COOL_DOWN, DISCONNECT",
    "RAISE, DRAIN",
    "LOWER, RECONNECT",
    "DISCONNECT, OPEN_FRONT",
    "DISCONNECT, REPAIR_FAN",
    "DRAIN, FIT_THERMOSTAT",
    "DRAIN, SWAP_RADIATOR",
    "BEND_STRIPS, HANG_COOLER",
    "HANG_COOLER, RUN_LINES",
    "FIND_LINES, RUN_LINES", // the warm line is the one to the cooler
    "HANG_COOLER, RENEW_SEALS",
    "FIT_THERMOSTAT, FILL_COOLANT",
    "RECONNECT, FILL_COOLANT", // bleeding needs the fan and the heater
    "DRAIN, REPLACE_PUMP",
    "DRAIN, FIT_SENSOR",
    "REPLACE_PUMP, FILL_COOLANT",
    "REPLACE_SUCTION_HOSE, FILL_COOLANT",
    "FREE_OIL, FILL_OIL",
    "FILL_COOLANT, REPLACE_CAP",
    "CHECK_CLEARANCES, CLOSE_FRONT",
    "REPLACE_CAP, LEAK_CHECK", // warm, the system stands under pressure
    "RUN_LINES, FILL_OIL",
    "FILL_OIL, RECONNECT", // never an engine started on a dry gearbox
    "FILL_COOLANT, LEAK_CHECK",
    "RECONNECT, CHECK_FAN",
    "LEAK_CHECK, CLOSE_FRONT",
    "LEAK_CHECK, SET_LEVEL",
    "SET_LEVEL, PROVE",
    "CLOSE_FRONT, PROVE"
  })
  void theOrderThatKeepsPeopleAndGearboxesWhole(Task first, Task then) {
    List<Task> order = WorkOrder.plan(new WorkScope(EnumSet.allOf(WorkScope.Part.class)));
    assertThat(order.indexOf(first)).isLessThan(order.indexOf(then));
  }

  @Test
  void leavesOutWhatThePlanDoesNotTouch() {
    List<Task> order = WorkOrder.plan(new WorkScope(Set.of(WorkScope.Part.FAN_REPAIR)));
    assertThat(order)
        .containsExactly(
            Task.PARK,
            Task.COOL_DOWN,
            Task.DISCONNECT,
            Task.REPAIR_FAN,
            Task.RECONNECT,
            Task.CHECK_FAN,
            Task.PROVE);
  }

  /** Stopped, battery off and raised go together; so do running, connected and on its wheels. */
  @Test
  void noCautionContradictsItsStep() {
    List<Task> order = WorkOrder.plan(new WorkScope(EnumSet.allOf(WorkScope.Part.class)));
    for (Task task : order) {
      boolean running = task.engine() != Task.Engine.STOPPED;
      assertThat(task.cautions().contains(Caution.ENGINE_RUNS))
          .as("%s", task)
          .isEqualTo(task.engine() == Task.Engine.RUNNING);
      assertThat(task.cautions()).doesNotContainAnyElementsOf(Caution.GENERAL);
      if (running) {
        assertThat(task.cautions())
            .as("%s", task)
            .doesNotContain(Caution.BATTERY_OFF, Caution.STANDS, Caution.BURNS, Caution.FED_FAN);
        assertThat(between(order, Task.DISCONNECT, Task.RECONNECT)).doesNotContain(task);
        assertThat(between(order, Task.RAISE, Task.LOWER)).doesNotContain(task);
      }
    }
    assertThat(between(order, Task.DISCONNECT, Task.RECONNECT))
        .contains(Task.FIT_SWITCH, Task.FIT_FAN, Task.REPAIR_FAN, Task.FIT_CLUTCH_CONTROL);
    assertThat(between(order, Task.RAISE, Task.LOWER))
        .contains(Task.RUN_LINES, Task.JOIN_TANK, Task.FREE_OIL, Task.DRAIN);
  }

  private static List<Task> between(List<Task> order, Task from, Task to) {
    return order.subList(order.indexOf(from), order.indexOf(to));
  }

  @Test
  void waitingIsNotWork() {
    WorkScope fan = new WorkScope(Set.of(WorkScope.Part.FAN_REPAIR));
    assertThat(WorkOrder.hands(fan))
        .isEqualTo(WorkOrder.plan(fan).stream().mapToInt(Task::hands).sum());
    assertThat(Task.COOL_DOWN.hands()).isZero();
    assertThat(Task.COOL_DOWN.waits()).isEqualTo(120);
  }
}
