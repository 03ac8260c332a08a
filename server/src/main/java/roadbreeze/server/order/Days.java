package roadbreeze.server.order;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
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
  private static final List<Set<Part>> SCHOOLS =
      List.of(
          EnumSet.of(
              Part.FILL_FUNNEL,
              Part.FILL_VACUUM,
              Part.FILL_NECK,
              Part.FILL_HEADER,
              Part.FILL_HIGHEST),
          EnumSet.of(Part.GASKET_DRY, Part.GASKET_SEALED));

  private Days() {}

  /**
   * The work on a build and a new thermostat, so that the coolant is opened whatever the build
   * does; in a good order, which is quicker found than the best.
   *
   * @param school in the place of the others of its kind
   * @return min
   */
  public static int of(JobContent job, Build build, Tasks tasks, Part school) {
    WorkScope planned = job.scope(build);
    Set<Part> parts = EnumSet.copyOf(planned.parts());
    SCHOOLS.stream().filter(s -> s.contains(school)).forEach(parts::removeAll);
    parts.add(school);
    parts.add(Part.THERMOSTAT);
    WorkScope scope = new WorkScope(parts, planned.things());
    List<Picked> picked = tasks.library().picked(scope);
    Rule.Rules rules = tasks.library().rules(picked, scope);
    List<Step> steps = picked.stream().map(Picked::step).toList();
    int people = build.work().people();
    return GreedyPlan.urgentFirst(steps, rules, people)
        .map(plan -> plan.length())
        .orElseGet(() -> LeastDay.of(steps, rules, people));
  }
}
