package roadbreeze.server.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.workorder.Caution;
import roadbreeze.core.workorder.Task;
import roadbreeze.core.workorder.WorkOrder;
import roadbreeze.core.workorder.WorkScope;
import roadbreeze.core.workorder.WorkScope.Part;
import roadbreeze.server.assess.Verdict;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Changes;
import roadbreeze.server.build.Condition;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.FittedFan;
import roadbreeze.server.build.MountingStrip;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.line.LineResult;
import roadbreeze.server.message.Said;
import roadbreeze.server.switching.SwitchResult;

/**
 * Everything a bay needs to do one build, computed afresh.
 *
 * @param cautions codes of what holds for all of the work
 * @param minutes of one person’s hands
 * @param waits minutes that pass by themselves
 * @param restoring minutes of hands that restoring the truck would take alone
 */
public record WorkSheet(
    List<Verdict> verdicts,
    List<Said> parts,
    LineResult lines,
    List<MountingStrip.Flat> strips,
    SwitchResult switching,
    List<Said> fluids,
    List<String> cautions,
    List<StepLine> steps,
    int minutes,
    int waits,
    int restoring) {

  /**
   * A step in working order.
   *
   * @param task code of its words
   * @param minutes of one person’s hands
   * @param waits minutes that pass by themselves
   * @param engine code of what the engine does meanwhile
   * @param cautions codes of what can hurt
   */
  public record StepLine(
      int number, String task, int minutes, int waits, String engine, List<String> cautions) {
    private static StepLine of(int number, Task task) {
      return new StepLine(
          number,
          task.key(),
          task.hands(),
          task.waits(),
          task.engine().key(),
          task.cautions().stream().map(Code::key).toList());
    }
  }

  static WorkSheet of(JobContent job, Build build) {
    List<MountingStrip.Flat> strips =
        build.coolers().isEmpty()
            ? List.of()
            : build.strips().stream().map(MountingStrip::flat).toList();
    LineResult lines = LineResult.of(job, build);
    Changes changes = new Changes(build, job.found());
    WorkScope scope = changes.scope();
    List<Finding> parts = parts(changes, lines);
    double capKpa = job.rig().vehicle().cooling().capKpa();
    parts.addAll(mended(scope.parts(), job.found().condition(), capKpa));
    List<StepLine> steps = new ArrayList<>();
    for (Task task : WorkOrder.plan(scope)) {
      steps.add(StepLine.of(steps.size() + 1, task));
    }
    int restoring =
        job.builds().stream()
            .filter(b -> b.kind() == Build.Kind.RESTORED)
            .findFirst()
            .map(b -> WorkOrder.hands(new Changes(b, job.found()).scope()))
            .orElse(0);
    return new WorkSheet(
        job.builds().stream().map(b -> Verdict.of(job, b)).toList(),
        Said.of(parts),
        lines,
        strips,
        SwitchResult.of(job, build),
        Said.of(fluids(job.setup(build), job, scope, lines)),
        Caution.GENERAL.stream().map(Code::key).toList(),
        steps,
        steps.stream().mapToInt(StepLine::minutes).sum(),
        steps.stream().mapToInt(StepLine::waits).sum(),
        restoring);
  }

  private static List<Finding> parts(Changes changes, LineResult lines) {
    Build build = changes.build();
    Build found = changes.found();
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
    if (changes.newPump()) {
      parts.add(Listed.NEW_PUMP.with(build.pump().name(), build.pump().code()));
    }
    changes.newClutches().forEach(fan -> addClutch(parts, Listed.CLUTCH, fan));
    changes.newlyControlled().forEach(fan -> addClutch(parts, Listed.CLUTCH_CONTROLLER, fan));
    if (changes.overridden()) {
      parts.add(Listed.OVERRIDE.with());
    }
    for (FittedCooler c : changes.newCoolerFans()) {
      parts.add(Listed.COOLER_FAN.with(c.ownFanM3s()));
    }
    if (changes.otherFans()) {
      for (FittedFan f : build.fans()) {
        Listed side = f.mount() == FittedFan.Mount.PUSHER ? Listed.PUSHER : Listed.PULLER;
        parts.add(side.with(f.part().name(), f.part().code()));
      }
    } else if (changes.fanRepaired()) {
      parts.add(
          Listed.FAN_REPAIRED.with(
              Changes.fanPercent(found) / 100, Changes.fanPercent(build) / 100));
    }
    if (changes.newThermostat()) {
      parts.add(
          Listed.THERMOSTAT.with(
              build.thermostat().startC(),
              build.thermostat().fullC(),
              found.thermostat().startC()));
    }
    return parts;
  }

  private static void addClutch(List<Finding> parts, Listed how, FittedFan fan) {
    if (fan.part().gripsFromC() != null && fan.part().gripsFullyC() != null) {
      parts.add(how.with(fan.part().gripsFromC(), fan.part().gripsFullyC()));
    }
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
      Setup setup, JobContent job, WorkScope scope, LineResult lines) {
    List<Finding> fluids = new ArrayList<>();
    if (scope.parts().contains(Part.COOLER)) {
      fluids.add(Listed.OIL.with(lines.addedVolumeL() / 1000));
    }
    if (WorkOrder.plan(scope).contains(Task.FILL_COOLANT)) {
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
