package roadbreeze.core.workorder;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A day step by step: again and again one of those that can begin soonest, by whoever is free;
 * first of all one for which nothing must be opened or closed again. Without a plan it is the first
 * of the list; with an eye on the end of the day the one after which most must still follow.
 */
public final class GreedyPlan {
  private final List<Step> left;
  private final Map<String, Step> byId = new HashMap<>();
  private final Rule.Rules rules;
  private final int people;
  private final int[] free;
  private final List<Step> done = new ArrayList<>();
  private final Map<String, Integer> starts = new HashMap<>();
  private final Map<String, Integer> ends = new HashMap<>();
  private final Map<String, Course> courses = new HashMap<>();

  /** The larger, the sooner it is wanted; by id, 0 of others. */
  private final Map<String, Integer> urgent;

  /** How a state that comes and goes stands at this moment. */
  private static final class Course {
    private final Rule.Cycle cycle;
    private int opened;
    private boolean on;

    /** Since when, and until when somebody needs it so, or needs it not, min. */
    private int since;

    private int needed;
    private int notBefore;

    /** Somebody who could begin now needs it as it is. */
    private boolean wanted;

    Course(Rule.Cycle cycle) {
      this.cycle = cycle;
      this.on = cycle.toggle().atFirst();
    }

    /** A step would have it opened or closed first. */
    boolean turns(String id) {
      return cycle.inside().contains(id) && !on
          || cycle.outside().contains(id) && on && !cycle.toggle().closes().isEmpty()
          || cycle.outside().contains(id) && on && wanted;
    }
  }

  private GreedyPlan(List<Step> steps, Rule.Rules rules, int people, Map<String, Integer> urgent) {
    this.urgent = urgent;
    this.rules = rules;
    this.people = people;
    this.free = new int[people];
    steps.forEach(s -> byId.put(s.id(), s));
    Set<String> repeated = rules.repeated();
    left = new ArrayList<>(steps.stream().filter(s -> !repeated.contains(s.id())).toList());
    rules.cycles().forEach(c -> courses.put(c.toggle().state(), new Course(c)));
  }

  /** The day without a plan; empty where this way comes to an end before all is done. */
  public static Optional<DayPlan> of(List<Step> steps, Rule.Rules rules, int people) {
    return new GreedyPlan(steps, rules, people, Map.of()).day();
  }

  /** The same by whatever has the longest way to the end of the day. */
  public static Optional<DayPlan> urgentFirst(List<Step> steps, Rule.Rules rules, int people) {
    Map<String, Integer> tails = LeastDay.tails(steps, rules, people);
    return new GreedyPlan(steps, rules, people, tails).day();
  }

  private Optional<DayPlan> day() {
    while (!left.isEmpty()) {
      courses.values().forEach(this::look);
      Optional<Step> next =
          left.stream()
              .filter(this::ready)
              .min(
                  Comparator.comparing((Step s) -> turns(s))
                      .thenComparing(this::soonest)
                      .thenComparing(s -> -urgent.getOrDefault(s.id(), 0)));
      if (next.isEmpty()) {
        return Optional.empty();
      }
      place(next.get());
    }
    return Optional.of(DayPlan.of(done, starts, people));
  }

  private boolean turns(Step s) {
    return courses.values().stream().anyMatch(c -> c.turns(s.id()));
  }

  /** When a step could begin as things stand, min. */
  private int soonest(Step s) {
    int start = since(s);
    for (Course c : courses.values()) {
      Toggle t = c.cycle.toggle();
      if (c.cycle.inside().contains(s.id())) {
        start = Math.max(start, c.on ? c.since : c.notBefore + lasts(t.opens()));
      } else if (c.cycle.outside().contains(s.id())) {
        start = Math.max(start, c.on ? c.needed + lasts(t.closes()) : c.notBefore);
      }
    }
    if (s.hands() > 0) {
      int[] when = free.clone();
      Arrays.sort(when);
      start = Math.max(start, when[Math.min(s.people(), people) - 1]);
    }
    return start;
  }

  private int lasts(List<String> ids) {
    return ids.stream().mapToInt(id -> byId.get(id).lasts()).sum();
  }

  /** Somebody who could begin now wants it to stay as it is. */
  private void look(Course c) {
    c.wanted = left.stream().anyMatch(s -> c.cycle.inside().contains(s.id()) && ready(s));
  }

  private void place(Step s) {
    int start = 0;
    for (Course c : courses.values()) {
      start = Math.max(start, turned(c, s));
    }
    start = Math.max(start, since(s));
    int at = put(s, start);
    for (Course c : courses.values()) {
      if (c.cycle.inside().contains(s.id())) {
        c.needed = Math.max(c.needed, at + s.lasts());
      }
      if (c.cycle.outside().contains(s.id())) {
        c.notBefore = Math.max(c.notBefore, at + s.lasts());
        c.on = c.on && !c.cycle.toggle().closes().isEmpty();
      }
    }
    left.remove(s);
  }

  /** Opens or closes it for a step, and says from when on that may begin. */
  private int turned(Course c, Step s) {
    Toggle t = c.cycle.toggle();
    if (c.cycle.inside().contains(s.id())) {
      if (!c.on) {
        c.opened++;
        int from = c.notBefore;
        c.since = from;
        for (String id : t.opens()) {
          Step opener = byId.get(id).withId(Toggle.again(id, c.opened));
          c.since = Math.max(c.since, put(opener, Math.max(from, since(opener))) + opener.lasts());
        }
        c.on = true;
        c.needed = c.since;
      }
      return c.since;
    }
    if (c.cycle.outside().contains(s.id()) && c.on) {
      if (!t.closes().isEmpty()) {
        for (String id : t.closes()) {
          Step closer = byId.get(id).withId(Toggle.again(id, c.opened));
          int end = put(closer, Math.max(c.needed, since(closer))) + closer.lasts();
          c.notBefore = Math.max(c.notBefore, end);
        }
        c.on = false;
      }
      return Math.max(c.needed, c.notBefore);
    }
    return c.cycle.outside().contains(s.id()) && !t.closes().isEmpty() ? c.notBefore : 0;
  }

  private int put(Step s, int earliest) {
    int start = earliest;
    if (s.hands() > 0) {
      Integer[] lanes = freeFirst();
      int hands = Math.min(s.people(), people);
      for (int k = 0; k < hands; k++) {
        start = Math.max(start, free[lanes[k]]);
      }
      for (int k = 0; k < hands; k++) {
        free[lanes[k]] = start + s.hands();
      }
    }
    done.add(s);
    starts.put(s.id(), start);
    ends.put(s.id(), start + s.lasts());
    return start;
  }

  private Integer[] freeFirst() {
    Integer[] lanes = new Integer[free.length];
    for (int i = 0; i < lanes.length; i++) {
      lanes[i] = i;
    }
    Arrays.sort(lanes, Comparator.comparingInt(i -> free[i]));
    return lanes;
  }

  private boolean ready(Step s) {
    Set<String> open = new HashSet<>();
    left.forEach(l -> open.add(l.id()));
    boolean free =
        rules.rules().stream()
            .filter(r -> r.after().equals(s.id()))
            .noneMatch(r -> open.contains(r.before()));
    boolean out =
        rules.outside().stream()
            .filter(o -> o.outside().equals(s.id()))
            .allMatch(
                o ->
                    open.containsAll(o.openers())
                        || !o.closers().isEmpty()
                            && o.closers().stream().noneMatch(open::contains));
    // Who opens something waits for those that must come before where nothing closes it again.
    boolean last =
        rules.outside().stream()
            .filter(o -> o.openers().contains(s.id()) && o.closers().isEmpty())
            .noneMatch(o -> open.contains(o.outside()));
    return free && out && last;
  }

  /** When a step may begin by the rules of what has been done. */
  private int since(Step s) {
    int start = 0;
    for (Rule r : rules.rules()) {
      if (r.after().equals(s.id())) {
        start = Math.max(start, ends.getOrDefault(r.before(), 0));
      }
    }
    for (Rule.Outside o : rules.outside()) {
      if (o.outside().equals(s.id())) {
        start = Math.max(start, latest(o.closers()));
      } else if (o.openers().contains(s.id())) {
        start = Math.max(start, ends.getOrDefault(o.outside(), 0));
      }
    }
    return start;
  }

  private int latest(List<String> ids) {
    return ids.stream().mapToInt(id -> ends.getOrDefault(id, 0)).max().orElse(0);
  }
}
