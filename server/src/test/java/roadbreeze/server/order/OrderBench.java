package roadbreeze.server.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import roadbreeze.core.workorder.GreedyPlan;
import roadbreeze.server.build.Build;
import roadbreeze.server.demo.DemoWorld;
import roadbreeze.server.job.JobContent;

/**
 * The day of every plan of the demo yard as it is solved, against the day on which the next thing
 * that can begin is begun: what is saved, and how far the best there can be is at most. Runs only
 * for {@code ./road-breeze bench}.
 */
@EnabledIfSystemProperty(named = "roadbreeze.bench", matches = ".+")
class OrderBench {
  /** Of the shipped jobs none may be farther from the least there can be (-). */
  private static final double MOST_GAP = 0.10;

  @Test
  void everyPlanBesideTheDayWithoutAPlan() {
    System.out.printf(
        Locale.ROOT,
        "%-16s %-12s %s %s %s %s %s %s%n",
        "job",
        "build",
        "people",
        "steps",
        "solved min",
        "gap %",
        "unplanned min",
        "s");
    for (JobContent job : DemoWorld.jobs()) {
      for (Build build : job.builds()) {
        if (build.kind() == Build.Kind.PLAN) {
          for (int people : List.of(1, 2)) {
            one(job, build, people);
          }
        }
      }
    }
  }

  private static void one(JobContent job, Build build, int people) {
    Build staffed = build.withWork(build.work().withPeople(people));
    OrderedBuild order =
        OrderedBuild.of(job, staffed, Tasks.SHIPPED, new StepFacts(job, staffed).joints());
    long from = System.nanoTime();
    OrderSolver.Ordered solved = (OrderSolver.Ordered) order.solved(OrderSolver.Patience.THOROUGH);
    double seconds = (System.nanoTime() - from) / 1e9;
    int unplanned =
        GreedyPlan.of(order.steps(), order.rules(), people).map(p -> p.length()).orElse(-1);
    System.out.printf(
        Locale.ROOT,
        "%-16s %-12s %d %d %d %.1f %d %.2f%n",
        job.about().name(),
        build.name(),
        people,
        order.steps().size(),
        solved.plan().length(),
        100 * solved.gap(),
        unplanned,
        seconds);
    assertThat(solved.gap()).isLessThan(MOST_GAP);
    assertThat(solved.plan().broken(order.rules())).isEmpty();
  }
}
