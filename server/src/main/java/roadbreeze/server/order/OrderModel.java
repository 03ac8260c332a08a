package roadbreeze.server.order;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.Constraint;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import roadbreeze.core.workorder.DayPlan;
import roadbreeze.core.workorder.LeastDay;
import roadbreeze.core.workorder.Rule;
import roadbreeze.core.workorder.Step;
import roadbreeze.core.workorder.Toggle;
import roadbreeze.server.order.OrderSolver.Conflict;
import roadbreeze.server.order.OrderSolver.Contradiction;
import roadbreeze.server.order.OrderSolver.Fixed;
import roadbreeze.server.order.OrderSolver.Ordered;
import roadbreeze.server.order.OrderSolver.Patience;

/**
 * The order of some steps as a model of the solver: its starts, what is done more than once, and
 * which side of a state each step lies.
 */
final class OrderModel {
  /** Different searches help each other, though there are but two cores for them. */
  private static final int SEARCHES = 8;

  private final List<Step> given;
  private final List<Step> steps;
  private final Rule.Rules rules;
  private final int people;
  private final Fixed fixed;
  private final boolean asksWhy;
  private final CpModel model = new CpModel();
  private final Map<String, IntVar> starts = new LinkedHashMap<>();

  /** Steps that are done only if they are needed, by id. */
  private final Map<String, BoolVar> there = new HashMap<>();

  private final Map<String, Step> byId = new LinkedHashMap<>();

  /** What a choice is in a plan that is known already. */
  private final Map<BoolVar, Predicate<DayPlan>> choices = new LinkedHashMap<>();

  private final Map<Integer, Conflict> assumed = new LinkedHashMap<>();
  private final List<Literal> assumptions = new ArrayList<>();
  private final Set<String> repeated;

  /** They follow from the rest; said, they let the solver see how long a day must be. */
  private final List<Rule.Gap> gaps;

  private final int horizon;

  OrderModel(List<Step> given, Rule.Rules rules, int people, Fixed fixed, boolean asksWhy) {
    this.given = given.stream().map(fixed::yet).toList();
    this.rules = rules;
    this.people = people;
    this.fixed = fixed;
    this.asksWhy = asksWhy;
    repeated = rules.repeated();
    this.given.forEach(s -> byId.put(s.id(), s));
    Map<String, Step> whole = given.stream().collect(Collectors.toMap(Step::id, s -> s));
    for (Rule.Cycle c : rules.cycles()) {
      for (int time = 2; time <= c.toggle().most(); time++) {
        for (String id : ids(c.toggle())) {
          String again = Toggle.again(id, time);
          byId.put(again, fixed.yet(whole.get(id).withId(again)));
        }
      }
    }
    steps = List.copyOf(byId.values());
    gaps = Rule.gaps(rules, this.given);
    horizon = fixed.latest() + steps.stream().mapToInt(Step::lasts).sum() + 1;
    model();
  }

  private static List<String> ids(Toggle toggle) {
    List<String> ids = new ArrayList<>(toggle.opens());
    ids.addAll(toggle.closes());
    return ids;
  }

  private static String first(String id) {
    int point = id.indexOf('.');
    return point < 0 ? id : id.substring(0, point);
  }

  private void model() {
    CumulativeConstraint hands = people > 1 ? model.addCumulative(people) : null;
    List<IntervalVar> alone = new ArrayList<>();
    for (Step s : steps) {
      IntVar start = model.newIntVar(0, horizon, s.id());
      starts.put(s.id(), start);
      boolean optional = repeated.contains(first(s.id()));
      if (optional) {
        there.put(s.id(), model.newBoolVar("there " + s.id()));
      }
      if (s.hands() > 0) {
        IntervalVar worked =
            optional
                ? model.newOptionalFixedSizeIntervalVar(start, s.hands(), there.get(s.id()), s.id())
                : model.newFixedSizeIntervalVar(start, s.hands(), s.id());
        if (people > 1) {
          hands.addDemand(worked, Math.min(people, s.people()));
        } else {
          alone.add(worked);
        }
      }
    }
    model.addNoOverlap(alone);
    rules.rules().forEach(this::rule);
    if (!asksWhy) {
      gaps.stream()
          .filter(g -> !past(g.after(), g.before()))
          .forEach(g -> model.addGreaterOrEqual(starts.get(g.after()), after(g)));
    }
    alike();
    rules.outside().forEach(this::outside);
    rules.cycles().forEach(this::cycle);
    fixed
        .earliest()
        .forEach(
            (id, minute) ->
                under(
                    model.addGreaterOrEqual(starts.get(id), minute),
                    new Conflict(Conflict.What.NOT_BEFORE, "", List.of(id))));
    fixed
        .at()
        .forEach(
            (id, minute) ->
                under(
                    model.addEquality(starts.get(id), minute),
                    new Conflict(Conflict.What.AT, "", List.of(id))));
    fixed.done().keySet().stream().filter(starts::containsKey).forEach(this::behindUs);
  }

  /** It was done, whatever else is: it stands at the very beginning of what is left. */
  private void behindUs(String id) {
    under(model.addEquality(starts.get(id), 0), new Conflict(Conflict.What.DONE, "", List.of(id)));
    if (there.containsKey(id)) {
      model.addEquality(there.get(id), 1);
    }
  }

  /** One task on several things: which of them is first makes no difference, so it is said. */
  private void alike() {
    Map<String, Step> last = new HashMap<>();
    for (Step s : given) {
      int thing = s.id().indexOf('~');
      if (thing > 0) {
        Step before = last.put(s.id().substring(0, thing), s);
        if (before != null && !asksWhy && alike(before, s)) {
          model.addGreaterOrEqual(starts.get(s.id()), starts.get(before.id()));
        }
      }
    }
  }

  private boolean alike(Step one, Step other) {
    boolean free =
        Stream.of(one, other)
            .noneMatch(s -> fixed.at().containsKey(s.id()) || fixed.earliest().containsKey(s.id()));
    return free && one.withId("").equals(other.withId(""));
  }

  /** One step begins when another has ended; what is past is past. */
  private void later(String id, String before, List<Literal> literals) {
    if (!past(id, before)) {
      when(model.addGreaterOrEqual(starts.get(id), end(before)), literals);
    }
  }

  private boolean past(String id, String before) {
    return fixed.done().containsKey(id) && fixed.done().containsKey(before);
  }

  /** Where somebody asks why there is no order, a constraint holds only as it is assumed. */
  private void under(Constraint constraint, Conflict clash) {
    if (asksWhy) {
      constraint.onlyEnforceIf(assumption(clash));
    }
  }

  private Literal assumption(Conflict clash) {
    BoolVar assumption = model.newBoolVar("assumed " + assumed.size());
    assumed.put(assumption.getIndex(), clash);
    assumptions.add(assumption);
    return assumption;
  }

  /** All of these, and the assumption that goes with them. */
  private void when(Constraint constraint, List<Literal> literals) {
    if (!literals.isEmpty()) {
      constraint.onlyEnforceIf(literals.toArray(new Literal[0]));
    }
  }

  private List<String> times(String id) {
    return byId.keySet().stream().filter(i -> first(i).equals(id)).toList();
  }

  private void rule(Rule r) {
    List<Literal> holds = asksWhy ? List.of(assumption(Conflict.of(r))) : List.of();
    for (String before : times(r.before())) {
      for (String after : times(r.after())) {
        List<Literal> both = new ArrayList<>(holds);
        both.addAll(thereToo(before, after));
        later(after, before, both);
      }
    }
  }

  private List<Literal> thereToo(String... ids) {
    List<Literal> all = new ArrayList<>();
    for (String id : ids) {
      if (there.containsKey(id)) {
        all.add(there.get(id));
      }
    }
    return all;
  }

  private LinearExpr end(String id) {
    return LinearExpr.newBuilder().add(starts.get(id)).add(byId.get(id).lasts()).build();
  }

  private LinearExpr after(Rule.Gap g) {
    return LinearExpr.newBuilder()
        .add(starts.get(g.before()))
        .add(byId.get(g.before()).lasts() + g.minutes())
        .build();
  }

  /** Before all of what opens it, or after all of what closes it again. */
  private void outside(Rule.Outside o) {
    List<String> involved = new ArrayList<>(List.of(o.outside()));
    involved.addAll(o.openers());
    involved.addAll(o.closers());
    List<Literal> holds =
        asksWhy
            ? List.of(assumption(new Conflict(Conflict.What.OUTSIDE, o.state(), involved)))
            : List.of();
    BoolVar before = model.newBoolVar(o.outside() + " before " + o.state());
    choices.put(before, p -> o.openers().stream().allMatch(id -> precedes(p, o.outside(), id)));
    if (o.closers().isEmpty()) {
      when(model.addEquality(before, 1), holds);
    }
    for (String opener : o.openers()) {
      later(opener, o.outside(), and(holds, before));
    }
    for (String closer : o.closers()) {
      later(o.outside(), closer, and(holds, before.not()));
    }
  }

  private static List<Literal> and(List<Literal> some, Literal... more) {
    List<Literal> all = new ArrayList<>(some);
    all.addAll(List.of(more));
    return all;
  }

  /**
   * A state that comes and goes: it is opened a number of times, each after the one before; what
   * needs it lies in one of those times, what does not bear it before or after each.
   */
  private void cycle(Rule.Cycle c) {
    Toggle t = c.toggle();
    List<String> involved = new ArrayList<>(ids(t));
    involved.addAll(c.inside());
    involved.addAll(c.outside());
    List<Literal> holds =
        asksWhy
            ? List.of(assumption(new Conflict(Conflict.What.COMES_AND_GOES, t.state(), involved)))
            : List.of();
    int first = t.atFirst() ? 0 : 1;
    Map<String, List<BoolVar>> in = new HashMap<>();
    for (int time = first; time <= t.most(); time++) {
      Span span = new Span(t, time);
      follows(t, time);
      for (String id : c.inside()) {
        BoolVar here = model.newBoolVar(id + " in " + t.state() + time);
        in.computeIfAbsent(id, k -> new ArrayList<>()).add(here);
        choices.put(here, p -> lastBefore(p, t, id, first) == span.time());
        span.opens().forEach(o -> model.addImplication(here, there.get(o)));
        for (String o : span.opens()) {
          later(id, o, and(holds, here));
        }
        for (String closer : span.closes()) {
          later(closer, id, and(holds, here));
        }
      }
      for (String id : c.outside()) {
        out(id, span, c, in, holds);
      }
    }
    if (first == 1 && !c.inside().isEmpty()) {
      new Span(t, 1).opens().forEach(o -> model.addEquality(there.get(o), 1));
    }
    in.values().forEach(times -> model.addExactlyOne(times.toArray(new Literal[0])));
  }

  /** What opens and closes a state for one time, 0 as it is at the beginning. */
  private record Span(Toggle toggle, int time) {
    List<String> opens() {
      return again(toggle.opens());
    }

    List<String> closes() {
      return again(toggle.closes());
    }

    List<String> all() {
      List<String> all = new ArrayList<>(opens());
      all.addAll(closes());
      return all;
    }

    private List<String> again(List<String> ids) {
      return time == 0 ? List.of() : ids.stream().map(id -> Toggle.again(id, time)).toList();
    }
  }

  /** A time comes after the one before it, and only if that is there. */
  private void follows(Toggle t, int time) {
    Span span = new Span(t, time);
    List<String> all = span.all();
    for (int i = 1; i < all.size(); i++) {
      model.addEquality(there.get(all.get(0)), there.get(all.get(i)));
    }
    for (String o : span.opens()) {
      for (String closer : span.closes()) {
        later(closer, o, thereToo(o));
      }
      if (time > 1) {
        for (String earlier : new Span(t, time - 1).all()) {
          model.addImplication(there.get(o), there.get(earlier));
          later(o, earlier, thereToo(o));
        }
      }
    }
  }

  private void out(
      String id, Span span, Rule.Cycle c, Map<String, List<BoolVar>> in, List<Literal> holds) {
    BoolVar before = model.newBoolVar(id + " before " + span.toggle().state() + span.time());
    choices.put(before, p -> span.opens().stream().anyMatch(o -> precedes(p, id, o)));
    if (span.time() == 0) {
      when(model.addEquality(before, 0), holds);
    }
    for (String o : span.opens()) {
      later(o, id, and(and(holds, before), thereToo(o).toArray(new Literal[0])));
    }
    List<Literal> after = and(holds, before.not());
    for (String closer : span.closes()) {
      later(id, closer, and(after, thereToo(closer).toArray(new Literal[0])));
    }
    if (span.toggle().closes().isEmpty()) {
      for (String o : span.opens()) {
        later(id, o, and(after, thereToo(o).toArray(new Literal[0])));
      }
      for (String n : c.inside()) {
        List<BoolVar> times = in.get(n);
        later(id, n, and(after, times.get(times.size() - 1)));
      }
    }
  }

  private static boolean precedes(DayPlan plan, String before, String after) {
    return plan.of(after).isPresent()
        && plan.of(before).orElseThrow().end() <= plan.of(after).get().start();
  }

  /** Which opening of a state a step lies after, in a plan. */
  private static int lastBefore(DayPlan plan, Toggle t, String id, int first) {
    int last = first;
    for (int time = 1; time <= t.most(); time++) {
      String opener = Toggle.again(t.opens().get(0), time);
      if (plan.of(opener).isPresent() && precedes(plan, opener, id)) {
        last = time;
      }
    }
    return last;
  }

  /** From the first time that somebody lies under the truck to the last. */
  private IntVar crawling() {
    IntVar crawling = model.newIntVar(0, horizon, "crawling");
    List<Step> under =
        steps.stream().filter(Step::under).filter(s -> !there.containsKey(s.id())).toList();
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
    model.addGreaterOrEqual(crawling, LinearExpr.newBuilder().add(last).addTerm(first, -1).build());
    return crawling;
  }

  Optional<Ordered> ordered(DayPlan hint, Patience patience) {
    int shortest = LeastDay.of(given, rules, people);
    IntVar length = model.newIntVar(shortest, horizon, "length");
    steps.forEach(s -> when(model.addGreaterOrEqual(length, end(s.id())), thereToo(s.id())));
    if (hint != null) {
      hint.placed().stream()
          .filter(p -> starts.containsKey(p.step().id()))
          .forEach(p -> model.addHint(starts.get(p.step().id()), p.start()));
      there.forEach((id, t) -> model.addHint(t, hint.of(id).isPresent() ? 1 : 0));
      choices.forEach((choice, is) -> model.addHint(choice, is.test(hint) ? 1 : 0));
      model.addHint(length, hint.length());
    }
    model.minimize(length);
    CpSolver first = solver(patience.length());
    CpSolverStatus status = first.solve(model);
    if (status == CpSolverStatus.INFEASIBLE) {
      return Optional.empty();
    }
    if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
      return known(hint, shortest)
          .or(
              () ->
                  patience == Patience.THOROUGH
                      ? Optional.empty()
                      : new OrderModel(given, rules, people, fixed, false)
                          .ordered(hint, Patience.THOROUGH));
    }
    int found = (int) first.value(length);
    int least = Math.max(shortest, (int) Math.round(first.bestObjectiveBound()));
    return Optional.of(
        new Ordered(
            crawlingLess(first, length, found, patience), found == least, Math.min(found, least)));
  }

  /** Without an answer in time, the plan that was known before, if it keeps to what is fixed. */
  private Optional<Ordered> known(DayPlan hint, int shortest) {
    boolean keeps =
        hint != null
            && fixed.done().isEmpty() // it knows nothing of these
            && fixed.at().entrySet().stream()
                .allMatch(
                    f -> hint.of(f.getKey()).stream().allMatch(p -> p.start() == f.getValue()))
            && fixed.earliest().entrySet().stream()
                .allMatch(
                    f -> hint.of(f.getKey()).stream().allMatch(p -> p.start() >= f.getValue()));
    return keeps ? Optional.of(new Ordered(hint, false, shortest)) : Optional.empty();
  }

  /** Of the days that are no longer the one with the least lying under, and opening again. */
  private DayPlan crawlingLess(CpSolver first, IntVar length, int found, Patience patience) {
    model.clearHints();
    starts.values().forEach(start -> model.addHint(start, first.value(start)));
    there.values().forEach(t -> model.addHint(t, first.booleanValue(t) ? 1 : 0));
    model.addLessOrEqual(length, found);
    LinearExprBuilder objective = LinearExpr.newBuilder().add(crawling());
    there.values().forEach(t -> objective.addTerm(t, horizon));
    model.minimize(objective.build());
    CpSolver second = solver(patience.crawling());
    CpSolverStatus status = second.solve(model);
    boolean better = status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
    return read(better ? second : first);
  }

  private DayPlan read(CpSolver solver) {
    Map<String, Integer> at = new HashMap<>();
    List<Step> done =
        steps.stream()
            .filter(s -> !there.containsKey(s.id()) || solver.booleanValue(there.get(s.id())))
            .toList();
    done.forEach(s -> at.put(s.id(), (int) solver.value(starts.get(s.id()))));
    return DayPlan.of(done, at, people).settled(rules);
  }

  private static CpSolver solver(double seconds) {
    CpSolver solver = new CpSolver();
    solver.getParameters().setMaxTimeInSeconds(seconds);
    solver.getParameters().setNumWorkers(SEARCHES);
    solver.getParameters().setRandomSeed(1);
    return solver;
  }

  /** What binds each other; where the solver finds no smaller set in time, all that was fixed. */
  Contradiction contradiction() {
    model.addAssumptions(assumptions.toArray(new Literal[0]));
    CpSolver solver = solver(Patience.THOROUGH.length());
    solver.getParameters().setNumWorkers(1);
    solver.solve(model);
    List<Conflict> between =
        solver.sufficientAssumptionsForInfeasibility().stream()
            .filter(assumed::containsKey)
            .map(assumed::get)
            .distinct()
            .toList();
    return new Contradiction(between.isEmpty() ? List.copyOf(assumed.values()) : between);
  }
}
