package roadbreeze.core.workorder;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import roadbreeze.core.explain.Name;

/**
 * All tasks that a yard knows.
 *
 * @param tasks in the order in which a person would take them where nothing else decides
 * @param toggles states that may come and go several times
 */
public record TaskLibrary(List<Task> tasks, Map<String, Toggling> toggles) {
  /**
   * How a state comes and goes.
   *
   * @param most times that it is opened
   * @param atFirst plans in which it holds at the beginning, where nothing else closes it
   */
  public record Toggling(int most, Optional<WorkScope.Part> atFirst) {}

  public TaskLibrary {
    tasks = List.copyOf(tasks);
    toggles = Map.copyOf(toggles);
  }

  /**
   * A task of a plan.
   *
   * @param thing that it is done to, where there is one for each
   */
  public record Picked(Task task, Optional<Name> thing, Step step) {}

  /** The tasks of a scope, with the access that they need. */
  public List<Picked> picked(WorkScope scope) {
    return picked(scope, Set.of(), Set.of());
  }

  /**
   * The same as a person wants it.
   *
   * @param more ids of tasks that are done as well
   * @param less ids of tasks that are left out
   */
  public List<Picked> picked(WorkScope scope, Set<String> more, Set<String> less) {
    Set<String> in = new LinkedHashSet<>();
    for (Task t : tasks) {
      if ((t.belongs(scope.parts()) || more.contains(t.id())) && !less.contains(t.id())) {
        in.add(t.id());
      }
    }
    boolean grew = true;
    while (grew) {
      grew = false;
      Set<String> needed = new TreeSet<>();
      Set<String> made = new TreeSet<>();
      for (Task t : tasks) {
        if (in.contains(t.id())) {
          needed.addAll(t.step().needs());
          made.addAll(t.step().makes());
        }
      }
      for (Task t : tasks) {
        if (!in.contains(t.id())
            && !less.contains(t.id())
            && t.allowed(scope.parts())
            && t.follows(needed, made)) {
          grew = in.add(t.id());
        }
      }
    }
    List<Picked> picked = new ArrayList<>();
    tasks.stream().filter(t -> in.contains(t.id())).forEach(t -> picked.addAll(of(t, scope)));
    return picked;
  }

  /**
   * Once, or once for each thing; before those are planned, with the minutes of the usual number.
   */
  private static List<Picked> of(Task task, WorkScope scope) {
    if (task.each().isEmpty()) {
      return List.of(new Picked(task, Optional.empty(), task.step()));
    }
    List<Name> things = scope.of(task.each().get());
    if (things.isEmpty()) {
      Step all = task.step().withHands(task.step().hands() * task.usual());
      return List.of(new Picked(task, Optional.empty(), all));
    }
    return things.stream()
        .map(
            thing ->
                new Picked(
                    task, Optional.of(thing), task.step().withId(task.id() + "~" + thing.id())))
        .toList();
  }

  /** What the states of picked tasks mean for their order. */
  public Rule.Rules rules(List<Picked> picked, WorkScope scope) {
    return rules(picked, scope, picked.stream().map(Picked::step).toList());
  }

  /**
   * The same of those tasks as a yard has changed them.
   *
   * @param steps of the picked tasks, and others
   */
  public Rule.Rules rules(List<Picked> picked, WorkScope scope, List<Step> steps) {
    List<Toggle> toggled = new ArrayList<>();
    toggles.forEach(
        (state, toggling) -> {
          List<String> closes = access(picked, s -> s.ends().contains(state));
          boolean atFirst =
              closes.isEmpty() && toggling.atFirst().filter(scope.parts()::contains).isPresent();
          List<String> opens = access(picked, s -> s.makes().contains(state));
          toggled.add(new Toggle(state, toggling.most(), opens, closes, atFirst));
        });
    return Rule.of(steps, toggled);
  }

  private static List<String> access(List<Picked> picked, Predicate<Step> which) {
    return picked.stream()
        .filter(p -> p.task().access() && which.test(p.step()))
        .map(p -> p.step().id())
        .toList();
  }

  /** Tasks that wait for each other in a ring, whatever the plan; none where there is none. */
  public List<Rule> ring() {
    List<Picked> all = tasks.stream().map(t -> new Picked(t, Optional.empty(), t.step())).toList();
    return Rule.ring(rules(all, new WorkScope(Set.of())).rules());
  }

  /** Time of one person's hands for all of a scope, min. */
  public int hands(WorkScope scope) {
    return picked(scope).stream().mapToInt(p -> p.step().hands()).sum();
  }

  /** Time that passes by itself in all of a scope, min. */
  public int waits(WorkScope scope) {
    return picked(scope).stream().mapToInt(p -> p.step().waits()).sum();
  }

  /** The same with tasks of another library added, and those of the same id replaced. */
  public TaskLibrary with(TaskLibrary other) {
    Map<String, Task> all = new LinkedHashMap<>();
    tasks.forEach(t -> all.put(t.id(), t));
    other.tasks.forEach(t -> all.put(t.id(), t));
    Map<String, Toggling> both = new LinkedHashMap<>(toggles);
    both.putAll(other.toggles);
    return new TaskLibrary(List.copyOf(all.values()), both);
  }
}
