package roadbreeze.core.workorder;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import roadbreeze.core.explain.Code;

/**
 * Why one step comes before another.
 *
 * @param before id of the step that has wholly ended when the other begins
 * @param after id of the other
 * @param what the state or place that it is for
 */
public record Rule(String before, String after, Kind kind, String what) {
  /** Reasons. */
  public enum Kind implements Code {
    /** The later one needs a state that the earlier one makes. */
    MAKES,
    /** The earlier one needs a state that the later one ends. */
    KEPT,
    /** The earlier one works at a place that the later one hides. */
    HIDDEN
  }

  /**
   * One of two steps that cannot be inside of what the other one opens: it ends before all of what
   * opens a state, or begins after all of what ends it.
   *
   * @param outside id of the step
   * @param openers ids of those that make the state
   * @param closers ids of those that end it; where there are none it must come before
   */
  public record Outside(String outside, List<String> openers, List<String> closers, String state) {}

  /** All that follows from the states of some steps. */
  public record Rules(List<Rule> rules, List<Outside> outside) {
    public Rules {
      rules = List.copyOf(rules);
      outside = List.copyOf(outside);
    }
  }

  /** What the states and places of steps mean for their order. */
  public static Rules of(List<Step> steps) {
    Map<String, List<String>> makers = new TreeMap<>();
    Map<String, List<String>> enders = new TreeMap<>();
    Map<String, List<String>> hiders = new TreeMap<>();
    for (Step s : steps) {
      s.makes().forEach(state -> add(makers, state, s));
      s.ends().forEach(state -> add(enders, state, s));
      s.hides().forEach(place -> add(hiders, place, s));
    }
    List<Rule> rules = new ArrayList<>();
    List<Outside> outside = new ArrayList<>();
    for (Step s : steps) {
      for (String state : s.needs()) {
        rules(makers, state).forEach(m -> rule(m, s.id(), Kind.MAKES, state, rules));
        rules(enders, state).forEach(e -> rule(s.id(), e, Kind.KEPT, state, rules));
      }
      for (String state : s.ends()) {
        rules(makers, state).forEach(m -> rule(m, s.id(), Kind.MAKES, state, rules));
      }
      for (String place : s.behind()) {
        rules(hiders, place).forEach(h -> rule(s.id(), h, Kind.HIDDEN, place, rules));
      }
      for (String state : s.without()) {
        List<String> opens = others(rules(makers, state), s);
        List<String> closes = others(rules(enders, state), s);
        // What ends a state itself may not want it: it is outside by that.
        if (!opens.isEmpty() && !s.ends().contains(state) && !s.makes().contains(state)) {
          outside.add(new Outside(s.id(), opens, closes, state));
        }
      }
    }
    return new Rules(rules, outside);
  }

  private static void add(Map<String, List<String>> to, String key, Step s) {
    to.computeIfAbsent(key, k -> new ArrayList<>()).add(s.id());
  }

  private static List<String> rules(Map<String, List<String>> from, String key) {
    return from.getOrDefault(key, List.of());
  }

  private static List<String> others(List<String> ids, Step s) {
    return ids.stream().filter(id -> !id.equals(s.id())).toList();
  }

  private static void rule(String before, String after, Kind kind, String what, List<Rule> to) {
    if (!before.equals(after)) {
      to.add(new Rule(before, after, kind, what));
    }
  }

  /**
   * Rules that wait for each other in a ring, the shortest that is found; none where there is no
   * ring.
   */
  public static List<Rule> ring(List<Rule> rules) {
    Map<String, List<Rule>> from = new TreeMap<>();
    rules.forEach(r -> from.computeIfAbsent(r.before, k -> new ArrayList<>()).add(r));
    List<Rule> shortest = List.of();
    for (String start : from.keySet()) {
      List<Rule> ring = back(start, from);
      if (!ring.isEmpty() && (shortest.isEmpty() || ring.size() < shortest.size())) {
        shortest = ring;
      }
    }
    return shortest;
  }

  /** The shortest way from a step back to itself, breadth first. */
  private static List<Rule> back(String start, Map<String, List<Rule>> from) {
    Map<String, Rule> by = new TreeMap<>();
    List<String> edge = List.of(start);
    while (!edge.isEmpty()) {
      List<String> next = new ArrayList<>();
      for (String at : edge) {
        for (Rule r : from.getOrDefault(at, List.of())) {
          if (by.putIfAbsent(r.after, r) == null) {
            next.add(r.after);
          }
        }
      }
      if (by.containsKey(start)) {
        List<Rule> ring = new ArrayList<>();
        String at = start;
        do {
          ring.add(0, by.get(at));
          at = by.get(at).before;
        } while (!at.equals(start));
        return ring;
      }
      edge = next;
    }
    return List.of();
  }
}
