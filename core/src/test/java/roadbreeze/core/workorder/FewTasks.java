package roadbreeze.core.workorder;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import roadbreeze.core.workorder.WorkScope.Part;
import roadbreeze.core.workorder.WorkScope.Sort;

/** A library of a handful of tasks, for tests that need one. */
public final class FewTasks {
  private static final Step BARE =
      new Step(
          "bare",
          Set.of(),
          Set.of(),
          Set.of(),
          Set.of(),
          Set.of(),
          Set.of(),
          0,
          0,
          1,
          false,
          EngineState.STOPPED);

  public static final int THERMOSTAT_MINUTES = 40;

  public static final TaskLibrary LIBRARY =
      new TaskLibrary(
          List.of(
              access(step("open", 30).withMakes(Set.of("front-open"))),
              access(step("close", 30).withEnds(Set.of("front-open"))),
              access(step("drain", 25).withMakes(Set.of("coolant-out"))),
              access(step("fill", 20).withEnds(Set.of("coolant-out"))),
              task(Part.FINS, step("fins", 45).withNeeds(Set.of("front-open"))),
              task(Part.RADIATOR, step("core", 150).withNeeds(Set.of("front-open", "coolant-out"))),
              task(
                  Part.THERMOSTAT,
                  step("thermostat", THERMOSTAT_MINUTES).withNeeds(Set.of("coolant-out"))),
              task(Part.COOLER, step("hang", 45).withNeeds(Set.of("front-open"))),
              task(Part.TANK_BYPASS, step("join", 20)),
              new Task(
                  "metal",
                  Set.of(Part.COOLER),
                  Set.of(),
                  Set.of(),
                  Set.of(),
                  false,
                  Optional.of(Sort.BRACKET),
                  4,
                  step("bend", 10)),
              new Task(
                  "fluids",
                  Set.of(),
                  Set.of("coolant-out"),
                  Set.of(),
                  Set.of(Part.FILL_VACUUM),
                  false,
                  Optional.empty(),
                  1,
                  step("bleed", 30)
                      .withEngine(EngineState.RUNNING)
                      .withWithout(EngineState.States.OPEN))),
          Map.of());

  private FewTasks() {}

  private static Step step(String id, int hands) {
    return BARE.withId(id).withHands(hands);
  }

  private static Task access(Step step) {
    return new Task(
        "access", Set.of(), Set.of(), Set.of(), Set.of(), true, Optional.empty(), 1, step);
  }

  private static Task task(Part part, Step step) {
    return new Task(
        "work", Set.of(part), Set.of(), Set.of(), Set.of(), false, Optional.empty(), 1, step);
  }
}
