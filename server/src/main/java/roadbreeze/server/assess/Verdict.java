package roadbreeze.server.assess;

import jakarta.annotation.Nullable;
import java.util.List;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Headroom;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Standing;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;

/**
 * The headroom strip of one build.
 *
 * @param build its id
 * @param problem why there is no steady state, null where there is one; then the rest is null
 */
public record Verdict(
    String build,
    @Nullable Said problem,
    @Nullable Standing standing,
    @Nullable Gauge coolant,
    @Nullable Gauge feed,
    @Nullable Gauge pan) {

  /** One fluid, °C and K. */
  public record Gauge(
      double peakC,
      double limitC,
      double headroomK,
      double bandK,
      double nineInTenC,
      Standing standing) {
    public static Gauge of(Margin m) {
      return new Gauge(m.peak(), m.limit(), m.headroom(), m.band(), m.nineInTen(), m.standing());
    }
  }

  /** The verdict of one build of a job. */
  public static Verdict of(JobContent job, Build build) {
    try {
      Setup setup = job.setup(build);
      return of(build.id(), job.judge(build).of(setup));
    } catch (RefusedException e) {
      return none(build.id(), e);
    }
  }

  public static Verdict of(String build, Headroom h) {
    return new Verdict(
        build, null, h.standing(), Gauge.of(h.coolant()), Gauge.of(h.feed()), Gauge.of(h.pan()));
  }

  public static Verdict none(String build, RefusedException why) {
    return new Verdict(build, Said.of(why.finding()), null, null, null, null);
  }

  static List<Verdict> all(JobContent job) {
    return job.builds().stream().map(b -> of(job, b)).toList();
  }
}
