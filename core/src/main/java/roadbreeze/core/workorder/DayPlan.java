package roadbreeze.core.workorder;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Steps at their times. A step that is done several times stands in it once for each.
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

    private boolean meets(int from, int to) {
      return start < to && from < end();
    }
  }

  /**
   * What is wrong with a plan: nothing of what a solver gives ever should be.
   *
   * @param step id
   * @param other id of the step that it clashes with, empty where there is none
   */
  public record Broken(String step, String other, String what) {}

  /** A time for which a state holds, min; its end is open where nothing ends it. */
  public record Span(int from, int to) {}

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

  /**
   * When a state holds, as those that are done make and end it.
   *
   * @param atFirst it holds at the beginning
   */
  public List<Span> spans(String state, boolean atFirst) {
    List<Integer> on = new ArrayList<>();
    List<Integer> off = new ArrayList<>();
    if (atFirst) {
      on.add(0);
    }
    for (Placed p : placed) {
      if (p.step().makes().contains(state)) {
        on.add(p.end());
      }
      if (p.step().ends().contains(state)) {
        off.add(p.start());
      }
    }
    on.sort(Comparator.naturalOrder());
    List<Span> spans = new ArrayList<>();
    int until = -1;
    for (int from : on) {
      if (from >= until) {
        until = off.stream().filter(t -> t >= from).min(Comparator.naturalOrder()).orElse(length());
        if (until > from) {
          spans.add(new Span(from, until));
        }
      }
    }
    return spans;
  }

  /** Everything that a person could not do as it is planned. */
  public List<Broken> broken(Rule.Rules rules) {
    Map<String, Placed> at = new HashMap<>();
    placed.forEach(p -> at.put(p.step().id(), p));
    List<Broken> broken = new ArrayList<>();
    for (Rule r : rules.rules()) {
      for (Placed before : all(r.before())) {
        for (Placed after : all(r.after())) {
          if (before.end() > after.start()) {
            broken.add(new Broken(after.step().id(), r.before(), r.what()));
          }
        }
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
    for (Rule.Cycle c : rules.cycles()) {
      c.inside().stream()
          .filter(id -> !held(c, at.get(id)))
          .forEach(id -> broken.add(new Broken(id, "", c.toggle().state())));
      c.outside().stream()
          .filter(id -> held(c, at.get(id).start(), at.get(id).end()))
          .forEach(id -> broken.add(new Broken(id, "", "not " + c.toggle().state())));
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
   * The same without closing and opening again what nobody needs closed meanwhile.
   *
   * @param rules by which it is sound
   */
  public DayPlan settled(Rule.Rules rules) {
    DayPlan plan = this;
    for (Rule.Cycle c : rules.cycles()) {
      for (int time = c.toggle().most(); time > 1; time--) {
        DayPlan without = plan.without(c.toggle(), time);
        if (without.placed.size() < plan.placed.size() && without.broken(rules).isEmpty()) {
          plan = without;
        }
      }
    }
    return plan;
  }

  /** A state stays open from the time before to this one, and later times count one less. */
  private DayPlan without(Toggle toggle, int time) {
    List<Placed> kept = new ArrayList<>();
    for (Placed p : placed) {
      int opens = toggle.time(toggle.opens(), p.step().id());
      int closes = toggle.time(toggle.closes(), p.step().id());
      if (opens != time && closes != time - 1) {
        boolean later = opens > time || closes > time - 1;
        String id = later ? toggle.earlier(p.step().id()) : p.step().id();
        kept.add(new Placed(p.step().withId(id), p.start(), p.lanes()));
      }
    }
    return new DayPlan(kept, people);
  }

  private List<Placed> all(String id) {
    return placed.stream()
        .filter(p -> p.step().id().equals(id) || p.step().id().startsWith(id + "."))
        .toList();
  }

  /** A state that comes and goes holds all the while. */
  private boolean held(Rule.Cycle cycle, Placed p) {
    return openings(cycle).stream()
        .filter(from -> from <= p.start())
        .anyMatch(
            from ->
                cycle.toggle().closes().stream()
                        .flatMap(id -> all(id).stream())
                        .noneMatch(o -> o.meets(from, p.end()))
                    && cycle.outside().stream()
                        .flatMap(id -> all(id).stream())
                        .noneMatch(o -> o.meets(from, p.end())));
  }

  /** It is being opened, open or being closed at some moment of a time. */
  private boolean held(Rule.Cycle cycle, int from, int to) {
    Toggle toggle = cycle.toggle();
    for (String id : toggle.all()) {
      if (all(id).stream().anyMatch(p -> p.meets(from, to))) {
        return true;
      }
    }
    if (toggle.closes().isEmpty()) {
      return false; // whoever does not bear it ends it
    }
    int open = (toggle.atFirst() ? 1 : 0) + count(toggle.opens(), from);
    return open > count(toggle.closes(), from);
  }

  private int count(List<String> ids, int until) {
    return ids.isEmpty() ? 0 : (int) all(ids.get(0)).stream().filter(p -> p.end() <= until).count();
  }

  /** When it is open, min. */
  private List<Integer> openings(Rule.Cycle cycle) {
    List<Integer> openings = new ArrayList<>();
    if (cycle.toggle().atFirst()) {
      openings.add(0);
    }
    for (int time = 1; time <= cycle.toggle().most(); time++) {
      int n = time;
      List<Optional<Placed>> openers =
          cycle.toggle().opens().stream().map(id -> of(Toggle.again(id, n))).toList();
      if (!openers.isEmpty() && openers.stream().allMatch(Optional::isPresent)) {
        openings.add(openers.stream().mapToInt(p -> p.get().end()).max().getAsInt());
      }
    }
    return openings;
  }
}
