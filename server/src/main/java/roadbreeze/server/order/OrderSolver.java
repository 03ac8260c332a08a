package roadbreeze.server.order;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.workorder.DayPlan;
import roadbreeze.core.workorder.Rule;
import roadbreeze.core.workorder.Step;

/**
 * Puts steps into the order that is done soonest, then with least lying under the truck, by a
 * constraint solver: intervals of hands share the people there are, waits go on by themselves.
 */
final class OrderSolver {
  private static final double SECONDS = 2;

  private static final int CORES = 2;

  static {
    Loader.loadNativeLibraries();
  }

  private OrderSolver() {}

  /**
   * An order.
   *
   * @param best nothing shorter is possible
   * @param least no order is shorter than this, min
   */
  record Solved(DayPlan plan, boolean best, int least) {
    /** What may be saved yet, as a share of the plan's length (-). */
    double gap() {
      return plan.length() == 0 ? 0 : (plan.length() - least) / (double) plan.length();
    }
  }

  /**
   * What a person has fixed.
   *
   * @param earliest minutes before which a step cannot begin, by its id: a part that comes later
   * @param at minutes at which a step begins, by its id
   */
  record Fixed(Map<String, Integer> earliest, Map<String, Integer> at) {
    static final Fixed NOTHING = new Fixed(Map.of(), Map.of());
  }

  /**
   * @throws roadbreeze.core.problem.BadInputException if steps wait for each other
   */
  static Solved solve(List<Step> steps, Rule.Rules rules, int people, Fixed fixed) {
    List<Rule> ring = Rule.ring(rules.rules());
    if (!ring.isEmpty()) {
      throw Problem.TASK_RING.refuse(
          ring.stream().map(Rule::before).collect(Collectors.joining(" → ")));
    }
    return new Draft(steps, rules, people, fixed).solved();
  }

  private static final class Draft {
    private final List<Step> steps;
    private final Rule.Rules rules;
    private final int people;
    private final Fixed fixed;
    private final CpModel model = new CpModel();
    private final Map<String, IntVar> starts = new LinkedHashMap<>();
    private final Map<String, Step> byId = new HashMap<>();
    private final int horizon;

    /** A minute later is worse than any lying under. */
    private final int later;

    Draft(List<Step> steps, Rule.Rules rules, int people, Fixed fixed) {
      this.steps = steps;
      this.rules = rules;
      this.people = people;
      this.fixed = fixed;
      int latest =
          Math.max(
              fixed.earliest().values().stream().mapToInt(v -> v).max().orElse(0),
              fixed.at().values().stream().mapToInt(v -> v).max().orElse(0));
      horizon = latest + steps.stream().mapToInt(Step::lasts).sum() + 1;
      later = horizon + 1;
      steps.forEach(s -> byId.put(s.id(), s));
    }

    Solved solved() {
      CumulativeConstraint hands = model.addCumulative(people);
      for (Step s : steps) {
        IntVar start = model.newIntVar(fixed.earliest().getOrDefault(s.id(), 0), horizon, s.id());
        starts.put(s.id(), start);
        if (s.hands() > 0) {
          hands.addDemand(
              model.newFixedSizeIntervalVar(start, s.hands(), s.id()),
              Math.min(people, s.people()));
        }
        if (fixed.at().containsKey(s.id())) {
          model.addEquality(start, fixed.at().get(s.id()));
        }
      }
      rules.rules().forEach(r -> model.addGreaterOrEqual(starts.get(r.after()), end(r.before())));
      rules.outside().forEach(this::outside);
      IntVar length = model.newIntVar(0, horizon, "length");
      steps.forEach(s -> model.addGreaterOrEqual(length, end(s.id())));
      IntVar crawling = crawling();
      model.minimize(LinearExpr.newBuilder().addTerm(length, later).addTerm(crawling, 1).build());
      return read(length);
    }

    private LinearExpr end(String id) {
      return LinearExpr.newBuilder().add(starts.get(id)).add(byId.get(id).lasts()).build();
    }

    /** Before all of what opens it, or after all of what closes it again. */
    private void outside(Rule.Outside o) {
      IntVar start = starts.get(o.outside());
      BoolVar before = model.newBoolVar(o.outside() + " before " + o.state());
      Literal after = before.not();
      for (String opener : o.openers()) {
        model.addGreaterOrEqual(starts.get(opener), end(o.outside())).onlyEnforceIf(before);
      }
      if (o.closers().isEmpty()) {
        model.addEquality(before, 1);
      }
      for (String closer : o.closers()) {
        model.addGreaterOrEqual(start, end(closer)).onlyEnforceIf(after);
      }
    }

    /** From the first time that somebody lies under the truck to the last. */
    private IntVar crawling() {
      IntVar crawling = model.newIntVar(0, horizon, "crawling");
      List<Step> under = steps.stream().filter(Step::under).toList();
      if (under.isEmpty()) {
        model.addEquality(crawling, 0);
        return crawling;
      }
      IntVar first = model.newIntVar(0, horizon, "first under");
      IntVar last = model.newIntVar(0, 2L * horizon, "last under");
      for (Step s : under) {
        model.addLessOrEqual(first, starts.get(s.id()));
        model.addGreaterOrEqual(
            last, LinearExpr.newBuilder().add(starts.get(s.id())).add(s.hands()).build());
      }
      model.addGreaterOrEqual(
          crawling, LinearExpr.newBuilder().add(last).addTerm(first, -1).build());
      return crawling;
    }

    private Solved read(IntVar length) {
      CpSolver solver = new CpSolver();
      solver.getParameters().setMaxTimeInSeconds(SECONDS);
      solver.getParameters().setNumWorkers(CORES);
      solver.getParameters().setRandomSeed(1);
      CpSolverStatus status = solver.solve(model);
      if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
        throw Problem.TASK_RING.refuse(contradiction());
      }
      Map<String, Integer> at = new HashMap<>();
      starts.forEach((id, start) -> at.put(id, (int) solver.value(start)));
      int least = (int) Math.floor(solver.bestObjectiveBound() / later + 1e-9);
      int found = (int) solver.value(length);
      return new Solved(
          DayPlan.of(steps, at, people),
          status == CpSolverStatus.OPTIMAL,
          Math.min(found, Math.max(least, shortest())));
    }

    /** No order is shorter than the longest chain of what waits for each other. */
    private int shortest() {
      Map<String, Integer> ends = new HashMap<>();
      boolean moved = true;
      steps.forEach(s -> ends.put(s.id(), s.lasts()));
      while (moved) {
        moved = false;
        for (Rule r : rules.rules()) {
          int end = ends.get(r.before()) + byId.get(r.after()).lasts();
          if (end > ends.get(r.after())) {
            ends.put(r.after(), end);
            moved = true;
          }
        }
      }
      int chain = ends.values().stream().mapToInt(v -> v).max().orElse(0);
      int shared =
          steps.stream().mapToInt(s -> s.hands() * Math.min(people, s.people())).sum() / people;
      return Math.max(chain, shared);
    }

    /** What was fixed against what must come before it. */
    private String contradiction() {
      List<String> names = new ArrayList<>(fixed.at().keySet());
      rules.outside().stream().map(Rule.Outside::outside).forEach(names::add);
      return String.join(", ", names);
    }
  }
}
