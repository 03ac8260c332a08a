package roadbreeze.server.sizing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.sizing.MarginMap;
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
    Rig rig = RigFactory.rig(request.vehicle(), request.trailer(), request.build(), 1);
    return BalanceResult.of(rig, new SteadyBalance(rig).solve(request.haul().toCore()));
  }

  public MapResult map(MapRequest request) {
    JobContent job = request.job();
    Rig rig = Assessor.rig(job, build(job, request.build()));
    double[] grades = axis("grade", request.gradeFrom(), request.gradeTo(), request.steps());
    double[] ambients =
        axis("ambient", request.ambientFromC(), request.ambientToC(), request.steps());
    double[] slopes = IntStream.range(0, grades.length).mapToDouble(i -> grades[i] / 100).toArray();
    OperatingPoint base = job.haul().toCore();
    Optional<MarginMap.Point>[][] map = MarginMap.compute(rig, base, slopes, ambients);
    Limits limits = job.vehicle().limits().toCore();
    double coolantLimit = limits.coolantUnder(boiling(job));
    return new MapResult(
        boxed(grades),
        boxed(ambients),
        coolantLimit,
        limits.feed(),
        limits.pan(),
        each(map, MarginMap.Point::coolant),
        each(map, MarginMap.Point::feed),
        each(map, MarginMap.Point::sump),
        each(
            map,
            p ->
                Math.min(
                    coolantLimit - p.coolant(),
                    Math.min(limits.feed() - p.feed(), limits.pan() - p.sump()))),
        each(map, p -> p.speed() * 3.6));
  }

  private static double[] axis(String name, double from, double to, int steps) {
    if (!(to > from)) {
      throw new BadInputException(name, "the " + name + " axis must rise from left to right");
    }
    return IntStream.range(0, steps).mapToDouble(i -> from + (to - from) * i / (steps - 1)).toArray();
  }

  private static List<Double> boxed(double[] values) {
    return Arrays.stream(values).boxed().toList();
  }

  private static List<List<Double>> each(
      Optional<MarginMap.Point>[][] map, Function<MarginMap.Point, Double> value) {
    List<List<Double>> columns = new ArrayList<>();
    for (Optional<MarginMap.Point>[] column : map) {
      List<Double> numbers = new ArrayList<>();
      for (Optional<MarginMap.Point> point : column) {
        numbers.add(point.map(value).orElse(null));
      }
      columns.add(numbers);
    }
    return columns;
  }

  private static double boiling(JobContent job) {
    return new Coolant(job.vehicle().cooling().glycolShare())
        .boilingPoint(job.vehicle().cooling().capKpa() * 1000, job.haul().altitudeM());
  }

  public SwitchResult switching(BuildRequest request) {
    JobContent job = request.job();
    Build build = build(job, request.build());
    Rig rig = Assessor.rig(job, build);
    double boiling = boiling(job);
    double limit = job.vehicle().limits().toCore().coolantUnder(boiling);
    FanSwitch fan = new FanSwitch(build.fanOnC(), build.fanOffC());
    OperatingPoint climb = job.haul().toCore();
    Thermostat chosen = rig.coolantLoop().thermostat();
    Thermostat colder =
        new Thermostat(
            Math.max(Thermostat.START.low(), chosen.startToOpen() - COLDER),
            chosen.fullOpen() - COLDER);
    SwitchPlan plan = SwitchPlan.check(rig, climb, fan, limit);
    SwitchPlan other =
        SwitchPlan.check(SwitchPlan.withThermostat(rig, colder), climb, fan, limit);
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
    boolean cooler = build.cooler() != null;
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
    add(scope, WorkScope.Part.COOLER, build.cooler() != null);
    add(scope, WorkScope.Part.STRIPS, strips);
    add(
        scope,
        WorkScope.Part.TANK_BYPASS,
        build.oilOrder() == Build.OilOrder.TANK_BYPASSED && build.cooler() != null);
    add(
        scope,
        WorkScope.Part.THERMOSTAT,
        build.thermostatStartC() != found.thermostatStartC()
            || build.thermostatFullC() != found.thermostatFullC());
    add(scope, WorkScope.Part.FAN_REPAIR, build.fanSpeedPercent() > found.fanSpeedPercent());
    add(
        scope,
        WorkScope.Part.FAN_SWITCH,
        build.fanOnC() != found.fanOnC() || build.fanOffC() != found.fanOffC());
    add(scope, WorkScope.Part.FINS, build.finsBlockedPercent() < found.finsBlockedPercent());
    add(scope, WorkScope.Part.SEALS, build.recirculation() < found.recirculation());
    return scope;
  }

  private static void add(Set<WorkScope.Part> scope, WorkScope.Part part, boolean wanted) {
    if (wanted) {
      scope.add(part);
    }
  }

  private static List<WorkSheet.PartLine> parts(Build build, Build found, LineResult lines) {
    List<WorkSheet.PartLine> parts = new ArrayList<>();
    if (build.cooler() != null) {
      parts.add(
          new WorkSheet.PartLine(
              build.cooler().name(),
              text("%s, ports %s", build.cooler().code(), build.cooler().ports()),
              switch (build.oilOrder()) {
                case AFTER_TANK -> "oil passes the in-tank cooler first, then this";
                case BEFORE_TANK -> "oil passes this first, then the in-tank cooler";
                case TANK_BYPASSED -> "in-tank cooler taken out of the oil's way";
              }));
      for (LineResult.ToBuy hose : lines.hoseToBuyM()) {
        parts.add(
            new WorkSheet.PartLine(
                text("Oil hose, %.1f mm bore", hose.boreMm()),
                text("%.1f m", hose.lengthM()),
                "rated for hot transmission fluid and the circuit's pressure"));
      }
    }
    if (build.thermostatStartC() != found.thermostatStartC()) {
      parts.add(
          new WorkSheet.PartLine(
              text("Thermostat %.0f–%.0f °C", build.thermostatStartC(), build.thermostatFullC()),
              "with gasket",
              text("in place of %.0f °C", found.thermostatStartC())));
    }
    if (build.fanSpeedPercent() > found.fanSpeedPercent()) {
      parts.add(
          new WorkSheet.PartLine(
              "Main fan brought back to speed",
              text("from %.0f to %.0f %%", found.fanSpeedPercent(), build.fanSpeedPercent()),
              "repair, not upgrade"));
    }
    return parts;
  }

  private static List<WorkSheet.FluidLine> fluids(
      JobContent job, Build build, Set<WorkScope.Part> scope, LineResult lines) {
    List<WorkSheet.FluidLine> fluids = new ArrayList<>();
    if (build.cooler() != null) {
      fluids.add(
          new WorkSheet.FluidLine(
              "Transmission fluid",
              text("%.2f L more than came out", lines.addedVolumeL()),
              "the grade the gearbox maker names; hoses and cooler prefilled"));
    }
    if (scope.contains(WorkScope.Part.THERMOSTAT)) {
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
