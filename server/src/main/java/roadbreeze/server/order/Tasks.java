package roadbreeze.server.order;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.core.io.ClassPathResource;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.workorder.Rule;
import roadbreeze.core.workorder.Step;
import roadbreeze.core.workorder.Task;
import roadbreeze.core.workorder.TaskLibrary;
import roadbreeze.server.order.TaskFile.TaskPlace;
import roadbreeze.server.order.TaskFile.TaskState;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Files of tasks laid over each other: what is written in them by id, and the library that the core
 * works on.
 *
 * @param paces how long the yard takes for each family, as it was measured
 */
public record Tasks(
    Map<String, TaskData> byId,
    Map<String, TaskState> states,
    Map<String, TaskPlace> places,
    TaskLibrary library,
    Map<String, YardPace.Pace> paces) {

  /** Strict: a word that the format does not know is a mistake of whoever wrote it. */
  static final JsonMapper JSON =
      JsonMapper.builder()
          .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
          .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
          .build();

  private static final List<TaskFile> BOOKS =
      Stream.of(
              "1-access",
              "2-oil-cooler",
              "3-coolant",
              "4-air-and-fans",
              "5-wiring",
              "6-proof",
              "7-found")
          .map(Tasks::book)
          .toList();

  /** What ships. */
  public static final Tasks SHIPPED = of(BOOKS);

  private static TaskFile book(String name) {
    try (InputStream in = new ClassPathResource("tasks/" + name + ".json").getInputStream()) {
      return JSON.readValue(in, TaskFile.class);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Files over each other, in their order. */
  static Tasks of(List<TaskFile> files) {
    Map<String, TaskData> byId = new LinkedHashMap<>();
    Map<String, TaskState> states = new LinkedHashMap<>();
    Map<String, TaskPlace> places = new LinkedHashMap<>();
    for (TaskFile file : files) {
      file.tasks().forEach(t -> byId.put(t.id(), t));
      file.states().forEach(s -> states.put(s.id(), s));
      file.places().forEach(p -> places.put(p.id(), p));
    }
    Map<String, TaskLibrary.Toggling> toggles = new TreeMap<>();
    states.values().stream()
        .filter(s -> s.comesAgain() > 0)
        .forEach(
            s ->
                toggles.put(
                    s.id(),
                    new TaskLibrary.Toggling(s.comesAgain(), Optional.ofNullable(s.atFirst()))));
    List<Task> tasks = byId.values().stream().map(TaskData::toCore).toList();
    return new Tasks(byId, states, places, new TaskLibrary(tasks, toggles), Map.of());
  }

  /** The shipped ones under a yard's own. */
  public static Tasks with(TaskFile own) {
    return of(Stream.concat(BOOKS.stream(), Stream.of(own)).toList());
  }

  /** The same worked at a yard's own pace. */
  Tasks at(Map<String, YardPace.Pace> measured) {
    return new Tasks(byId, states, places, library, measured);
  }

  /** How long the yard takes for a family of tasks; empty where too little was measured. */
  Optional<YardPace.Pace> pace(String family) {
    return Optional.ofNullable(paces.get(family)).filter(YardPace.Pace::counts);
  }

  public boolean has(String task) {
    return byId.containsKey(task);
  }

  /** Where a reading belongs, by its code. */
  public static TaskReading.Goes goes(String code) {
    return Stream.of(TaskReading.Goes.values())
        .filter(g -> g.key().equals(code))
        .findFirst()
        .orElseThrow();
  }

  /** What a person would call a state or a place: one without a name is known by who makes it. */
  String named(String id) {
    if (id.isEmpty()) {
      return id; // a time, not a state
    }
    if (states.containsKey(id)) {
      return states.get(id).title();
    }
    if (places.containsKey(id)) {
      return places.get(id).title();
    }
    return byId.values().stream()
        .filter(t -> t.makes().contains(id))
        .findFirst()
        .map(TaskData::title)
        .orElse(id);
  }

  /** What does not go together, so that no plan could be made of it. */
  List<Finding> faults() {
    List<Finding> faults = new ArrayList<>();
    Set<String> made = new TreeSet<>();
    byId.values().forEach(t -> made.addAll(t.makes()));
    for (TaskData t : byId.values()) {
      Step step = t.toCore().step();
      Stream.of(step.needs(), step.without(), step.ends(), t.wherever())
          .flatMap(Set::stream)
          .filter(s -> !made.contains(s))
          .distinct()
          .forEach(s -> faults.add(TaskFault.NOBODY_MAKES.with(t.title(), s)));
      Stream.of(t.behind(), t.hides())
          .flatMap(Set::stream)
          .filter(p -> !places.containsKey(p))
          .forEach(p -> faults.add(TaskFault.UNKNOWN_PLACE.with(t.title(), p)));
      t.texts().stream()
          .filter(InText::strange)
          .forEach(text -> faults.add(TaskFault.STRANGE_BRACES.with(t.title(), text)));
    }
    List<Rule> ring = library.ring();
    if (!ring.isEmpty()) {
      faults.add(
          TaskFault.WAIT_IN_A_RING.with(
              ring.stream()
                  .map(r -> byId.get(r.before()).title())
                  .collect(Collectors.joining(" → "))));
    }
    return faults;
  }
}
