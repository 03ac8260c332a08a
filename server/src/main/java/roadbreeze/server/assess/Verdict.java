package roadbreeze.server.assess;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.function.Function;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Margins;
import roadbreeze.core.sizing.Standing;
import roadbreeze.core.space.Clearance;
import roadbreeze.core.space.Layout;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;

/**
 * The headroom strip of one build.
 *
 * @param build its id
 * @param overRatings ratings of the truck's makers that are passed: said before anything else, and
 *     cleared by no cooling
 * @param clashes what is in the way of something or sticks out: while there is any, the build
 *     cannot be made and no headroom of it counts
 * @param problem why there is no steady state, null where there is one; then the rest is null
 */
public record Verdict(
    String build,
    List<Said> overRatings,
    List<Clash> clashes,
    @Nullable Said problem,
    @Nullable Standing standing,
    @Nullable Gauge coolant,
    @Nullable Gauge feed,
    @Nullable Gauge pan) {

  /**
   * Something that does not fit.
   *
   * @param subject id of what it is about
   */
  public record Clash(String subject, Said said) {
    static List<Clash> of(Setup setup) {
      return Clearance.of(Layout.of(setup)).stream()
          .filter(Clearance::serious)
          .map(c -> new Clash(c.subject().id(), Said.of(c.finding())))
          .toList();
    }
  }

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
    return of(job, build, setup -> job.judge(build).of(setup).margins());
  }

  /** The same on the job's road; a job without one is held. */
  public static Verdict onRoad(JobContent job, Build build) {
    return of(job, build, setup -> job.margins(build));
  }

  /** Where its margins are known already. */
  public static Verdict of(JobContent job, Build build, Margins margins) {
    return of(job, build, setup -> margins);
  }

  private static Verdict of(JobContent job, Build build, Function<Setup, Margins> judged) {
    try {
      Setup setup = job.setup(build);
      try {
        return of(job, build, setup, judged.apply(setup));
      } catch (RefusedException e) {
        return none(job, build, Clash.of(setup), e);
      }
    } catch (RefusedException e) {
      return none(job, build, List.of(), e); // a length cannot be
    }
  }

  static Verdict of(JobContent job, Build build, Setup setup, Margins h) {
    return new Verdict(
        build.id(),
        Said.of(job.rig().overRatings()),
        Clash.of(setup),
        null,
        h.standing(),
        Gauge.of(h.coolant()),
        Gauge.of(h.feed()),
        Gauge.of(h.pan()));
  }

  static Verdict none(JobContent job, Build build, List<Clash> clashes, RefusedException why) {
    return new Verdict(
        build.id(),
        Said.of(job.rig().overRatings()),
        clashes,
        Said.of(why.finding()),
        null,
        null,
        null,
        null);
  }

  static List<Verdict> allOnRoad(JobContent job) {
    return job.builds().stream().map(b -> onRoad(job, b)).toList();
  }

  static List<Verdict> all(JobContent job) {
    return job.builds().stream().map(b -> of(job, b)).toList();
  }
}
