package roadbreeze.server.assess;

import jakarta.annotation.Nullable;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Advice;
import roadbreeze.core.sizing.CoolerEffect;
import roadbreeze.core.sizing.Headroom;
import roadbreeze.core.sizing.Levers;
import roadbreeze.core.sizing.Uncertainty;
import roadbreeze.core.space.Clearance;
import roadbreeze.core.space.Layout;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;

/**
 * What stands behind the verdict of one build.
 *
 * @param balance null where there is no steady state; then the rest is null or empty, but for the
 *     clearances
 * @param measureNext assumed numbers that widen the band, widest first
 */
public record Detail(
    Verdict verdict,
    @Nullable BalanceResult balance,
    List<Lever> levers,
    @Nullable Effect coolerEffect,
    List<Distance> clearances,
    List<Assumed> measureNext,
    List<Said> advice) {

  /** Most assumed numbers named as worth measuring. */
  private static final int NAMED = 3;

  /** What ten per cent more of a thing changes, K. */
  public record Lever(Levers.Kind kind, double coolantK, double feedK, double panK) {}

  /**
   * What the fitted coolers do against the same build without them.
   *
   * @param airLostPercent of the flow through the whole face
   */
  public record Effect(double coolantK, double feedK, double panK, double airLostPercent) {}

  /**
   * A distance that is too small, mm; negative where things overlap or stick out.
   *
   * @param subject id of what it is about
   */
  public record Distance(
      String subject, double actualMm, double wantedMm, boolean serious, Said said) {}

  /**
   * A number that nobody has measured.
   *
   * @param path where it stands in the job
   * @param name code of its words
   * @param spreadPercent what it may be off by
   * @param coolantK what that does to the coolant's band, either way
   */
  public record Assumed(
      String path, String name, double spreadPercent, double coolantK, double panK) {}

  /**
   * @throws RefusedException if a length cannot be
   */
  static Detail of(JobContent job, Build build) {
    Setup setup = job.setup(build);
    List<Distance> clearances = clearances(setup);
    try {
      Rig rig = Assembly.rig(setup);
      Headroom h = job.judge(build).of(setup, rig);
      List<Levers.Effect> levers = Levers.of(rig, job.point(), h.balance());
      Optional<CoolerEffect> effect = CoolerEffect.of(setup, rig, job.point(), h.balance());
      boolean chargeAir = setup.truck().cores().chargeAirCooler().isPresent();
      return new Detail(
          Verdict.of(job, build, setup, h.margins()),
          BalanceResult.of(rig, h.balance()),
          levers.stream().map(l -> new Lever(l.kind(), l.coolant(), l.feed(), l.pan())).toList(),
          effect
              .map(e -> new Effect(e.coolant(), e.feed(), e.pan(), 100 * e.airLost()))
              .orElse(null),
          clearances,
          measureNext(h, build),
          Said.of(
              Advice.of(
                  h,
                  levers,
                  job.limits(),
                  effect,
                  chargeAir,
                  Levers.lowerGear(rig, job.point(), h.balance()))));
    } catch (RefusedException e) {
      return new Detail(
          Verdict.none(job, build, Verdict.Clash.of(setup), e),
          null,
          List.of(),
          null,
          clearances,
          List.of(),
          List.of());
    }
  }

  private static List<Distance> clearances(Setup setup) {
    return Clearance.of(Layout.of(setup)).stream()
        .map(
            c ->
                new Distance(
                    c.subject().id(),
                    c.actual() * 1000,
                    c.wanted() * 1000,
                    c.serious(),
                    Said.of(c.finding())))
        .toList();
  }

  private static List<Assumed> measureNext(Headroom h, Build build) {
    return h.spread().doubts().stream()
        .sorted(Comparator.comparingDouble(Detail::width).reversed())
        .limit(NAMED)
        .map(
            d -> {
              var what = (roadbreeze.core.rig.Assumed) d.of();
              return new Assumed(
                  JobContent.path(what, d.thing(), build),
                  what.key(),
                  100 * what.spread(),
                  Math.abs(d.coolant()),
                  Math.abs(d.sump()));
            })
        .toList();
  }

  private static double width(Uncertainty.Share doubt) {
    return Math.max(Math.abs(doubt.coolant()), Math.abs(doubt.sump()));
  }
}
