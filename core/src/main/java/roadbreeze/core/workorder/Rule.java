package roadbreeze.core.workorder;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * Why one step comes before another.
 *
 * @param before id of the step that has wholly ended when the other begins
 * @param after id of the other
 * @param what the state or place that it is for
 */
public record Rule(String before, String after, Kind kind, String what) {
  /** Reasons. */
  public enum Kind {
    /** The later one needs a state that the earlier one makes. */
    MAKES,
    /** The earlier one needs a state that the later one ends. */
    KEPT,
    /** The earlier one works at a place that the later one hides. */
    HIDDEN,
    /** One of them cannot be while the state holds, and others leave it only this side of it. */
    OUTSIDE
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

  /**
   * A state that comes and goes, and who wants it so.
   *
   * @param inside ids of steps that need it
   * @param outside ids of steps that need it not to hold, or end it
   */
  public record Cycle(Toggle toggle, List<String> inside, List<String> outside) {}

  /**
   * Time that must lie between two steps, because a state that comes and goes must be opened or
   * closed between them.
   *
   * @param minutes from the end of the one to the beginning of the other
   */
  public record Gap(String before, String after, int minutes) {}

  /** All that follows from the states of some steps. */
  public record Rules(List<Rule> rules, List<Outside> outside, List<Cycle> cycles) {
    public Rules {
      rules = List.copyOf(rules);
      outside = List.copyOf(outside);
      cycles = List.copyOf(cycles);
    }

    /** Ids of steps that may be done several times. */
    public Set<String> repeated() {
      Set<String> repeated = new TreeSet<>();
      cycles.forEach(c -> repeated.addAll(c.toggle().all()));
      return repeated;
    }

    /**
     * Rules that hold for every order, those of what comes and goes too: what needs such a state
     * comes after it was first opened.
     */
    public List<Rule> firm() {
      List<Rule> firm = new ArrayList<>(rules);
      for (Cycle c : cycles) {
        if (!c.toggle().atFirst()) {
          for (String opener : c.toggle().opens()) {
            c.inside().forEach(n -> rule(opener, n, Kind.MAKES, c.toggle().state(), firm));
          }
        }
      }
      return firm;
    }
  }

  /** What the states and places of steps mean for their order, where each state comes once. */
  public static Rules of(List<Step> steps) {
    return of(steps, List.of());
  }

  /**
   * What the states and places of steps mean for their order.
   *
   * @param toggles states that may come and go; one that nobody opens is as others are
   */
  public static Rules of(List<Step> steps, List<Toggle> toggles) {
    List<Cycle> cycles = new ArrayList<>();
    Set<String> toggled = new TreeSet<>();
    for (Toggle t : toggles) {
      if (t.atFirst() || !t.opens().isEmpty()) {
        toggled.add(t.state());
        cycles.add(cycle(t, steps));
      }
    }
    Rules once = settled(once(steps, toggled), steps);
    return new Rules(once.rules, once.outside, cycles);
  }

  private static Cycle cycle(Toggle toggle, List<Step> steps) {
    String state = toggle.state();
    List<Step> others = steps.stream().filter(s -> !toggle.all().contains(s.id())).toList();
    return new Cycle(
        toggle,
        others.stream().filter(s -> s.needs().contains(state)).map(Step::id).toList(),
        others.stream()
            .filter(s -> !s.needs().contains(state))
            .filter(s -> s.without().contains(state) || s.ends().contains(state))
            .map(Step::id)
            .toList());
  }

  private static Rules once(List<Step> steps, Set<String> toggled) {
    Map<String, List<String>> makers = new TreeMap<>();
    Map<String, List<String>> enders = new TreeMap<>();
    Map<String, List<String>> hiders = new TreeMap<>();
    for (Step s : steps) {
      s.makes().stream().filter(t -> !toggled.contains(t)).forEach(t -> add(makers, t, s));
      s.ends().stream().filter(t -> !toggled.contains(t)).forEach(t -> add(enders, t, s));
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
    return new Rules(rules, outside, List.of());
  }

  /**
   * What cannot be inside of a state, and must come before something inside or after something
   * inside, has no choice: its side becomes a rule, which may settle others.
   */
  private static Rules settled(Rules open, List<Step> steps) {
    List<Rule> rules = new ArrayList<>(open.rules);
    List<Outside> left = new ArrayList<>(open.outside);
    boolean moved = true;
    while (moved) {
      moved = false;
      Map<String, Set<String>> later = later(rules);
      for (Outside o : List.copyOf(left)) {
        Set<String> inside = new TreeSet<>(o.openers);
        steps.stream().filter(s -> s.needs().contains(o.state)).forEach(s -> inside.add(s.id()));
        boolean before = o.closers.isEmpty() || reaches(later, o.outside, inside);
        boolean after =
            inside.stream().anyMatch(i -> later.getOrDefault(i, Set.of()).contains(o.outside));
        if (before) {
          o.openers.forEach(id -> rule(o.outside, id, Kind.OUTSIDE, o.state, rules));
        } else if (after) {
          o.closers.forEach(id -> rule(id, o.outside, Kind.OUTSIDE, o.state, rules));
        }
        if (before || after) {
          moved = left.remove(o);
        }
      }
    }
    return new Rules(rules, left, List.of());
  }

  private static boolean reaches(Map<String, Set<String>> later, String from, Set<String> some) {
    return later.getOrDefault(from, Set.of()).stream().anyMatch(some::contains);
  }

  /** All that must come after each step, however far. */
  private static Map<String, Set<String>> later(List<Rule> rules) {
    Map<String, Set<String>> next = new TreeMap<>();
    rules.forEach(r -> next.computeIfAbsent(r.before, k -> new TreeSet<>()).add(r.after));
    Map<String, Set<String>> later = new TreeMap<>();
    for (String from : next.keySet()) {
      Set<String> all = new TreeSet<>();
      List<String> edge = new ArrayList<>(next.get(from));
      while (!edge.isEmpty()) {
        String at = edge.remove(edge.size() - 1);
        if (all.add(at)) {
          edge.addAll(next.getOrDefault(at, Set.of()));
        }
      }
      later.put(from, all);
    }
    return later;
  }

  /**
   * Times that must lie between steps of which one is inside of what comes and goes, and one not.
   */
  public static List<Gap> gaps(Rules rules, List<Step> steps) {
    Map<String, Integer> lasts = new TreeMap<>();
    steps.forEach(s -> lasts.put(s.id(), s.lasts()));
    Map<String, Set<String>> later = later(rules.rules);
    List<Gap> gaps = new ArrayList<>();
    for (Cycle c : rules.cycles) {
      int opening = c.toggle.opens().stream().mapToInt(lasts::get).max().orElse(0);
      int closing = c.toggle.closes().stream().mapToInt(lasts::get).max().orElse(0);
      for (String in : c.inside) {
        for (String out : c.outside) {
          if (later.getOrDefault(out, Set.of()).contains(in)) {
            gaps.add(new Gap(out, in, opening));
          }
          if (later.getOrDefault(in, Set.of()).contains(out)) {
            gaps.add(new Gap(in, out, closing));
          }
        }
      }
    }
    return gaps;
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
