package roadbreeze.server.order;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import roadbreeze.core.explain.Code;
import roadbreeze.core.workorder.DayPlan;
import roadbreeze.core.workorder.GreedyPlan;
import roadbreeze.core.workorder.Rule;
import roadbreeze.core.workorder.Step;
import roadbreeze.server.solver.NativeSolver;

/**
 * Puts steps into the order that is done soonest, then with least lying under the truck, by a
 * constraint solver: intervals of hands share the people there are, waits go on by themselves, and
 * what comes and goes is opened as seldom as it can be.
 */
final class OrderSolver {
  /**
   * How long it looks.
   *
   * @param length s for the shortest day
   * @param crawling s more for the least lying under in it
   */
  record Patience(double length, double crawling) {
    /** While somebody is changing things. */
    static final Patience QUICK = new Patience(0.55, 0.1);

    static final Patience THOROUGH = new Patience(1.6, 0.3);
  }

  static {
    NativeSolver.load();
  }

  private OrderSolver() {}

  /** What comes of it. */
  sealed interface Solved {}

  /**
   * An order.
   *
   * @param best nothing shorter is possible
   * @param least no order is shorter than this, min
   */
  record Ordered(DayPlan plan, boolean best, int least) implements Solved {
    /** What may be saved yet, as a share of the plan's length (-). */
    double gap() {
      return plan.length() == 0 ? 0 : (plan.length() - least) / (double) plan.length();
    }
  }

  /** There is none: what cannot be kept together. */
  record Contradiction(List<Conflict> between) implements Solved {}

  /**
   * One of the things that cannot be kept together.
   *
   * @param what it is that binds these steps
   * @param state or place that it is for, empty for a time
   * @param steps ids, the one that comes first before the others
   */
  record Conflict(What what, String state, List<String> steps) {
    /** Sorts of them. */
    enum What implements Code {
      MAKES,
      KEPT,
      HIDDEN,
      OUTSIDE,
      COMES_AND_GOES,
      NOT_BEFORE,
      AT,
      DONE
    }

    static Conflict of(Rule r) {
      return new Conflict(What.valueOf(r.kind().name()), r.what(), List.of(r.before(), r.after()));
    }
  }

  /**
   * What a person has fixed.
   *
   * @param earliest minutes before which a step cannot begin, by its id: a part that comes later
   * @param at minutes at which a step begins, by its id
   * @param done what is behind us, each time of it by its own id, and the minutes that its wait
   *     lasts yet
   */
  record Fixed(Map<String, Integer> earliest, Map<String, Integer> at, Map<String, Integer> done) {
    static final Fixed NOTHING = new Fixed(Map.of(), Map.of(), Map.of());

    /** A step as it weighs on the rest of the work: what is done takes nobody's hands any more. */
    Step yet(Step step) {
      Integer waits = done.get(step.id());
      return waits == null ? step : step.withHands(0).withWaits(waits).withUnder(false);
    }

    int latest() {
      return Math.max(
          earliest.values().stream().mapToInt(v -> v).max().orElse(0),
          at.values().stream().mapToInt(v -> v).max().orElse(0));
    }
  }

  static Solved solve(
      List<Step> given, Rule.Rules rules, int people, Fixed fixed, Patience patience) {
    List<Step> steps = given.stream().map(fixed::yet).toList();
    List<Rule> ring = Rule.ring(rules.firm());
    if (!ring.isEmpty()) {
      return new Contradiction(ring.stream().map(Conflict::of).toList());
    }
    Optional<DayPlan> greedy =
        Stream.of(GreedyPlan.urgentFirst(steps, rules, people), GreedyPlan.of(steps, rules, people))
            .flatMap(Optional::stream)
            .min(Comparator.comparingInt(DayPlan::length));
    Optional<Ordered> ordered =
        new OrderModel(given, rules, people, fixed, false).ordered(greedy.orElse(null), patience);
    if (ordered.isPresent()) {
      return ordered.get();
    }
    return new OrderModel(given, rules, people, fixed, true).contradiction();
  }
}
