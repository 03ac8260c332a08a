package roadbreeze.server.sizing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import org.springframework.stereotype.Service;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.switching.FanSwitch;
import roadbreeze.core.switching.SwitchPlan;
import roadbreeze.core.workorder.Caution;
import roadbreeze.core.workorder.Task;
import roadbreeze.core.workorder.WorkOrder;
import roadbreeze.core.workorder.WorkScope;
import roadbreeze.server.bracket.MountingStrip;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.line.LineResult;
import roadbreeze.server.rig.Build;
import roadbreeze.server.rig.Condition;
import roadbreeze.server.rig.FittedCooler;
import roadbreeze.server.rig.FittedFan;
import roadbreeze.server.rig.RigFactory;

/** Balance, map, switch check and work sheet of a job. */
@Service
public class SizingService {
  /** How much colder the thermostat is that every switch check is compared with, K. */
  private static final double COLDER = 8;

  private final Assessor assessor;

  SizingService(Assessor assessor) {
    this.assessor = assessor;
  }

  /** The balance with the oil flow as entered, no lines planned. */
  public BalanceResult balance(BalanceRequest request) {
    Rig rig =
        RigFactory.rig(
            request.vehicle(), request.trailer(), request.obstacles(), request.build(), 1);
    return BalanceResult.of(rig, new SteadyBalance(rig).solve(request.haul().toCore()));
  }

  public MapResult map(MapRequest request) {
    return MapCalculator.map(request, boiling(request.job()));
  }

  private static List<Double> boxed(double[] values) {
    return Arrays.stream(values).boxed().toList();
  }

  static double boiling(JobContent job) {
    return new Coolant(job.vehicle().cooling().glycolShare())
        .boilingPoint(job.vehicle().cooling().capKpa() * 1000, job.haul().altitudeM());
  }

  public SwitchResult switching(BuildRequest request) {
    JobContent job = request.job();
    Build build = build(job, request.build());
    Rig rig = Assessor.rig(job, build);
    double boiling = boiling(job);
    double limit = job.vehicle().limits().toCore().coolantUnder(boiling);
    FanSwitch fan = new FanSwitch(build.switching().fanOnC(), build.switching().fanOffC());
    OperatingPoint climb = job.haul().toCore();
    Thermostat chosen = rig.coolantLoop().thermostat();
    Thermostat colder =
        new Thermostat(
            Math.max(Thermostat.START.low(), chosen.startToOpen() - COLDER),
            chosen.fullOpen() - COLDER);
    SwitchPlan plan = SwitchPlan.check(rig, climb, fan, limit);
    SwitchPlan other = SwitchPlan.check(SwitchPlan.withThermostat(rig, colder), climb, fan, limit);
    return new SwitchResult(
        run(chosen, plan),
        run(colder, other),
        limit,
        boiling,
        plan.findings().stream()
            .map(f -> new SwitchResult.Finding(f.kind().name(), f.text()))
            .toList());
  }

  private static SwitchResult.Run run(Thermostat thermostat, SwitchPlan plan) {
    return new SwitchResult.Run(
        thermostat.startToOpen(),
        thermostat.fullOpen(),
        plan.levelRoad(),
        plan.restingPeak(),
        plan.runningPeak(),
        Double.isInfinite(plan.fanOnAfter()) ? null : plan.fanOnAfter(),
        plan.highest(),
        boxed(plan.time()),
        boxed(plan.coolant()));
  }

  public LineResult lines(BuildRequest request) {
    return Assessor.lines(request.job(), build(request.job(), request.build()));
  }

  public WorkSheet workSheet(BuildRequest request) {
    JobContent job = request.job();
    Build build = build(job, request.build());
    Build found = job.builds().get(0);
    boolean cooler = !build.coolers().isEmpty();
    List<MountingStrip.Flat> strips =
        cooler ? job.strips().stream().map(MountingStrip::flat).toList() : List.of();
    LineResult lines = lines(request);
    Set<WorkScope.Part> scope = scope(build, found, !strips.isEmpty());
    List<WorkSheet.StepLine> steps = new ArrayList<>();
    for (Task task : WorkOrder.plan(new WorkScope(scope))) {
      steps.add(
          new WorkSheet.StepLine(
              steps.size() + 1,
              task.title(),
              task.how(),
              task.minutes(),
              task.cautions().stream().map(Caution::text).toList()));
    }
    return new WorkSheet(
        assessor.assess(job),
        request.build(),
        parts(build, found, lines),
        lines,
        strips,
        switching(request),
        fluids(job, build, scope, lines),
        steps,
        steps.stream().mapToInt(WorkSheet.StepLine::minutes).sum());
  }

  private static Set<WorkScope.Part> scope(Build build, Build found, boolean strips) {
    Set<WorkScope.Part> scope = EnumSet.noneOf(WorkScope.Part.class);
    add(scope, WorkScope.Part.COOLER, !build.coolers().equals(found.coolers()));
    add(scope, WorkScope.Part.STRIPS, strips);
    add(
        scope,
        WorkScope.Part.TANK_BYPASS,
        build.oilOrder() == Build.OilOrder.TANK_BYPASSED
            && found.oilOrder() != Build.OilOrder.TANK_BYPASSED);
    add(scope, WorkScope.Part.RADIATOR, !Objects.equals(build.radiator(), found.radiator()));
    add(scope, WorkScope.Part.FAN_SWAP, !fanParts(build).equals(fanParts(found)));
    add(scope, WorkScope.Part.THERMOSTAT, newThermostat(build, found));
    add(
        scope,
        WorkScope.Part.FAN_REPAIR,
        fanParts(build).equals(fanParts(found)) && fanSpeed(build) > fanSpeed(found));
    add(
        scope,
        WorkScope.Part.FAN_SWITCH,
        build.switching().fanOnC() != found.switching().fanOnC()
            || build.switching().fanOffC() != found.switching().fanOffC());
    Condition now = build.condition();
    Condition then = found.condition();
    add(
        scope,
        WorkScope.Part.FINS,
        now.finsBlockedPercent() < then.finsBlockedPercent()
            || now.condenserBlockedPercent() < then.condenserBlockedPercent());
    add(scope, WorkScope.Part.SEALS, now.recirculation() < then.recirculation());
    return scope;
  }

  private static void add(Set<WorkScope.Part> scope, WorkScope.Part part, boolean wanted) {
    if (wanted) {
      scope.add(part);
    }
  }

  private static List<String> fanParts(Build build) {
    return build.fans().stream().map(f -> f.part().code()).toList();
  }

  private static double fanSpeed(Build build) {
    return build.fans().stream().mapToDouble(FittedFan::speedPercent).min().orElse(0);
  }

  private static boolean newThermostat(Build build, Build found) {
    return build.switching().thermostatStartC() != found.switching().thermostatStartC()
        || build.switching().thermostatFullC() != found.switching().thermostatFullC();
  }

  private static List<WorkSheet.PartLine> parts(Build build, Build found, LineResult lines) {
    List<WorkSheet.PartLine> parts = new ArrayList<>();
    for (FittedCooler c : build.coolers()) {
      boolean kept = found.coolers().stream().anyMatch(f -> f.part().equals(c.part()));
      parts.add(
          new WorkSheet.PartLine(
              c.part().name(),
              text("%s, ports %s", c.part().code(), c.part().ports()),
              (kept ? "on the truck already; " : "")
                  + switch (build.oilOrder()) {
                    case AFTER_TANK -> "oil passes the in-tank cooler first, then this";
                    case BEFORE_TANK -> "oil passes this first, then the in-tank cooler";
                    case TANK_BYPASSED -> "in-tank cooler taken out of the oil's way";
                  }));
    }
    for (LineResult.ToBuy hose : lines.hoseToBuyM()) {
      parts.add(
          new WorkSheet.PartLine(
              text("Oil hose, %.1f mm bore", hose.boreMm()),
              text("%.1f m", hose.lengthM()),
              "rated for hot transmission fluid and the circuit's pressure"));
    }
    if (build.radiator() != null && !build.radiator().equals(found.radiator())) {
      parts.add(
          new WorkSheet.PartLine(
              build.radiator().name(), build.radiator().code(), "in place of the truck's own"));
    }
    if (!fanParts(build).equals(fanParts(found))) {
      for (FittedFan f : build.fans()) {
        parts.add(
            new WorkSheet.PartLine(
                f.part().name(),
                f.part().code(),
                f.mount() == FittedFan.Mount.PUSHER ? "pusher, in front of the pack" : "puller"));
      }
    } else if (fanSpeed(build) > fanSpeed(found)) {
      parts.add(
          new WorkSheet.PartLine(
              "Main fan brought back to speed",
              text("from %.0f to %.0f %%", fanSpeed(found), fanSpeed(build)),
              "repair, not upgrade"));
    }
    if (newThermostat(build, found)) {
      parts.add(
          new WorkSheet.PartLine(
              text(
                  "Thermostat %.0f to %.0f °C",
                  build.switching().thermostatStartC(), build.switching().thermostatFullC()),
              "with gasket",
              text("in place of %.0f °C", found.switching().thermostatStartC())));
    }
    return parts;
  }

  private static List<WorkSheet.FluidLine> fluids(
      JobContent job, Build build, Set<WorkScope.Part> scope, LineResult lines) {
    List<WorkSheet.FluidLine> fluids = new ArrayList<>();
    if (scope.contains(WorkScope.Part.COOLER)) {
      fluids.add(
          new WorkSheet.FluidLine(
              "Transmission fluid",
              text("%.2f L more than came out", lines.addedVolumeL()),
              "the grade the gearbox maker names; hoses and cooler prefilled"));
    }
    if (scope.contains(WorkScope.Part.THERMOSTAT) || scope.contains(WorkScope.Part.RADIATOR)) {
      Coolant coolant = new Coolant(job.vehicle().cooling().glycolShare());
      fluids.add(
          new WorkSheet.FluidLine(
              "Coolant",
              text("what came out, at %.0f %% glycol", job.vehicle().cooling().glycolShare() * 100),
              text(
                  "freezes at %.0f °C, boils at %.0f °C under its cap here",
                  coolant.freezingPoint(), boiling(job))));
    }
    return fluids;
  }

  static Build build(JobContent job, int index) {
    if (index < 0 || index >= job.builds().size()) {
      throw new BadInputException(
          "build", "this job has builds 0 to " + (job.builds().size() - 1) + ", not " + index);
    }
    return job.builds().get(index);
  }

  private static String text(String format, Object... values) {
    return String.format(Locale.ROOT, format, values);
  }
}
