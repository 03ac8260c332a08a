package roadbreeze.server.breakdown;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.breakdown.Breakage;
import roadbreeze.core.breakdown.Breakdown;
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

  static List<BreakdownResult> all(JobContent job) {
    return job.builds().parallelStream().map(b -> of(job, b)).toList();
  }

  private static BreakdownResult of(JobContent job, Build build) {
    try {
      HaulCase haul = job.drivenSomehow(build);
      List<Breakdown> all = Breakdown.of(haul);
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
    } catch (RefusedException e) {
      return new BreakdownResult(build.id(), Said.of(e.finding()), List.of(), List.of(), List.of());
    }
  }
}
