package roadbreeze.server.sheet;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.workorder.Task;
import roadbreeze.core.workorder.WorkOrder;
import roadbreeze.core.workorder.WorkScope;
import roadbreeze.core.workorder.WorkScope.Part;
import roadbreeze.server.assess.Verdict;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Condition;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.FittedFan;
import roadbreeze.server.build.MountingStrip;
import roadbreeze.server.build.SwitchPoints;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.line.LineResult;
import roadbreeze.server.message.Said;
import roadbreeze.server.switching.SwitchResult;

/** Everything a bay needs to do one build, computed afresh. */
public record WorkSheet(
    List<Verdict> verdicts,
    List<Said> parts,
    LineResult lines,
    List<MountingStrip.Flat> strips,
    SwitchResult switching,
    List<Said> fluids,
    List<StepLine> steps,
    int minutes) {

  /**
   * A step in working order.
   *
   * @param task code of its words
   * @param cautions codes of what can hurt
   */
  public record StepLine(int number, String task, int minutes, List<String> cautions) {}

  static WorkSheet of(JobContent job, Build build) {
    List<MountingStrip.Flat> strips =
        build.coolers().isEmpty()
            ? List.of()
            : build.strips().stream().map(MountingStrip::flat).toList();
    LineResult lines = LineResult.of(job, build);
    Set<Part> scope = scope(build, job.found(), !strips.isEmpty());
    List<Finding> parts = parts(build, job.found(), lines);
    double capKpa = job.rig().vehicle().cooling().capKpa();
    parts.addAll(mended(scope, job.found().condition(), capKpa));
    List<StepLine> steps = new ArrayList<>();
    for (Task task : WorkOrder.plan(new WorkScope(scope))) {
      steps.add(
          new StepLine(
              steps.size() + 1,
              task.key(),
              task.minutes(),
              task.cautions().stream().map(Code::key).toList()));
    }
    return new WorkSheet(
        job.builds().stream().map(b -> Verdict.of(job, b)).toList(),
        Said.of(parts),
        lines,
        strips,
        SwitchResult.of(job, build),
        Said.of(fluids(job.setup(build), job, scope, lines)),
        steps,
        steps.stream().mapToInt(StepLine::minutes).sum());
  }

  private static Set<Part> scope(Build build, Build found, boolean strips) {
    Set<Part> scope = EnumSet.noneOf(Part.class);
    add(scope, Part.COOLER, !hung(build).equals(hung(found)));
    add(scope, Part.COOLER_FAN, !newCoolerFans(build, found).isEmpty());
    add(scope, Part.OTHER_COOLER, !build.otherCoolers().equals(found.otherCoolers()));
    add(scope, Part.OBSTACLE, !found.moved().containsAll(build.moved()));
    add(scope, Part.CHARGE_AIR, !Objects.equals(build.chargeAirCooler(), found.chargeAirCooler()));
    add(scope, Part.CLUTCH, !newClutches(build, found).isEmpty());
    add(scope, Part.CLUTCH_CONTROL, overridden(build) && !overridden(found));
    add(
        scope,
        Part.GEARBOX_BYPASS,
        build.bypassPinned() && !found.bypassPinned()
            || build.condition().gearboxBypass() != found.condition().gearboxBypass());
    add(scope, Part.STRIPS, strips);
    add(
        scope,
        Part.TANK_BYPASS,
        build.oilOrder() == OilOrder.TANK_BYPASSED && found.oilOrder() != OilOrder.TANK_BYPASSED);
    add(scope, Part.RADIATOR, !Objects.equals(build.radiator(), found.radiator()));
    add(scope, Part.FAN_SWAP, !fanParts(build).equals(fanParts(found)));
    add(scope, Part.THERMOSTAT, newThermostat(build, found));
    add(
        scope,
        Part.FAN_REPAIR,
        fanParts(build).equals(fanParts(found)) && fanSpeed(build) > fanSpeed(found));
    add(scope, Part.FAN_SWITCH, !switches(build).equals(switches(found)));
    Condition now = build.condition();
    Condition then = found.condition();
    add(
        scope,
        Part.FINS,
        now.radiatorBlockedPercent() < then.radiatorBlockedPercent()
            || now.condenserBlockedPercent() < then.condenserBlockedPercent()
            || now.chargeAirBlockedPercent() < then.chargeAirBlockedPercent());
    add(scope, Part.PUMP, newPump(build, found) || now.pumpPercent() > then.pumpPercent());
    add(scope, Part.SUCTION_HOSE, now.suctionPercent() > then.suctionPercent());
    add(scope, Part.CAP, now.capPercent() > then.capPercent());
    add(scope, Part.AIR_IN_LOOP, now.airPercent() < then.airPercent());
    add(scope, Part.SENSOR, now.sensorLowK() != then.sensorLowK());
    add(scope, Part.OIL_FLOW, now.oilFlowPercent() > then.oilFlowPercent());
    add(scope, Part.SEALS, now.recirculation() < then.recirculation());
    return scope;
  }

  private static void add(Set<Part> scope, Part part, boolean wanted) {
    if (wanted) {
      scope.add(part);
    }
  }

  private static List<String> fanParts(Build build) {
    return build.fans().stream().map(f -> f.part().code()).toList();
  }

  /** Coolers as they hang, whatever blows them. */
  private static List<FittedCooler> hung(Build build) {
    return build.coolers().stream().map(c -> c.withOwnFan(null)).toList();
  }

  /** Coolers with a fan of their own that the truck did not come with. */
  private static List<FittedCooler> newCoolerFans(Build build, Build found) {
    return build.coolers().stream()
        .filter(c -> c.ownFanM3s() != null)
        .filter(
            c ->
                found.coolers().stream()
                    .noneMatch(
                        old -> old.id().equals(c.id()) && c.ownFanM3s().equals(old.ownFanM3s())))
        .toList();
  }

  /** Fans that stay and are turned by another clutch. */
  private static List<FittedFan> newClutches(Build build, Build found) {
    return build.fans().stream()
        .filter(
            fan ->
                found.fans().stream()
                    .anyMatch(
                        old ->
                            old.part().code().equals(fan.part().code())
                                && !old.part().sameClutch(fan.part())))
        .toList();
  }

  private static boolean overridden(Build build) {
    return build.fans().stream().anyMatch(FittedFan::held);
  }

  private static boolean newPump(Build build, Build found) {
    return build.pump() != null && !build.pump().equals(found.pump());
  }

  private static List<SwitchPoints> switches(Build build) {
    return build.fans().stream().map(FittedFan::switchPoints).filter(Objects::nonNull).toList();
  }

  private static double fanSpeed(Build build) {
    return build.fans().stream().mapToDouble(FittedFan::speedPercent).min().orElse(0);
  }

  private static boolean newThermostat(Build build, Build found) {
    return !build.thermostat().equals(found.thermostat())
        || build.condition().thermostat() != found.condition().thermostat()
        || build.condition().thermostatLateK() < found.condition().thermostatLateK();
  }

  private static List<Finding> parts(Build build, Build found, LineResult lines) {
    List<Finding> parts = new ArrayList<>();
    for (FittedCooler c : build.coolers()) {
      boolean kept = found.coolers().stream().anyMatch(f -> f.part().equals(c.part()));
      parts.add(
          (kept ? Listed.COOLER_KEPT : Listed.COOLER)
              .with(c.part().name(), c.part().code(), c.part().ports(), build.oilOrder()));
    }
    for (LineResult.ToBuy hose : lines.hoseToBuyM()) {
      parts.add(Listed.HOSE.with(hose.boreMm() / 1000, hose.lengthM()));
    }
    if (build.radiator() != null && !build.radiator().equals(found.radiator())) {
      parts.add(Listed.RADIATOR.with(build.radiator().name(), build.radiator().code()));
    }
    if (build.chargeAirCooler() != null
        && !build.chargeAirCooler().equals(found.chargeAirCooler())) {
      parts.add(
          Listed.CHARGE_AIR_COOLER.with(
              build.chargeAirCooler().name(), build.chargeAirCooler().code()));
    }
    if (newPump(build, found)) {
      parts.add(Listed.NEW_PUMP.with(build.pump().name(), build.pump().code()));
    }
    for (FittedFan fan : newClutches(build, found)) {
      if (fan.part().gripsFromC() != null && fan.part().gripsFullyC() != null) {
        parts.add(Listed.CLUTCH.with(fan.part().gripsFromC(), fan.part().gripsFullyC()));
      }
    }
    if (overridden(build) && !overridden(found)) {
      parts.add(Listed.OVERRIDE.with());
    }
    for (FittedCooler c : newCoolerFans(build, found)) {
      parts.add(Listed.COOLER_FAN.with(c.ownFanM3s()));
    }
    if (!fanParts(build).equals(fanParts(found))) {
      for (FittedFan f : build.fans()) {
        Listed side = f.mount() == FittedFan.Mount.PUSHER ? Listed.PUSHER : Listed.PULLER;
        parts.add(side.with(f.part().name(), f.part().code()));
      }
    } else if (fanSpeed(build) > fanSpeed(found)) {
      parts.add(Listed.FAN_REPAIRED.with(fanSpeed(found) / 100, fanSpeed(build) / 100));
    }
    if (newThermostat(build, found)) {
      parts.add(
          Listed.THERMOSTAT.with(
              build.thermostat().startC(),
              build.thermostat().fullC(),
              found.thermostat().startC()));
    }
    return parts;
  }

  private static List<Finding> mended(Set<Part> scope, Condition was, double capKpa) {
    List<Finding> parts = new ArrayList<>();
    if (scope.contains(Part.SEALS)) {
      parts.add(Listed.SEALS.with());
    }
    if (scope.contains(Part.PUMP) && was.pumpPercent() < 100) {
      parts.add(Listed.PUMP.with(was.pumpPercent() / 100));
    }
    if (scope.contains(Part.SUCTION_HOSE)) {
      parts.add(Listed.SUCTION_HOSE.with(was.suctionPercent() / 100));
    }
    if (scope.contains(Part.CAP)) {
      parts.add(Listed.CAP.with(capKpa * 1000, was.capPercent() / 100));
    }
    if (scope.contains(Part.SENSOR)) {
      parts.add(Listed.SENSOR.with(was.sensorLowK()));
    }
    return parts;
  }

  private static List<Finding> fluids(
      Setup setup, JobContent job, Set<Part> scope, LineResult lines) {
    List<Finding> fluids = new ArrayList<>();
    if (scope.contains(Part.COOLER)) {
      fluids.add(Listed.OIL.with(lines.addedVolumeL() / 1000));
    }
    if (WorkOrder.plan(new WorkScope(scope)).contains(Task.FILL_COOLANT)) {
      var coolant = setup.truck().coolant().fluid();
      fluids.add(
          Listed.COOLANT.with(
              coolant.glycolFraction(),
              coolant.freezingPoint(),
              setup.boilingPoint(job.point().altitude())));
    }
    return fluids;
  }
}
