package roadbreeze.core.workorder;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Steps at their times.
 *
 * @param placed in the order in which they begin
 * @param people that work on it
 */
public record DayPlan(List<Placed> placed, int people) {
  /**
   * A step in its place.
   *
   * @param start minutes from the beginning
   * @param lanes who does it, from 0
   */
  public record Placed(Step step, int start, List<Integer> lanes) {
    /** Hands are free again, min. */
    public int freed() {
      return start + step.hands();
    }

    /** Its states hold, min. */
    public int end() {
      return start + step.lasts();
    }
  }

  /**
   * What is wrong with a plan: nothing of what a solver gives ever should be.
   *
   * @param step id
   * @param other id of the step that it clashes with, empty where hands are short
   */
  public record Broken(String step, String other, String what) {}

  public DayPlan {
    placed = List.copyOf(placed);
  }

  /**
   * Steps at their times, each given to whoever is free.
   *
   * @param starts by id, min
   */
  public static DayPlan of(List<Step> steps, Map<String, Integer> starts, int people) {
    List<Step> inOrder =
        steps.stream()
            .sorted(
                Comparator.comparingInt((Step s) -> starts.get(s.id()))
                    .thenComparingInt(Step::lasts))
            .toList();
    int[] free = new int[people];
    List<Placed> placed = new ArrayList<>();
    for (Step s : inOrder) {
      int start = starts.get(s.id());
      List<Integer> lanes = new ArrayList<>();
      for (int lane = 0; lane < people && lanes.size() < s.people() && s.hands() > 0; lane++) {
        if (free[lane] <= start) {
          free[lane] = start + s.hands();
          lanes.add(lane);
        }
      }
      placed.add(new Placed(s, start, lanes));
    }
    return new DayPlan(placed, people);
  }

  /** Until the last thing has ended, min. */
  public int length() {
    return placed.stream().mapToInt(Placed::end).max().orElse(0);
  }

  /** From the first time that somebody lies under the truck to the last, min. */
  public int crawling() {
    int first =
        placed.stream().filter(p -> p.step().under()).mapToInt(Placed::start).min().orElse(0);
    int last =
        placed.stream().filter(p -> p.step().under()).mapToInt(Placed::freed).max().orElse(0);
    return last - first;
  }

  public Optional<Placed> of(String id) {
    return placed.stream().filter(p -> p.step().id().equals(id)).findFirst();
  }

  /** Everything that a person could not do as it is planned. */
  public List<Broken> broken(Rule.Rules rules) {
    Map<String, Placed> at = new HashMap<>();
    placed.forEach(p -> at.put(p.step().id(), p));
    List<Broken> broken = new ArrayList<>();
    for (Rule r : rules.rules()) {
      if (at.get(r.before()).end() > at.get(r.after()).start()) {
        broken.add(new Broken(r.after(), r.before(), r.what()));
      }
    }
    for (Rule.Outside o : rules.outside()) {
      Placed p = at.get(o.outside());
      boolean before = o.openers().stream().allMatch(id -> p.end() <= at.get(id).start());
      boolean after =
          !o.closers().isEmpty()
              && o.closers().stream().allMatch(id -> at.get(id).end() <= p.start());
      if (!before && !after) {
        broken.add(new Broken(o.outside(), o.openers().get(0), o.state()));
      }
    }
    for (Placed p : placed) {
      int hands =
          placed.stream()
              .filter(o -> o.step().hands() > 0)
              .filter(o -> o.start() <= p.start() && p.start() < o.freed())
              .mapToInt(o -> Math.min(people, o.step().people()))
              .sum();
      if (p.step().hands() > 0 && hands > people) {
        broken.add(new Broken(p.step().id(), "", "hands"));
      }
    }
    return broken;
  }

  /**
   * As it is done without a plan: again and again the first step of the list that can begin, by
   * whoever is free.
   *
   * @param steps without a ring in their rules
   */
  public static DayPlan greedy(List<Step> steps, Rule.Rules rules, int people) {
    Map<String, Integer> ends = new HashMap<>();
    Map<String, Integer> starts = new HashMap<>();
    int[] free = new int[people];
    List<Step> left = new ArrayList<>(steps);
    while (!left.isEmpty()) {
      Step next = left.stream().filter(s -> ready(s, left, rules)).findFirst().orElseThrow();
      int start = 0;
      for (Rule r : rules.rules()) {
        if (r.after().equals(next.id())) {
          start = Math.max(start, ends.get(r.before()));
        }
      }
      for (Rule.Outside o : rules.outside()) {
        start = Math.max(start, since(o, next, ends));
      }
      Integer[] lanes = soonest(free);
      if (next.hands() > 0) {
        for (int k = 0; k < Math.min(next.people(), people); k++) {
          start = Math.max(start, free[lanes[k]]);
        }
        for (int k = 0; k < Math.min(next.people(), people); k++) {
          free[lanes[k]] = start + next.hands();
        }
      }
      starts.put(next.id(), start);
      ends.put(next.id(), start + next.lasts());
      left.remove(next);
    }
    return DayPlan.of(steps, starts, people);
  }

  private static Integer[] soonest(int[] free) {
    Integer[] lanes = new Integer[free.length];
    for (int i = 0; i < lanes.length; i++) {
      lanes[i] = i;
    }
    Arrays.sort(lanes, Comparator.comparingInt(i -> free[i]));
    return lanes;
  }

  private static boolean ready(Step s, List<Step> left, Rule.Rules rules) {
    boolean free =
        rules.rules().stream()
            .filter(r -> r.after().equals(s.id()))
            .noneMatch(r -> contains(left, r.before()));
    boolean out =
        rules.outside().stream()
            .filter(o -> o.outside().equals(s.id()))
            .allMatch(
                o ->
                    o.openers().stream().allMatch(id -> contains(left, id))
                        || o.closers().stream().noneMatch(id -> contains(left, id))
                            && !o.closers().isEmpty());
    // Who opens something waits for those that must come before where nothing closes it again.
    boolean last =
        rules.outside().stream()
            .filter(o -> o.openers().contains(s.id()) && o.closers().isEmpty())
            .noneMatch(o -> contains(left, o.outside()));
    return free && out && last;
  }

  private static boolean contains(List<Step> steps, String id) {
    return steps.stream().anyMatch(s -> s.id().equals(id));
  }

  /** When a step that must be outside may begin, or what opens it may after that. */
  private static int since(Rule.Outside o, Step next, Map<String, Integer> ends) {
    boolean outsider = o.outside().equals(next.id());
    boolean opener = o.openers().contains(next.id());
    if (outsider) {
      return o.closers().stream().filter(ends::containsKey).mapToInt(ends::get).max().orElse(0);
    }
    return opener && ends.containsKey(o.outside()) ? ends.get(o.outside()) : 0;
  }
}
