package roadbreeze.server.trip;

import jakarta.annotation.Nullable;
import java.util.List;
import roadbreeze.core.haul.HaulBand;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Standing;
import roadbreeze.server.assess.Verdict;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;

/**
 * How sure the worst moments of a build on its road are.
 *
 * @param coolant null, as the rest, where it cannot drive there or an end of what it may be cannot
 */
public record TripBand(
    String build,
    @Nullable Standing standing,
    @Nullable Verdict.Gauge coolant,
    @Nullable Verdict.Gauge feed,
    @Nullable Verdict.Gauge pan) {

  static List<TripBand> all(JobContent job) {
    return job.builds().stream().map(b -> of(job, b)).toList();
  }

  public static TripBand of(JobContent job, Build build) {
    try {
      Setup setup = job.setup(build);
      HaulCase.Driven driven = job.driven(build).drive();
      HaulBand band = HaulBand.of(job.judge(build), driven);
      Margin coolant = band.margin(Fluid.COOLANT, driven.outcome());
      Margin feed = band.margin(Fluid.FEED, driven.outcome());
      Margin pan = band.margin(Fluid.PAN, driven.outcome());
      return new TripBand(
          build.id(),
          List.of(coolant, feed, pan).stream()
              .map(Margin::standing)
              .max(Standing::compareTo)
              .orElseThrow(),
          Verdict.Gauge.of(coolant),
          Verdict.Gauge.of(feed),
          Verdict.Gauge.of(pan));
    } catch (RefusedException e) {
      return new TripBand(build.id(), null, null, null, null);
    }
  }
}
