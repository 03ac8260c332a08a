package roadbreeze.server.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.workorder.DayPlan;
import roadbreeze.core.workorder.EngineState;
import roadbreeze.core.workorder.GreedyPlan;
import roadbreeze.core.workorder.Rule;
import roadbreeze.core.workorder.Step;
import roadbreeze.core.workorder.Toggle;
import roadbreeze.server.order.OrderSolver.Contradiction;
import roadbreeze.server.order.OrderSolver.Fixed;
import roadbreeze.server.order.OrderSolver.Ordered;
import roadbreeze.server.order.OrderSolver.Patience;

class OrderSolverTest {
  private static final Set<String> NONE = Set.of();

  private static Step step(String id, int hands, int waits) {
    return new Step(
        id, NONE, NONE, NONE, NONE, NONE, NONE, hands, waits, 1, false, EngineState.STOPPED);
  }

  private static Ordered solve(List<Step> steps, Rule.Rules rules, int people) {
    return (Ordered) OrderSolver.solve(steps, rules, people, Fixed.NOTHING, Patience.THOROUGH);
  }

  /** Each day also goes without a plan, which nothing of a plan may be longer than. */
  private static DayPlan greedy(List<Step> steps, Rule.Rules rules, int people) {
    return GreedyPlan.of(steps, rules, people).orElseThrow();
  }

  /**
   * The front comes off, a bracket is painted and dries while other work goes on, and it closes.
   */
  private static List<Step> front() {
    return List.of(
        step("cool down", 0, 120).withMakes(Set.of("engine cold")),
        step("open front", 30, 0).withNeeds(Set.of("engine cold")).withMakes(Set.of("front open")),
        step("bend brackets", 60, 0).withMakes(Set.of("brackets bent")),
        step("paint brackets", 15, 60)
            .withNeeds(Set.of("brackets bent"))
            .withMakes(Set.of("brackets painted")),
        step("clean fins", 45, 0).withNeeds(Set.of("front open")),
        step("hang cooler", 45, 0)
            .withNeeds(Set.of("front open", "brackets painted"))
            .withMakes(Set.of("cooler hung"))
            .withPeople(2),
        step("plug in fan", 5, 0).withBehind(Set.of("behind the shroud")),
        step("shroud in", 15, 0)
            .withNeeds(Set.of("front open"))
            .withHides(Set.of("behind the shroud")),
        step("run engine", 15, 0)
            .withNeeds(Set.of("cooler hung"))
            .withWithout(Set.of("front open")),
        step("close front", 30, 0).withNeeds(Set.of("cooler hung")).withEnds(Set.of("front open")));
  }

  @Test
  void waitsAreFilledAndNothingIsHiddenTooEarly() {
    List<Step> steps = front();
    Rule.Rules rules = Rule.of(steps);
    Ordered two = solve(steps, rules, 2);
    assertThat(two.best()).isTrue();
    assertThat(two.plan().broken(rules)).isEmpty();
    // To cool down, to open, fins and the cooler that takes both, to close and to run; the bench
    // work and its paint lie in the cooling.
    assertThat(two.plan().length()).isEqualTo(120 + 30 + 45 + 45 + 30 + 15);
    DayPlan.Placed bend = two.plan().of("bend brackets").orElseThrow();
    assertThat(bend.freed()).isLessThanOrEqualTo(120);
    assertThat(greedy(steps, rules, 2).broken(rules)).isEmpty();
    assertThat(two.plan().length()).isLessThanOrEqualTo(greedy(steps, rules, 2).length());
  }

  @Test
  void stepsThatWaitForEachOtherAreNamed() {
    List<Step> ring =
        List.of(
            step("hang cooler", 10, 0).withNeeds(Set.of("lines run")).withMakes(Set.of("hung")),
            step("run lines", 10, 0).withNeeds(Set.of("hung")).withMakes(Set.of("lines run")));
    Contradiction none =
        (Contradiction) OrderSolver.solve(ring, Rule.of(ring), 1, Fixed.NOTHING, Patience.THOROUGH);
    assertThat(none.between())
        .extracting(OrderSolver.Conflict::state)
        .containsExactlyInAnyOrder("lines run", "hung");
    assertThatThrownBy(() -> step("late", -5, 0)).isInstanceOf(BadInputException.class);
  }

  @Test
  void aPartThatComesLaterMovesWhatNeedsIt() {
    List<Step> steps = front();
    Ordered late =
        (Ordered)
            OrderSolver.solve(
                steps,
                Rule.of(steps),
                2,
                new Fixed(Map.of("hang cooler", 480), Map.of(), Map.of()),
                Patience.THOROUGH);
    assertThat(late.plan().of("hang cooler").orElseThrow().start()).isGreaterThanOrEqualTo(480);
    assertThat(late.plan().broken(Rule.of(steps))).isEmpty();
  }

  @Test
  void aTimeThatCannotBeKeptIsNamedWithWhatStandsAgainstIt() {
    List<Step> steps = front();
    Contradiction none =
        (Contradiction)
            OrderSolver.solve(
                steps,
                Rule.of(steps),
                2,
                new Fixed(Map.of(), Map.of("close front", 60), Map.of()),
                Patience.THOROUGH);
    assertThat(none.between())
        .anyMatch(
            c -> c.what() == OrderSolver.Conflict.What.AT && c.steps().contains("close front"))
        .anyMatch(c -> c.steps().contains("cool down") || c.steps().contains("hang cooler"));
    assertThat(none.between().size()).isLessThan(8);
  }

  /** The engine is run twice and must be cold three times over: it cools down again by itself. */
  @Test
  void whatComesAndGoesIsOpenedAsSeldomAsItCanBe() {
    Toggle cold = new Toggle("engine cold", 3, List.of("cool down"), List.of(), false);
    Toggle off = new Toggle("battery off", 2, List.of("lead off"), List.of("lead on"), false);
    List<Step> steps =
        List.of(
            step("cool down", 0, 120).withMakes(Set.of("engine cold")),
            step("lead off", 5, 0).withMakes(Set.of("battery off")),
            step("lead on", 5, 0).withEnds(Set.of("battery off")),
            step("find lines", 20, 0)
                .withWithout(Set.of("battery off"))
                .withEnds(Set.of("engine cold"))
                .withMakes(Set.of("lines known")),
            step("hang", 40, 0)
                .withNeeds(Set.of("engine cold", "battery off", "lines known"))
                .withMakes(Set.of("hung")),
            step("wire", 60, 0).withNeeds(Set.of("battery off")),
            step("bleed", 30, 20)
                .withNeeds(Set.of("hung"))
                .withWithout(Set.of("battery off"))
                .withEnds(Set.of("engine cold"))
                .withMakes(Set.of("bled")),
            step("funnel off", 5, 0).withNeeds(Set.of("engine cold", "bled")));
    Rule.Rules rules = Rule.of(steps, List.of(cold, off));
    Ordered one = solve(steps, rules, 1);
    assertThat(one.best()).isTrue();
    assertThat(one.plan().broken(rules)).isEmpty();
    // Find, cool down with the wire and the lead in it, hang, lead on, bleed, cool again, off.
    assertThat(one.plan().length()).isEqualTo(20 + 120 + 40 + 5 + 50 + 120 + 5);
    assertThat(one.plan().of("cool down.2")).isPresent();
    assertThat(one.plan().of("cool down.3")).isEmpty();
    assertThat(one.plan().of("lead off.2")).isEmpty();
    assertThat(greedy(steps, rules, 1).broken(rules)).isEmpty();
    Rule.Rules came =
        Rule.of(
            steps,
            List.of(new Toggle("engine cold", 3, List.of("cool down"), List.of(), true), off));
    assertThat(solve(steps, came, 1).plan().broken(came)).isEmpty();
  }

  /** Small jobs with any rules: as short as the shortest of all orders. */
  @Test
  void noOrderOfASmallJobIsShorter() {
    Random random = new Random(5);
    int compared = 0;
    for (int n = 0; n < 60; n++) {
      List<Step> steps = drawn(random, 4 + random.nextInt(3));
      Rule.Rules rules = Rule.of(steps);
      if (!Rule.ring(rules.rules()).isEmpty()) {
        continue;
      }
      int people = 1 + random.nextInt(2);
      int shortest = shortest(steps, rules, people);
      OrderSolver.Solved answer =
          OrderSolver.solve(steps, rules, people, Fixed.NOTHING, Patience.THOROUGH);
      if (shortest == Integer.MAX_VALUE) {
        assertThat(answer).isInstanceOf(Contradiction.class);
        continue;
      }
      Ordered solved = (Ordered) answer;
      assertThat(solved.plan().broken(rules)).isEmpty();
      assertThat(solved.plan().length()).isEqualTo(shortest);
      assertThat(solved.best()).isTrue();
      assertThat(solved.least()).isEqualTo(shortest);
      compared++;
    }
    assertThat(compared).isGreaterThan(25);
  }

  /**
   * No plan of a large job breaks a state, hides an open task or uses a third hand. Every other one
   * waits for what the one before it makes, and the last third ends what only earlier ones need, so
   * that all of them can be done.
   */
  @Test
  void largeJobsAreKeptTo() {
    Random random = new Random(9);
    for (int n = 0; n < 5; n++) {
      List<Step> steps = new ArrayList<>();
      for (int i = 0; i < 60; i++) {
        Step s = step("s" + i, 5 * random.nextInt(5), random.nextInt(4) == 0 ? 30 : 0);
        s = s.withPeople(1 + random.nextInt(2)).withMakes(Set.of("made by " + i));
        if (i % 2 == 1) {
          s = s.withNeeds(Set.of("made by " + random.nextInt(Math.min(i, 40))));
        }
        if (i >= 40) {
          s = s.withEnds(Set.of("made by " + (i - 40)));
        }
        steps.add(
            i < 30 && random.nextInt(4) == 0
                ? s.withBehind(Set.of("place"))
                : i == 59 ? s.withHides(Set.of("place")) : s);
      }
      Rule.Rules rules = Rule.of(steps);
      assertThat(rules.rules()).hasSizeGreaterThan(50);
      Ordered solved = solve(steps, rules, 2);
      assertThat(solved.plan().broken(rules)).isEmpty();
      assertThat(solved.least()).isLessThanOrEqualTo(solved.plan().length());
      assertThat(solved.gap()).isLessThan(0.1);
    }
  }

  /** States are made by earlier ones and needed by later ones, so that few rings come about. */
  /** Done in the order of a plan up to a moment, the rest goes on as it must, and no longer. */
  @Test
  void theRestOfAnOrderKeepsToWhatIsDone() {
    Random random = new Random(11);
    int tried = 0;
    while (tried < 40) {
      List<Step> steps = drawn(random, 12);
      Rule.Rules rules = Rule.of(steps);
      if (!Rule.ring(rules.firm()).isEmpty()) {
        continue;
      }
      OrderSolver.Solved first = OrderSolver.solve(steps, rules, 2, Fixed.NOTHING, Patience.QUICK);
      if (!(first instanceof Ordered whole)) {
        continue;
      }
      tried++;
      Map<String, Integer> done = new HashMap<>();
      whole.plan().placed().stream()
          .sorted(Comparator.comparingInt(DayPlan.Placed::start))
          .limit(5)
          .forEach(p -> done.put(p.step().id(), 0));
      Ordered rest =
          (Ordered)
              OrderSolver.solve(
                  steps, rules, 2, new Fixed(Map.of(), Map.of(), done), Patience.QUICK);
      assertThat(rest.plan().broken(rules)).isEmpty();
      assertThat(rest.plan().length()).isLessThanOrEqualTo(whole.plan().length());
      done.keySet()
          .forEach(id -> assertThat(rest.plan().of(id).orElseThrow().start()).as(id).isZero());
    }
  }

  private static List<Step> drawn(Random random, int count) {
    List<Step> steps = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Step s = step("s" + i, 5 * random.nextInt(5), random.nextInt(4) == 0 ? 30 : 0);
      if (i > 0 && random.nextBoolean()) {
        s = s.withNeeds(Set.of("made by " + random.nextInt(i)));
      }
      if (i > 1 && random.nextInt(5) == 0) {
        s = s.withEnds(Set.of("made by " + random.nextInt(i)));
      }
      if (i > 1 && random.nextInt(6) == 0) {
        s = s.withWithout(Set.of("made by " + random.nextInt(i)));
      }
      if (random.nextInt(6) == 0) {
        s = s.withBehind(Set.of("place"));
      } else if (random.nextInt(8) == 0) {
        s = s.withHides(Set.of("place"));
      }
      steps.add(s.withMakes(Set.of("made by " + i)).withPeople(1 + random.nextInt(2)));
    }
    return steps;
  }

  /** Every order of the list, each step as early as it can be after those before it. */
  private static int shortest(List<Step> steps, Rule.Rules rules, int people) {
    return best(steps, new ArrayList<>(), rules, people, Integer.MAX_VALUE);
  }

  private static int best(
      List<Step> left, List<Step> order, Rule.Rules rules, int people, int sofar) {
    if (left.isEmpty()) {
      return Math.min(sofar, packed(order, rules, people));
    }
    int best = sofar;
    for (Step s : left) {
      List<Step> rest = new ArrayList<>(left);
      rest.remove(s);
      order.add(s);
      best = best(rest, order, rules, people, best);
      order.remove(order.size() - 1);
    }
    return best;
  }

  /** Serial schedule of one order: each at the first minute at which nothing is broken. */
  private static int packed(List<Step> order, Rule.Rules rules, int people) {
    Map<String, Integer> starts = new HashMap<>();
    List<Step> placed = new ArrayList<>();
    for (Step s : order) {
      placed.add(s);
      boolean found = false;
      for (int at = 0; at <= 400 && !found; at += 5) {
        starts.put(s.id(), at);
        found = fits(placed, starts, rules, people);
      }
      if (!found) {
        return Integer.MAX_VALUE;
      }
    }
    return DayPlan.of(order, starts, people).length();
  }

  private static boolean fits(
      List<Step> placed, Map<String, Integer> starts, Rule.Rules rules, int people) {
    Set<String> ids = new HashSet<>(placed.stream().map(Step::id).toList());
    Rule.Rules here =
        new Rule.Rules(
            rules.rules().stream()
                .filter(r -> ids.contains(r.before()) && ids.contains(r.after()))
                .toList(),
            rules.outside().stream()
                .filter(o -> ids.contains(o.outside()))
                .filter(o -> ids.containsAll(o.openers()) && ids.containsAll(o.closers()))
                .toList(),
            List.of());
    boolean early =
        rules.rules().stream().anyMatch(r -> ids.contains(r.after()) && !ids.contains(r.before()));
    return !early && DayPlan.of(placed, starts, people).broken(here).isEmpty();
  }
}
