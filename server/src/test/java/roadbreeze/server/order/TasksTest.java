package roadbreeze.server.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import roadbreeze.core.workorder.Caution;
import roadbreeze.core.workorder.DayPlan;
import roadbreeze.core.workorder.EngineState;
import roadbreeze.core.workorder.GreedyPlan;
import roadbreeze.core.workorder.Rule;
import roadbreeze.core.workorder.Step;
import roadbreeze.core.workorder.TaskLibrary.Picked;
import roadbreeze.core.workorder.WorkScope;
import roadbreeze.core.workorder.WorkScope.Part;
import roadbreeze.server.Jobs;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.order.OrderSolver.Fixed;
import roadbreeze.server.order.OrderSolver.Ordered;
import roadbreeze.server.order.OrderSolver.Patience;

/** The tasks that ship, and what holds of every order that is made of them. */
class TasksTest {
  private static final Tasks SHIPPED = Tasks.SHIPPED;

  private static final List<Part> FILLINGS =
      List.of(
          Part.FILL_FUNNEL, Part.FILL_VACUUM, Part.FILL_NECK, Part.FILL_HEADER, Part.FILL_HIGHEST);

  @Test
  void theyGoTogether() {
    assertThat(SHIPPED.byId()).hasSizeGreaterThanOrEqualTo(120);
    assertThat(SHIPPED.faults()).isEmpty();
  }

  /** Every part of a scope brings work of its own, or decides between ways of doing some. */
  @Test
  void nothingThatAPlanCanChangeIsWithoutWork() {
    for (Part part : EnumSet.complementOf(EnumSet.of(Part.BY_HAND))) {
      assertThat(SHIPPED.library().tasks())
          .as("%s", part)
          .anyMatch(
              t ->
                  t.forAny().contains(part)
                      || t.given().contains(part)
                      || t.except().contains(part)
                      || SHIPPED.library().toggles().values().stream()
                          .anyMatch(g -> g.atFirst().filter(part::equals).isPresent()));
    }
  }

  /** Stopped, battery off and raised go together; so do running, connected and on its wheels. */
  @Test
  void noCautionContradictsItsTask() {
    for (TaskData task : SHIPPED.byId().values()) {
      assertThat(task.cautions())
          .as(task.id())
          .doesNotContain(Caution.ENGINE_RUNS); // beside every step that runs it, by itself
      if (task.engine().runs()) {
        assertThat(task.cautions())
            .as(task.id())
            .doesNotContain(Caution.BATTERY_OFF, Caution.STANDS, Caution.BURNS, Caution.FED_FAN);
      }
    }
  }

  /** Another radiator that wants plates in its truck brings their two visits, tacked and welded. */
  @Test
  void whatIsWeldedInIsTriedBetween() {
    Build build = Jobs.TILT_TRAY.builds().get(3);
    WorkScope scope = BuildScope.of(Jobs.TILT_TRAY, build);
    int plates = scope.things().getOrDefault(WorkScope.Sort.PLATE, List.of()).size();
    assertThat(plates).isPositive();
    List<String> ids = SHIPPED.library().picked(scope).stream().map(p -> p.step().id()).toList();
    assertThat(ids.stream().filter(id -> id.startsWith("tack-plates~"))).hasSize(plates);
    assertThat(ids).contains("try-radiator", "paint-plates");
  }

  /**
   * Plans of drawn scopes: no engine runs that is open, dry, raised, unconnected or unventilated.
   */
  @Test
  void noPlanRunsAnEngineThatMustNotRun() {
    Random random = new Random(11);
    int runs = 0;
    for (int n = 0; n < 30; n++) {
      WorkScope scope = drawn(random);
      List<Picked> picked = SHIPPED.library().picked(scope);
      Rule.Rules rules = SHIPPED.library().rules(picked, scope);
      List<Step> steps = picked.stream().map(Picked::step).toList();
      OrderSolver.Solved answer =
          OrderSolver.solve(steps, rules, 1 + random.nextInt(2), Fixed.NOTHING, Patience.QUICK);
      assertThat(answer)
          .as("%s %s", scope.parts(), answer instanceof OrderSolver.Contradiction c ? c : "")
          .isInstanceOf(Ordered.class);
      DayPlan plan = ((Ordered) answer).plan();
      assertThat(plan.broken(rules)).isEmpty();
      boolean cold = scope.parts().contains(Part.COMES_COLD);
      for (DayPlan.Placed p : plan.placed()) {
        if (p.step().engine().runs()) {
          runs++;
          for (String state : EngineState.States.OPEN) {
            assertThat(plan.spans(state, false))
                .as("%s while %s", p.step().id(), state)
                .noneMatch(s -> s.from() < p.end() && p.start() < s.to());
          }
          assertThat(plan.spans(EngineState.States.VENTILATED, false))
              .anyMatch(s -> s.from() <= p.start());
        }
        for (String state : p.step().needs()) {
          if (plan.placed().stream().anyMatch(o -> o.step().makes().contains(state))) {
            assertThat(plan.spans(state, cold && state.equals("engine-cold")))
                .as("%s needs %s", p.step().id(), state)
                .anyMatch(s -> s.from() <= p.start() && p.end() <= s.to());
          }
        }
      }
    }
    assertThat(runs).isGreaterThan(100);
  }

  private static WorkScope drawn(Random random) {
    Set<Part> parts = EnumSet.noneOf(Part.class);
    for (Part part : Part.values()) {
      if (random.nextInt(4) == 0) {
        parts.add(part);
      }
    }
    parts.removeAll(FILLINGS);
    parts.removeAll(
        EnumSet.of(
            Part.BY_HAND,
            Part.STANDS,
            Part.LIFT,
            Part.LEVEL_DIPSTICK,
            Part.LEVEL_OVERFLOW,
            Part.GASKET_DRY,
            Part.GASKET_SEALED,
            Part.ADAPTERS,
            Part.CUT_LINES));
    parts.add(FILLINGS.get(random.nextInt(FILLINGS.size())));
    parts.add(random.nextBoolean() ? Part.STANDS : Part.LIFT);
    parts.add(random.nextBoolean() ? Part.LEVEL_DIPSTICK : Part.LEVEL_OVERFLOW);
    parts.add(random.nextBoolean() ? Part.GASKET_DRY : Part.GASKET_SEALED);
    parts.add(random.nextBoolean() ? Part.ADAPTERS : Part.CUT_LINES);
    return new WorkScope(parts);
  }

  /** What must come first whatever else changes, each for a reason a person can be hurt by. */
  @Test
  void theOrderThatKeepsPeopleAndGearboxesWhole() {
    Set<Part> parts =
        EnumSet.of(
            Part.COOLER,
            Part.THERMOSTAT,
            Part.RADIATOR,
            Part.PUMP,
            Part.FINS,
            Part.SEALS,
            Part.FAN_REPAIR,
            Part.SENSOR,
            Part.CAP,
            Part.OIL_FLOW,
            Part.IN_TANK,
            Part.BELT_FAN,
            Part.STANDS,
            Part.FILL_FUNNEL,
            Part.GASKET_DRY,
            Part.LEVEL_DIPSTICK,
            Part.ADAPTERS);
    WorkScope scope = new WorkScope(parts);
    List<Picked> picked = SHIPPED.library().picked(scope);
    List<Step> steps = picked.stream().map(Picked::step).toList();
    Ordered solved =
        (Ordered)
            OrderSolver.solve(
                steps, SHIPPED.library().rules(picked, scope), 2, Fixed.NOTHING, Patience.THOROUGH);
    List<String> order =
        new ArrayList<>(solved.plan().placed().stream().map(p -> p.step().id()).toList());
    for (String[] pair :
        new String[][] {
          {"find-lines", "cool-down"}, // the engine runs warm to show which line is hot
          {"find-lines", "stands-up"}, // with its wheels on the ground
          {"cool-down", "drain"},
          {"battery-off", "open-front"},
          {"battery-off", "repair-fan"},
          {"stands-up", "drain"},
          {"stands-down", "first-start"},
          {"drain", "thermostat-out"},
          {"bend-strip", "trial-hang"},
          {"trial-hang", "paint-metal"},
          {"paint-metal", "hang-cooler"},
          {"hang-cooler", "join-hose"},
          {"hang-cooler", "seals"},
          {"thermostat-dry", "fill-funnel"},
          {"battery-on", "bleed-funnel"}, // bleeding needs the fan and the heater
          {"fill-oil", "first-start"}, // never an engine started on a dry gearbox
          {"close-ledger", "first-start"},
          {"pressure-test", "first-start"},
          {"bleed-funnel", "funnel-off"},
          {"new-cap", "leak-check"}, // warm, the system stands under pressure
          {"leak-check", "close-front"},
          {"clearances", "close-front"},
          {"leak-check", "level-dipstick"},
          {"level-dipstick", "prove"},
          {"close-front", "prove"},
          {"prove", "hand-over"}
        }) {
      assertThat(order).contains(pair);
      assertThat(order.indexOf(pair[0]))
          .as(String.join(" before ", pair))
          .isLessThan(order.indexOf(pair[1]));
    }
    DayPlan.Placed again = solved.plan().of("cool-down.2").orElseThrow();
    assertThat(solved.plan().of("funnel-off").orElseThrow().start())
        .isGreaterThanOrEqualTo(again.end());
  }

  /**
   * Every plan of the demo yard, with one pair of hands and with two: nearly as short as it can be.
   */
  @Test
  void everyShippedJobIsOrderedWithinATenthOfTheBest() {
    for (JobContent job : List.of(Jobs.HIVE, Jobs.TILT_TRAY, Jobs.BUCKET, Jobs.PLOUGH)) {
      for (Build build : job.builds()) {
        for (int people = 1; people <= 2; people++) {
          Build manned = build.withWork(build.work().withPeople(people));
          OrderedBuild order =
              OrderedBuild.of(job, manned, SHIPPED, new StepFacts(job, manned).joints());
          Ordered solved = (Ordered) order.solved(Patience.THOROUGH);
          assertThat(solved.plan().broken(order.rules())).isEmpty();
          assertThat(solved.gap()).as("%s %s", job.about().name(), build.name()).isLessThan(0.1);
          int unplanned =
              GreedyPlan.of(order.steps(), order.rules(), people).orElseThrow().length();
          assertThat(solved.plan().length()).isLessThanOrEqualTo(unplanned);
        }
      }
    }
  }
}
