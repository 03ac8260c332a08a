package roadbreeze.server.switching;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.switching.SwitchFinding;
import roadbreeze.core.switching.SwitchPlan;
import roadbreeze.core.switching.SwitchedFan;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;

/** The switch check of a build, beside the same build with a colder thermostat. */
public record SwitchResult(
    Run chosen, Run colder, double limitC, double boilingC, List<Found> findings) {

  /** How much colder the thermostat is that every check is compared with, K. */
  private static final double COLDER = 8;

  /** What the check found; bad where it must be mended. */
  public record Found(boolean bad, Said said) {}

  /** When a fan comes on, null if never. */
  public record FanOn(Said.PartName fan, Double afterS) {}

  /**
   * One run of the climb, first order.
   *
   * @param fans that are switched, in the order they come on
   * @param coolantC every ten seconds
   */
  public record Run(
      double thermostatStartC,
      double thermostatFullC,
      double levelRoadC,
      double restingPeakC,
      double runningPeakC,
      List<FanOn> fans,
      double highestC,
      List<Double> timeS,
      List<Double> coolantC) {

    static Run of(Thermostat thermostat, SwitchPlan plan) {
      return new Run(
          thermostat.startToOpen(),
          thermostat.fullOpen(),
          plan.levelRoad(),
          plan.restingPeak(),
          plan.runningPeak(),
          plan.fans().stream()
              .map(f -> new FanOn(Said.PartName.of(f.fan()), boxed(f.after())))
              .toList(),
          plan.highest(),
          Arrays.stream(plan.time()).boxed().toList(),
          Arrays.stream(plan.coolant()).boxed().toList());
    }

    private static Double boxed(OptionalDouble value) {
      return value.isPresent() ? Double.valueOf(value.getAsDouble()) : null;
    }
  }

  public static SwitchResult of(JobContent job, Build build) {
    Setup setup = job.setup(build);
    Rig rig = Assembly.rig(setup);
    double limit = job.judge(build).coolantLimit(setup);
    List<SwitchedFan> switched = setup.switchedFans();
    OperatingPoint climb = job.point();
    Thermostat chosen = rig.coolantLoop().thermostat();
    Thermostat colder =
        new Thermostat(
            Math.max(Thermostat.START.low(), chosen.startToOpen() - COLDER),
            chosen.fullOpen() - COLDER,
            chosen.stuckAt());
    Rig other = rig.withCoolantLoop(rig.coolantLoop().with(colder));
    SwitchPlan plan = SwitchPlan.check(rig, climb, switched, limit);
    return new SwitchResult(
        Run.of(chosen, plan),
        Run.of(colder, SwitchPlan.check(other, climb, switched, limit)),
        limit,
        setup.boilingPoint(climb.altitude()),
        plan.findings().stream()
            .map(f -> new Found(((SwitchFinding) f.code()).bad(), Said.of(f)))
            .toList());
  }
}
