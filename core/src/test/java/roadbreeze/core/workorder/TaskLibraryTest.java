package roadbreeze.core.workorder;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import roadbreeze.core.explain.Name;
import roadbreeze.core.workorder.WorkScope.Part;
import roadbreeze.core.workorder.WorkScope.Sort;

class TaskLibraryTest {
  private static List<String> ids(WorkScope scope) {
    return FewTasks.LIBRARY.picked(scope).stream().map(p -> p.step().id()).toList();
  }

  @Test
  void aScopeBringsItsTasksAndTheAccessThatTheyNeed() {
    assertThat(ids(new WorkScope(Set.of(Part.TANK_BYPASS)))).containsExactly("join");
    assertThat(ids(new WorkScope(Set.of(Part.THERMOSTAT))))
        .containsExactly("drain", "fill", "thermostat", "bleed");
    assertThat(ids(new WorkScope(Set.of(Part.THERMOSTAT, Part.FILL_VACUUM))))
        .doesNotContain("bleed");
  }

  /** Access is opened once, whatever shares it. */
  @Test
  void whatTasksShareCountsOnce() {
    int fins = FewTasks.LIBRARY.hands(new WorkScope(Set.of(Part.FINS)));
    int both = FewTasks.LIBRARY.hands(new WorkScope(Set.of(Part.FINS, Part.RADIATOR)));
    assertThat(fins).isEqualTo(30 + 45 + 30);
    assertThat(both - fins).isEqualTo(150 + 25 + 20 + 30);
  }

  @Test
  void aTaskForEachThingHasItsName() {
    Name left = Name.given("left", Name.Noun.BRACKET, "left one");
    WorkScope planned = new WorkScope(Set.of(Part.COOLER), Map.of(Sort.BRACKET, List.of(left)));
    assertThat(ids(planned)).contains("bend~left").doesNotContain("bend");
    // Before any is planned, the usual number of them is counted.
    assertThat(
            FewTasks.LIBRARY.hands(new WorkScope(Set.of(Part.COOLER)))
                - FewTasks.LIBRARY.hands(planned))
        .isEqualTo(3 * 10);
  }

  @Test
  void whatSomebodyLeavesOutIsNotThereAndWhatIsAddedBringsItsAccess() {
    WorkScope scope = new WorkScope(Set.of(Part.TANK_BYPASS));
    List<String> more =
        FewTasks.LIBRARY.picked(scope, Set.of("core"), Set.of("fill")).stream()
            .map(p -> p.step().id())
            .toList();
    assertThat(more).contains("core", "open", "close", "drain", "join").doesNotContain("fill");
  }

  /** Whoever writes a task that runs the engine cannot leave out what that hangs on. */
  @Test
  void aRunningEngineAsksForItself() {
    Step run =
        FewTasks.LIBRARY
            .tasks()
            .get(0)
            .step()
            .withEngine(EngineState.RUNNING)
            .withWithout(Set.of());
    assertThat(run.needs()).contains(EngineState.States.VENTILATED);
    assertThat(run.without()).containsAll(EngineState.States.OPEN);
    assertThat(run.ends()).contains(EngineState.States.ENGINE_COLD);
  }
}
