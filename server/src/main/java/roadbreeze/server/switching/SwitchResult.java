package roadbreeze.server.switching;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.OptionalDouble;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.haul.HaulBand;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.Trace;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.SwitchedFan;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.switching.BetterPoints;
import roadbreeze.core.switching.ClutchBand;
import roadbreeze.core.switching.SwitchCheck;
import roadbreeze.core.switching.SwitchFinding;
import roadbreeze.core.switching.SwitchProposal;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.SwitchPoints;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.trip.TripResult;

/**
 * What the switch points of a build come to on its job's road.
 *
 * @param chosen as it is set
 * @param colder the same with a colder thermostat
 * @param colderStartC where that starts to open
 * @param boilingC of the coolant at the highest place of the road
 * @param clutch of the fan on the engine; null without one
 */
public record SwitchResult(
    TripResult chosen,
    TripResult colder,
    double colderStartC,
    double boilingC,
    @Nullable Clutch clutch,
    List<FanDuty> duties,
    List<SwitchSaid> findings) {

  /** How much colder the thermostat is that every check is compared with, K. */
  private static final double COLDER = 8;

  /**
   * What the check found.
   *
   * @param bad it must be mended
   * @param better points that mend it; null where none are known
   */
  public record SwitchSaid(boolean bad, Said said, @Nullable Better better) {
    private static SwitchSaid of(SwitchCheck.Found f, HaulCase.Driven driven) {
      return new SwitchSaid(
          ((SwitchFinding) f.finding().code()).bad(),
          Said.of(f.finding()),
          f.better().map(b -> Better.of(b, driven)).orElse(null));
    }
  }

  /**
   * Points of one fan that mend a finding.
   *
   * @param fan its id
   * @param fluid what the fan is there for
   * @param peakC of that with them
   * @param loudS with them
   */
  public record Better(String fan, SwitchPoints points, Fluid fluid, double peakC, double loudS) {
    private static Better of(BetterPoints b, HaulCase.Driven driven) {
      SwitchedFan fan = driven.switched().get(b.place());
      Fluid fluid = SwitchCheck.cooledBy(fan);
      return new Better(
          fan.name().id(),
          SwitchPoints.of(b.points()),
          fluid,
          b.outcome().of(fluid).value(),
          b.outcome().loud());
    }
  }

  /**
   * Where the clutch of the fan on the engine grips, as temperatures of the coolant.
   *
   * @param byAir it answers the air behind the radiator, here translated at the worst moment
   */
  public record Clutch(boolean byAir, double fromC, double toC) {
    private static Clutch of(ClutchBand b) {
      return new Clutch(b.byAir(), b.from(), b.to());
    }
  }

  /**
   * How a switched fan runs over the road.
   *
   * @param firstOnS since the start, null if never
   * @param restS that it rests after it first came on
   */
  public record FanDuty(
      Said.PartName fan, @Nullable Double firstOnS, double runS, int starts, double restS) {
    private static FanDuty of(SwitchCheck.Duty d) {
      return new FanDuty(
          Said.PartName.of(d.fan()), boxed(d.firstOn()), d.runs(), d.starts(), d.rests());
    }

    private static @Nullable Double boxed(OptionalDouble value) {
      return value.isPresent() ? Double.valueOf(value.getAsDouble()) : null;
    }
  }

  /** What is wrong with the switch points of a build, if anything; nothing if it cannot drive. */
  public static List<SwitchSaid> findings(JobContent job, Build build) {
    try {
      HaulCase.Driven driven = job.drivenSomehow(build).drive();
      return said(SwitchCheck.of(driven, job.rig().vehicle().limits().warning()), driven);
    } catch (RefusedException e) {
      return List.of();
    }
  }

  private static List<SwitchSaid> said(SwitchCheck check, HaulCase.Driven driven) {
    return check.found().stream().map(f -> SwitchSaid.of(f, driven)).toList();
  }

  /**
   * @throws RefusedException if the truck cannot drive there
   */
  static SwitchResult of(JobContent job, Build build) {
    Setup setup = job.setup(build);
    HaulCase haul = job.drivenSomehow(build);
    HaulCase.Driven driven = haul.drive();
    Thermostat chosen = driven.rig().coolantLoop().thermostat();
    Thermostat colder =
        new Thermostat(
            Math.max(Thermostat.START.low(), chosen.startToOpen() - COLDER),
            chosen.fullOpen() - COLDER,
            chosen.stuckAt());
    HaulCase.Driven other =
        haul.drive(
            driven.rig().withCoolantLoop(driven.rig().coolantLoop().with(colder)),
            driven.factors());
    SwitchCheck check = SwitchCheck.of(driven, job.rig().vehicle().limits().warning());
    double highest =
        driven.trace().moments().stream().mapToDouble(Trace.Moment::elevation).max().orElseThrow();
    return new SwitchResult(
        TripResult.of(build.id(), driven),
        TripResult.of(build.id(), other),
        colder.startToOpen(),
        setup.boilingPoint(highest),
        ClutchBand.of(driven).map(Clutch::of).orElse(null),
        check.duties().stream().map(FanDuty::of).toList(),
        said(check, driven));
  }

  /**
   * Other switch points over the same road; none where no fan of the pack is switched.
   *
   * @param today as it is set
   * @param best null where none keeps every limit in nine of ten
   * @param nextStageK that later stages stand above the one before
   */
  public record Proposed(
      List<Option> tried, @Nullable Option today, @Nullable Option best, double nextStageK) {

    /**
     * @param sureK least headroom of the three limits in nine cases of ten
     */
    public record Option(
        double onC,
        double offC,
        double coolantC,
        double sureK,
        double loudS,
        double fanEnergyKwh,
        int starts) {
      private static Option of(SwitchProposal.Option o) {
        return new Option(
            o.on(),
            o.off(),
            o.outcome().coolant().value(),
            o.sure(),
            o.outcome().loud(),
            o.outcome().fanEnergy() / 3.6e6,
            o.starts());
      }
    }

    static Proposed of(JobContent job, Build build) {
      Setup setup = job.setup(build);
      if (setup.switchedFans().stream().allMatch(SwitchedFan::ofCooler)) {
        return new Proposed(List.of(), null, null, SwitchProposal.NEXT_STAGE);
      }
      HaulCase.Driven driven = job.drivenSomehow(build).drive();
      SwitchProposal p = SwitchProposal.of(driven, HaulBand.of(job.judge(build), driven));
      return new Proposed(
          p.tried().stream().map(Option::of).toList(),
          Option.of(p.today()),
          p.best().map(Option::of).orElse(null),
          SwitchProposal.NEXT_STAGE);
    }
  }
}
