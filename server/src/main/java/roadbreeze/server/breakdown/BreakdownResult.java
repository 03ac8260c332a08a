package roadbreeze.server.breakdown;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.breakdown.Breakage;
import roadbreeze.core.breakdown.Breakdown;
import roadbreeze.core.breakdown.EqualPlans;
import roadbreeze.core.explain.Code;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.Outcome;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;

/**
 * What becomes of a build on its job's road when a part fails at the start.
 *
 * @param problem why it is not driven at all, null where it is
 * @param kit codes of the fewest spares that turn stops into drives
 * @param helpless codes of what stops it and no spare mends
 */
record BreakdownResult(
    String build,
    @Nullable Said problem,
    List<Failure> failures,
    List<String> kit,
    List<String> helpless) {

  /**
   * One part that fails.
   *
   * @param code of what it is
   * @param said how it goes on
   * @param coolantC at worst on the drive that it gets home with, null where nothing is driven
   * @param takesS over the road; null where nothing is driven
   */
  record Failure(
      Breakage what,
      String code,
      Breakdown.Ending ends,
      Said said,
      @Nullable Double coolantC,
      @Nullable Double panC,
      @Nullable Double takesS) {
    private static Failure of(Breakdown b) {
      Optional<Outcome> drive = b.ends() == Breakdown.Ending.STOPS ? Optional.empty() : b.outcome();
      return new Failure(
          b.what(),
          b.what().key(),
          b.ends(),
          Said.of(b.finding()),
          drive.map(o -> o.coolant().value()).orElse(null),
          drive.map(o -> o.pan().value()).orElse(null),
          drive.map(Outcome::seconds).orElse(null));
    }
  }

  /**
   * Plans that cool about as well.
   *
   * @param alike their ids
   * @param chosen the one that fails best; null where they fail alike
   */
  record PlansAlike(List<String> alike, @Nullable String chosen) {
    private static PlansAlike of(EqualPlans plans) {
      return new PlansAlike(plans.alike(), plans.chosen().map(EqualPlans.Plan::id).orElse(null));
    }
  }

  /**
   * Every build.
   *
   * @param equals null where no two plans keep all limits about as well
   */
  record Breakdowns(List<BreakdownResult> builds, @Nullable PlansAlike equals) {}

  /** A build, and what its parts do when they break; none where it is not driven. */
  private record Broken(Build build, BreakdownResult result, List<Breakdown> parts) {}

  static Breakdowns all(JobContent job) {
    List<Broken> builds = job.builds().parallelStream().map(b -> of(job, b)).toList();
    List<EqualPlans.Plan> plans =
        builds.stream()
            .filter(b -> b.build.kind() == Build.Kind.PLAN && !b.parts.isEmpty())
            .map(b -> new EqualPlans.Plan(b.build.id(), b.parts))
            .toList();
    return new Breakdowns(
        builds.stream().map(Broken::result).toList(),
        EqualPlans.of(plans).map(PlansAlike::of).orElse(null));
  }

  private static Broken of(JobContent job, Build build) {
    try {
      HaulCase haul = job.drivenSomehow(build);
      List<Breakdown> all = Breakdown.of(haul);
      return new Broken(build, of(build, haul, all), all);
    } catch (RefusedException e) {
      return new Broken(
          build,
          new BreakdownResult(build.id(), Said.of(e.finding()), List.of(), List.of(), List.of()),
          List.of());
    }
  }

  private static BreakdownResult of(Build build, HaulCase haul, List<Breakdown> all) {
    return new BreakdownResult(
        build.id(),
        null,
        all.stream().map(Failure::of).toList(),
        Breakdown.kit(haul.setup(), all).stream().map(Code::key).toList(),
        all.stream()
            .filter(Breakdown::isStop)
            .filter(b -> b.what().mendedBy(haul.setup()).isEmpty())
            .map(b -> b.what().key())
            .toList());
  }
}
