package roadbreeze.server.order;

import java.util.List;
import java.util.Set;
import roadbreeze.core.workorder.DayPlan;
import roadbreeze.core.workorder.GreedyPlan;
import roadbreeze.core.workorder.LeastDay;
import roadbreeze.core.workorder.Rule;
import roadbreeze.core.workorder.Step;
import roadbreeze.core.workorder.TaskLibrary.Picked;
import roadbreeze.core.workorder.WorkScope;
import roadbreeze.core.workorder.WorkScope.Part;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;

/** How long a day is by another school of a thing. */
public final class Days {
  private Days() {}

  /**
   * The work on a build and a new thermostat, so that the coolant is opened whatever the build
   * does; in a good order, which is quicker found than the best.
   *
   * @param school in the place of the one that was chosen
   * @return min
   */
  public static int of(JobContent job, Build build, Tasks tasks, Part school) {
    Build other = build.withWork(build.work().by(school));
    WorkScope scope = BuildScope.of(job, other).with(Set.of(Part.THERMOSTAT));
    List<Picked> picked = tasks.library().picked(scope);
    Rule.Rules rules = tasks.library().rules(picked, scope);
    List<Step> steps = picked.stream().map(Picked::step).toList();
    int people = build.work().people();
    return GreedyPlan.urgentFirst(steps, rules, people)
        .map(DayPlan::length)
        .orElseGet(() -> LeastDay.of(steps, rules, people));
  }
}
