package roadbreeze.server.assess;

import jakarta.annotation.Nullable;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.sizing.StandingAir;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Changes;
import roadbreeze.server.job.JobContent;

/**
 * One build against another: what is more or less with the first.
 *
 * @param coolantK null, as the next two, where one of them has no steady state
 * @param airAtIdle through the face, standing at idle, m³/s
 * @param otherAirAtIdle the same with the other
 * @param amps that its electric fans draw more
 * @param price of the parts that it buys more, those that carry a price; in the yard's money
 */
public record Against(
    @Nullable Double coolantK,
    @Nullable Double feedK,
    @Nullable Double panK,
    double airAtIdle,
    double otherAirAtIdle,
    double amps,
    double price) {

  static Against of(JobContent job, Build build, Build other) {
    Verdict mine = Verdict.of(job, build);
    Verdict theirs = Verdict.of(job, other);
    return new Against(
        difference(mine.coolant(), theirs.coolant()),
        difference(mine.feed(), theirs.feed()),
        difference(mine.pan(), theirs.pan()),
        standing(job, build),
        standing(job, other),
        build.amps() - other.amps(),
        new Changes(build, job.found()).price() - new Changes(other, job.found()).price());
  }

  private static @Nullable Double difference(
      @Nullable Verdict.Gauge mine, @Nullable Verdict.Gauge theirs) {
    return mine == null || theirs == null ? null : mine.peakC() - theirs.peakC();
  }

  private static double standing(JobContent job, Build build) {
    OperatingPoint point = job.point();
    return StandingAir.idling(job.setup(build), point.ambient(), point.altitude());
  }
}
